package gerula.core.booking;

/** Skin depths that are served by the same colours. Common practice: 1-3, 4-6, 7-10. */
public enum DepthBand {
  LIGHT,
  MID,
  DEEP;

  private static final double LIGHT_BELOW = 3.75;
  private static final double DEEP_FROM = 6.75;

  /**
   * The band of a depth; what lies between two bands belongs to the nearer one.
   *
   * @param depth 1 to 10
   */
  public static DepthBand of(double depth) {
    if (depth < LIGHT_BELOW) {
      return LIGHT;
    }
    return depth < DEEP_FROM ? MID : DEEP;
  }
}
