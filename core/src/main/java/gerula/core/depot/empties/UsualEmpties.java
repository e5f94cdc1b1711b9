package gerula.core.depot.empties;

import gerula.core.kit.item.Container;
import gerula.core.kit.product.Measures;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.quantity.Volume;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * The kinds of empties that are usual in the trade. Sizes: common practice. Weights and outer
 * measures are estimates from memory, to be replaced by what scales and ruler say.
 */
public final class UsualEmpties {

  /**
   * A kind of empties.
   *
   * @param size what it holds to the brim
   * @param tare what it weighs empty
   * @param outer its outer measures
   */
  public record EmptyKind(
      Container container, Material material, Volume size, Mass tare, Measures outer) {}

  /** In ml. */
  private static final Map<Container, double[]> SIZES =
      Map.ofEntries(
          Map.entry(Container.POINTED_SQUEEZE_BOTTLE, new double[] {5, 10, 20, 30}),
          Map.entry(Container.DROPPER_BOTTLE, new double[] {5, 10, 15}),
          Map.entry(Container.PUMP_BOTTLE, new double[] {15, 30}),
          Map.entry(Container.FINE_SPRAY_BOTTLE, new double[] {20, 30, 60}),
          Map.entry(Container.SCREW_JAR, new double[] {3, 5, 10}),
          Map.entry(Container.SEALED_CLAM, new double[] {1, 2, 3}),
          Map.entry(Container.LOOSE_MAGNETIC_PAN, new double[] {2, 5}),
          Map.entry(Container.MAGNETIC_PALETTE, new double[] {24}),
          Map.entry(Container.OPEN_WELL_PALETTE, new double[] {1, 2.5, 5}),
          Map.entry(Container.TILT_SPOUT_POWDER_BOTTLE, new double[] {10, 30, 60}),
          Map.entry(Container.SIFTER_JAR, new double[] {5, 10, 20}),
          Map.entry(Container.DIVIDED_TRAY, new double[] {15}));

  private UsualEmpties() {}

  /** All of them, in the order of containers, small before large. */
  public static List<EmptyKind> all() {
    List<EmptyKind> all = new ArrayList<>();
    for (Container container : Container.values()) {
      for (double size : SIZES.get(container)) {
        all.add(kind(container, size));
      }
    }
    return all;
  }

  private static EmptyKind kind(Container container, double size) {
    Measures outer = container.estimate(Quantity.of(BigDecimal.valueOf(size), Unit.ML));
    // A container is estimated full: its content weighs about a gram a millilitre.
    Mass tare = Mass.ofGrams(Math.round(outer.mass().grams() - size));
    return new EmptyKind(container, material(container), Volume.ofMl(size), tare, outer);
  }

  private static Material material(Container container) {
    return switch (container) {
      case DROPPER_BOTTLE -> Material.GLASS;
      case LOOSE_MAGNETIC_PAN, MAGNETIC_PALETTE -> Material.METAL;
      case OPEN_WELL_PALETTE, DIVIDED_TRAY, SIFTER_JAR -> Material.ACRYLIC;
      case POINTED_SQUEEZE_BOTTLE,
          PUMP_BOTTLE,
          FINE_SPRAY_BOTTLE,
          SCREW_JAR,
          SEALED_CLAM,
          TILT_SPOUT_POWDER_BOTTLE ->
          Material.POLYETHYLENE;
    };
  }
}
