package gerula.core.booking;

import gerula.core.kit.Sensitivity;
import java.util.Set;
import java.util.UUID;

/**
 * One person made up on a booking.
 *
 * @param depth skin depth, 1 (lightest) to 10 (deepest), half steps allowed
 * @param services what is done to the face; may be empty while it is not known
 */
public record Face(
    UUID id,
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
}
