package gerula.core.packing;

import gerula.core.kit.Item;
import gerula.core.kit.Section;
import gerula.core.rule.Because;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing to take along.
 *
 * @param section where the line is told: the part of the work it is taken for
 * @param faces whom it is for, in the booking's order; empty when the booking shares it
 * @param thousandths how much of it the booking is expected to use, in thousandths of its unit; 0
 *     when it is not used up
 * @param goesTo the place it is packed into, null while no bag is chosen
 * @param because every reason that brought it, at least one
 */
public record PackingLine(
    Item item,
    Section section,
    List<UUID> faces,
    long thousandths,
    @Nullable UUID goesTo,
    List<Because> because) {

  public PackingLine {
    faces = List.copyOf(faces);
    because = List.copyOf(because);
  }
}
