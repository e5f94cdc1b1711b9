package gerula.app.archive;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.picture.Jpeg;
import gerula.core.depot.SessionPlanner;
import gerula.core.kit.Place;
import gerula.core.kit.PlaceTree;
import gerula.core.kit.Product;
import gerula.core.kit.code.ShortCode;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import org.jspecify.annotations.Nullable;

/** Holds an archive against every rule before anything of it is kept. */
final class ArchiveCheck {

  private final WorkspaceArchive archive;
  private final LocalDate today;
  private final Faults faults = new Faults();

  /** A product may bear the id of the item it was added with; within a kind an id is used once. */
  private final Set<String> ids = new HashSet<>();

  private final Set<String> codes = new HashSet<>();
  private final Set<UUID> places = new HashSet<>();
  private final Set<UUID> pictures = new HashSet<>();
  private final Set<UUID> items = new HashSet<>();
  private final Set<UUID> empties = new HashSet<>();
  private final Set<UUID> bookings = new HashSet<>();
  private final Map<UUID, Product> products = new HashMap<>();

  private ArchiveCheck(WorkspaceArchive archive, LocalDate today) {
    this.archive = archive;
    this.today = today;
  }

  /**
   * @throws Refused with every fault, when there is one
   */
  static void check(WorkspaceArchive archive, LocalDate today) {
    ArchiveCheck check = new ArchiveCheck(archive, today);
    archive.places().forEach(one -> check.places.add(one.id()));
    archive.items().forEach(one -> check.items.add(one.id()));
    archive.bookings().forEach(one -> check.bookings.add(one.id()));
    archive.empties().forEach(one -> check.empties.add(one.id()));
    check.places();
    check.products();
    check.pictures();
    check.items();
    check.ticksAndCounts();
    check.bookings();
    check.house();
    check.bench();
    check.wanted();
    check.faults.refuseIfAny();
  }

  private void places() {
    each(
        archive.places(),
        "places",
        (one, path) -> {
          once(one.id(), path);
          code(one.code(), true, path);
          one.place().check(faults, path + "place.");
          among(one.place().home(), places, path + "place.home");
          among(one.place().thing(), items, path + "place.thing");
        });
    faults.build(
        "places",
        () ->
            new PlaceTree(
                archive.places().stream()
                    .map(
                        one ->
                            Place.bare(
                                one.id(),
                                one.place().parent(),
                                one.place().name(),
                                one.place().kind(),
                                one.place().reach()))
                    .toList()));
  }

  private void products() {
    each(
        archive.products(),
        "products",
        (one, path) -> {
          once(one.id(), path);
          one.product()
              .toProduct(one.id(), faults, path + "product.")
              .ifPresent(product -> products.put(one.id(), product));
        });
  }

  private void pictures() {
    each(
        archive.pictures(),
        "pictures",
        (one, path) -> {
          once(one.id(), path);
          pictures.add(one.id());
          faults.build(path + "jpeg", () -> Jpeg.kept(one.jpeg()));
        });
  }

  private void items() {
    each(
        archive.items(),
        "items",
        (one, path) -> {
          once(one.id(), path);
          code(one.code(), false, path);
          Product product = products.get(one.product());
          faults.unless(
              product != null,
              path + "product",
              "not-there",
              "The item's product is not among the archive's products.");
          among(one.item().home(), places, path + "item.home");
          among(one.item().now(), places, path + "item.now");
          among(one.picture(), pictures, path + "picture");
          besides(one.besides(), path + "besides.");
          if (product != null) {
            one.item().check(faults, path + "item.", product, today);
          }
        });
  }

  private void besides(WorkspaceArchive.@Nullable ArchivedBesides one, String path) {
    if (one != null) {
      among(one.empty(), empties, path + "empty");
      faults.unless(
          one.changedOn() == null || !one.changedWhat().isEmpty(),
          path + "changedWhat",
          "rule",
          "Say what has changed: its look, its smell or its texture.");
    }
  }

  private void house() {
    faults.unless(
        archive.house().size() <= 1, "house", "twice", "A workspace has one set of house rules.");
    each(
        archive.house(),
        "house",
        (one, path) -> faults.build(path + "ownMonths", () -> BenchArchive.rules(one)));
  }

  private void bench() {
    each(
        archive.empties(),
        "empties",
        (one, path) -> {
          once(one.id(), path);
          faults.build(path + "empty", () -> one.empty().toEmpty());
        });
    each(
        archive.fillings(),
        "fillings",
        (one, path) -> {
          once(one.id(), path);
          among(one.item(), items, path + "item");
          among(one.source(), items, path + "source");
          faults.unless(
              !one.item().equals(one.source()) && one.amount().signum() >= 0,
              path + "source",
              "rule",
              "A container is not filled from itself, and with 0 or more.");
        });
    each(
        archive.sessions(),
        "sessions",
        (one, path) -> {
          once(one.id(), path);
          among(one.backStock(), places, path + "backStock");
          faults.build(
              path + "wantedMonths", () -> SessionPlanner.months(one.wantedMonths().doubleValue()));
          one.pieces().forEach(piece -> piece(piece, path + "pieces."));
        });
  }

  private void piece(WorkspaceArchive.ArchivedPiece one, String path) {
    once(one.id(), path);
    among(one.source(), items, path + "source");
    among(one.empty(), empties, path + "empty");
    among(one.decant(), items, path + "decant");
  }

  private void wanted() {
    each(
        archive.wanted(),
        "wanted",
        (one, path) -> {
          once(one.id(), path);
          among(one.product(), products.keySet(), path + "product");
        });
  }

  private void bookings() {
    each(
        archive.bookings(),
        "bookings",
        (one, path) -> {
          once(one.id(), path);
          one.booking().faces().forEach(face -> once(face.id(), path + "faces."));
          one.booking().bags().forEach(bag -> among(bag, places, path + "bags"));
          one.booking().toBooking(one.id(), faults);
        });
  }

  private void ticksAndCounts() {
    Set<UUID> ticked = new HashSet<>();
    each(
        archive.packed(),
        "packed",
        (one, path) -> {
          among(one.item(), items, path + "item");
          among(one.booking(), bookings, path + "booking");
          faults.unless(
              ticked.add(one.item()), path + "item", "twice", "This item is ticked off twice.");
        });
    each(
        archive.counts(),
        "counts",
        (one, path) -> {
          once(one.id(), path);
          among(one.place(), places, path + "place");
          one.seen().forEach(seen -> among(seen.item(), items, path + "seen"));
        });
  }

  private static <T> void each(List<T> list, String name, BiConsumer<T, String> check) {
    for (int i = 0; i < list.size(); i++) {
      check.accept(list.get(i), name + "[" + i + "].");
    }
  }

  private void code(@Nullable String code, boolean isOfPlace, String path) {
    if (code == null) {
      return;
    }
    faults
        .build(path + "code", () -> new ShortCode(code))
        .ifPresent(
            read ->
                faults.unless(
                    read.isOfPlace() == isOfPlace && codes.add(code),
                    path + "code",
                    "twice",
                    "The code " + code + " is there twice, or is of the wrong kind."));
  }

  private void among(@Nullable UUID id, Set<UUID> known, String path) {
    faults.unless(
        id == null || known.contains(id),
        path,
        "not-there",
        "The id " + id + " is not in this archive.");
  }

  private void once(UUID id, String path) {
    String kind = path.replaceAll("\\[.*?]", "");
    faults.unless(ids.add(kind + id), path + "id", "twice", "The id " + id + " is there twice.");
  }
}
