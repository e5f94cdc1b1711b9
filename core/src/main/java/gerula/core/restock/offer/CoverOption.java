package gerula.core.restock.offer;

import java.util.Arrays;
import java.util.stream.IntStream;

/**
 * One way to meet one need, or a part of it.
 *
 * @param packs of each offer of the need, in the facts' order
 * @param shops a bit for each shop it buys in
 * @param inShop the numbers of these shops
 * @param cents what it spends in each of them, in hundredths, in the same order
 * @param key what it costs without shipping, and its waste
 * @param unmet pieces that are missing with it
 */
record CoverOption(int[] packs, int shops, int[] inShop, long[] cents, long key, int unmet) {

  static CoverOption of(int[] packs, long[] goods, int shops, long waste, int unmet) {
    int[] inShop = IntStream.range(0, goods.length).filter(at -> (shops >> at & 1) == 1).toArray();
    long[] cents = Arrays.stream(inShop).mapToLong(at -> goods[at]).toArray();
    long key = CoverKey.of(Arrays.stream(cents).sum(), waste);
    return new CoverOption(packs.clone(), shops, inShop, cents, key, unmet);
  }

  /** These weights times what it spends in each shop. */
  double weighed(double[] weightOfShop) {
    double sum = 0;
    for (int at = 0; at < inShop.length; at++) {
      sum += weightOfShop[inShop[at]] * cents[at];
    }
    return sum;
  }
}
