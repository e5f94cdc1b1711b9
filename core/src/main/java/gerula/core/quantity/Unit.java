package gerula.core.quantity;

import gerula.core.rule.Code;

/** The unit in which a product's content is counted. */
public enum Unit implements Code {
  /** Millilitres. */
  ML("ml"),
  /** Grams of content, without the pack. */
  G("g"),
  /** Whole pieces: wands, sponges, sheets, brushes. */
  PIECE("piece");

  private final String code;

  Unit(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
