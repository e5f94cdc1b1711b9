package gerula.core.kit.intake.place;

import gerula.core.kit.place.Inside;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Section;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A place as a line describes it, with all it holds.
 *
 * @param isEstimated whether its measures are told as a rough size only
 * @param ownMassG the empty place, 0 when nobody told
 * @param greatestMassG what it may weigh in all, null without a limit
 * @param section what it is laid out for, null for anything
 * @param insides in order of reach, the first is opened first
 */
@RecordBuilder
public record PlaceSketch(
    String name,
    PlaceKind kind,
    Inside inside,
    boolean isEstimated,
    boolean isWindowed,
    int ownMassG,
    @Nullable Integer greatestMassG,
    @Nullable Section section,
    List<PlaceSketch> insides) {

  private static final int LONGEST_NAME = 80;

  public PlaceSketch {
    if (name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException(
          "A name has at most 80 characters, but this has " + name.length() + ".");
    }
    insides = List.copyOf(insides);
  }

  /** Whether one carries it. */
  public boolean isPortable() {
    return switch (kind) {
      case CASE, POUCH, BACKPACK, SET_BAG, BELT, PALETTE -> true;
      default -> false;
    };
  }

  public boolean isWorn() {
    return kind == PlaceKind.BELT;
  }

  /** It and everything in it. */
  public Stream<PlaceSketch> all() {
    return Stream.concat(Stream.of(this), insides.stream().flatMap(PlaceSketch::all));
  }
}
