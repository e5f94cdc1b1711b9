package gerula.core.restock.stock;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;

/** What is left day by day: what ends first is used first, what is past its date serves nobody. */
final class Falling {

  private static final Comparator<StockPack> ENDS_FIRST =
      Comparator.comparing(
              StockPack::lastDay, Comparator.nullsLast(Comparator.<LocalDate>naturalOrder()))
          .thenComparing(StockPack::item);

  private static final double NOTHING = 1e-9;

  /** By the end of each day. */
  final double[] left;

  /** Of each day's use what was not there. */
  final double[] missing;

  /** What passed its date unused, altogether. */
  double past;

  /**
   * @param used altogether by the end of each day
   */
  Falling(List<StockPack> packs, LocalDate today, double[] used) {
    List<StockPack> inOrder = packs.stream().sorted(ENDS_FIRST).toList();
    double[] amount = inOrder.stream().mapToDouble(StockPack::amount).toArray();
    left = new double[used.length];
    missing = new double[used.length];
    double before = 0;
    for (int at = 0; at < used.length; at++) {
      LocalDate day = today.plusDays(at);
      double wanted = used[at] - before;
      before = used[at];
      for (int pack = 0; pack < amount.length; pack++) {
        if (!inOrder.get(pack).isGoodOn(day)) {
          past += amount[pack];
          amount[pack] = 0;
        }
        double taken = Math.min(wanted, amount[pack]);
        amount[pack] -= taken;
        wanted -= taken;
        left[at] += amount[pack];
      }
      missing[at] = wanted < NOTHING ? 0 : wanted;
    }
  }

  /** The first day on which nothing is left; -1 where that never comes. */
  int runsOutOn() {
    for (int at = 0; at < left.length; at++) {
      if (left[at] < NOTHING) {
        return at;
      }
    }
    return -1;
  }
}
