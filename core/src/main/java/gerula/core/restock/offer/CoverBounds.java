package gerula.core.restock.offer;

import java.util.stream.IntStream;

/**
 * What a choice of shops costs at least: every need by its cheapest way in those shops, each parcel
 * at its price less what goods there could save of it at most. What has to be met of a priority
 * counts by a price per piece (a Lagrange multiplier).
 */
final class CoverBounds {

  private static final int ROUNDS = 24;

  private final CoverFacts facts;
  private final CoverOption[][] options;
  private final int[] level;
  private final int[] pieces;
  private final int[] toMeet;
  private final double[] priceOfPiece;

  CoverBounds(CoverProblem problem) {
    this.facts = problem.facts();
    this.options = problem.options();
    this.level = problem.level();
    this.pieces = problem.pieces();
    this.toMeet = problem.toMeet();
    this.priceOfPiece = new double[toMeet.length];
    priceThePieces();
  }

  private boolean isAsked(int at) {
    return toMeet[at] > 0;
  }

  /** Raises a priority's price as long as too little of it is met, lowers it when too much is. */
  private void priceThePieces() {
    for (int at = 0; at < toMeet.length; at++) {
      if (!isAsked(at)) {
        continue;
      }
      double low = 0;
      double high = (double) CoverKey.of(100_000_000L, 0);
      for (int round = 0; round < ROUNDS * 2; round++) {
        priceOfPiece[at] = (low + high) / 2;
        if (met(at) >= toMeet[at]) {
          high = priceOfPiece[at];
        } else {
          low = priceOfPiece[at];
        }
      }
    }
  }

  private int met(int at) {
    int met = 0;
    for (int need = 0; need < options.length; need++) {
      if (level[need] == at) {
        met += pieces[need] - options[need][cheapest(need)].unmet();
      }
    }
    return met;
  }

  private int cheapest(int need) {
    int best = 0;
    for (int at = 1; at < options[need].length; at++) {
      if (worth(need, at) < worth(need, best)) {
        best = at;
      }
    }
    return best;
  }

  private double worth(int need, int at) {
    CoverOption option = options[need][at];
    return option.key() - priceOfPiece[level[need]] * (pieces[need] - option.unmet());
  }

  /** For every choice of shops, as the bits of its number. */
  long[] ofEveryChoice() {
    int choices = 1 << facts.shops.size();
    double[] plain = new double[choices];
    double[] shared = new double[choices];
    for (int shops = 0; shops < choices; shops++) {
      for (int at = 0; at < toMeet.length; at++) {
        double due = priceOfPiece[at] * toMeet[at];
        plain[shops] += due;
        shared[shops] += due;
      }
      for (int shop = 0; shop < facts.shops.size(); shop++) {
        if ((shops >> shop & 1) == 1) {
          double parcel = CoverKey.of(facts.shipping[shop], 0);
          plain[shops] += CoverKey.A_SHOP + (facts.mayBeFree(shop) ? 0 : parcel);
          shared[shops] += CoverKey.A_SHOP + (facts.freeFrom[shop] == 0 ? 0 : parcel);
        }
      }
    }
    double[] none = new double[facts.shops.size()];
    double[] shares = shares();
    for (int need = 0; need < options.length; need++) {
      cheapestWays(need, none).addTo(plain);
      cheapestWays(need, shares).addTo(shared);
    }
    long[] bound = new long[choices];
    for (int shops = 0; shops < choices; shops++) {
      bound[shops] = floor(Math.max(plain[shops], shared[shops]));
    }
    return bound;
  }

  /** A little below, as doubles are not exact. */
  static long floor(double bound) {
    return bound >= CoverKey.NONE ? CoverKey.NONE : (long) (bound - 1 - Math.abs(bound) * 1e-12);
  }

  private CheapestWays cheapestWays(int need, double[] shares) {
    double[] worth = new double[options[need].length];
    for (int at = 0; at < worth.length; at++) {
      worth[at] = worth(need, at) - options[need][at].weighed(shares);
    }
    return new CheapestWays(options[need], worth);
  }

  /** What a hundredth of goods can save of its parcel at most. */
  private double[] shares() {
    double[] shares = new double[facts.shops.size()];
    for (int shop = 0; shop < shares.length; shop++) {
      if (facts.mayBeFree(shop) && facts.freeFrom[shop] > 0) {
        shares[shop] = (double) CoverKey.of(facts.shipping[shop], 0) / facts.freeFrom[shop];
      }
    }
    return shares;
  }

  /** By need: its cheapest way in each choice of shops, if nobody looks at free parcels. */
  CheapestWays[] ways() {
    double[] none = new double[facts.shops.size()];
    return IntStream.range(0, options.length)
        .mapToObj(need -> cheapestWays(need, none))
        .toArray(CheapestWays[]::new);
  }
}
