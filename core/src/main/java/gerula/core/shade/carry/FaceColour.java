package gerula.core.shade.carry;

import gerula.core.shade.Lab;
import java.util.Set;

/**
 * A face and the colour its base has to meet.
 *
 * @param without ids of shades that must not be used on it
 */
public record FaceColour(String id, Lab colour, Set<String> without) {
  public FaceColour {
    without = Set.copyOf(without);
  }

  /** A face on which everything may be used. */
  public FaceColour(String id, Lab colour) {
    this(id, colour, Set.of());
  }
}
