package gerula.app.cleandown;

import gerula.app.booking.BookingStore;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.person.PersonNames;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.Booking;
import gerula.core.cleandown.RunEnd;
import gerula.core.kit.PersonRef;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What was kept for one face, once her last booking is over. */
@Component
class RunEnds {

  private final WholeKit kit;
  private final BookingStore bookings;
  private final PersonNames people;
  private final Views views;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  RunEnds(
      WholeKit kit,
      BookingStore bookings,
      PersonNames people,
      Views views,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.bookings = bookings;
    this.people = people;
    this.views = views;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * A thing somebody has to decide about.
   *
   * @param whom whose it is; empty where her name was erased
   * @param title of the booking that was her last
   */
  record RunEndView(
      DrawnItem item, UUID person, String whom, UUID booking, String title, LocalDate endedOn) {}

  List<RunEndView> all(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          Map<UUID, Booking> known =
              bookings.all().stream()
                  .map(StoredBooking::booking)
                  .collect(Collectors.toMap(Booking::id, Function.identity()));
          Map<UUID, LocalDate> kept =
              kit.now().stored().stream()
                  .filter(one -> one.details().keptOn() != null)
                  .collect(Collectors.toMap(StoredItem::id, one -> one.details().keptOn()));
          Map<UUID, StoredItem> byId = kit.now().byId();
          var now = views.now();
          return RunEnd.of(kit.now().items(), known.values(), kept, time.today()).stream()
              .map(
                  one ->
                      new RunEndView(
                          DrawnItem.of(byId.get(one.item()).item(), now),
                          one.person(),
                          name(one.person()),
                          one.booking(),
                          known.get(one.booking()).title(),
                          one.endedOn()))
              .toList();
        });
  }

  private String name(UUID person) {
    PersonRef ref = people.ref(person);
    return ref == null ? "" : ref.name();
  }
}
