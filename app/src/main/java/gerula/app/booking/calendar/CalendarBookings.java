package gerula.app.booking.calendar;

import gerula.app.booking.BookingDraft;
import gerula.app.booking.BookingStore;
import gerula.app.booking.Bookings;
import gerula.app.booking.calendar.CalendarReader.Event;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.rule.Code;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Bookings from a calendar file: looked at first, then the chosen ones kept. */
@Component
class CalendarBookings {

  private static final String OWN = "@gerula.invalid";

  private final BookingStore store;
  private final Bookings bookings;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  CalendarBookings(
      BookingStore store,
      Bookings bookings,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.store = store;
    this.bookings = bookings;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  /** What can be done with an event. */
  enum Outlook implements Code {
    NEW,
    /** It was read from a calendar before. */
    THERE_ALREADY,
    PAST,
    CANCELLED,
    /** Longer than a booking may be. */
    TOO_LONG
  }

  /**
   * An event as the booking it would become.
   *
   * @param id the booking's; the same event always gets the same
   */
  record Preview(UUID id, Outlook outlook, boolean repeats, BookingDraft booking) {}

  List<Preview> preview(SignedIn who, InputStream file) {
    List<Event> events =
        CalendarReader.read(file, workspaces.read(who.workspace(), () -> time.zone()));
    return workspaces.read(
        who.workspace(),
        () -> {
          LocalDate today = time.today();
          Set<UUID> seen = new HashSet<>();
          return events.stream()
              .filter(event -> !event.uid().endsWith(OWN))
              .sorted(Comparator.comparing(Event::firstDay).thenComparing(Event::title))
              .map(event -> preview(event, today))
              .filter(one -> seen.add(one.id()))
              .toList();
        });
  }

  private Preview preview(Event event, LocalDate today) {
    UUID id = id(event);
    return new Preview(id, outlook(event, id, today), event.repeats(), draft(event));
  }

  /** Without an id of its own an event is known by its day and its name. */
  private static UUID id(Event event) {
    String known = event.uid().isEmpty() ? event.firstDay() + " " + event.title() : event.uid();
    return UUID.nameUUIDFromBytes(("calendar " + known).getBytes(StandardCharsets.UTF_8));
  }

  private Outlook outlook(Event event, UUID id, LocalDate today) {
    if (store.find(id).isPresent()) {
      return Outlook.THERE_ALREADY;
    }
    if (event.cancelled()) {
      return Outlook.CANCELLED;
    }
    if (event.lastDay().isBefore(today)) {
      return Outlook.PAST;
    }
    return ChronoUnit.DAYS.between(event.firstDay(), event.lastDay()) >= 366
        ? Outlook.TOO_LONG
        : Outlook.NEW;
  }

  private static BookingDraft draft(Event event) {
    return new BookingDraft(
        event.title().isEmpty() ? "Booking of " + event.firstDay() : event.title(),
        event.firstDay(),
        event.lastDay(),
        event.callTime(),
        event.location(),
        Set.of(),
        List.of(),
        List.of(),
        null,
        null,
        null,
        null,
        null,
        null);
  }

  /** One that is kept. */
  record Kept(UUID id, BookingDraft booking) {}

  /** Keeps bookings; those that are there already are passed over. */
  void keep(SignedIn who, UUID actId, List<Kept> kept) {
    ledger.perform(
        who,
        actId,
        "read-from-calendar",
        Map.of("bookings", kept.size()),
        act -> {
          new Faults()
              .unless(
                  kept.stream().map(Kept::id).distinct().count() == kept.size(),
                  "bookings",
                  "twice",
                  "The same booking is chosen twice.")
              .refuseIfAny();
          for (Kept one : kept) {
            if (store.find(one.id()).isEmpty()) {
              bookings.check(one.id(), one.booking());
              act.touch(
                  ThingKind.BOOKING_THING, one.id(), () -> store.insert(one.id(), one.booking()));
            }
          }
        });
  }
}
