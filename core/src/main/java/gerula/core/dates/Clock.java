package gerula.core.dates;

import gerula.core.rule.Code;

/** What can end a pack's life. Listed in the order in which equal dates are told. */
public enum Clock implements Code {
  PRINTED_EXPIRY("printed-expiry"),
  PERIOD_AFTER_OPENING("period-after-opening"),
  HOUSE_LIMIT("house-limit"),
  UNOPENED_LIFE("unopened-life");

  private final String code;

  Clock(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
