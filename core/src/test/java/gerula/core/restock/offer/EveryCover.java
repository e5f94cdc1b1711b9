package gerula.core.restock.offer;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Goes through every number of packs of every offer: slow, and right by its plainness. */
final class EveryCover {

  private static final int MOST_PACKS = 5;

  /** What counts, in the order in which it counts. */
  record Worth(List<Integer> unmet, BigDecimal total, int waste, int shops)
      implements Comparable<Worth> {
    @Override
    public int compareTo(Worth other) {
      for (int at = 0; at < unmet.size(); at++) {
        int order = Integer.compare(unmet.get(at), other.unmet.get(at));
        if (order != 0) {
          return order;
        }
      }
      return Comparator.comparing(Worth::total)
          .thenComparing(Worth::waste)
          .thenComparing(Worth::shops)
          .compare(this, other);
    }
  }

  private final List<OfferNeed> needs;
  private final List<OfferShop> shops;
  private final List<Offer> offers;
  private final @Nullable BigDecimal budget;
  private final int[] packs;
  private final Map<String, Boolean> mayExceed = new HashMap<>();
  private @Nullable Worth best;

  private EveryCover(
      List<OfferNeed> needs,
      List<OfferShop> shops,
      List<Offer> offers,
      @Nullable BigDecimal budget) {
    this.needs = needs;
    this.shops = shops;
    this.offers = offers;
    this.budget = budget;
    this.packs = new int[offers.size()];
  }

  static Worth best(
      List<OfferNeed> needs,
      List<OfferShop> shops,
      List<Offer> offers,
      @Nullable BigDecimal budget) {
    EveryCover every = new EveryCover(needs, shops, offers, budget);
    needs.forEach(need -> every.mayExceed.put(need.id(), every.isOnlyMetBeyond(need)));
    every.choose(0);
    return every.best;
  }

  /** Every sum of packs, a set of sums at a time. */
  private boolean isOnlyMetBeyond(OfferNeed need) {
    Set<Integer> sums = new HashSet<>(Set.of(0));
    for (Offer offer : offers) {
      if (offer.need().equals(need.id())) {
        Set<Integer> before = Set.copyOf(sums);
        for (int count = 1; count <= most(offer); count++) {
          int more = count * offer.packPieces();
          before.forEach(sum -> sums.add(sum + more));
        }
      }
    }
    return sums.stream().noneMatch(sum -> sum >= need.pieces() && sum <= need.mostUsable());
  }

  private static int most(Offer offer) {
    return offer.most() == null ? MOST_PACKS : Math.min(offer.most(), MOST_PACKS);
  }

  private void choose(int at) {
    if (at == offers.size()) {
      consider();
      return;
    }
    for (int count = 0; count <= most(offers.get(at)); count++) {
      packs[at] = count;
      choose(at + 1);
    }
    packs[at] = 0;
  }

  private void consider() {
    Worth worth = worth();
    if (worth != null
        && (budget == null || worth.total().compareTo(budget) <= 0)
        && (best == null || worth.compareTo(best) < 0)) {
      best = worth;
    }
  }

  private @Nullable Worth worth() {
    int[] unmet = new int[OfferNeed.LAST_PRIORITY];
    int waste = 0;
    for (OfferNeed need : needs) {
      int bought = 0;
      for (int at = 0; at < packs.length; at++) {
        bought +=
            offers.get(at).need().equals(need.id()) ? packs[at] * offers.get(at).packPieces() : 0;
      }
      if (bought > need.mostUsable() && !mayExceed.get(need.id())) {
        return null;
      }
      unmet[need.priority() - 1] += Math.max(0, need.pieces() - bought);
      waste += Math.max(0, bought - need.mostUsable());
    }
    BigDecimal total = BigDecimal.ZERO.setScale(2);
    int used = 0;
    for (OfferShop shop : shops) {
      BigDecimal goods = BigDecimal.ZERO;
      boolean isUsed = false;
      for (int at = 0; at < packs.length; at++) {
        Offer offer = offers.get(at);
        if (packs[at] > 0 && offer.shop().equals(shop.id())) {
          isUsed = true;
          goods =
              goods.add(
                  BigDecimal.valueOf(offer.discount().lineCents(offer.price(), packs[at]), 2));
        }
      }
      boolean isFree = shop.freeFrom() != null && goods.compareTo(shop.freeFrom()) >= 0;
      total = total.add(goods).add(isUsed && !isFree ? shop.shipping() : BigDecimal.ZERO);
      used += isUsed ? 1 : 0;
    }
    List<Integer> told = new ArrayList<>();
    for (int one : unmet) {
      told.add(one);
    }
    return new Worth(told, total, waste, used);
  }

  /** What an answer is worth by the same measure. */
  static Worth worthOf(CheapestCover cover, List<OfferNeed> needs) {
    int[] unmet = new int[OfferNeed.LAST_PRIORITY];
    for (OfferNeed need : needs) {
      unmet[need.priority() - 1] += cover.unmet().getOrDefault(need.id(), 0);
    }
    List<Integer> told = new ArrayList<>();
    for (int one : unmet) {
      told.add(one);
    }
    int waste = cover.waste().values().stream().mapToInt(Integer::intValue).sum();
    return new Worth(told, cover.total(), waste, cover.parcels().size());
  }
}
