package gerula.app.archive;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.picture.Jpeg;
import gerula.core.depot.bench.SessionPlanner;
import gerula.core.kit.code.ShortCode;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Quantity;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Holds an archive against every rule before anything of it is kept. Of each element it remembers
 * no more than others may refer to.
 */
final class ArchiveCheck implements ArchiveReader.Reader {

  private static final int MOST_FAULTS = 100;

  private final Validator validator;
  private final ArchiveDates dates;
  private final LocalDate today;
  private final Faults faults = new Faults();

  /** By kind: a product may bear the id of the item it was added with. */
  private final Map<ArchivePart, Set<UUID>> ids = new EnumMap<>(ArchivePart.class);

  private final Set<UUID> faces = new HashSet<>();
  private final Set<UUID> pieces = new HashSet<>();
  private final Set<String> codes = new HashSet<>();
  private final List<Place> places = new ArrayList<>();
  private final Map<UUID, Quantity> contents = new HashMap<>();
  private final List<Waiting> waiting = new ArrayList<>();
  private long pictureBytes;
  private Archived.@Nullable OfHouseRules house;

  /** An id that was referred to before it came. */
  private record Waiting(ArchivePart part, UUID id, String path) {}

  /**
   * @param dates by which every element is moved
   */
  ArchiveCheck(Validator validator, ArchiveDates dates, LocalDate today) {
    this.validator = validator;
    this.dates = dates;
    this.today = today;
    for (ArchivePart part : ArchivePart.values()) {
      ids.put(part, new HashSet<>());
    }
  }

  @Override
  public boolean wants(ArchivePart part) {
    return part != ArchivePart.LEDGER;
  }

  @Override
  public void element(ArchivePart part, Archived element, String path) {
    int before = faults.found().size();
    for (ConstraintViolation<Archived> broken : validator.validate(element)) {
      faults.unless(false, path + broken.getPropertyPath(), "rule", broken.getMessage());
    }
    // What is missing is told; the rest of the element is looked at when it is there.
    if (faults.found().size() == before) {
      check(dates.moved(element), path);
    }
    faults.refuseIfMoreThan(MOST_FAULTS);
  }

  /**
   * The end of the file: what was referred to has to have come by now.
   *
   * @throws Refused with every fault, when there is one
   */
  void finish() {
    for (Waiting one : waiting) {
      faults.unless(
          ids.get(one.part()).contains(one.id()),
          one.path(),
          "not-there",
          "The id " + one.id() + " is not in this archive.");
    }
    faults.build("places", () -> new PlaceTree(places));
    faults.refuseIfAny();
  }

  /** The rules of the house, on which last days of items depend; null when it has none. */
  Archived.@Nullable OfHouseRules house() {
    return house;
  }

  private void check(Archived element, String path) {
    switch (element) {
      case Archived.OfPerson one -> {
        once(ArchivePart.PEOPLE, one.id(), path);
        one.person().toPerson(one.id(), faults, path + "person.");
      }
      case Archived.OfActor one -> once(ArchivePart.ACTORS, one.id(), path);
      case Archived.OfPlace one -> place(one, path);
      case Archived.OfProduct one -> product(one, path);
      case Archived.Picture one -> picture(one, path);
      case Archived.OfItem one -> item(one, path);
      case Archived.OfBooking one -> booking(one, path);
      case Archived.OfTick one -> tick(one, path);
      case Archived.Count one -> count(one, path);
      case Archived.OfContact one -> {
        once(ArchivePart.CONTACTS, one.id(), path);
        among(one.item(), ArchivePart.ITEMS, path + "item");
        among(one.person(), ArchivePart.PEOPLE, path + "person");
      }
      case Archived.OfTreatment one -> {
        once(ArchivePart.TREATMENTS, one.id(), path);
        if (one.item() != null) {
          among(one.item(), ArchivePart.ITEMS, path + "item");
        }
        if (one.place() != null) {
          among(one.place(), ArchivePart.PLACES, path + "place");
        }
      }
      case Archived.OfIncident one -> {
        once(ArchivePart.INCIDENTS, one.id(), path);
        among(one.item(), ArchivePart.ITEMS, path + "item");
      }
      case Archived.OfHouseRules one -> house(one, path);
      case Archived.OfEmpty one -> {
        once(ArchivePart.EMPTIES, one.id(), path);
        faults.build(path + "empty", () -> one.empty().toEmpty());
      }
      case Archived.OfFilling one -> filling(one, path);
      case Archived.OfSession one -> session(one, path);
      case Archived.Wanted one -> {
        once(ArchivePart.WANTED, one.id(), path);
        among(one.product(), ArchivePart.PRODUCTS, path + "product");
        among(one.parcel(), ArchivePart.PARCELS, path + "parcel");
        faults.unless(
            one.orderedOn() == null
                ? one.thereBy() == null && one.orderedFrom() == null
                : one.thereBy() != null,
            path + "thereBy",
            "rule",
            "What is ordered says since when and by when.");
      }
      case Archived.OfParcel one -> {
        once(ArchivePart.PARCELS, one.id(), path);
        among(one.parcel().picture(), ArchivePart.PICTURES, path + "parcel.picture");
      }
      case Archived.OfShop one -> {
        once(ArchivePart.SHOPS, one.id(), path);
        faults.build(path + "shop", () -> one.shop().toShop(one.id()));
      }
      case Archived.OfOffer one -> {
        once(ArchivePart.OFFERS, one.id(), path);
        among(one.offer().shop(), ArchivePart.SHOPS, path + "offer.shop");
        among(one.offer().product(), ArchivePart.PRODUCTS, path + "offer.product");
        faults.build(
            path + "offer", () -> one.offer().toOffer(one.id(), one.notedOn(), one.endedOn()));
      }
      case Archived.Unnamed one -> {
        once(ArchivePart.UNNAMED, one.id(), path);
        among(one.picture(), ArchivePart.PICTURES, path + "picture");
        among(one.place(), ArchivePart.PLACES, path + "place");
      }
      case Archived.OfAct _ ->
          throw new IllegalStateException("Acts are checked by their history.");
    }
  }

  private void place(Archived.OfPlace one, String path) {
    once(ArchivePart.PLACES, one.id(), path);
    code(one.code(), true, path);
    one.place().check(faults, path + "place.");
    among(one.place().home(), ArchivePart.PLACES, path + "place.home");
    among(one.place().thing(), ArchivePart.ITEMS, path + "place.thing");
    among(one.place().personId(), ArchivePart.PEOPLE, path + "place.personId");
    places.add(
        Place.bare(
            one.id(),
            one.place().parent(),
            one.place().name(),
            one.place().kind(),
            one.place().reach()));
  }

  private void product(Archived.OfProduct one, String path) {
    once(ArchivePart.PRODUCTS, one.id(), path);
    one.product()
        .toProduct(one.id(), faults, path + "product.")
        .ifPresent(product -> contents.put(one.id(), product.content()));
  }

  private void picture(Archived.Picture one, String path) {
    once(ArchivePart.PICTURES, one.id(), path);
    pictureBytes += one.jpeg().length;
    Limit.PHOTOGRAPH_BYTES.require(pictureBytes, "bytes of photographs");
    faults.build(path + "jpeg", () -> Jpeg.kept(one.jpeg()));
  }

  private void item(Archived.OfItem one, String path) {
    once(ArchivePart.ITEMS, one.id(), path);
    code(one.code(), false, path);
    among(one.item().home(), ArchivePart.PLACES, path + "item.home");
    among(one.item().now(), ArchivePart.PLACES, path + "item.now");
    among(one.item().onlyForId(), ArchivePart.PEOPLE, path + "item.onlyForId");
    among(one.picture(), ArchivePart.PICTURES, path + "picture");
    besides(one.besides(), path + "besides.");
    Quantity content = contents.get(one.product());
    faults.unless(
        content != null,
        path + "product",
        "not-there",
        "The item's product is not among the archive's products, which come before the items.");
    if (content != null) {
      one.item().check(faults, path + "item.", content, today);
    }
  }

  private void besides(Archived.@Nullable Besides one, String path) {
    if (one != null) {
      among(one.empty(), ArchivePart.EMPTIES, path + "empty");
      faults.unless(
          one.spoilageOn() == null || !one.spoilageWhat().isEmpty(),
          path + "spoilageWhat",
          "rule",
          "Say what has changed: its look, its smell or its texture.");
    }
  }

  private void house(Archived.OfHouseRules one, String path) {
    faults.unless(house == null, "house", "twice", "A workspace has one set of house rules.");
    house = one;
    faults.build(path + "ownMonths", () -> BenchArchive.rules(one));
    if (one.money() != null) {
      one.money().check(faults, path + "money.");
    }
  }

  private void filling(Archived.OfFilling one, String path) {
    once(ArchivePart.FILLINGS, one.id(), path);
    among(one.item(), ArchivePart.ITEMS, path + "item");
    among(one.source(), ArchivePart.ITEMS, path + "source");
    faults.unless(
        !one.item().equals(one.source()) && one.amount().signum() >= 0,
        path + "source",
        "rule",
        "A container is not filled from itself, and with 0 or more.");
  }

  private void session(Archived.OfSession one, String path) {
    once(ArchivePart.SESSIONS, one.id(), path);
    among(one.backStock(), ArchivePart.PLACES, path + "backStock");
    faults.build(
        path + "wantedMonths", () -> SessionPlanner.months(one.wantedMonths().doubleValue()));
    for (int i = 0; i < one.pieces().size(); i++) {
      Archived.OfPiece piece = one.pieces().get(i);
      String at = path + "pieces[" + i + "].";
      unique(pieces, piece.id(), at);
      among(piece.source(), ArchivePart.ITEMS, at + "source");
      among(piece.empty(), ArchivePart.EMPTIES, at + "empty");
      among(piece.decant(), ArchivePart.ITEMS, at + "decant");
    }
  }

  private void booking(Archived.OfBooking one, String path) {
    once(ArchivePart.BOOKINGS, one.id(), path);
    for (int i = 0; i < one.booking().faces().size(); i++) {
      unique(faces, one.booking().faces().get(i).id(), path + "faces[" + i + "].");
      among(
          one.booking().faces().get(i).person(),
          ArchivePart.PEOPLE,
          path + "faces[" + i + "].person");
    }
    one.booking().bags().forEach(bag -> among(bag, ArchivePart.PLACES, path + "bags"));
    one.booking()
        .toBooking(one.id(), faults)
        .ifPresent(
            booking ->
                booking.faces().stream()
                    .flatMap(face -> face.looks().stream())
                    .flatMap(look -> look.pictures().stream())
                    .forEach(
                        picture -> among(picture, ArchivePart.PICTURES, path + "booking.faces")));
  }

  private void tick(Archived.OfTick one, String path) {
    among(one.item(), ArchivePart.ITEMS, path + "item");
    among(one.booking(), ArchivePart.BOOKINGS, path + "booking");
    faults.unless(
        ids.get(ArchivePart.PACKED).add(one.item()),
        path + "item",
        "twice",
        "This item is packed twice.");
  }

  private void count(Archived.Count one, String path) {
    once(ArchivePart.COUNTS, one.id(), path);
    among(one.place(), ArchivePart.PLACES, path + "place");
    Set<UUID> seen = new HashSet<>();
    for (Archived.OfSeen item : one.seen()) {
      among(item.item(), ArchivePart.ITEMS, path + "seen");
      unique(seen, item.item(), path + "seen.");
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

  private void among(@Nullable UUID id, ArchivePart part, String path) {
    if (id != null && !ids.get(part).contains(id)) {
      waiting.add(new Waiting(part, id, path));
    }
  }

  private void once(ArchivePart part, UUID id, String path) {
    unique(ids.get(part), id, path);
  }

  private void unique(Set<UUID> known, UUID id, String path) {
    faults.unless(known.add(id), path + "id", "twice", "The id " + id + " is there twice.");
  }
}
