package gerula.core.rule;

/** How many mascara wands a face takes, one dip each. */
public enum WandPractice implements Code {
  THREE(3),
  TWO(2),
  FIVE(5),
  EIGHT(8);

  private final int wands;

  WandPractice(int wands) {
    this.wands = wands;
  }

  public int wands() {
    return wands;
  }
}
