package gerula.core.restock.offer;

/**
 * So much of something is needed.
 *
 * @param mostUsable how many pieces can be used before their date; more are bought only where the
 *     need would else not be met
 * @param priority 1 (stops a job) to 4 (a wish)
 */
public record OfferNeed(String id, int pieces, int mostUsable, int priority) {

  public static final int LAST_PRIORITY = 4;

  public OfferNeed {
    if (pieces < 0 || pieces > Offer.MOST_PIECES) {
      throw new IllegalArgumentException("0 to 10,000 pieces are needed, not " + pieces + ".");
    }
    if (mostUsable < 0) {
      throw new IllegalArgumentException("0 or more pieces can be used, not " + mostUsable + ".");
    }
    if (priority < 1 || priority > LAST_PRIORITY) {
      throw new IllegalArgumentException("A priority is 1 to 4, not " + priority + ".");
    }
  }
}
