package gerula.core.dates;

import gerula.core.rule.Code;

/** What can end a pack's life. Listed in the order in which equal dates are told. */
public enum Clock implements Code {
  PRINTED_EXPIRY,
  PERIOD_AFTER_OPENING,
  HOUSE_LIMIT,
  UNOPENED_LIFE
}
