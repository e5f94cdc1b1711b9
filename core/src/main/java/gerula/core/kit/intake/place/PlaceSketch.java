package gerula.core.kit.intake.place;

import gerula.core.kit.place.Inside;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceBuilder;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.Purpose;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Mass;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
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

  /**
   * Places as they would be, to be drawn: itself first, everything in it behind.
   *
   * @param ids one for each of them
   */
  public List<Place> places(Supplier<UUID> ids) {
    List<Place> places = new ArrayList<>();
    add(places, ids, null, 1);
    return places;
  }

  private void add(List<Place> places, Supplier<UUID> ids, @Nullable UUID parent, int reach) {
    UUID id = ids.get();
    places.add(
        PlaceBuilder.builder(Place.bare(id, parent, name, kind, reach))
            .inside(inside)
            .ownMass(Mass.ofGrams(ownMassG))
            .greatestMass(greatestMassG == null ? null : Mass.ofGrams(greatestMassG))
            .purpose(new Purpose(section, Set.of(), null, null))
            .build());
    for (int at = 0; at < insides.size(); at++) {
      insides.get(at).add(places, ids, id, at + 1);
    }
  }

  /** It and everything in it. */
  public Stream<PlaceSketch> all() {
    return Stream.concat(Stream.of(this), insides.stream().flatMap(PlaceSketch::all));
  }
}
