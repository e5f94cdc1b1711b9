package gerula.core.restock.offer;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** Needs, shops and offers by number, and all ways worth looking at to meet each need. */
final class CoverFacts {

  /** Every choice of shops is looked at; more of them than this are narrowed first. */
  static final int MOST_SHOPS = 14;

  /** Of one need; more of them are narrowed first. */
  private static final int MOST_OFFERS = 40;

  final List<OfferNeed> needs;
  final List<OfferShop> shops;
  final long[] shipping;

  /** In hundredths; beyond every sum where shipping is never free. */
  final long[] freeFrom;

  final List<List<Offer>> offersOf = new ArrayList<>();
  final List<List<CoverOption>> options = new ArrayList<>();
  final boolean isBudgeted;
  boolean isWhole = true;
  private final Map<String, Integer> shopIndex = new HashMap<>();

  CoverFacts(
      List<OfferNeed> needs, List<OfferShop> allShops, List<Offer> offers, boolean isBudgeted) {
    this.needs = List.copyOf(needs);
    this.isBudgeted = isBudgeted;
    List<Offer> useful = useful(offers);
    this.shops = narrowed(allShops, useful);
    for (int shop = 0; shop < shops.size(); shop++) {
      shopIndex.put(shops.get(shop).id(), shop);
    }
    this.shipping = shops.stream().mapToLong(one -> cents(one.shipping())).toArray();
    this.freeFrom = shops.stream().mapToLong(CoverFacts::freeFrom).toArray();
    for (OfferNeed need : needs) {
      List<Offer> here =
          useful.stream()
              .filter(one -> one.need().equals(need.id()) && shopIndex.containsKey(one.shop()))
              .toList();
      List<Offer> some = here.size() > MOST_OFFERS ? best(need, here) : here;
      offersOf.add(some);
      NeedOptions ways = new NeedOptions(this, need, some);
      options.add(ways.all());
      isWhole &= ways.isWhole();
    }
  }

  /**
   * Of very many: those that do it for least by themselves, and those that are cheapest a piece.
   */
  private List<Offer> best(OfferNeed need, List<Offer> all) {
    isWhole = false;
    Comparator<Offer> alone =
        Comparator.comparing(
                (Offer one) -> one.discount().lineCents(one.price(), packsFor(need, one)))
            .thenComparing(Offer::id);
    Comparator<Offer> aPiece =
        Comparator.comparing((Offer one) -> one.price().doubleValue() / one.packPieces())
            .thenComparing(Offer::id);
    return Stream.of(alone, aPiece)
        .flatMap(order -> all.stream().sorted(order).limit(MOST_OFFERS / 2))
        .distinct()
        .toList();
  }

  private static int packsFor(OfferNeed need, Offer offer) {
    int enough = (need.pieces() + offer.packPieces() - 1) / offer.packPieces();
    return Math.min(Math.max(1, enough), offer.mostPacks());
  }

  private List<Offer> useful(List<Offer> offers) {
    return offers.stream().filter(one -> one.mostPacks() > 0).toList();
  }

  private List<OfferShop> narrowed(List<OfferShop> all, List<Offer> offers) {
    Map<String, Long> serves = new HashMap<>();
    offers.forEach(one -> serves.merge(one.shop(), 1L, Long::sum));
    List<OfferShop> serving =
        all.stream().filter(one -> serves.containsKey(one.id())).distinct().toList();
    if (serving.size() <= MOST_SHOPS) {
      return serving;
    }
    isWhole = false;
    return serving.stream()
        .sorted(
            Comparator.comparingLong((OfferShop one) -> -serves.get(one.id()))
                .thenComparing(OfferShop::shipping)
                .thenComparing(OfferShop::id))
        .limit(MOST_SHOPS)
        .toList();
  }

  private static long freeFrom(OfferShop shop) {
    return shop.freeFrom() == null ? CoverKey.NONE : cents(shop.freeFrom());
  }

  static long cents(BigDecimal amount) {
    return amount.movePointRight(2).setScale(0, RoundingMode.HALF_EVEN).longValueExact();
  }

  static BigDecimal money(long cents) {
    return BigDecimal.valueOf(cents, 2);
  }

  int shop(Offer offer) {
    return shopIndex.get(offer.shop());
  }

  /** Whether what is bought there may change what its parcel costs. */
  boolean mayBeFree(int shop) {
    return shipping[shop] > 0 && freeFrom[shop] < CoverKey.NONE;
  }

  long parcel(int shop, long goods) {
    return goods >= freeFrom[shop] ? 0 : shipping[shop];
  }

  int leastUnmet(int need) {
    return options.get(need).stream().mapToInt(CoverOption::unmet).min().orElseThrow();
  }

  /** What these options cost with their parcels, and which shops they need. */
  long key(int[] chosen) {
    long[] goods = new long[shops.size()];
    int used = 0;
    long key = 0;
    for (int need = 0; need < chosen.length; need++) {
      CoverOption option = options.get(need).get(chosen[need]);
      key += option.key();
      used |= option.shops();
      for (int at = 0; at < option.inShop().length; at++) {
        goods[option.inShop()[at]] += option.cents()[at];
      }
    }
    for (int shop = 0; shop < goods.length; shop++) {
      if ((used >> shop & 1) == 1) {
        key += CoverKey.of(parcel(shop, goods[shop]), 0) + CoverKey.A_SHOP;
      }
    }
    return key;
  }

  int[] unmetByPriority(int[] chosen) {
    int[] unmet = new int[OfferNeed.LAST_PRIORITY];
    for (int need = 0; need < chosen.length; need++) {
      unmet[needs.get(need).priority() - 1] += options.get(need).get(chosen[need]).unmet();
    }
    return unmet;
  }

  CheapestCover told(CoverSearch.Found found) {
    List<CheapestCover.Bought> buy = new ArrayList<>();
    long[] goods = new long[shops.size()];
    boolean[] used = new boolean[shops.size()];
    Map<String, Integer> pieces = new LinkedHashMap<>();
    Map<String, Integer> waste = new LinkedHashMap<>();
    Map<String, Integer> unmet = new LinkedHashMap<>();
    for (int need = 0; need < needs.size(); need++) {
      CoverOption option = options.get(need).get(found.chosen()[need]);
      OfferNeed asked = needs.get(need);
      int bought = 0;
      for (int at = 0; at < option.packs().length; at++) {
        Offer offer = offersOf.get(need).get(at);
        int packs = option.packs()[at];
        if (packs > 0) {
          long cost = offer.discount().lineCents(offer.price(), packs);
          buy.add(new CheapestCover.Bought(offer.id(), packs, money(cost)));
          goods[shop(offer)] += cost;
          used[shop(offer)] = true;
          bought += packs * offer.packPieces();
        }
      }
      pieces.put(asked.id(), bought);
      waste.put(asked.id(), Math.max(0, bought - asked.mostUsable()));
      if (option.unmet() > 0) {
        unmet.put(asked.id(), option.unmet());
      }
    }
    List<CheapestCover.Parcel> parcels =
        IntStream.range(0, shops.size())
            .filter(shop -> used[shop])
            .mapToObj(
                shop ->
                    new CheapestCover.Parcel(
                        shops.get(shop).id(), money(goods[shop]), money(parcel(shop, goods[shop]))))
            .toList();
    long total =
        Arrays.stream(goods).sum()
            + IntStream.range(0, shops.size())
                .filter(shop -> used[shop])
                .mapToLong(shop -> parcel(shop, goods[shop]))
                .sum();
    return new CheapestCover(
        buy, parcels, money(total), pieces, waste, unmet, isWhole && found.isProved());
  }
}
