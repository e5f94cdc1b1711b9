package gerula.app.archive;

import gerula.app.archive.WorkspaceArchive.ArchivedBooking;
import gerula.app.archive.WorkspaceArchive.ArchivedItem;
import gerula.app.archive.WorkspaceArchive.ArchivedPlace;
import gerula.app.archive.WorkspaceArchive.ArchivedProduct;
import gerula.app.booking.BookingStore;
import gerula.app.kit.KitStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.Place;
import gerula.core.kit.PlaceTree;
import gerula.core.kit.Product;
import gerula.core.quantity.Mass;
import java.time.Clock;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads an archive into an empty workspace: all of it, or nothing and every fault. */
@Component
public class WorkspaceImport {

  private final KitStore kit;
  private final BookingStore bookings;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final Clock clock;

  WorkspaceImport(
      KitStore kit, BookingStore bookings, Ledger ledger, Workspaces workspaces, Clock clock) {
    this.workspaces = workspaces;
    this.kit = kit;
    this.bookings = bookings;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** Whether the workspace is still empty. */
  public boolean canReadInto(SignedIn who) {
    return workspaces.in(who.workspace(), kit::isEmpty);
  }

  /**
   * @param asIfToday whether every date is moved so that the archive was written today
   * @throws Refused when the workspace is not empty or anything in the archive is wrong
   */
  public void read(SignedIn who, UUID actId, WorkspaceArchive archive, boolean asIfToday) {
    LocalDate today = LocalDate.now(clock);
    WorkspaceArchive dated = asIfToday ? ArchiveDates.asIfWrittenOn(today, archive) : archive;
    check(dated, today);
    ledger.perform(
        who,
        actId,
        "imported",
        Map.of("items", dated.items().size()),
        act -> {
          if (!kit.isEmpty()) {
            throw Refused.notNow(
                "not-empty",
                "An archive is read into an empty workspace, and this one has things in it. Nothing"
                    + " was changed.");
          }
          insert(act, dated);
        });
  }

  private void insert(Act act, WorkspaceArchive archive) {
    for (ArchivedPlace one : archive.places()) {
      act.touch(ThingKind.PLACE_THING, one.id(), () -> kit.insert(one.id(), one.place()));
    }
    for (ArchivedProduct one : archive.products()) {
      act.touch(ThingKind.PRODUCT_THING, one.id(), () -> kit.insert(one.id(), one.product()));
    }
    for (ArchivedItem one : archive.items()) {
      act.touch(
          ThingKind.ITEM_THING, one.id(), () -> kit.insert(one.id(), one.product(), one.item()));
    }
    for (ArchivedBooking one : archive.bookings()) {
      act.touch(ThingKind.BOOKING_THING, one.id(), () -> bookings.insert(one.id(), one.booking()));
    }
  }

  private void check(WorkspaceArchive archive, LocalDate today) {
    Faults faults = new Faults();
    faults.unless(
        archive.format().equals("gerula-workspace") && archive.version() == 1,
        "format",
        "unknown-format",
        "This is not a Gerula workspace of version 1. See docs/formats/workspace.md.");
    faults.refuseIfAny();
    Set<UUID> ids = new HashSet<>();
    checkPlaces(archive.places(), ids, faults);
    Map<UUID, Product> products = checkProducts(archive.products(), ids, faults);
    Set<UUID> places = new HashSet<>();
    archive.places().forEach(place -> places.add(place.id()));
    for (int i = 0; i < archive.items().size(); i++) {
      checkItem(archive.items().get(i), "items[" + i + "].", products, places, ids, faults, today);
    }
    for (int i = 0; i < archive.bookings().size(); i++) {
      ArchivedBooking one = archive.bookings().get(i);
      String path = "bookings[" + i + "].";
      once(one.id(), path, ids, faults);
      one.booking().faces().forEach(face -> once(face.id(), path + "faces.", ids, faults));
      faults.unless(
          places.containsAll(one.booking().bags()),
          path + "bags",
          "not-there",
          "A bag of this booking is not among the archive's places.");
      one.booking().toBooking(one.id(), faults);
    }
    faults.refuseIfAny();
  }

  private static void checkPlaces(List<ArchivedPlace> archived, Set<UUID> ids, Faults faults) {
    for (int i = 0; i < archived.size(); i++) {
      once(archived.get(i).id(), "places[" + i + "].", ids, faults);
      archived.get(i).place().check(faults, "places[" + i + "].place.");
    }
    faults.build(
        "places", () -> new PlaceTree(archived.stream().map(WorkspaceImport::bare).toList()));
  }

  private static Place bare(ArchivedPlace one) {
    return new Place(
        one.id(),
        one.place().parent(),
        one.place().name(),
        one.place().kind(),
        one.place().portable(),
        one.place().reach(),
        null,
        null,
        null,
        Mass.NONE,
        null,
        null);
  }

  private static Map<UUID, Product> checkProducts(
      List<ArchivedProduct> archived, Set<UUID> ids, Faults faults) {
    Map<UUID, Product> products = new HashMap<>();
    for (int i = 0; i < archived.size(); i++) {
      String path = "products[" + i + "].";
      UUID id = archived.get(i).id();
      once(id, path, ids, faults);
      archived
          .get(i)
          .product()
          .toProduct(id, faults, path + "product.")
          .ifPresent(product -> products.put(id, product));
    }
    return products;
  }

  private static void checkItem(
      ArchivedItem one,
      String path,
      Map<UUID, Product> products,
      Set<UUID> places,
      Set<UUID> ids,
      Faults faults,
      LocalDate today) {
    once(one.id(), path, ids, faults);
    Product product = products.get(one.product());
    faults.unless(
        product != null,
        path + "product",
        "not-there",
        "The item's product is not among the archive's products.");
    isAmong(one.item().home(), places, path + "item.home", faults);
    isAmong(one.item().now(), places, path + "item.now", faults);
    if (product != null) {
      one.item().check(faults, path + "item.", product, today);
    }
  }

  private static void isAmong(@Nullable UUID place, Set<UUID> places, String path, Faults faults) {
    faults.unless(
        place == null || places.contains(place),
        path,
        "not-there",
        "This place is not among the archive's places.");
  }

  private static void once(UUID id, String path, Set<UUID> ids, Faults faults) {
    faults.unless(ids.add(id), path + "id", "twice", "The id " + id + " is there twice.");
  }
}
