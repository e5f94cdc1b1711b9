package gerula.core.booking;

import gerula.core.rule.Code;

/** How skin behaves over a day. */
public enum SkinType implements Code {
  NORMAL,
  OILY,
  DRY,
  COMBINATION,
  MATURE,
  SENSITIVE
}
