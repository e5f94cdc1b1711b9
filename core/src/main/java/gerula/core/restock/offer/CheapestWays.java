package gerula.core.restock.offer;

import java.util.Arrays;

/** The cheapest way of one need in every choice of shops; only those that have it count. */
final class CheapestWays {

  /** There is no way. */
  private static final int NONE = -1;

  /** The shops that have it, a bit for each. */
  private final int having;

  /** By the choice of those shops, their bits moved together. */
  private final double[] least;

  private final int[] way;

  /**
   * @param worth of each option: the less, the better
   */
  CheapestWays(CoverOption[] options, double[] worth) {
    having = Arrays.stream(options).mapToInt(CoverOption::shops).reduce(0, (all, one) -> all | one);
    least = new double[1 << Integer.bitCount(having)];
    way = new int[least.length];
    Arrays.fill(least, Double.POSITIVE_INFINITY);
    Arrays.fill(way, NONE);
    for (int at = 0; at < options.length; at++) {
      improve(Integer.compress(options[at].shops(), having), worth[at], at);
    }
    for (int bit = 1; bit < least.length; bit <<= 1) {
      for (int shops = 0; shops < least.length; shops++) {
        if ((shops & bit) != 0) {
          improve(shops, least[shops ^ bit], way[shops ^ bit]);
        }
      }
    }
  }

  private void improve(int shops, double worth, int at) {
    if (worth < least[shops]) {
      least[shops] = worth;
      way[shops] = at;
    }
  }

  /**
   * @param ways by need
   * @param chosen takes the number of each need's option
   * @return whether each need has a way in these shops
   */
  static boolean in(int shops, CheapestWays[] ways, int[] chosen) {
    for (int need = 0; need < ways.length; need++) {
      chosen[need] = ways[need].way[Integer.compress(shops, ways[need].having)];
      if (chosen[need] == NONE) {
        return false;
      }
    }
    return true;
  }

  /**
   * @param sum by choice of shops
   */
  void addTo(double[] sum) {
    for (int shops = 0; shops < sum.length; shops++) {
      sum[shops] += least[Integer.compress(shops, having)];
    }
  }
}
