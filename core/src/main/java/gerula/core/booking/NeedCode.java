package gerula.core.booking;

import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import java.util.Comparator;
import org.jspecify.annotations.Nullable;

/**
 * What is needed, and of a colour what for: "moisturiser", "eyes:matte-light".
 *
 * @param role null where any colour serves, or where it is no colour
 */
public record NeedCode(NeedKind kind, @Nullable Role role) implements Comparable<NeedCode> {

  private static final Comparator<@Nullable Role> BY_ROLE =
      Comparator.nullsFirst(Comparator.naturalOrder());

  public static NeedCode of(ProductClass one) {
    return new NeedCode(NeedKind.of(one), null);
  }

  public static NeedCode of(Role role) {
    return new NeedCode(NeedKind.ofFamily(role.family()), role);
  }

  /** The class or family, and the role behind a colon. */
  public String code() {
    return role == null ? kind.code() : role.code();
  }

  @Override
  public int compareTo(NeedCode other) {
    int order = kind.compareTo(other.kind);
    return order == 0 ? BY_ROLE.compare(role, other.role) : order;
  }

  @Override
  public String toString() {
    return code();
  }
}
