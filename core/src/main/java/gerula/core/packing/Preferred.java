package gerula.core.packing;

import gerula.core.rule.Code;

/** Why one of two items that would both do is taken: the first point in which they differ. */
public enum Preferred implements Code {
  PINNED,
  /** The other is useless without something that is missing. */
  COMPLETE,
  KEPT_FOR_HER,
  LABEL_READ,
  WANTED_TRAITS,
  /** The other does something special that nobody asks for. */
  NOTHING_SPECIAL,
  /** The other leans to another side than she does. */
  HER_UNDERTONE,
  NEARER_SHADE,
  /** It serves other needs too: fewer pieces. */
  FEWER_PIECES,
  LIGHTER,
  CLEAN,
  PUT_FIRST,
  NOT_DUE_FOR_REPLACEMENT,
  OPEN_ALREADY,
  EARLIER_DATE,
  FAVOURITE,
  NOT_RARE,
  IN_THE_BAG,
  /** Alike in everything that counts: the first by name. */
  BY_NAME
}
