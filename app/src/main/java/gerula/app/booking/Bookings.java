package gerula.app.booking;

import gerula.app.booking.BookingRecords.BookingView;
import gerula.app.kit.picture.Pictures;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.person.KnownPeople;
import gerula.app.person.PersonNames;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.kit.place.PlaceTree;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What can be done with bookings. */
@Component
public class Bookings {

  private final BookingStore store;
  private final PlaceStore places;
  private final Pictures pictures;
  private final KnownPeople people;
  private final PersonNames names;
  private final WorkspaceTime time;
  private final Ledger ledger;
  private final Workspaces workspaces;

  Bookings(
      BookingStore store,
      PlaceStore places,
      Pictures pictures,
      KnownPeople people,
      PersonNames names,
      WorkspaceTime time,
      Ledger ledger,
      Workspaces workspaces) {
    this.store = store;
    this.places = places;
    this.pictures = pictures;
    this.people = people;
    this.names = names;
    this.time = time;
    this.ledger = ledger;
    this.workspaces = workspaces;
  }

  List<BookingView> all(SignedIn who) {
    return workspaces.read(
        who.workspace(), () -> store.all().stream().map(BookingRecords::view).toList());
  }

  BookingView one(SignedIn who, UUID id) {
    return workspaces.read(who.workspace(), () -> BookingRecords.view(existing(id)));
  }

  /** A booking of its own that begins like this one; nothing is kept. */
  BookingView copied(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () -> {
          StoredBooking known = existing(id);
          LocalDate from = known.booking().onceMoreFrom(time.today());
          return BookingRecords.view(known.copied(from));
        });
  }

  /** A face of a booking, or a refusal. To be called within the workspace. */
  public Face face(UUID booking, UUID face) {
    return existing(booking).booking().faces().stream()
        .filter(one -> one.id().equals(face))
        .findFirst()
        .orElseThrow(() -> Refused.notThere("face", face));
  }

  /** The booking, or a refusal. To be called within the workspace. */
  public StoredBooking existing(UUID id) {
    return store.find(id).orElseThrow(() -> Refused.notThere("booking", id));
  }

  /**
   * The booking as it would be with this draft, without keeping anything; with what was decided
   * about its list. To be called within the workspace.
   */
  public StoredBooking asItMightBe(UUID id, BookingDraft draft) {
    check(id, draft);
    Faults faults = new Faults();
    Booking booking = draft.toBooking(id, faults).orElseThrow();
    return store
        .find(id)
        .map(stored -> stored.with(booking, draft))
        .orElseGet(() -> StoredBooking.of(booking, draft));
  }

  /** Those whose last day has not passed, the next first. To be called within the workspace. */
  public List<StoredBooking> ahead(LocalDate today) {
    return store.all().stream()
        .filter(booking -> !booking.booking().lastDay().isBefore(today))
        .filter(booking -> booking.backAt() == null)
        .toList();
  }

  void add(SignedIn who, UUID actId, UUID id, BookingDraft draft) {
    ledger.perform(
        who,
        actId,
        "added",
        act -> {
          check(id, draft);
          act.touch(ThingKind.BOOKING_THING, id, () -> store.insert(id, draft));
          toldOf(act, id);
        });
  }

  void edit(SignedIn who, UUID actId, UUID id, int version, BookingDraft draft) {
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          store.lock(id);
          StoredBooking before = existing(id);
          Refused.unlessUnchanged(
              version, before.version(), "booking", () -> BookingRecords.view(before));
          check(id, draft);
          refuseOtherBagsOnTheWay(before, draft);
          act.touch(ThingKind.BOOKING_THING, id, () -> store.update(id, draft));
          toldOf(act, id);
        });
  }

  /** The booking with all that is known of its faces, whenever and wherever it was said. */
  public Booking asKnown(StoredBooking stored) {
    Booking booking = stored.booking();
    return booking.with(
        booking.faces().stream()
            .map(
                face ->
                    face.person() == null
                        ? face
                        : face.knownAs(people.sensitivitiesOf(face.person())))
            .toList());
  }

  /** From now on it is known who a face is: somebody nobody was before. */
  public UUID know(Act act, StoredBooking booking, Face face) {
    UUID person = people.knowApart(act, face.name(), booking.booking().title());
    act.touch(
        ThingKind.BOOKING_THING,
        booking.booking().id(),
        () -> store.setPerson(booking.booking().id(), face.id(), person));
    people.told(act, person, face.depth(), face.sensitivities(), time.today());
    return person;
  }

  /** What was told of faces is known of the people they are. */
  private void toldOf(Act act, UUID id) {
    for (Face face : existing(id).booking().faces()) {
      if (face.person() != null) {
        people.told(act, face.person(), face.depth(), face.sensitivities(), time.today());
      }
    }
  }

  private static void refuseOtherBagsOnTheWay(StoredBooking before, BookingDraft draft) {
    new Faults()
        .unless(
            before.departedAt() == null
                || before.backAt() != null
                || before.bags().equals(draft.bags()),
            "booking.bags",
            "on-the-way",
            "The bags have left already. Put everything back, then choose others.")
        .refuseIfAny();
  }

  /** Takes one bag more along; nothing changes when it comes along already. */
  public void takeBag(SignedIn who, UUID actId, UUID id, UUID bag) {
    ledger.perform(
        who,
        actId,
        "bag-chosen",
        Map.of("booking", id),
        act -> {
          store.lock(id);
          StoredBooking before = existing(id);
          if (before.departedAt() != null && before.backAt() == null) {
            throw Refused.notNow(
                "on-the-way", "The bags have left already. Put everything back, then choose.");
          }
          places
              .tree()
              .find(bag)
              .filter(places.tree()::canBeTaken)
              .orElseThrow(() -> Refused.notThere("bag", bag));
          if (!before.bags().contains(bag)) {
            List<UUID> bags = new ArrayList<>(before.bags());
            bags.add(bag);
            act.touch(ThingKind.BOOKING_THING, id, () -> store.setBags(id, bags));
          }
        });
  }

  /** Takes a booking off the books, unless things are out for it. */
  void callOff(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "called-off",
        act -> {
          store.lock(id);
          StoredBooking booking = existing(id);
          if (booking.departedAt() != null && booking.backAt() == null) {
            throw Refused.notNow(
                "on-the-way", "The bags of this booking are out. Put everything back first.");
          }
          for (UUID item : store.packedFor(id)) {
            act.touch(ThingKind.PACKED_THING, item, () -> store.unpack(item));
          }
          act.touch(ThingKind.BOOKING_THING, id, () -> store.delete(id));
        });
  }

  private static Set<UUID> shownIn(Booking booking) {
    return booking.faces().stream()
        .flatMap(face -> face.looks().stream())
        .flatMap(look -> look.pictures().stream())
        .collect(Collectors.toSet());
  }

  /** Holds a booking against every rule, as part of an act. */
  public void check(UUID id, BookingDraft draft) {
    Faults faults = new Faults();
    draft
        .toBooking(id, faults)
        .ifPresent(booking -> pictures.requireAll(shownIn(booking), "booking.faces"));
    PlaceTree tree = places.tree();
    for (int i = 0; i < draft.bags().size(); i++) {
      UUID bag = draft.bags().get(i);
      faults.unless(
          tree.find(bag).isPresent(),
          "booking.bags[" + i + "]",
          "not-there",
          "There is no bag " + bag + " in this workspace. Choose one from the list.");
    }
    faults.unless(
        draft.bags().stream().distinct().count() == draft.bags().size(),
        "booking.bags",
        "twice",
        "The same bag is chosen twice.");
    faults.unless(
        !store.isFaceOfAnother(draft.faces().stream().map(FaceDraft::id).toList(), id),
        "booking.faces",
        "of-another",
        "One of these faces belongs to another booking. Add it as a new face.");
    for (int i = 0; i < draft.faces().size(); i++) {
      UUID person = draft.faces().get(i).person();
      faults.unless(
          person == null || names.knows(person),
          "booking.faces[" + i + "].person",
          "not-there",
          "There is nobody of this id. Choose somebody from the list, or write a name.");
    }
    faults.refuseIfAny();
  }
}
