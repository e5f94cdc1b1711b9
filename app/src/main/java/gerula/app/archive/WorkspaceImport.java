package gerula.app.archive;

import gerula.app.booking.BookingStore;
import gerula.app.kit.KitStore;
import gerula.app.kit.PlaceStore;
import gerula.app.kit.ProductDraft;
import gerula.app.ledger.Act;
import gerula.app.ledger.HistoryCheck;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import jakarta.validation.Validator;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Reads an archive into an empty workspace: all of it, or nothing and every fault. */
@Component
public class WorkspaceImport {

  private final KitStore kit;
  private final PlaceStore places;
  private final BookingStore bookings;
  private final ArchiveStore store;
  private final BenchArchive bench;
  private final HistoryCheck history;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final JsonMapper json;
  private final Validator validator;
  private final Clock clock;

  WorkspaceImport(
      KitStore kit,
      PlaceStore places,
      BookingStore bookings,
      ArchiveStore store,
      BenchArchive bench,
      HistoryCheck history,
      Ledger ledger,
      Workspaces workspaces,
      JsonMapper json,
      Validator validator,
      Clock clock) {
    this.kit = kit;
    this.places = places;
    this.bookings = bookings;
    this.store = store;
    this.bench = bench;
    this.history = history;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.json = json;
    this.validator = validator;
    this.clock = clock;
  }

  /** Whether the workspace is still empty. */
  boolean canReadInto(SignedIn who) {
    return workspaces.in(who.workspace(), kit::isEmpty);
  }

  /**
   * @param asIfToday whether every date is moved so that the archive was written today
   * @throws Refused when the workspace is not empty or anything in the archive is wrong
   */
  void read(SignedIn who, UUID actId, InputStream body, boolean asIfToday) {
    ledger.perform(
        who,
        actId,
        "imported",
        Map.of(),
        act -> {
          if (!kit.isEmpty()) {
            throw Refused.notNow(
                "not-empty",
                "An archive is read into an empty workspace, and this one has things in it. Nothing"
                    + " was changed.");
          }
          ArchivedActs acts = new ArchivedActs(store, who);
          new ArchiveReader(json, validator)
              .read(body, head -> insert(act, head, asIfToday), acts::add);
          if (acts.finish()) {
            history.check();
          }
          kit.countAnew();
        });
  }

  private void insert(Act act, WorkspaceArchive written, boolean asIfToday) {
    LocalDate today = LocalDate.now(clock);
    WorkspaceArchive archive = asIfToday ? ArchiveDates.asIfWrittenOn(today, written) : written;
    ArchiveCheck.check(archive, today);
    // Before the items: their last days follow from it.
    bench.insertHouse(act, archive.house());
    insertPlaces(act, archive.places());
    bench.insertEmpties(act, archive.empties());
    insertThings(act, archive);
    act.create(
        ThingKind.BOOKING_THING,
        archive.bookings().stream().map(WorkspaceArchive.ArchivedBooking::id).toList(),
        () -> {
          archive.bookings().forEach(one -> bookings.insert(one.id(), one.booking()));
          store.setBookingStates(archive.bookings());
        });
    store.insertTicks(archive.packed());
    store.insertCounts(archive.counts());
    bench.insert(act, archive);
  }

  private void insertThings(Act act, WorkspaceArchive archive) {
    Map<UUID, ProductDraft> drafts = new LinkedHashMap<>();
    archive.products().forEach(one -> drafts.put(one.id(), one.product()));
    KitStore.NewProducts[] products = new KitStore.NewProducts[1];
    act.create(
        ThingKind.PRODUCT_THING,
        List.copyOf(drafts.keySet()),
        () -> {
          products[0] = kit.insertProducts(drafts);
          store.setProductVersions(archive.products());
        });
    store.insertPictures(archive.pictures());
    Iterator<String> codes =
        kit.drawCodes((int) archive.items().stream().filter(one -> one.code() == null).count());
    act.create(
        ThingKind.ITEM_THING,
        archive.items().stream().map(WorkspaceArchive.ArchivedItem::id).toList(),
        () -> {
          kit.insertItems(
              archive.items().stream().map(one -> newItem(one, codes)).toList(), products[0]);
          store.setItemStates(archive.items());
        });
  }

  private static KitStore.NewItem newItem(
      WorkspaceArchive.ArchivedItem one, Iterator<String> codes) {
    String code = one.code() != null ? one.code() : codes.next();
    return new KitStore.NewItem(one.id(), code, one.product(), one.item());
  }

  private void insertPlaces(Act act, List<WorkspaceArchive.ArchivedPlace> archived) {
    act.create(
        ThingKind.PLACE_THING,
        archived.stream().map(WorkspaceArchive.ArchivedPlace::id).toList(),
        () -> {
          for (WorkspaceArchive.ArchivedPlace one : archived) {
            if (one.code() == null) {
              places.insert(one.id(), one.place());
            } else {
              places.insert(one.id(), one.code(), one.place());
            }
          }
          store.setPlaceVersions(archived);
        });
  }
}
