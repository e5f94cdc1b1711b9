package gerula.core.booking.look;

import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.shade.Lab;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One product of a look.
 *
 * @param product of the kit, null where the kit has none like it
 * @param told what it is called on whatever it was read from
 * @param productClass what it is for
 * @param colour null where nobody measured or picked it
 * @param tenths how much of a mix it is, 1 to 10; all of it where it is not mixed
 * @param tool what it is put on with; may be empty
 * @param where on the face; may be empty
 * @param note may be empty
 */
public record LookPart(
    @Nullable UUID product,
    String told,
    ProductClass productClass,
    @Nullable Lab colour,
    int tenths,
    String tool,
    String where,
    String note) {

  public static final int ALL = 10;

  private static final int LONGEST_NAME = 120;

  /** Parts of the work whose products end on her skin. */
  private static final Set<Section> ON_SKIN =
      EnumSet.of(
          Section.SKIN,
          Section.BASE,
          Section.POWDER,
          Section.BROWS,
          Section.EYES,
          Section.MASCARA,
          Section.LASHES,
          Section.LIPS);

  /**
   * A product that was used. Empty for tools and what else leaves nothing on her.
   *
   * @param tenths of a mix, 1 to 10
   */
  public static Optional<LookPart> of(Product product, int tenths) {
    if (!ON_SKIN.contains(product.productClass().section())) {
      return Optional.empty();
    }
    String name = product.fullName();
    return Optional.of(
        new LookPart(
            product.id(),
            name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name,
            product.productClass(),
            product.colour() == null ? null : Lab.ofSrgb(product.colour()),
            tenths,
            "",
            "",
            ""));
  }

  public LookPart {
    if (tenths < 1 || tenths > ALL) {
      throw new IllegalArgumentException("A part of a mix is 1 to 10 tenths, not " + tenths + ".");
    }
    if (told.isBlank()) {
      throw new IllegalArgumentException("Say what it is called.");
    }
  }
}
