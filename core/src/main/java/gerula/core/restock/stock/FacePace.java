package gerula.core.restock.stock;

/**
 * How much of a product a face takes, as a share of the usual amount. The usual amount counts as
 * much as five faces that were done (from memory), so that the first few do not decide alone.
 *
 * @param share of the usual amount, above 0
 * @param faces that stand behind it, those five with them
 */
public record FacePace(double share, double faces) {

  static final double FACES_OF_THE_USUAL = 5;

  /** Nobody was done with it yet. */
  public static final FacePace USUAL = new FacePace(1, FACES_OF_THE_USUAL);

  /** How much one face differs from the next, as a share of what it takes. From memory. */
  static final double FROM_FACE_TO_FACE = 0.5;

  /** Less than this is a slip of the scales. */
  private static final double LEAST_SHARE = 0.05;

  public FacePace {
    if (!(share > 0 && faces > 0)) {
      throw new IllegalArgumentException(
          "A pace is above 0 and has faces behind it, but this is " + share + " of " + faces + ".");
    }
  }

  /**
   * @param usual amount of a face, above 0
   * @param used of it altogether
   * @param faces it was used on, a face on two days is two
   */
  public static FacePace of(double usual, double used, int faces) {
    double all = FACES_OF_THE_USUAL + faces;
    double share = (FACES_OF_THE_USUAL * usual + Math.max(0, used)) / (all * usual);
    return new FacePace(Math.max(LEAST_SHARE, share), all);
  }

  /** Whether faces that were done have a part in it. */
  public boolean isLearnt() {
    return faces > FACES_OF_THE_USUAL;
  }
}
