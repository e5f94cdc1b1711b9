package gerula.core.restock.offer;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The cheapest cover that leaves at most so much unmet of each priority. */
final class ShopChoices {

  private final CoverFacts facts;
  private final CoverEffort effort;

  /** By need: the options that may be chosen. */
  private final CoverOption[][] options;

  private final int[][] numberOf;

  /** What has to be met of each priority; 0 where nothing has to be, or all that can be is. */
  private final int[] toMeet = new int[OfferNeed.LAST_PRIORITY];

  private final int[] level;
  private final int[] pieces;
  private final CoverProblem problem;
  private boolean isAnyGoodEnough;
  private long bestKey;
  private int @Nullable [] best;

  ShopChoices(CoverFacts facts, int[] mostUnmet, CoverEffort effort) {
    this.facts = facts;
    this.effort = effort;
    int needs = facts.needs.size();
    this.options = new CoverOption[needs][];
    this.numberOf = new int[needs][];
    this.level = facts.needs.stream().mapToInt(one -> one.priority() - 1).toArray();
    this.pieces = facts.needs.stream().mapToInt(OfferNeed::pieces).toArray();
    int[] least = new int[OfferNeed.LAST_PRIORITY];
    int[] whole = new int[OfferNeed.LAST_PRIORITY];
    for (int need = 0; need < needs; need++) {
      least[level[need]] += facts.leastUnmet(need);
      whole[level[need]] += pieces[need];
    }
    for (int need = 0; need < needs; need++) {
      int at = level[need];
      int most = mostUnmet[at] <= least[at] ? facts.leastUnmet(need) : Integer.MAX_VALUE;
      keep(need, most);
    }
    for (int at = 0; at < toMeet.length; at++) {
      boolean isBetween = mostUnmet[at] > least[at] && mostUnmet[at] < whole[at];
      toMeet[at] = isBetween ? whole[at] - mostUnmet[at] : 0;
    }
    Coverage coverage = new Coverage(toMeet);
    if (!coverage.isWhole()) {
      effort.giveUpOne();
    }
    problem = new CoverProblem(facts, options, level, pieces, toMeet, coverage, effort);
  }

  private void keep(int need, int mostUnmet) {
    List<CoverOption> all = facts.options.get(need);
    List<Integer> kept = new ArrayList<>();
    for (int at = 0; at < all.size(); at++) {
      if (all.get(at).unmet() <= mostUnmet) {
        kept.add(at);
      }
    }
    numberOf[need] = kept.stream().mapToInt(Integer::intValue).toArray();
    options[need] = kept.stream().map(all::get).toArray(CoverOption[]::new);
  }

  /**
   * @param below only what costs less counts
   * @param isAnyGoodEnough the first one found does
   * @return of each need's options; null where none costs less
   */
  int @Nullable [] best(long below, boolean isAnyGoodEnough) {
    bestKey = below;
    best = null;
    this.isAnyGoodEnough = isAnyGoodEnough;
    CoverBounds bounds = new CoverBounds(problem);
    long[] bound = bounds.ofEveryChoice();
    firstGuesses(bounds);
    Integer[] order = new Integer[bound.length];
    Arrays.setAll(order, one -> one);
    Arrays.sort(order, Comparator.comparingLong(one -> bound[one]));
    for (int shops : order) {
      if (bound[shops] >= bestKey || !goesOn()) {
        break;
      }
      new FreeParcels(problem, shops, this).search();
    }
    return best;
  }

  /** Whether something better is looked for. */
  boolean goesOn() {
    return effort.goesOn() && !(isAnyGoodEnough && best != null);
  }

  /** What each choice of shops would do if nobody looked at free parcels. */
  private void firstGuesses(CoverBounds bounds) {
    CheapestWays[] ways = bounds.ways();
    int[] one = new int[ways.length];
    for (int shops = 0; shops < 1 << facts.shops.size() && goesOn(); shops++) {
      if (CheapestWays.in(shops, ways, one)) {
        offer(one);
      }
    }
  }

  CoverProblem problem() {
    return problem;
  }

  long bestKey() {
    return bestKey;
  }

  /**
   * @param chosen of each need's kept options
   */
  void offer(int[] chosen) {
    int[] met = new int[toMeet.length];
    int[] told = new int[chosen.length];
    for (int need = 0; need < chosen.length; need++) {
      told[need] = numberOf[need][chosen[need]];
      met[level[need]] += pieces[need] - options[need][chosen[need]].unmet();
    }
    for (int at = 0; at < met.length; at++) {
      if (met[at] < toMeet[at]) {
        return;
      }
    }
    long key = facts.key(told);
    if (key < bestKey) {
      bestKey = key;
      best = told;
    }
  }
}
