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
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** What other bookings take from one: those whose bags are out first, then by when they begin. */
@Component
class OtherBookings {

  /** So many that are still to leave are looked at before one: each costs a list of its own. */
  static final int MOST = 12;

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
   * What they take from one. To be called within the workspace.
   *
   * @param booking as it stands or might be
   * @param facts of the kit
   */
  Claims before(StoredBooking booking, PackingList.PackingFacts facts) {
    List<StoredBooking> others =
        ahead().stream()
            .filter(other -> !other.booking().id().equals(booking.booking().id()))
            .toList();
    if (others.isEmpty()) {
      return Claims.NONE;
    }
    Map<Boolean, List<StoredBooking>> isEarlier =
        others.stream()
            .collect(Collectors.partitioningBy(one -> AS_SERVED.compare(one, booking) < 0));
    Stream<StoredBooking> some =
        Stream.of(
                isEarlier.get(true).stream().filter(one -> one.departedAt() != null),
                last(isEarlier.get(true).stream().filter(one -> one.departedAt() == null).toList()),
                Stream.of(booking),
                isEarlier.get(false).stream())
            .flatMap(one -> one);
    return along(some, facts).from(booking.booking().id());
  }

  /** Those ahead, as they are served. To be called within the workspace. */
  List<StoredBooking> ahead() {
    return bookings.ahead(time.today()).stream().sorted(AS_SERVED).toList();
  }

  /** The same if this one came as well. To be called within the workspace. */
  List<StoredBooking> aheadWith(StoredBooking asWell) {
    return Stream.concat(bookings.ahead(time.today()).stream(), Stream.of(asWell))
        .sorted(AS_SERVED)
        .toList();
  }

  /**
   * What these take from each other. To be called within the workspace.
   *
   * @param some as they are served
   * @param facts of the kit
   */
  Reservations along(Stream<StoredBooking> some, PackingList.PackingFacts facts) {
    return new Reservations(facts, some.map(this::planned).toList());
  }

  private static Stream<StoredBooking> last(List<StoredBooking> some) {
    return some.stream().skip(Math.max(0, some.size() - MOST));
  }

  private Reservations.Planned planned(StoredBooking one) {
    return new Reservations.Planned(
        bookings.asKnown(one),
        one.bags(),
        packed.of(one.booking().id()),
        one.choices(),
        one.departedAt() != null);
  }
}
