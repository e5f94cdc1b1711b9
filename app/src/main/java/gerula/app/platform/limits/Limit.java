package gerula.app.platform.limits;

import gerula.app.platform.errors.Refused;
import gerula.core.rule.Code;

/**
 * Every limit that keeps one account from taking what all share. Each stands with its reason in
 * docs/limits.md; a test holds the two together.
 */
public enum Limit implements Code {
  ITEMS(50_000),
  ITEM_ROWS(200_000),
  PRODUCTS(100_000),
  PLACES(5_000),
  BOOKINGS(20_000),
  EMPTIES(1_000),
  FILLINGS(200_000),
  SESSIONS(20_000),
  BUYING_ENTRIES(50_000),
  PARCELS(50_000),
  SHOPS(1_000),
  OFFERS(100_000),
  COUNTS(20_000),
  PHOTOGRAPHS(5_000),
  PHOTOGRAPH_BYTES(1L << 30),
  BODY_BYTES(1L << 20),
  PICTURE_BYTES(5L << 20),
  TABLE_BYTES(20L << 20),
  ARCHIVE_BYTES(2L << 30),
  ACTORS(1_000),
  PEOPLE(20_000),
  CALENDAR_EVENTS(1_000),
  TABLE_ROWS(50_000),
  TABLE_COLUMNS(200),
  TABLE_CELL_CHARACTERS(4_000),
  BODY_SECONDS(60),
  PICTURE_SECONDS(180),
  TABLE_SECONDS(300),
  ARCHIVE_SECONDS(1_800),
  WORK_SECONDS(300),
  LOOK_SECONDS(30),
  STATEMENT_SECONDS(30),
  WRITE_WAIT_SECONDS(20),
  ACCOUNT_REQUESTS_AT_WORK(3),
  ACCOUNT_WAIT_SECONDS(30),
  ACCOUNT_LONG_TASKS(1),
  ADDRESS_REQUESTS_AT_WORK(3),
  ADDRESS_REQUESTS_OPEN(48),
  ADDRESS_REQUESTS_BURST(4_000),
  ADDRESS_REQUESTS_A_SECOND(400),
  ADDRESS_REQUESTS_IN_VAIN(8),
  ADDRESS_SIGN_UPS_BURST(60),
  ADDRESS_SIGN_UPS_AN_HOUR(240),
  SIGN_INS_CHECKED_AT_ONCE(2),
  SESSIONS_OF_AN_ACCOUNT(50),
  THINGS_IN_MEMORY(60_000);

  private final long value;

  Limit(long value) {
    this.value = value;
  }

  public long value() {
    return value;
  }

  public int whole() {
    return Math.toIntExact(value);
  }

  /**
   * @param what it counts, as in "things in use"
   * @throws Refused when there are more
   */
  public void require(long count, String what) {
    if (count > value) {
      throw Refused.tooMuch(
          "",
          "A workspace holds at most %,d %s, and this would make %,d. Nothing was changed."
              .formatted(value, what, count));
    }
  }
}
