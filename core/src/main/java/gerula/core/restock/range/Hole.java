package gerula.core.restock.range;

import gerula.core.booking.NeedCode;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Roles;
import gerula.core.kit.product.Trait;
import java.util.Collections;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.UUID;

/**
 * What the work asks for and the kit does not have.
 *
 * @param depths of the faces that go without it; empty where it is for any
 * @param kinds of work that miss it
 * @param wanted traits it would have to have
 * @param nearest items that come near and do not serve
 */
public record Hole(
    NeedCode need,
    SortedSet<Double> depths,
    SortedSet<KindOfWork> kinds,
    SortedSet<Trait> wanted,
    List<UUID> nearest) {

  /** A base within one step serves. */
  private static final double REACH = 1;

  public Hole {
    depths = Collections.unmodifiableSortedSet(new TreeSet<>(depths));
    kinds = Collections.unmodifiableSortedSet(new TreeSet<>(kinds));
    wanted = Collections.unmodifiableSortedSet(new TreeSet<>(wanted));
    nearest = List.copyOf(nearest);
  }

  /** One thing that is missing: for faces of a depth, or for any. */
  record Part(NeedCode need, double depth, KindOfWork kind) {
    static final double ANY = 0;
  }

  List<Part> parts() {
    List<Double> each = depths.isEmpty() ? List.of(Part.ANY) : List.copyOf(depths);
    return kinds.stream()
        .flatMap(kind -> each.stream().map(depth -> new Part(need, depth, kind)))
        .toList();
  }

  /** Those of its parts that this product would fill, by its class, role, traits and depth. */
  List<Part> filledBy(Product product) {
    Role role = need.role();
    boolean isOfKind =
        !Collections.disjoint(need.kind().classes(), product.classes())
            && (role == null || Roles.of(product).are().contains(role))
            && wanted.stream().allMatch(product::has);
    return isOfKind ? parts().stream().filter(part -> suits(product, part)).toList() : List.of();
  }

  private static boolean suits(Product product, Part part) {
    Double depth = part.depth() == Part.ANY ? null : product.depthNear(part.depth());
    return depth == null || Math.abs(depth - part.depth()) <= REACH;
  }
}
