package gerula.core.shade.carry;

import java.util.List;

/**
 * How a face is met, or the nearest one comes to it.
 *
 * @param parts one shade or two, the larger part first, ten tenths together; empty where there are
 *     no shades at all
 * @param deltaE how far it lies from the face by CIEDE2000; infinite where there are no shades
 */
public record Recipe(String face, List<RecipePart> parts, double deltaE) {

  /**
   * @param tenths 1 to 10
   */
  public record RecipePart(String id, int tenths) {}

  public Recipe {
    parts = List.copyOf(parts);
  }
}
