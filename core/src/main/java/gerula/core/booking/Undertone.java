package gerula.core.booking;

import gerula.core.rule.Code;

/** To which side of its depth a skin leans. */
public enum Undertone implements Code {
  COOL,
  NEUTRAL,
  WARM,
  OLIVE
}
