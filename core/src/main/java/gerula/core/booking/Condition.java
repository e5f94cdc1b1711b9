package gerula.core.booking;

import gerula.core.rule.Code;

/** What the place and the day of a booking are like, as far as it changes what is carried. */
public enum Condition implements Code {
  FLASH("flash"),
  DAYLIGHT("daylight"),
  DRY_COLD("dry-cold"),
  HEAT("heat"),
  WET("wet"),
  SWEAT("sweat"),
  NO_POWER("no-power"),
  NO_WATER("no-water"),
  DIM("dim"),
  NO_TABLE("no-table"),
  LONG_CARRY("long-carry"),
  FLIGHT("flight"),
  CLOSE_UP("close-up"),
  LONG_DAY("long-day"),
  UNKNOWN_CATERING("unknown-catering");

  private final String code;

  Condition(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
