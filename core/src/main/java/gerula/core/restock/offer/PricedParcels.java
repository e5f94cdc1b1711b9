package gerula.core.restock.offer;

import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;

/**
 * What goods have to reach for a free parcel has a price (a Lagrange multiplier). By those prices a
 * cover costs at least so much; whatever lies below the best cover known is gone through need by
 * need, equal states only once (dynamic programming).
 */
final class PricedParcels {

  private static final int ROUNDS = 12;
  private static final int MOST_STATES = 200_000;

  private final CoverProblem problem;
  private final int[][] open;
  private final FreeParcels.Parcels parcels;
  private final ShopChoices sink;
  private final long[] threshold;
  private final double[] price;
  private final double[] most;
  private final double[] weightOfShop;
  private final int[] resourceOfShop;

  /** By need and pieces met: the cheapest open option by these prices, and what it costs. */
  private final int[][] cheapest;

  private final double[][] least;

  /**
   * @param start by shop: the prices to begin with
   */
  PricedParcels(
      CoverProblem problem,
      int[][] open,
      FreeParcels.Parcels parcels,
      double[] start,
      ShopChoices sink) {
    this.problem = problem;
    this.open = open;
    this.parcels = parcels;
    this.sink = sink;
    int shops = problem.facts().shops.size();
    this.threshold = new long[parcels.priced().length];
    this.price = new double[threshold.length];
    this.most = new double[threshold.length];
    this.weightOfShop = new double[shops];
    this.resourceOfShop = new int[shops];
    Arrays.fill(resourceOfShop, -1);
    for (int at = 0; at < threshold.length; at++) {
      int shop = parcels.priced()[at];
      threshold[at] = problem.facts().freeFrom[shop];
      price[at] = start[shop];
      most[at] = parcels.most()[shop];
      resourceOfShop[shop] = at;
    }
    this.cheapest = new int[open.length][];
    this.least = new double[open.length][];
    for (int need = 0; need < open.length; need++) {
      boolean isAsked = problem.coverage().isAsked(problem.level()[need]);
      int size = isAsked ? problem.pieces()[need] + 1 : 1;
      cheapest[need] = new int[size];
      least[need] = new double[size];
    }
  }

  private int met(int need, CoverOption option) {
    return least[need].length == 1 ? 0 : problem.met(need, option);
  }

  /** By shop: as they are now. */
  double[] prices() {
    weigh();
    return weightOfShop.clone();
  }

  boolean mayBeBetter() {
    return CoverBounds.floor(priced()) < sink.bestKey();
  }

  /** Raises the price of what is not reached, lowers that of what is more than reached. */
  private double priced() {
    long[] reached = new long[threshold.length];
    double best = bound(reached);
    double[] bestPrice = price.clone();
    double pace = 1;
    for (int round = 0; round < ROUNDS && isWorthPricing(best); round++) {
      double squares = 0;
      for (int at = 0; at < threshold.length; at++) {
        double gap = threshold[at] - reached[at];
        squares += (gap > 0 ? price[at] < most[at] : price[at] > 0) ? gap * gap : 0;
      }
      if (squares == 0) {
        break;
      }
      double target = Math.min(sink.bestKey(), best + CoverKey.of(100_000, 0));
      double step = pace * Math.max(target - best, CoverKey.A_CENT) / squares;
      for (int at = 0; at < threshold.length; at++) {
        double now = price[at] + step * (threshold[at] - reached[at]);
        price[at] = Math.clamp(now, 0, most[at]);
      }
      double now = bound(reached);
      if (now > best) {
        best = now;
        bestPrice = price.clone();
      } else {
        pace *= 0.7;
      }
    }
    System.arraycopy(bestPrice, 0, price, 0, price.length);
    return best;
  }

  private boolean isWorthPricing(double best) {
    return threshold.length > 0 && CoverBounds.floor(best) < sink.bestKey();
  }

  /** The bound with these prices; leaves what the goods reach with them. */
  private double bound(long[] reached) {
    Coverage.Rest rest = weighed();
    double bound = parcels.paid() + rest.of(0, 0);
    for (int at = 0; at < price.length; at++) {
      bound += price[at] * threshold[at];
    }
    Arrays.fill(reached, 0);
    int[] way = rest.way();
    if (way != null) {
      int[] chosen = new int[way.length];
      for (int need = 0; need < way.length; need++) {
        chosen[need] = cheapest[need][way[need]];
        reach(problem.options()[need][chosen[need]], reached);
      }
      if (CoverBounds.floor(bound) < sink.bestKey()) {
        sink.offer(chosen);
      }
    }
    return bound;
  }

  private void weigh() {
    for (int at = 0; at < price.length; at++) {
      weightOfShop[parcels.priced()[at]] = price[at];
    }
  }

  /** By the prices as they are now. */
  private Coverage.Rest weighed() {
    weigh();
    for (int need = 0; need < open.length; need++) {
      Arrays.fill(least[need], Double.POSITIVE_INFINITY);
      for (int at : open[need]) {
        double worth = worth(need, at);
        int met = met(need, problem.options()[need][at]);
        if (worth < least[need][met]) {
          least[need][met] = worth;
          cheapest[need][met] = at;
        }
      }
      int width = problem.coverage().width(problem.level()[need]);
      problem.effort().spend(open[need].length + (long) width * least[need].length);
    }
    return problem.coverage().rest(least, problem.level());
  }

  private double worth(int need, int at) {
    CoverOption option = problem.options()[need][at];
    return option.key() - option.weighed(weightOfShop);
  }

  private void reach(CoverOption option, long[] reached) {
    for (int at = 0; at < option.inShop().length; at++) {
      int resource = resourceOfShop[option.inShop()[at]];
      if (resource >= 0) {
        reached[resource] += option.cents()[at];
      }
    }
  }

  private record State(int cell, long[] reached) {
    @Override
    public boolean equals(Object other) {
      return other instanceof State state
          && cell == state.cell
          && Arrays.equals(reached, state.reached);
    }

    @Override
    public int hashCode() {
      return 31 * cell + Arrays.hashCode(reached);
    }
  }

  /** The way to a state: its last option and the way before. */
  private record Way(long key, int option, Way before) {}

  void search() {
    if (CoverBounds.floor(priced()) >= sink.bestKey()) {
      return;
    }
    Coverage.Rest rest = weighed();
    Map<State, Way> states = new HashMap<>();
    states.put(new State(0, new long[threshold.length]), new Way(parcels.paid(), -1, null));
    for (int need = 0; need < open.length && !states.isEmpty() && sink.goesOn(); need++) {
      states = after(need, states, rest);
    }
    for (Map.Entry<State, Way> one : states.entrySet()) {
      boolean isLast = one.getKey().cell() == problem.coverage().last();
      if (sink.goesOn() && isLast && Arrays.equals(one.getKey().reached(), threshold)) {
        sink.offer(chosen(one.getValue()));
      }
    }
  }

  private Map<State, Way> after(int need, Map<State, Way> states, Coverage.Rest rest) {
    Map<State, Way> next = new HashMap<>();
    double[] worth = Arrays.stream(open[need]).mapToDouble(at -> worth(need, at)).toArray();
    for (Map.Entry<State, Way> one : states.entrySet()) {
      double due = one.getValue().key();
      for (int at = 0; at < threshold.length; at++) {
        due += price[at] * (threshold[at] - one.getKey().reached()[at]);
      }
      for (int at = 0; at < worth.length; at++) {
        CoverOption option = problem.options()[need][open[need][at]];
        int cell =
            problem.coverage().after(one.getKey().cell(), problem.level()[need], met(need, option));
        if (CoverBounds.floor(due + worth[at] + rest.of(need + 1, cell)) < sink.bestKey()) {
          add(option, open[need][at], cell, one, next);
        }
      }
      problem.effort().spend(worth.length);
      if (next.size() > MOST_STATES) {
        problem.effort().giveUpOne();
        return Map.of();
      }
    }
    return next;
  }

  private void add(
      CoverOption option, int at, int cell, Map.Entry<State, Way> from, Map<State, Way> next) {
    long[] reached = from.getKey().reached().clone();
    reach(option, reached);
    for (int resource = 0; resource < reached.length; resource++) {
      reached[resource] = Math.min(threshold[resource], reached[resource]);
    }
    long key = from.getValue().key() + option.key();
    State state = new State(cell, reached);
    Way known = next.get(state);
    if (known == null || key < known.key()) {
      next.put(state, new Way(key, at, from.getValue()));
    }
  }

  private int[] chosen(Way last) {
    int[] chosen = new int[open.length];
    Way way = last;
    for (int need = chosen.length - 1; need >= 0; need--) {
      chosen[need] = way.option();
      way = way.before();
    }
    return chosen;
  }
}
