package gerula.core.restock.offer;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What to buy where. Of all that can be bought within the budget: the fewest pieces unmet, by
 * priority; then the least total, the least that is past its date before it is used, the fewest
 * shops.
 *
 * @param pieces by need: what is bought
 * @param waste by need: what is bought beyond what can be used
 * @param unmet by need: what is missing; those of which nothing is are left out
 * @param isProved nothing better exists; else the search was cut short
 */
public record CheapestCover(
    List<Bought> buy,
    List<Parcel> parcels,
    BigDecimal total,
    Map<String, Integer> pieces,
    Map<String, Integer> waste,
    Map<String, Integer> unmet,
    boolean isProved) {

  /** So many packs of an offer. */
  public record Bought(String offer, int packs, BigDecimal cost) {}

  /** All that comes from one shop. */
  public record Parcel(String shop, BigDecimal goods, BigDecimal shipping) {}

  public CheapestCover {
    buy = List.copyOf(buy);
    parcels = List.copyOf(parcels);
    pieces = Map.copyOf(pieces);
    waste = Map.copyOf(waste);
    unmet = Map.copyOf(unmet);
  }

  /**
   * @param budget what may be spent, shipping included; null where that is left open
   */
  public static CheapestCover of(
      List<OfferNeed> needs,
      List<OfferShop> shops,
      List<Offer> offers,
      @Nullable BigDecimal budget) {
    CoverFacts facts = new CoverFacts(needs, shops, offers, budget != null);
    return facts.told(new CoverSearch(facts).within(budget));
  }
}
