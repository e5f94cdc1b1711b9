package gerula.core.restock.stock;

import org.jspecify.annotations.Nullable;

/**
 * How a product is ordered.
 *
 * @param deliveryDays from ordering to having it
 * @param serviceLevel share of times it is not to run out before more is there
 * @param pack what one pack holds, above 0
 * @param daysOnceOpen how long a pack serves from when it is opened, null where it keeps
 */
public record OrderTerms(
    int deliveryDays, double serviceLevel, double pack, @Nullable Integer daysOnceOpen) {

  /** What is enough for most. */
  public static final double USUAL_LEVEL = 0.95;

  /** What a job cannot go on without. Common practice. */
  public static final double LEVEL_OF_WHAT_STOPS_A_JOB = 0.99;

  public OrderTerms {
    if (deliveryDays < 0 || !(pack > 0)) {
      throw new IllegalArgumentException("A pack holds something and takes 0 days or more.");
    }
  }
}
