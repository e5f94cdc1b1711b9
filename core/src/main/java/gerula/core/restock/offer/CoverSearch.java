package gerula.core.restock.offer;

import java.math.BigDecimal;
import java.util.Arrays;
import org.jspecify.annotations.Nullable;

/**
 * The cheapest cover: for every choice of shops a bound (Lagrangian relaxation of what has to be
 * reached for a free parcel or for a priority), the promising ones searched whole. A budget that is
 * too small for all is given to one priority after the other.
 */
final class CoverSearch {

  private static final int LEVELS = OfferNeed.LAST_PRIORITY;

  private final CoverFacts facts;
  private final CoverEffort effort = new CoverEffort();

  CoverSearch(CoverFacts facts) {
    this.facts = facts;
  }

  /** How much was tried so far. */
  long spent() {
    return effort.spent();
  }

  /**
   * @param chosen of each need's options
   */
  record Found(int[] chosen, long key, boolean isProved) {}

  Found within(@Nullable BigDecimal budget) {
    int[] least = leastUnmet();
    ShopChoices whole = new ShopChoices(facts, least, effort);
    if (budget == null) {
      return told(whole.best(CoverKey.NONE, false));
    }
    long limit = CoverKey.of(CoverFacts.cents(budget) + 1, 0);
    int[] all = whole.best(limit, false);
    return told(all != null ? all : byPriority(least, limit));
  }

  private Found told(int @Nullable [] chosen) {
    int[] answer = chosen == null ? nothing() : chosen;
    return new Found(answer, facts.key(answer), effort.isWhole());
  }

  /** One priority after the other is met as far as the budget goes. */
  private int[] byPriority(int[] least, long limit) {
    int[] allowed = new int[LEVELS];
    Arrays.fill(allowed, Integer.MAX_VALUE);
    int[] best = nothing();
    for (int level = 0; level < LEVELS; level++) {
      int low = least[level];
      int high = facts.unmetByPriority(best)[level];
      int step = low;
      while (low < high) {
        allowed[level] = step;
        int[] found = new ShopChoices(facts, allowed, effort).best(limit, true);
        if (found == null) {
          low = step + 1;
        } else {
          best = found;
          high = facts.unmetByPriority(found)[level];
        }
        step = low + (high - low) / 2;
      }
      allowed[level] = high;
    }
    int[] cheapest = new ShopChoices(facts, allowed, effort).best(limit, false);
    return cheapest == null ? best : cheapest;
  }

  private int[] leastUnmet() {
    int[] least = new int[LEVELS];
    for (int need = 0; need < facts.needs.size(); need++) {
      least[facts.needs.get(need).priority() - 1] += facts.leastUnmet(need);
    }
    return least;
  }

  /** Each need's option that buys nothing; where there is no budget, the cheapest there is. */
  private int[] nothing() {
    int[] chosen = new int[facts.needs.size()];
    for (int need = 0; need < chosen.length; need++) {
      for (int at = 0; at < facts.options.get(need).size(); at++) {
        if (facts.options.get(need).get(at).shops() == 0) {
          chosen[need] = at;
        }
      }
    }
    return chosen;
  }
}
