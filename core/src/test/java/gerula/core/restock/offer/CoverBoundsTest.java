package gerula.core.restock.offer;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What is not looked at cannot be better, and little is looked at. */
class CoverBoundsTest {

  /** A bound is rounded down by a little. */
  private static final long ROUNDING = CoverKey.A_CENT / 100;

  static IntStream seeds() {
    return IntStream.range(0, 60);
  }

  private static CoverFacts facts(RandomOffers drawn) {
    return new CoverFacts(drawn.needs(), drawn.shops(), drawn.offers(), false);
  }

  private static CoverProblem whole(CoverFacts facts) {
    int[] least = new int[OfferNeed.LAST_PRIORITY];
    for (int need = 0; need < facts.needs.size(); need++) {
      least[facts.needs.get(need).priority() - 1] += facts.leastUnmet(need);
    }
    return new ShopChoices(facts, least, new CoverEffort()).problem();
  }

  /** With all of these shops paid, whether one buys there or not. */
  private static long dearest(CoverFacts facts, int shops) {
    long key = 0;
    for (int shop = 0; shop < facts.shops.size(); shop++) {
      if ((shops >> shop & 1) == 1) {
        key += CoverKey.A_SHOP + CoverKey.of(facts.parcel(shop, 0), 0);
      }
    }
    return key;
  }

  /** The least that all ways in these shops come to, tried one after the other. */
  private static long least(CoverProblem problem, int shops, int[] chosen, int need) {
    if (need == chosen.length) {
      long[] goods = new long[problem.facts().shops.size()];
      long key = 0;
      for (int at = 0; at < chosen.length; at++) {
        CoverOption option = problem.options()[at][chosen[at]];
        key += option.key();
        for (int in = 0; in < option.inShop().length; in++) {
          goods[option.inShop()[in]] += option.cents()[in];
        }
      }
      for (int shop = 0; shop < goods.length; shop++) {
        if ((shops >> shop & 1) == 1) {
          key += CoverKey.A_SHOP + CoverKey.of(problem.facts().parcel(shop, goods[shop]), 0);
        }
      }
      return key;
    }
    long least = CoverKey.NONE;
    for (int at = 0; at < problem.options()[need].length; at++) {
      if ((problem.options()[need][at].shops() & ~shops) == 0) {
        chosen[need] = at;
        least = Math.min(least, least(problem, shops, chosen, need + 1));
      }
    }
    return least;
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void noChoiceOfShopsCostsLessThanItsBound(int seed) {
    CoverFacts facts = facts(RandomOffers.of(seed, 3, 3, 7, 3));
    CoverProblem problem = whole(facts);
    long[] bounds = new CoverBounds(problem).ofEveryChoice();
    for (int shops = 0; shops < bounds.length; shops++) {
      long least = least(problem, shops, new int[problem.options().length], 0);
      assertThat(bounds[shops]).as("shops " + shops).isLessThanOrEqualTo(least);
    }
  }

  /** Where no parcel is ever free there is nothing to be gained, and the bound is what it costs. */
  @ParameterizedTest
  @MethodSource("seeds")
  void whereNoParcelIsFreeTheBoundIsWhatItCosts(int seed) {
    RandomOffers drawn = RandomOffers.of(seed, 4, 4, 12, 3);
    List<OfferShop> paid =
        drawn.shops().stream().map(one -> new OfferShop(one.id(), one.shipping(), null)).toList();
    CoverProblem problem = whole(facts(new RandomOffers(drawn.needs(), paid, drawn.offers())));
    CoverBounds made = new CoverBounds(problem);
    long[] bounds = made.ofEveryChoice();
    for (int shops = 0; shops < bounds.length; shops++) {
      int[] chosen = new int[problem.options().length];
      if (!CheapestWays.in(shops, made.ways(), chosen)) {
        assertThat(bounds[shops]).isEqualTo(CoverKey.NONE);
        continue;
      }
      long least = dearest(problem.facts(), shops);
      long guess = least;
      for (int need = 0; need < chosen.length; need++) {
        int only = shops;
        least +=
            Arrays.stream(problem.options()[need])
                .filter(option -> (option.shops() & ~only) == 0)
                .mapToLong(CoverOption::key)
                .min()
                .orElseThrow();
        guess += problem.options()[need][chosen[need]].key();
      }
      assertThat(bounds[shops]).isBetween(least - ROUNDING, least);
      assertThat(guess).as("the first guess").isEqualTo(least);
    }
  }

  private static long spent(RandomOffers drawn, BigDecimal budget) {
    CoverFacts facts = new CoverFacts(drawn.needs(), drawn.shops(), drawn.offers(), budget != null);
    CoverSearch search = new CoverSearch(facts);
    assertThat(search.within(budget).isProved()).isTrue();
    return search.spent();
  }

  /**
   * Bounds that hold and tell little would be right and slow. Steps are the same on every machine;
   * so many it took when this was written, and a twentieth more.
   */
  @Test
  void littleIsLookedAt() {
    long open = 0;
    long tight = 0;
    for (int seed = 0; seed < 40; seed++) {
      RandomOffers drawn = RandomOffers.of(seed, 12, 6, 40, 6);
      open += spent(drawn, null);
      tight += spent(drawn, BigDecimal.valueOf(60));
    }
    assertThat(open).isBetween(90_000L, 118_000L);
    assertThat(tight).isBetween(740_000L, 915_000L);
  }
}
