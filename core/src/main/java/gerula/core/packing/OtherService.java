package gerula.core.packing;

import gerula.core.booking.Service;
import java.util.List;
import java.util.UUID;

/**
 * A service that the kit has everything for, instead of one that it lacks something for.
 *
 * @param faces on whom it would be done, in the booking's order
 */
public record OtherService(Service from, Service to, List<UUID> faces) {
  public OtherService {
    faces = List.copyOf(faces);
  }
}
