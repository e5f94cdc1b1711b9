package gerula.core.restock;

/**
 * At which stock one orders anew where no booking says when: what is used while one waits, and what
 * keeps one safe when more is (reorder point = mean x lead time + z x sigma x square root of the
 * lead time; common practice).
 *
 * @param z of the service level
 * @param safetyStock beyond what is used on average
 * @param reorderPoint in the same unit
 */
public record ReorderPoint(double z, double safetyStock, double reorderPoint) {

  private static final double MOST = 1_000_000;

  /**
   * @param meanPerDay 0 or more
   * @param sigmaPerDay standard deviation of a day's demand, 0 or more
   * @param leadDays from ordering to having it, 0 to 3,650
   * @param serviceLevel share of orders that come in time, above 0 and below 1
   */
  public static ReorderPoint of(
      double meanPerDay, double sigmaPerDay, double leadDays, double serviceLevel) {
    within("mean demand", meanPerDay, MOST);
    within("deviation", sigmaPerDay, MOST);
    within("lead time", leadDays, 3_650);
    double z = NormalQuantile.of(level(serviceLevel));
    double safety = z * sigmaPerDay * Math.sqrt(leadDays);
    return new ReorderPoint(z, safety, meanPerDay * leadDays + safety);
  }

  /**
   * @return the level itself
   * @throws IllegalArgumentException unless it lies above 0 and below 1
   */
  public static double level(double told) {
    if (!(told > 0 && told < 1)) {
      throw new IllegalArgumentException(
          "A service level lies above 0 and below 1, as 0.95, but this is " + told + ".");
    }
    return told;
  }

  private static void within(String what, double told, double most) {
    if (!(told >= 0 && told <= most)) {
      throw new IllegalArgumentException(
          "The %s lies between 0 and %,.0f, but this is %s.".formatted(what, most, told));
    }
  }
}
