package gerula.core.packing.load;

import gerula.core.packing.load.LoadPlan.PlacedPiece;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * In which order pieces go into their bags: what is opened last goes in first, and what lies under
 * something before it.
 */
public final class PackingOrder {

  private PackingOrder() {}

  /**
   * @param bags as they were planned with
   * @return places in the order from 1 on, bag by bag, by piece; pieces in unknown compartments are
   *     left out
   */
  public static Map<String, Integer> of(List<LoadBag> bags, Collection<PlacedPiece> placed) {
    Map<String, Integer> order = new HashMap<>();
    for (LoadBag bag : bags) {
      Map<String, Compartment> rooms = new HashMap<>();
      bag.compartments().forEach(room -> rooms.put(room.id(), room));
      List<PlacedPiece> here =
          placed.stream()
              .filter(one -> rooms.containsKey(one.compartment()))
              .sorted(
                  Comparator.<PlacedPiece>comparingInt(one -> -rooms.get(one.compartment()).reach())
                      .thenComparing(PlacedPiece::compartment)
                      .thenComparingInt(PlacedPiece::zMm)
                      .thenComparingInt(one -> -one.yMm())
                      .thenComparingInt(PlacedPiece::xMm)
                      .thenComparing(PlacedPiece::piece))
              .toList();
      for (int i = 0; i < here.size(); i++) {
        order.put(here.get(i).piece(), i + 1);
      }
    }
    return order;
  }
}
