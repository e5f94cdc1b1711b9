package gerula.core.restock.stock;

import java.util.List;

/**
 * What is known of one product. All amounts in its unit.
 *
 * @param packs all that may be used, in several places or one
 * @param bookings that use it, those ahead only
 * @param isCounted whether it goes by the piece
 */
public record StockFacts(
    List<StockPack> packs,
    List<BookingUse> bookings,
    FacePace pace,
    Baseline baseline,
    boolean isCounted) {

  public StockFacts {
    packs = List.copyOf(packs);
    bookings = List.copyOf(bookings);
  }
}
