package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.ProductClass;
import gerula.core.shade.Undertone;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;

/** To which side the kit's bases lean, as far as their shades say so, beside those of the faces. */
final class BaseUndertones {

  private static final Set<ProductClass> ON_THE_SKIN =
      EnumSet.of(ProductClass.FOUNDATION, ProductClass.AIRBRUSH_COLOUR, ProductClass.CONCEALER);

  private final BaseColours colours;
  private final Map<UUID, Optional<Undertone>> told = new HashMap<>();

  BaseUndertones(BaseColours colours) {
    this.colours = colours;
  }

  /** Whether undertones count: where colours were measured, they tell more. */
  boolean count(Need need, Item item) {
    Face face = need.face();
    return face != null
        && face.undertone() != null
        && need.depth() != null
        && !Collections.disjoint(need.code().kind().classes(), ON_THE_SKIN)
        && colours.difference(need, item) == null;
  }

  /** Empty where its shade does not say. */
  Optional<Undertone> of(Item item) {
    return told.computeIfAbsent(
        item.product().id(),
        _ ->
            Undertone.told(item.product().shade()).or(() -> Undertone.told(item.product().name())));
  }

  /** Whether it is known to lean to another side than the face it is for. */
  boolean leansAway(Need need, Item item) {
    Face face = need.face();
    return face != null
        && face.undertone() != null
        && count(need, item)
        && of(item).filter(one -> !one.goesWith(face.undertone())).isPresent();
  }
}
