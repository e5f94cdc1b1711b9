package gerula.core.packing;

import gerula.core.rule.Code;

/** What the artist decided about a gap. */
public enum Decided implements Code {
  /** She does without it. */
  WITHOUT,
  /** A colleague lends it: it is not in her kit, and goes back afterwards. */
  BORROWED,
  /** She buys something for it; until it is there it is missing. */
  TO_BUY;

  /** Whether it is still to be closed. */
  boolean isOpen() {
    return this == TO_BUY;
  }
}
