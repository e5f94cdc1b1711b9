package gerula.core.restock.range;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * How far one line of a base goes, from its lightest shade to its deepest.
 *
 * @param shades by depth, the lightest first; at least one
 */
public record LineReach(
    String maker, String name, ProductClass productClass, List<LineShade> shades) {

  /**
   * A base serves within one step of depth, so that two steps between neighbours leave nobody out.
   */
  private static final double MOST_APART = 2;

  private static final Set<ProductClass> COMPLEXION =
      EnumSet.of(
          ProductClass.FOUNDATION,
          ProductClass.CONCEALER,
          ProductClass.AIRBRUSH_COLOUR,
          ProductClass.BODY_MAKE_UP);

  /**
   * @param product one of those of this depth
   * @param colour as #rrggbb, null where nobody measured or picked it
   * @param packs of it that are there
   */
  public record LineShade(
      UUID product, String shade, double depth, @Nullable String colour, int packs) {}

  /** Between two neighbours. */
  public record Between(double from, double to) {
    public double steps() {
      return to - from;
    }

    /** Whether somebody between them is met by neither. */
    public boolean isHole() {
      return steps() > MOST_APART;
    }
  }

  public LineReach {
    shades = List.copyOf(shades);
  }

  public double lightest() {
    return shades.getFirst().depth();
  }

  public double deepest() {
    return shades.getLast().depth();
  }

  /** The widest; the lighter one of two. Null where there is only one shade. */
  public @Nullable Between widest() {
    Between widest = null;
    for (int at = 1; at < shades.size(); at++) {
      Between one = new Between(shades.get(at - 1).depth(), shades.get(at).depth());
      if (widest == null || one.steps() > widest.steps()) {
        widest = one;
      }
    }
    return widest;
  }

  private record Line(String maker, String name, ProductClass productClass)
      implements Comparable<Line> {

    private static final Comparator<Line> IN_ORDER =
        Comparator.comparing(Line::productClass)
            .thenComparing(Line::maker)
            .thenComparing(Line::name);

    static Line of(Item item) {
      Product product = item.product();
      return new Line(product.maker(), product.name(), product.productClass());
    }

    @Override
    public int compareTo(Line other) {
      return IN_ORDER.compare(this, other);
    }
  }

  /** Every line of which a depth is known. */
  public static List<LineReach> of(Collection<Item> kit) {
    Map<Line, List<Item>> lines =
        kit.stream()
            .filter(item -> !item.isDiscarded() && item.product().depth() != null)
            .filter(item -> COMPLEXION.contains(item.product().productClass()))
            .sorted(Item.BY_ID)
            .collect(Collectors.groupingBy(Line::of, TreeMap::new, Collectors.toList()));
    List<LineReach> reaches = new ArrayList<>();
    lines.forEach(
        (line, items) ->
            reaches.add(
                new LineReach(line.maker(), line.name(), line.productClass(), shades(items))));
    return reaches;
  }

  private static List<LineShade> shades(List<Item> items) {
    Map<UUID, List<Item>> byProduct =
        items.stream().collect(Collectors.groupingBy(item -> item.product().id()));
    return byProduct.values().stream()
        .map(
            packs -> {
              Product one = packs.getFirst().product();
              return new LineShade(
                  one.id(), one.shade(), one.depthNear(0), one.colour(), packs.size());
            })
        .sorted(
            Comparator.comparingDouble(LineShade::depth)
                .thenComparing(LineShade::shade)
                .thenComparing(LineShade::product))
        .toList();
  }
}
