package gerula.core.rule;

/** How many shades of a range are carried. */
public enum RangePractice implements Code {
  SIX(6),
  FOUR(4),
  /** Ten of the one main line. */
  TEN_OF_ONE(10);

  private final int shades;

  RangePractice(int shades) {
    this.shades = shades;
  }

  public int shades() {
    return shades;
  }
}
