package gerula.core.packing.travel;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * A thing as a carrier looks at it.
 *
 * @param containerMl what its container holds when it is full, whatever is in it
 * @param massG with its container
 * @param wattHours of its battery
 * @param bladeMm from the pivot
 * @param isToiletry whether it is a medicinal or toiletry article
 */
@RecordBuilder
public record TravelPiece(
    String id,
    TravelKind kind,
    @Nullable Double containerMl,
    @Nullable Double massG,
    @Nullable Double wattHours,
    @Nullable Double bladeMm,
    boolean isToiletry) {

  /** What has to be known of such a piece. */
  public enum Measure {
    CONTAINER_ML("containerMl"),
    MASS_G("massG"),
    WATT_HOURS("wattHours"),
    BLADE_MM("bladeMm");

    private final String field;

    Measure(String field) {
      this.field = field;
    }

    public String field() {
      return field;
    }
  }

  public TravelPiece {
    notNegative(containerMl);
    notNegative(massG);
    notNegative(wattHours);
    notNegative(bladeMm);
  }

  private static void notNegative(@Nullable Double told) {
    if (told != null && !(told >= 0 && told <= 1_000_000)) {
      throw new IllegalArgumentException("A measure is 0 or more, but this is " + told + ".");
    }
  }

  /** What its kind needs to be known and is not, in their order. */
  public Set<Measure> missing() {
    Set<Measure> missing = new TreeSet<>();
    switch (kind) {
      case LIQUID, CREAM, AEROSOL, FLAMMABLE_LIQUID, POWDER ->
          needs(missing, Measure.CONTAINER_ML, containerMl);
      case LITHIUM_SPARE, LITHIUM_INSTALLED -> needs(missing, Measure.WATT_HOURS, wattHours);
      case SCISSORS -> needs(missing, Measure.BLADE_MM, bladeMm);
      case BLADE, TOOL, OTHER -> {}
    }
    if (isToiletry) {
      needs(missing, Measure.CONTAINER_ML, containerMl);
      needs(missing, Measure.MASS_G, massG);
    }
    return missing;
  }

  private static void needs(Set<Measure> missing, Measure measure, @Nullable Double told) {
    if (told == null) {
      missing.add(measure);
    }
  }

  double millilitres() {
    return containerMl == null ? 0 : containerMl;
  }

  double grams() {
    return massG == null ? 0 : massG;
  }

  double hours() {
    return wattHours == null ? 0 : wattHours;
  }

  double blade() {
    return bladeMm == null ? 0 : bladeMm;
  }
}
