package gerula.core.depot.bench;

/**
 * How long a session takes, in minutes. From memory; the artist's own figures replace them once
 * there are any.
 *
 * @param setUp setting up and clearing away, once
 * @param filling all pieces
 * @param labels one for each piece
 */
public record Minutes(int setUp, int filling, int labels) {

  private static final int SET_UP = 25;
  private static final int LABEL = 1;

  static Minutes of(double filling, int pieces) {
    return pieces == 0
        ? new Minutes(0, 0, 0)
        : new Minutes(SET_UP, (int) Math.round(filling), pieces * LABEL);
  }

  public int total() {
    return setUp + filling + labels;
  }
}
