package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.booking.Looks;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.Kit;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Usage;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.booking.Face;
import gerula.core.booking.UsualAmounts;
import gerula.core.booking.look.LookPart;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.ContactObstacle;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Sensitivity;
import gerula.core.quantity.Quantity;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Using things on faces. */
@Component
class Contacts {

  private static final int MOST_TOLD = 500;

  private final Kit kit;
  private final Handling handling;
  private final Bookings bookings;
  private final Looks looks;
  private final ContactStore store;
  private final UsedThings used;
  private final HouseStore house;
  private final Ledger ledger;
  private final Usage usage;
  private final WorkspaceTime time;
  private final Workspaces workspaces;
  private final Clock clock;

  Contacts(
      Kit kit,
      Handling handling,
      Bookings bookings,
      Looks looks,
      ContactStore store,
      UsedThings used,
      HouseStore house,
      Ledger ledger,
      Usage usage,
      WorkspaceTime time,
      Workspaces workspaces,
      Clock clock) {
    this.kit = kit;
    this.handling = handling;
    this.bookings = bookings;
    this.looks = looks;
    this.store = store;
    this.used = used;
    this.house = house;
    this.ledger = ledger;
    this.usage = usage;
    this.time = time;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  /**
   * One thing that touches a face.
   *
   * @param id the contact's, made by whoever asks
   * @param tenths how much of a mix it is, 1 to 10
   */
  record Touching(UUID id, UUID item, Contact.How how, int tenths) {}

  /**
   * Uses things on a face. From then on it is known who the face is: contacts are traced for weeks.
   *
   * @param day whose look they are a part of, null where none is written down
   * @param told when that was, null: now
   * @throws Refused when one of them must not touch it; then none has
   */
  void use(
      SignedIn who,
      UUID actId,
      UUID booking,
      UUID face,
      @Nullable LocalDate day,
      @Nullable Instant told,
      List<Touching> things) {
    ledger.perform(
        who,
        actId,
        "used-on",
        act -> {
          StoredBooking at = bookings.existing(booking);
          Face touched = bookings.face(booking, face);
          UUID person =
              touched.person() != null ? touched.person() : bookings.know(act, at, touched);
          Instant now = clock.instant();
          Faults faults = new Faults();
          faults.unless(
              told == null || !told.isAfter(now),
              "at",
              "in-the-future",
              "That lies ahead. Say when it was, or leave it out when it is now.");
          faults.refuseIfAny();
          At where = new At(booking, face, person, reactsTo(at, face), told, now);
          for (int i = 0; i < things.size(); i++) {
            touch(act, things.get(i), where, faults, i);
          }
          faults.refuseIfAny();
          if (day != null) {
            looks.used(act, booking, face, day, parts(things));
          }
        });
  }

  private List<LookPart> parts(List<Touching> things) {
    return things.stream()
        .flatMap(one -> LookPart.of(kit.inKit(one.item()).item().product(), one.tenths()).stream())
        .toList();
  }

  /**
   * @param told when it was, null: now
   */
  private record At(
      UUID booking,
      UUID face,
      UUID person,
      Set<Sensitivity> reactsTo,
      @Nullable Instant told,
      Instant now) {

    Instant when() {
      return told == null ? now : told;
    }
  }

  /** With what is known of her besides what was said at the booking. */
  private Set<Sensitivity> reactsTo(StoredBooking at, UUID face) {
    return bookings.asKnown(at).faces().stream()
        .filter(one -> one.id().equals(face))
        .findFirst()
        .<Set<Sensitivity>>map(Face::reactsTo)
        .orElse(Set.of());
  }

  private void touch(Act act, Touching one, At at, Faults faults, int i) {
    StoredItem stored = kit.inKit(one.item());
    Item item = stored.item();
    ContactObstacle.to(item, at.person(), at.reactsTo())
        .or(() -> asItIs(stored, at))
        .ifPresent(
            obstacle ->
                faults.unless(
                    false,
                    "things[" + i + "].item",
                    obstacle.code(),
                    ObstacleWords.of(obstacle, item)));
    if (item.isUsedByThePiece()) {
      takePiece(act, stored, faults, i);
      return;
    }
    Contact contact =
        new Contact(
            one.id(), item.id(), at.person(), at.booking(), at.face(), one.how(), at.when());
    if (isKnown(item, contact)) {
      return;
    }
    if (at.told() != null && !wasThere(item, at.told(), faults, i)) {
      return;
    }
    act.touch(ThingKind.CONTACT_THING, one.id(), () -> store.insert(contact));
    CleanState clean =
        at.told() == null ? item.clean().usedAt(at.now()) : item.clean().wasUsedAt(at.told());
    Item opened = item.isSealed() ? item.openedOn(time.dayOf(at.when())) : item;
    handling.became(
        act, stored, opened.usedUp(UsualAmounts.aUse(item, one.tenths())).treated(clean));
  }

  /** Nothing was used before it was made, bought or written into the kit. */
  private boolean wasThere(Item item, Instant told, Faults faults, int i) {
    LocalDate day = time.dayOf(told);
    LocalDate first =
        Stream.of(
                item.dates().madeOn(),
                item.dates().boughtOn(),
                item.dates().openedOn(),
                usage.knownSince(List.of(item.id())).get(item.id()))
            .filter(Objects::nonNull)
            .min(LocalDate::compareTo)
            .orElse(day);
    boolean isThere = !day.isBefore(first);
    faults.unless(
        isThere,
        "things[" + i + "].item",
        "not-there-yet",
        item.product().name() + " is in the kit since " + first + ". It touched nobody before.");
    return isThere;
  }

  private Optional<ContactObstacle> asItIs(StoredItem stored, At at) {
    return used.among(List.of(stored)).values().stream()
        .findFirst()
        .flatMap(one -> one.obstacleTo(at.person(), house.current().practices()));
  }

  /** It is on her already, in the same way: scanned twice, or taken up again. */
  private boolean isKnown(Item item, Contact contact) {
    if (store.has(contact.id())) {
      return true;
    }
    boolean mayBe =
        item.cleanliness() == Cleanliness.IN_USE || item.cleanliness() == Cleanliness.USED;
    return mayBe
        && store.ofItem(item.id(), 1).stream()
            .anyMatch(
                last ->
                    last.how() == contact.how()
                        && Objects.equals(last.face(), contact.face())
                        && (item.cleanliness() == Cleanliness.IN_USE
                            || last.at().equals(contact.at())));
  }

  private void takePiece(Act act, StoredItem stored, Faults faults, int i) {
    Item item = stored.item();
    faults.unless(
        !item.left().isNone(),
        "things[" + i + "].item",
        "none-left",
        "No " + item.product().name() + " is left. Choose another one, or count it again.");
    if (!item.left().isNone()) {
      handling.became(act, stored, item.less(Quantity.of(BigDecimal.ONE, item.left().unit())));
    }
  }

  List<Contact> ofItem(SignedIn who, UUID item) {
    return workspaces.read(
        who.workspace(),
        () -> {
          kit.existing(item);
          return store.ofItem(item, MOST_TOLD);
        });
  }

  List<Contact> ofPerson(SignedIn who, UUID person) {
    return workspaces.read(who.workspace(), () -> store.ofPerson(person, MOST_TOLD));
  }
}
