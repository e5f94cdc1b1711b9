package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.booking.NeedCode;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.shade.ColourDifference;
import gerula.core.shade.Lab;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** How near the colours of the kit's bases come to those of the faces. */
final class BaseColours {

  /** What has to be the colour of the face, and not only near its depth. */
  private static final NeedCode BASE = NeedCode.of(ProductClass.FOUNDATION);

  private static final NeedCode AIRBRUSHED = NeedCode.of(ProductClass.AIRBRUSH_COLOUR);

  private final KitInOrder kit;
  private final Map<UUID, Optional<Lab>> ofProducts = new HashMap<>();

  BaseColours(KitInOrder kit) {
    this.kit = kit;
  }

  static boolean isBase(Need need) {
    // Hardly anything has a depth: so it is asked first.
    return need.depth() != null && need.face() != null && isBase(need.code());
  }

  private static boolean isBase(NeedCode code) {
    return code.equals(BASE) || code.equals(AIRBRUSHED);
  }

  /**
   * By CIEDE2000; 0 for the product that was said to be her shade. Null where the two cannot be
   * compared: it is no base, or one of them was not measured.
   */
  @Nullable Double difference(Need need, Item item) {
    Face face = isBase(need) ? need.face() : null;
    if (face == null) {
      return null;
    }
    if (item.product().id().equals(face.matches())) {
      return 0.0;
    }
    Lab wanted = wanted(face);
    Lab colour = of(item.product());
    return wanted == null || colour == null ? null : ColourDifference.between(wanted, colour);
  }

  /** What her base has to look like: the shade said to be hers counts before what was picked. */
  @Nullable Lab wanted(Face face) {
    return Optional.ofNullable(face.matches())
        .flatMap(product -> kit.ofProduct(product).stream().findFirst())
        .map(item -> of(item.product()))
        .orElse(face.colour());
  }

  @Nullable Lab of(Product product) {
    return ofProducts
        .computeIfAbsent(product.id(), _ -> Optional.ofNullable(product.colour()).map(Lab::ofSrgb))
        .orElse(null);
  }
}
