package gerula.app.packing;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.packing.Claims;
import gerula.core.packing.PackingList;
import gerula.core.packing.Reservations;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What other bookings take from one: those whose bags are out first, then by when they begin. */
@Component
class OtherBookings {

  /** So many are looked at before one: each costs a list of its own. */
  private static final int MOST = 12;

  private static final Comparator<StoredBooking> AS_SERVED =
      Comparator.<StoredBooking, Boolean>comparing(one -> one.departedAt() == null)
          .thenComparing(one -> one.booking().firstDay())
          .thenComparing(one -> one.callTime() == null ? LocalTime.MAX : one.callTime())
          .thenComparing(one -> one.booking().title())
          .thenComparing(one -> one.booking().id());

  private final Bookings bookings;
  private final PackedStore packed;
  private final WorkspaceTime time;

  OtherBookings(Bookings bookings, PackedStore packed, WorkspaceTime time) {
    this.bookings = bookings;
    this.packed = packed;
    this.time = time;
  }

  /**
   * To be called within the workspace.
   *
   * @param facts of the booking, without any claims
   */
  Claims before(StoredBooking booking, PackingList.PackingFacts facts) {
    List<StoredBooking> others =
        bookings.ahead(time.today()).stream()
            .filter(other -> !other.booking().id().equals(booking.booking().id()))
            .sorted(AS_SERVED)
            .toList();
    Stream<Reservations.Earlier> earlier =
        others.stream()
            .filter(other -> AS_SERVED.compare(other, booking) < 0)
            .limit(MOST)
            .map(other -> taking(other, other.departedAt() != null));
    // Of those that come later only what is in their bags already counts.
    Stream<Reservations.Earlier> later =
        others.stream()
            .filter(other -> AS_SERVED.compare(other, booking) > 0)
            .filter(other -> other.booking().overlaps(booking.booking()))
            .map(other -> taking(other, true))
            .filter(other -> !other.packed().isEmpty());
    List<Reservations.Earlier> all = Stream.concat(earlier, later).toList();
    return all.isEmpty() ? Claims.NONE : Reservations.before(facts, all);
  }

  private Reservations.Earlier taking(StoredBooking other, boolean isPackedOnly) {
    return new Reservations.Earlier(
        bookings.asKnown(other),
        other.bags(),
        packed.of(other.booking().id()),
        other.choices(),
        isPackedOnly);
  }
}
