package gerula.core.restock.shop;

import gerula.core.restock.offer.CheapestCover;
import gerula.core.restock.offer.Offer;
import gerula.core.restock.offer.OfferNeed;
import gerula.core.restock.offer.OfferShop;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where to buy what is wanted: the cheapest cover of the offers that come in time, and what else
 * was thought of.
 *
 * @param cover what to buy; its ids are those of offers, shops and needs as text
 * @param late needs that no shop brings in time; they are bought all the same
 * @param notOffered needs that nobody offers
 * @param otherCurrency shops whose prices are not compared
 * @param belowLeast shops whose parcel is smaller than they send
 * @param oneParcel what all of it costs from one shop; null where none has all of it, or it is the
 *     same
 * @param notTaken a larger pack that would cost less, and whose rest would pass its date
 */
public record BuyingPlan(
    CheapestCover cover,
    Set<UUID> late,
    Set<UUID> notOffered,
    Set<UUID> otherCurrency,
    Set<UUID> belowLeast,
    @Nullable OneParcel oneParcel,
    @Nullable NotTaken notTaken) {

  /**
   * So many packs of something have to be there on a day.
   *
   * @param usable how many packs can be used before their date
   * @param priority 1 (stops a job) to 4 (a wish)
   * @param neededOn null where any day will do
   * @param instead other products that do for it
   */
  public record PlannedNeed(
      UUID id,
      UUID product,
      int packs,
      int usable,
      int priority,
      @Nullable LocalDate neededOn,
      Set<UUID> instead) {

    public PlannedNeed {
      instead = Set.copyOf(instead);
    }

    boolean isMetBy(UUID other) {
      return product.equals(other) || instead.contains(other);
    }
  }

  /** All from one shop. */
  public record OneParcel(UUID shop, BigDecimal total) {}

  /**
   * @param saving what it would save
   * @param past so many packs of it would pass their date
   */
  public record NotTaken(BigDecimal saving, int past) {}

  /**
   * @param currency in which one pays
   * @param budget with shipping; null where it is open
   */
  public static BuyingPlan of(
      List<PlannedNeed> needs,
      List<Shop> shops,
      List<ShopOffer> offers,
      String currency,
      LocalDate today,
      @Nullable BigDecimal budget) {
    return new Planning(needs, shops, offers, currency, today, budget).plan();
  }

  private static final class Planning {
    private final List<PlannedNeed> needs;
    private final Map<UUID, Shop> shops = new HashMap<>();
    private final List<ShopOffer> offers;
    private final LocalDate today;
    private final @Nullable BigDecimal budget;
    private final Set<UUID> late = new HashSet<>();
    private final Set<UUID> notOffered = new HashSet<>();
    private final Set<UUID> otherCurrency = new HashSet<>();
    private final List<Offer> told = new ArrayList<>();

    Planning(
        List<PlannedNeed> needs,
        List<Shop> all,
        List<ShopOffer> offers,
        String currency,
        LocalDate today,
        @Nullable BigDecimal budget) {
      this.needs = needs;
      this.today = today;
      this.budget = budget;
      for (Shop shop : all) {
        if (shop.currency().equals(currency)) {
          shops.put(shop.id(), shop);
        } else {
          otherCurrency.add(shop.id());
        }
      }
      this.offers =
          offers.stream()
              .filter(one -> one.countsOn(today) && shops.containsKey(one.shop()))
              .toList();
      needs.forEach(this::tell);
    }

    /** Only what comes in time, where anything does. */
    private void tell(PlannedNeed need) {
      List<ShopOffer> here = offers.stream().filter(one -> need.isMetBy(one.product())).toList();
      List<ShopOffer> inTime = here.stream().filter(one -> isInTime(one, need)).toList();
      if (here.isEmpty()) {
        notOffered.add(need.id());
      } else if (inTime.isEmpty()) {
        late.add(need.id());
      }
      (inTime.isEmpty() ? here : inTime).forEach(one -> told.add(told(one, need)));
    }

    private boolean isInTime(ShopOffer offer, PlannedNeed need) {
      Shop shop = Objects.requireNonNull(shops.get(offer.shop()));
      return need.neededOn() == null || !shop.arrivesOn(today).isAfter(need.neededOn());
    }

    private Offer told(ShopOffer one, PlannedNeed need) {
      Shop shop = Objects.requireNonNull(shops.get(one.shop()));
      BigDecimal price =
          one.price().multiply(shop.shareToPay(today)).setScale(4, RoundingMode.HALF_EVEN);
      return new Offer(
          one.id() + "/" + need.id(),
          one.shop().toString(),
          need.id().toString(),
          one.packs(),
          price,
          one.discount().toDiscount(),
          one.most());
    }

    BuyingPlan plan() {
      CheapestCover cover = cover(told, false);
      return new BuyingPlan(
          cover,
          late,
          notOffered,
          otherCurrency,
          belowLeast(cover),
          oneParcel(cover),
          notTaken(cover));
    }

    private CheapestCover cover(List<Offer> some, boolean keepsForEver) {
      List<OfferNeed> asked =
          needs.stream()
              .map(
                  one ->
                      new OfferNeed(
                          one.id().toString(),
                          one.packs(),
                          keepsForEver ? Offer.MOST_PIECES : Math.max(one.usable(), one.packs()),
                          one.priority()))
              .toList();
      List<OfferShop> sellers =
          shops.values().stream()
              .sorted(Comparator.comparing(Shop::id))
              .map(one -> new OfferShop(one.id().toString(), one.shipping(), one.freeFrom()))
              .toList();
      return CheapestCover.of(asked, sellers, some, budget);
    }

    private Set<UUID> belowLeast(CheapestCover cover) {
      Set<UUID> below = new HashSet<>();
      for (CheapestCover.Parcel parcel : cover.parcels()) {
        Shop shop = Objects.requireNonNull(shops.get(UUID.fromString(parcel.shop())));
        if (shop.leastOrder() != null && parcel.goods().compareTo(shop.leastOrder()) < 0) {
          below.add(shop.id());
        }
      }
      return below;
    }

    private @Nullable OneParcel oneParcel(CheapestCover cover) {
      if (cover.parcels().size() < 2) {
        return null;
      }
      OneParcel best = null;
      for (UUID shop : shops.keySet()) {
        List<Offer> here = told.stream().filter(one -> one.shop().equals(shop.toString())).toList();
        CheapestCover all = here.isEmpty() ? null : cover(here, false);
        boolean isWhole = all != null && all.unmet().equals(cover.unmet());
        if (isWhole && (best == null || all.total().compareTo(best.total()) < 0)) {
          best = new OneParcel(shop, all.total());
        }
      }
      return best;
    }

    private @Nullable NotTaken notTaken(CheapestCover cover) {
      CheapestCover other = cover(told, true);
      BigDecimal saving = cover.total().subtract(other.total());
      if (saving.signum() <= 0 || !other.unmet().equals(cover.unmet())) {
        return null;
      }
      int past = 0;
      for (PlannedNeed need : needs) {
        int bought = other.pieces().getOrDefault(need.id().toString(), 0);
        past += Math.max(0, bought - Math.max(need.usable(), need.packs()));
      }
      return past == 0 ? null : new NotTaken(saving, past);
    }
  }
}
