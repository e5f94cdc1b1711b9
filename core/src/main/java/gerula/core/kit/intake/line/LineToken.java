package gerula.core.kit.intake.line;

/**
 * A part of a line and what it was taken for.
 *
 * @param from its first character, inclusive
 * @param to exclusive
 */
public record LineToken(int from, int to, Part as) {

  /** What a part of a line tells; named as the field of the item that it fills. */
  public enum Part {
    MAKER("maker"),
    NAME("name"),
    SHADE("shade"),
    PRODUCT_CLASS("productClass"),
    FORM("form"),
    CONTENT("content"),
    COUNT("count"),
    LEFT_SHARE("leftShare"),
    OPENED_ON("openedOn"),
    PRINTED_EXPIRY("printedExpiry"),
    PERIOD_AFTER_OPENING("periodAfterOpening"),
    PRICE("price"),
    COLOUR("colour"),
    NOTE("note");

    private final String field;

    Part(String field) {
      this.field = field;
    }

    public String field() {
      return field;
    }
  }
}
