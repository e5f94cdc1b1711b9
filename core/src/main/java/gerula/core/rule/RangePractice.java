package gerula.core.rule;

/** How many shades of a range are carried. */
public enum RangePractice implements Code {
  SIX,
  FOUR,
  /** Ten of the one main line. */
  TEN_OF_ONE
}
