package gerula.core.booking;

import gerula.core.rule.Code;

/** What a face asks to be evened out or minded. */
public enum Concern implements Code {
  REDNESS,
  DARK_CIRCLES,
  DARK_PATCHES,
  BEARD_SHADOW,
  SCARS,
  TATTOO,
  SALLOW,
  BRUISE
}
