package gerula.app.booking;

import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.booking.Service;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Does another service on some faces than was booked. */
@Component
class ServiceChanges {

  private final Bookings bookings;
  private final BookingStore store;
  private final Ledger ledger;

  ServiceChanges(Bookings bookings, BookingStore store, Ledger ledger) {
    this.bookings = bookings;
    this.store = store;
    this.ledger = ledger;
  }

  /** Faces that do not have the service any more stay as they are. */
  void doing(SignedIn who, UUID actId, UUID booking, List<UUID> faces, Service from, Service to) {
    ledger.perform(
        who,
        actId,
        "service-changed",
        Map.of("booking", booking, "from", from.code(), "to", to.code()),
        act -> {
          store.lock(booking);
          Booking before = bookings.existing(booking).booking();
          check(before, faces, from, to);
          Map<UUID, Set<Service>> changed =
              before.doing(faces, from, to).faces().stream()
                  .filter(face -> !before.faces().contains(face))
                  .collect(Collectors.toMap(Face::id, Face::services));
          if (!changed.isEmpty()) {
            act.touch(ThingKind.BOOKING_THING, booking, () -> store.setServices(booking, changed));
          }
        });
  }

  private static void check(Booking booking, List<UUID> faces, Service from, Service to) {
    Set<UUID> known = booking.faces().stream().map(Face::id).collect(Collectors.toSet());
    for (UUID face : faces) {
      if (!known.contains(face)) {
        throw Refused.notThere("face", face);
      }
    }
    new Faults()
        .unless(
            from.instead().contains(to),
            "to",
            "rule",
            "That service does not come near the one booked. Change the booking itself.")
        .refuseIfAny();
  }
}
