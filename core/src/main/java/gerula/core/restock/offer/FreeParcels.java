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
    double[] price = new double[isFree.length];
    for (int shop : undecided) {
      price[shop] = whole(shop);
    }
    decide(0, price);
  }

  /** The price at which what makes the parcel free is worth the whole parcel. */
  private double whole(int shop) {
    return (double) CoverKey.of(facts.shipping[shop], 0) / facts.freeFrom[shop];
  }

  /**
   * Each parcel free or paid, the free ones first.
   *
   * @param price by shop: to begin with
   */
  private void decide(int decided, double[] price) {
    PricedParcels parcels = new PricedParcels(problem, open, parcels(decided), price, sink);
    if (decided == undecided.size()) {
      parcels.search();
      return;
    }
    if (!parcels.mayBeBetter()) {
      return;
    }
    for (boolean free : new boolean[] {true, false}) {
      if (sink.goesOn()) {
        isFree[undecided.get(decided)] = free;
        decide(decided + 1, parcels.prices());
      }
    }
  }

  /** With so many of them decided; any other is worth its whole parcel at most. */
  private Parcels parcels(int decided) {
    List<Integer> priced = new ArrayList<>();
    double[] most = new double[isFree.length];
    long paid = 0;
    for (int shop = 0; shop < isFree.length; shop++) {
      if ((shops >> shop & 1) == 0) {
        continue;
      }
      paid += CoverKey.A_SHOP;
      int place = undecided.indexOf(shop);
      boolean isOpen = place >= decided;
      boolean isFreeNow = place >= 0 && place < decided && isFree[shop];
      if (isOpen || isFreeNow) {
        most[shop] = isOpen ? whole(shop) : Double.POSITIVE_INFINITY;
        priced.add(shop);
      } else if (facts.freeFrom[shop] > 0) {
        paid += CoverKey.of(facts.shipping[shop], 0);
      }
    }
    return new Parcels(priced.stream().mapToInt(Integer::intValue).toArray(), most, paid);
  }

  /**
   * @param priced shops whose goods have to reach what makes their parcel free, or are worth so
   *     much as if they had
   * @param most by shop: the highest price that may be put on that
   * @param paid the other parcels, and all shops
   */
  record Parcels(int[] priced, double[] most, long paid) {}
}
