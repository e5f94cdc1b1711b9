package gerula.core.restock.offer;

import java.nio.LongBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
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
  private final int[] shopOf;

  /** By offer and packs: what the line costs, in hundredths; as far as it was asked for. */
  private final long[][] lines;

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
    this.shopOf = offers.stream().mapToInt(facts::shop).toArray();
    this.lines = new long[offers.size()][0];
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

  /** What of a way counts for what it costs and meets. */
  private record Spent(int shops, LongBuffer cents, long key, int unmet) {
    private Spent(CoverOption option) {
      this(option.shops(), LongBuffer.wrap(option.cents()), option.key(), option.unmet());
    }
  }

  /** One of those that spend the same in the same shops. */
  private static List<CoverOption> distinct(List<CoverOption> kept) {
    Map<Spent, CoverOption> first = new LinkedHashMap<>();
    kept.forEach(one -> first.putIfAbsent(new Spent(one), one));
    return List.copyOf(first.values());
  }

  private long line(int at, int count) {
    long[] known = lines[at];
    if (count >= known.length) {
      lines[at] = Arrays.copyOf(known, Math.max(count + 1, 2 * known.length));
      Offer offer = offers.get(at);
      for (int more = known.length; more < lines[at].length; more++) {
        lines[at][more] = offer.discount().lineCents(offer.price(), more);
      }
    }
    return lines[at][count];
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
    int top = topPacks(at, pieces);
    for (int count = 0; count <= top; count++) {
      packs[at] = count;
      add(at + 1, pieces + count * offer.packPieces());
    }
    packs[at] = 0;
  }

  /**
   * More packs of one offer are never worth it but where they make the line or the parcel cheaper.
   */
  private int topPacks(int at, int pieces) {
    Offer offer = offers.get(at);
    int missing = Math.max(0, need.pieces() - pieces);
    int enough = (missing + offer.packPieces() - 1) / offer.packPieces();
    int fromPacks = offer.discount() instanceof Discount.FromAmount from ? from.fromPacks() : 0;
    int top = Math.max(enough, fromPacks);
    top += forAFreeParcel(at, top);
    if (most != Integer.MAX_VALUE) {
      top = Math.min(top, Math.max(0, most - pieces) / offer.packPieces());
    }
    return Math.min(top, offer.mostPacks());
  }

  private int forAFreeParcel(int at, int packs) {
    int shop = shopOf[at];
    if (!facts.mayBeFree(shop)) {
      return 0;
    }
    long now = line(at, packs);
    int more = 0;
    while (more < Offer.LARGEST_EXTRA && line(at, packs + more + 1) - now <= facts.shipping[shop]) {
      more++;
    }
    return more;
  }

  private void keep(int pieces) {
    int unmet = Math.max(0, need.pieces() - pieces);
    int waste = Math.max(0, pieces - need.mostUsable());
    int shops = 0;
    long sum = 0;
    for (int at = 0; at < packs.length; at++) {
      if (packs[at] > 0) {
        sum += line(at, packs[at]);
        shops |= 1 << shopOf[at];
      }
    }
    long key = CoverKey.of(sum, waste);
    if (isWorthIt(shops, key, unmet)) {
      least.merge(at(shops, unmet), key, Math::min);
      found.add(CoverOption.of(packs, goods(), shops, waste, unmet));
    }
  }

  /** By shop: what these packs cost. */
  private long[] goods() {
    long[] goods = new long[facts.shops.size()];
    for (int at = 0; at < packs.length; at++) {
      goods[shopOf[at]] += packs[at] > 0 ? line(at, packs[at]) : 0;
    }
    return goods;
  }

  private static long at(int shops, int unmet) {
    return (long) shops << 32 | unmet;
  }

  private boolean isWorthIt(CoverOption option) {
    return isWorthIt(option.shops(), option.key(), option.unmet());
  }

  /** Whether no other way in the same shops, or fewer, is always better. */
  private boolean isWorthIt(int shops, long key, int unmet) {
    long slack = 0;
    for (int shop = 0; shop < facts.shops.size(); shop++) {
      if ((shops >> shop & 1) == 1 && facts.mayBeFree(shop)) {
        slack += CoverKey.of(facts.shipping[shop], 0);
      }
    }
    for (int part = shops; ; part = part - 1 & shops) {
      Long other = least.get(at(part, unmet));
      if (other != null && other + slack < key) {
        return false;
      }
      if (part == 0) {
        return true;
      }
    }
  }
}
