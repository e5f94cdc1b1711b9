package gerula.core.packing;

import gerula.core.booking.NeedCode;
import gerula.core.rule.Code;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a face's base is made of, or the nearest the kit comes to it.
 *
 * @param parts one shade or two, the larger part first, ten tenths together; empty where there is
 *     nothing at all
 * @param deltaE how far it lies from the face by CIEDE2000; null where it goes by depth only,
 *     because the face or the shades were not measured
 * @param depth what depth it comes to, null where nobody said
 * @param by how it is known to suit
 * @param isMet whether that is within what the house accepts
 */
public record BaseRecipe(
    NeedCode need,
    UUID face,
    List<BasePortion> parts,
    @Nullable Double deltaE,
    @Nullable Double depth,
    Basis by,
    boolean isMet) {

  /** How a base is known to suit a face. */
  public enum Basis implements Code {
    /** Both were measured or picked. */
    COLOUR,
    /** The depth was told of both. */
    DEPTH,
    /** It was written down so. */
    LOOK,
    /** Nobody said what depth the shade suits. */
    NOTHING
  }

  /**
   * @param item whose shade it is
   * @param tenths 1 to 10
   */
  public record BasePortion(UUID item, int tenths) {}

  public BaseRecipe {
    parts = List.copyOf(parts);
  }
}
