package gerula.core.restock.offer;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Within one choice of shops: which of their parcels are sent for nothing. */
final class FreeParcels {

  private final CoverProblem problem;
  private final CoverFacts facts;
  private final int shops;

  /** Of each need: which of its options are open in these shops. */
  private final int[][] open;

  /** Shops whose parcel may be sent for nothing. */
  private final List<Integer> undecided = new ArrayList<>();

  private final boolean[] isFree;
  private final ShopChoices sink;

  FreeParcels(CoverProblem problem, int shops, ShopChoices sink) {
    this.problem = problem;
    this.facts = problem.facts();
    this.shops = shops;
    this.sink = sink;
    this.isFree = new boolean[facts.shops.size()];
    this.open = new int[problem.options().length][];
    for (int need = 0; need < open.length; need++) {
      CoverOption[] all = problem.options()[need];
      open[need] =
          IntStream.range(0, all.length).filter(at -> (all[at].shops() & ~shops) == 0).toArray();
    }
    for (int shop = 0; shop < isFree.length; shop++) {
      if ((shops >> shop & 1) == 1 && facts.mayBeFree(shop) && facts.freeFrom[shop] > 0) {
        undecided.add(shop);
      }
    }
  }

  void search() {
    if (new PricedParcels(problem, open, parcels(0), sink).mayBeBetter()) {
      decide(0);
    }
  }

  /** Each parcel free or paid, the free ones first. */
  private void decide(int at) {
    if (!sink.goesOn()) {
      return;
    }
    if (at == undecided.size()) {
      new PricedParcels(problem, open, parcels(at), sink).search();
      return;
    }
    int shop = undecided.get(at);
    for (boolean free : new boolean[] {true, false}) {
      isFree[shop] = free;
      if (new PricedParcels(problem, open, parcels(at + 1), sink).mayBeBetter()) {
        decide(at + 1);
      }
    }
    isFree[shop] = false;
  }

  /** With so many of them decided; the others count at what goods can save of them at most. */
  private Parcels parcels(int decided) {
    double[] share = new double[isFree.length];
    long paid = 0;
    for (int shop = 0; shop < isFree.length; shop++) {
      if ((shops >> shop & 1) == 0) {
        continue;
      }
      long parcel = CoverKey.of(facts.shipping[shop], 0);
      int place = undecided.indexOf(shop);
      boolean isFreeNow =
          facts.freeFrom[shop] == 0 || place >= 0 && place < decided && isFree[shop];
      share[shop] = place >= decided ? (double) parcel / facts.freeFrom[shop] : 0;
      paid += CoverKey.A_SHOP + (isFreeNow ? 0 : parcel);
    }
    int[] free =
        undecided.subList(0, decided).stream()
            .filter(shop -> isFree[shop])
            .mapToInt(Integer::intValue)
            .toArray();
    return new Parcels(free, share, paid);
  }

  /**
   * @param free shops whose goods have to reach what makes their parcel free
   * @param share by shop: what a hundredth of goods saves of a parcel that is not decided
   * @param paid all parcels and shops
   */
  record Parcels(int[] free, double[] share, long paid) {}
}
