package gerula.app.packing;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.WholeKit;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Ledger;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Booking;
import gerula.core.packing.Choices;
import gerula.core.packing.Claims;
import gerula.core.packing.PackingList;
import gerula.core.packing.Readiness;
import gerula.core.packing.Reservations;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** How the bookings ahead stand: worked out again once anything was done, and on the next day. */
@Component
class Ahead {

  /** So many workspaces are kept in mind. */
  private static final int MOST_WORKSPACES = 200;

  private final OtherBookings others;
  private final Bookings bookings;
  private final WholeKit kit;
  private final KitsInOrder kits;
  private final PlaceStore places;
  private final HouseStore house;
  private final Workspaces workspaces;
  private final WorkspaceTime time;
  private final Ledger ledger;
  private final Map<UUID, Known> known =
      new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<UUID, Known> eldest) {
          return size() > MOST_WORKSPACES;
        }
      };

  Ahead(
      OtherBookings others,
      Bookings bookings,
      WholeKit kit,
      KitsInOrder kits,
      PlaceStore places,
      HouseStore house,
      Workspaces workspaces,
      WorkspaceTime time,
      Ledger ledger) {
    this.others = others;
    this.bookings = bookings;
    this.kit = kit;
    this.kits = kits;
    this.places = places;
    this.house = house;
    this.workspaces = workspaces;
    this.time = time;
    this.ledger = ledger;
  }

  /** How one booking stands. */
  record BookingAhead(UUID booking, Readiness readiness) {}

  private record Known(long newestAct, LocalDate day, List<BookingAhead> bookings) {}

  /** Those that are still to leave, the next first. */
  List<BookingAhead> of(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          long newest = ledger.newest(who);
          LocalDate today = time.today();
          Known before = remembered(who.workspace());
          if (before != null && before.newestAct() == newest && before.day().equals(today)) {
            return before.bookings();
          }
          List<BookingAhead> now = workedOut(today);
          remember(who.workspace(), new Known(newest, today, now));
          return now;
        });
  }

  private Known remembered(UUID workspace) {
    synchronized (known) {
      return known.get(workspace);
    }
  }

  private void remember(UUID workspace, Known now) {
    synchronized (known) {
      known.put(workspace, now);
    }
  }

  private List<BookingAhead> workedOut(LocalDate today) {
    List<StoredBooking> ahead = others.ahead();
    List<StoredBooking> planned =
        ahead.stream().filter(one -> one.departedAt() == null).limit(OtherBookings.MOST).toList();
    if (planned.isEmpty()) {
      return List.of();
    }
    HouseRules rules = house.current();
    Booking first = planned.getFirst().booking();
    PackingList.PackingFacts facts =
        new PackingList.PackingFacts(
            first,
            kits.of(kit.now(), rules),
            places.tree(),
            List.of(),
            Set.of(),
            rules,
            Choices.NONE,
            Claims.NONE);
    Reservations along = others.along(ahead.stream(), facts);
    return planned.stream().map(one -> ahead(one, along, rules, today)).toList();
  }

  private BookingAhead ahead(
      StoredBooking one, Reservations along, HouseRules rules, LocalDate today) {
    UUID id = one.booking().id();
    return new BookingAhead(
        id, Readiness.of(along.listOf(id), bookings.asKnown(one), rules, today));
  }
}
