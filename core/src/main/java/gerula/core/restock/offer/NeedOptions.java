package gerula.core.restock.offer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The ways to meet one need that can be part of a cheapest cover. One way is left out only where
 * another buys as much in the same shops, or in fewer, for so much less that even a parcel sent for
 * nothing would not make up for it.
 */
final class NeedOptions {

  /** So many ways are kept of one need. */
  private static final int MOST_WAYS = 6_000;

  /** So many are looked at. */
  private static final int MOST_LOOKED_AT = 400_000;

  private final CoverFacts facts;
  private final OfferNeed need;
  private final List<Offer> offers;
  private final int most;
  private final int[] packs;
  private final List<CoverOption> found = new ArrayList<>();

  /** By shops and what is unmet: the least that is known to do. */
  private final Map<Long, Long> least = new HashMap<>();

  private int lookedAt;
  private boolean isWhole = true;

  NeedOptions(CoverFacts facts, OfferNeed need, List<Offer> offers) {
    this.facts = facts;
    this.need = need;
    this.offers = offers;
    this.packs = new int[offers.size()];
    this.most = mayExceed() ? Integer.MAX_VALUE : need.mostUsable();
  }

  boolean isWhole() {
    return isWhole;
  }

  /** Whether no packs add up to what is needed without more than can be used. */
  private boolean mayExceed() {
    if (need.mostUsable() < need.pieces()) {
      return true;
    }
    int top = Math.min(need.mostUsable(), need.pieces() + Offer.MOST_PIECES);
    boolean[] reached = new boolean[top + 1];
    reached[0] = true;
    for (Offer offer : offers) {
      reached = with(reached, offer);
    }
    for (int pieces = need.pieces(); pieces <= top; pieces++) {
      if (reached[pieces]) {
        return false;
      }
    }
    return true;
  }

  /** Which sums can be had with packs of this offer as well. */
  private static boolean[] with(boolean[] reached, Offer offer) {
    boolean[] next = reached.clone();
    int[] used = new int[reached.length];
    for (int pieces = offer.packPieces(); pieces < next.length; pieces++) {
      int before = pieces - offer.packPieces();
      if (!next[pieces] && next[before] && used[before] < offer.mostPacks()) {
        next[pieces] = true;
        used[pieces] = used[before] + 1;
      }
    }
    return next;
  }

  List<CoverOption> all() {
    add(0, 0);
    int leastUnmet = found.stream().mapToInt(CoverOption::unmet).min().orElse(need.pieces());
    List<CoverOption> kept =
        found.stream()
            .filter(one -> facts.isBudgeted || one.unmet() == leastUnmet)
            .filter(this::isWorthIt)
            .sorted(Comparator.comparingLong(CoverOption::key))
            .toList();
    List<CoverOption> distinct = distinct(kept);
    if (distinct.size() > MOST_WAYS) {
      isWhole = false;
      return distinct.subList(0, MOST_WAYS);
    }
    return distinct;
  }

  /** One of those that spend the same in the same shops. */
  private static List<CoverOption> distinct(List<CoverOption> kept) {
    Map<List<Object>, CoverOption> first = new java.util.LinkedHashMap<>();
    for (CoverOption one : kept) {
      first.putIfAbsent(
          List.of(one.shops(), one.key(), one.unmet(), Arrays.hashCode(one.cents())), one);
    }
    return List.copyOf(first.values());
  }

  private void add(int at, int pieces) {
    if (++lookedAt > MOST_LOOKED_AT) {
      isWhole = false;
      return;
    }
    if (at == offers.size()) {
      keep(pieces);
      return;
    }
    Offer offer = offers.get(at);
    int top = topPacks(offer, pieces);
    for (int count = 0; count <= top; count++) {
      packs[at] = count;
      add(at + 1, pieces + count * offer.packPieces());
    }
    packs[at] = 0;
  }

  /**
   * More packs of one offer are never worth it but where they make the line or the parcel cheaper.
   */
  private int topPacks(Offer offer, int pieces) {
    int missing = Math.max(0, need.pieces() - pieces);
    int enough = (missing + offer.packPieces() - 1) / offer.packPieces();
    int fromPacks = offer.discount() instanceof Discount.FromAmount from ? from.fromPacks() : 0;
    int top = Math.max(enough, fromPacks);
    top += forAFreeParcel(offer, top);
    if (most != Integer.MAX_VALUE) {
      top = Math.min(top, Math.max(0, most - pieces) / offer.packPieces());
    }
    return Math.min(top, offer.mostPacks());
  }

  private int forAFreeParcel(Offer offer, int packs) {
    int shop = facts.shop(offer);
    if (!facts.mayBeFree(shop)) {
      return 0;
    }
    long now = offer.discount().lineCents(offer.price(), packs);
    int more = 0;
    while (more < Offer.LARGEST_EXTRA
        && offer.discount().lineCents(offer.price(), packs + more + 1) - now
            <= facts.shipping[shop]) {
      more++;
    }
    return more;
  }

  private void keep(int pieces) {
    int unmet = Math.max(0, need.pieces() - pieces);
    int shops = 0;
    long[] goods = new long[facts.shops.size()];
    for (int at = 0; at < packs.length; at++) {
      if (packs[at] > 0) {
        Offer offer = offers.get(at);
        long line = offer.discount().lineCents(offer.price(), packs[at]);
        goods[facts.shop(offer)] += line;
        shops |= 1 << facts.shop(offer);
      }
    }
    int waste = Math.max(0, pieces - need.mostUsable());
    CoverOption option = CoverOption.of(packs, goods, shops, waste, unmet);
    if (isWorthIt(option)) {
      least.merge(at(shops, unmet), option.key(), Math::min);
      found.add(option);
    }
  }

  private static long at(int shops, int unmet) {
    return (long) shops << 32 | unmet;
  }

  /** Whether no other way in the same shops, or fewer, is always better. */
  private boolean isWorthIt(CoverOption option) {
    long slack = 0;
    for (int shop = 0; shop < facts.shops.size(); shop++) {
      if ((option.shops() >> shop & 1) == 1 && facts.mayBeFree(shop)) {
        slack += CoverKey.of(facts.shipping[shop], 0);
      }
    }
    for (int part = option.shops(); ; part = part - 1 & option.shops()) {
      Long other = least.get(at(part, option.unmet()));
      if (other != null && other + slack < option.key()) {
        return false;
      }
      if (part == 0) {
        return true;
      }
    }
  }
}
