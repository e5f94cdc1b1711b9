package gerula.app.cleandown;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.Kit;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.Face;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.ContactObstacle;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Item;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Using things on faces. */
@Component
class Contacts {

  private static final int MOST_TOLD = 500;

  private final Kit kit;
  private final Handling handling;
  private final Bookings bookings;
  private final ContactStore store;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final Clock clock;

  Contacts(
      Kit kit,
      Handling handling,
      Bookings bookings,
      ContactStore store,
      Ledger ledger,
      Workspaces workspaces,
      Clock clock) {
    this.kit = kit;
    this.handling = handling;
    this.bookings = bookings;
    this.store = store;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  /**
   * One thing that touches a face.
   *
   * @param id the contact's, made by whoever asks
   */
  record Touching(UUID id, UUID item, Contact.How how) {}

  /**
   * Uses things on a face. From then on it is known who the face is: contacts are traced for weeks.
   *
   * @throws Refused when one of them must not touch it; then none has
   */
  void use(SignedIn who, UUID actId, UUID booking, UUID face, List<Touching> things) {
    ledger.perform(
        who,
        actId,
        "used-on",
        act -> {
          StoredBooking at = bookings.existing(booking);
          Face touched =
              at.booking().faces().stream()
                  .filter(one -> one.id().equals(face))
                  .findFirst()
                  .orElseThrow(() -> Refused.notThere("face", face));
          UUID person =
              touched.person() != null ? touched.person() : bookings.know(act, at, touched);
          Instant now = clock.instant();
          Faults faults = new Faults();
          for (int i = 0; i < things.size(); i++) {
            touch(act, things.get(i), new At(booking, face, person, now), faults, i);
          }
          faults.refuseIfAny();
        });
  }

  private record At(UUID booking, UUID face, UUID person, Instant now) {}

  private void touch(Act act, Touching one, At at, Faults faults, int i) {
    StoredItem stored = kit.inKit(one.item());
    Item item = stored.item();
    ContactObstacle.to(item, at.person())
        .ifPresent(
            obstacle ->
                faults.unless(
                    false, "things[" + i + "].item", obstacle.code(), words(obstacle, item)));
    Contact contact =
        new Contact(one.id(), item.id(), at.person(), at.booking(), at.face(), one.how(), at.now());
    act.touch(ThingKind.CONTACT_THING, one.id(), () -> store.insert(contact));
    handling.became(act, stored, item.treated(CleanState.usedAt(at.now())));
  }

  private static String words(ContactObstacle obstacle, Item item) {
    return switch (obstacle) {
      case PERSONAL -> item.product().name() + " is your own. Choose one for others.";
      case FOR_SOMEBODY_ELSE ->
          item.product().name() + " is kept for somebody else. Choose another one.";
      case STOPPED ->
          item.product().name()
              + " is "
              + item.cleanliness().code()
              + ". Choose another one, or decide about it first.";
    };
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
