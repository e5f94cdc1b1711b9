package gerula.core.booking.look;

import gerula.core.kit.product.ProductClass;
import gerula.core.shade.Lab;
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

  public LookPart {
    if (tenths < 1 || tenths > ALL) {
      throw new IllegalArgumentException("A part of a mix is 1 to 10 tenths, not " + tenths + ".");
    }
    if (told.isBlank()) {
      throw new IllegalArgumentException("Say what it is called.");
    }
  }
}
