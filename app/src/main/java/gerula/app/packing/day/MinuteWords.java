package gerula.app.packing.day;

/** Minutes of a day, as they are told. */
final class MinuteWords {

  private static final int HOUR = 60;
  private static final int DAY = 24 * HOUR;

  private MinuteWords() {}

  /** Past midnight the hours go on: 24:30. */
  static String told(int minute) {
    return "%02d:%02d".formatted(minute / HOUR, minute % HOUR);
  }

  static int minute(String told) {
    int colon = told.indexOf(':');
    return HOUR * Integer.parseInt(told.substring(0, colon))
        + Integer.parseInt(told.substring(colon + 1));
  }

  /** As a clock shows it: 24:30 is half past midnight. */
  static String byTheClock(String told) {
    int minute = minute(told);
    return minute < DAY ? told : told(minute % DAY) + " (next day)";
  }
}
