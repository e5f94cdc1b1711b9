package gerula.core.quantity;

import gerula.core.rule.Code;

/** The unit in which a product's content is counted. */
public enum Unit implements Code {
  /** Millilitres. */
  ML,
  /** Grams of content, without the pack. */
  G,
  /** Whole pieces: wands, sponges, sheets, brushes. */
  PIECE
}
