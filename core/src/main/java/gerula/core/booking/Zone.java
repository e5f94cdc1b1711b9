package gerula.core.booking;

import gerula.core.rule.Code;

/** A part of a face whose skin may behave differently from the rest. */
public enum Zone implements Code {
  FOREHEAD,
  NOSE,
  CHEEKS,
  CHIN
}
