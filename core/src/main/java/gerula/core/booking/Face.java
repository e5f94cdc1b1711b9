package gerula.core.booking;

import gerula.core.kit.product.Sensitivity;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One face made up on a booking.
 *
 * @param person who it is, null as long as nobody had to know
 * @param name hers, or what the face is called on this booking
 * @param depth skin depth, 1 (lightest) to 10 (deepest), half steps allowed
 * @param services what is done to the face; may be empty while it is not known
 */
public record Face(
    UUID id,
    @Nullable UUID person,
    String name,
    double depth,
    SkinType skinType,
    Set<Concern> concerns,
    Set<Sensitivity> sensitivities,
    Set<Service> services) {

  public Face {
    if (!(depth >= 1 && depth <= 10)) {
      throw new IllegalArgumentException(
          "A skin depth lies between 1 and 10, but " + depth + " was given for " + name + ".");
    }
    concerns = Set.copyOf(concerns);
    sensitivities = Set.copyOf(sensitivities);
    services = Set.copyOf(services);
  }

  /** The same face with what is known of the person besides what was said at the booking. */
  public Face knownAs(Set<Sensitivity> known) {
    Set<Sensitivity> all = new HashSet<>(sensitivities);
    all.addAll(known);
    return new Face(id, person, name, depth, skinType, concerns, all, services);
  }
}
