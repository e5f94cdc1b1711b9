package gerula.core.booking;

import gerula.core.rule.Code;

/** The colour of a face's hair: its brows follow it. */
public enum Hair implements Code {
  FAIR,
  TAUPE,
  MID_BROWN,
  DARK,
  AUBURN,
  GREY,
  UNKNOWN
}
