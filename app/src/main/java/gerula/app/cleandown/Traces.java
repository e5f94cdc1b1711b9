package gerula.app.cleandown;

import static gerula.app.tables.Tables.CONTACT;

import gerula.app.booking.BookingStore;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.DrawnItem;
import gerula.app.kit.Kit;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.app.person.PersonNames;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.cleandown.Contact;
import gerula.core.cleandown.trace.Reach;
import gerula.core.cleandown.trace.Reach.ReachedItem;
import gerula.core.cleandown.trace.Tracing;
import gerula.core.cleandown.treatment.Step;
import gerula.core.cleandown.work.DoneStep;
import gerula.core.cleandown.work.GivenTreatment;
import gerula.core.kit.PersonRef;
import gerula.core.kit.item.Cleanliness;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Answers whom a thing reached, and what touched somebody. */
@Component
class Traces {

  private final Kit kit;
  private final KitStore store;
  private final BookingStore bookings;
  private final PersonNames people;
  private final ContactStore contacts;
  private final TreatmentStore treatments;
  private final StoredLog log;
  private final Views views;
  private final Workspaces workspaces;

  Traces(
      Kit kit,
      KitStore store,
      BookingStore bookings,
      PersonNames people,
      ContactStore contacts,
      TreatmentStore treatments,
      StoredLog log,
      Views views,
      Workspaces workspaces) {
    this.kit = kit;
    this.store = store;
    this.bookings = bookings;
    this.people = people;
    this.contacts = contacts;
    this.treatments = treatments;
    this.log = log;
    this.views = views;
    this.workspaces = workspaces;
  }

  /**
   * A face that was reached.
   *
   * @param name hers, or what she is called at the booking
   * @param title of the booking, null where that is gone
   * @param through the things from the first one to the one that touched her
   * @param afterTreatment whether it was only touched after a treatment had taken the risk away
   */
  record FaceReached(
      String name,
      UUID person,
      @Nullable UUID booking,
      @Nullable String title,
      Instant at,
      List<UUID> through,
      boolean afterTreatment) {}

  /**
   * A thing that carries it, or did.
   *
   * @param now the place it lies in, null when nobody knows
   * @param from when it came to carry it
   * @param until when a treatment took it away, null as long as it may carry it
   */
  record ItemReached(
      DrawnItem item,
      @Nullable UUID now,
      Cleanliness is,
      Instant from,
      @Nullable Instant until,
      List<UUID> through) {}

  /** Whom a thing reached, those first who were reached first, and what carries it on. */
  record ReachView(List<FaceReached> faces, List<ItemReached> items) {}

  ReachView reach(SignedIn who, UUID item, Instant since) {
    return workspaces.read(
        who.workspace(),
        () -> {
          kit.existing(item);
          Reach reach = Tracing.from(item, since, log);
          Map<UUID, Booking> known =
              bookings
                  .of(
                      reach.faces().stream()
                          .map(Reach.ReachedFace::booking)
                          .filter(Objects::nonNull)
                          .toList())
                  .stream()
                  .map(StoredBooking::booking)
                  .collect(Collectors.toMap(Booking::id, one -> one));
          return new ReachView(
              reach.faces().stream().map(face -> face(face, known)).toList(), items(reach.items()));
        });
  }

  private FaceReached face(Reach.ReachedFace face, Map<UUID, Booking> known) {
    UUID id = face.booking();
    Optional<Booking> booking = Optional.ofNullable(known.get(id));
    return new FaceReached(
        name(face, booking),
        face.person(),
        id,
        booking.map(Booking::title).orElse(null),
        face.at(),
        face.through(),
        face.afterTreatment());
  }

  private String name(Reach.ReachedFace face, Optional<Booking> booking) {
    PersonRef person = people.ref(face.person());
    if (person != null && !person.name().isBlank()) {
      return person.name();
    }
    return booking.stream()
        .flatMap(one -> one.faces().stream())
        .filter(one -> one.id().equals(face.face()))
        .map(Face::name)
        .findFirst()
        .orElse("somebody whose name was erased");
  }

  private List<ItemReached> items(List<ReachedItem> reached) {
    Map<UUID, StoredItem> stored = stored(reached.stream().map(ReachedItem::item).toList());
    Map<UUID, DrawnItem> drawn = drawn(stored);
    return reached.stream()
        .filter(one -> stored.containsKey(one.item()))
        .map(
            one -> {
              StoredItem thing = stored.get(one.item());
              return new ItemReached(
                  drawn.get(one.item()),
                  thing.item().now(),
                  thing.item().cleanliness(),
                  one.from(),
                  one.until(),
                  one.through());
            })
        .toList();
  }

  private Map<UUID, DrawnItem> drawn(Map<UUID, StoredItem> stored) {
    KitViews now = views.now();
    return stored.values().stream()
        .collect(Collectors.toMap(StoredItem::id, one -> DrawnItem.of(one.item(), now)));
  }

  private Map<UUID, StoredItem> stored(Collection<UUID> ids) {
    Set<UUID> once = new LinkedHashSet<>(ids);
    return store.itemsOf(once).stream().collect(Collectors.toMap(StoredItem::id, one -> one));
  }

  /**
   * A thing that touched somebody.
   *
   * @param now the place it lies in, null when nobody knows
   * @param treatedAt when it was treated since, null when it was not
   * @param steps of that treatment
   */
  record Touched(
      DrawnItem item,
      @Nullable UUID now,
      Cleanliness is,
      Contact.How how,
      Instant at,
      @Nullable UUID booking,
      @Nullable Instant treatedAt,
      List<Step> steps) {}

  /** What touched somebody since a moment, the latest first. */
  record TouchedView(List<Touched> things) {}

  TouchedView touched(SignedIn who, UUID person, Instant since) {
    return workspaces.read(
        who.workspace(),
        () -> {
          List<Contact> all = contacts.ofPerson(person, since);
          Map<UUID, StoredItem> stored = stored(all.stream().map(Contact::item).toList());
          Map<UUID, GivenTreatment> done =
              treatments.firstAfter(CONTACT.PERSON_ID.eq(person).and(CONTACT.AT.ge(since)));
          Map<UUID, DrawnItem> drawn = drawn(stored);
          return new TouchedView(
              all.stream()
                  .filter(one -> stored.containsKey(one.item()))
                  .map(
                      one ->
                          touched(
                              one,
                              stored.get(one.item()),
                              done.get(one.id()),
                              drawn.get(one.item())))
                  .toList());
        });
  }

  private static Touched touched(
      Contact contact, StoredItem stored, @Nullable GivenTreatment done, DrawnItem drawn) {
    Optional<GivenTreatment> since = Optional.ofNullable(done);
    return new Touched(
        drawn,
        stored.item().now(),
        stored.item().cleanliness(),
        contact.how(),
        contact.at(),
        contact.booking(),
        since.map(GivenTreatment::doneAt).orElse(null),
        since.stream().flatMap(one -> one.steps().stream()).map(DoneStep::step).toList());
  }
}
