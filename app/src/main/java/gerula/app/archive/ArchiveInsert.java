package gerula.app.archive;

import gerula.app.booking.BookingStore;
import gerula.app.booking.FaceDraft;
import gerula.app.kit.KitStore;
import gerula.app.kit.picture.UnnamedStore;
import gerula.app.kit.picture.UnnamedStore.UnnamedPicture;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.product.ProductDraft;
import gerula.app.ledger.Act;
import gerula.app.ledger.ThingKind;
import gerula.app.person.KnownPeople;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jooq.Query;
import org.jspecify.annotations.Nullable;

/** Writes a checked archive into the tables, some hundreds of elements at a time. */
final class ArchiveInsert implements ArchiveReader.Reader {

  private static final int AT_ONCE = 500;

  /** What one archive is written into, and by whom. */
  record Into(
      Act act,
      UUID who,
      LocalDate today,
      boolean hasFormerClasses,
      boolean hasLinerWithTheEyes,
      ArchiveDates dates,
      KitStore kit,
      PlaceStore places,
      BookingStore bookings,
      UnnamedStore unnamed,
      KnownPeople people,
      ArchiveStore store,
      BenchArchive bench) {}

  private final Into into;
  private final KitStore.NewProducts products = new KitStore.NewProducts();
  private final List<Archived.OfProduct> someProducts = new ArrayList<>();
  private final List<Archived.OfItem> someItems = new ArrayList<>();
  private final List<Query> someActs = new ArrayList<>();
  private UUID actOfThings = new UUID(0, 0);
  private boolean hasActs;

  ArchiveInsert(Into into) {
    this.into = into;
  }

  /** The rules of the house were written before: last days of items follow from them. */
  @Override
  public boolean wants(ArchivePart part) {
    return part != ArchivePart.HOUSE;
  }

  /** Whether there was a history. */
  boolean hasActs() {
    return hasActs;
  }

  @Override
  public void element(ArchivePart part, Archived element, String path) {
    switch (into.dates().moved(element)) {
      case Archived.OfActor one -> into.store().insertActor(one);
      case Archived.OfPerson one ->
          into.act()
              .create(
                  ThingKind.PERSON_THING, List.of(one.id()), () -> into.store().insertPerson(one));
      case Archived.OfPlace one -> place(one);
      case Archived.OfProduct one -> {
        someProducts.add(one);
        if (someProducts.size() == AT_ONCE) {
          writeProducts();
        }
      }
      case Archived.OfItem one -> {
        someItems.add(one);
        if (someItems.size() == AT_ONCE) {
          writeItems();
        }
      }
      case Archived.Picture one -> into.store().insertPicture(one);
      case Archived.OfBooking one -> booking(one);
      case Archived.OfTick one -> into.store().insertTicks(List.of(one));
      case Archived.Count one -> into.store().insertCount(one);
      case Archived.OfContact one ->
          into.act()
              .create(
                  ThingKind.CONTACT_THING,
                  List.of(one.id()),
                  () -> into.store().insertContact(one));
      case Archived.OfTreatment one ->
          into.act()
              .create(
                  ThingKind.TREATMENT_THING,
                  List.of(one.id()),
                  () -> into.store().insertTreatment(one));
      case Archived.OfIncident one ->
          into.act()
              .create(
                  ThingKind.INCIDENT_THING,
                  List.of(one.id()),
                  () -> into.store().insertIncident(one));
      case Archived.OfHouseRules one -> into.bench().insertHouse(into.act(), one);
      case Archived.OfEmpty one -> into.bench().insertEmpty(into.act(), one);
      case Archived.OfFilling one -> into.bench().insertFilling(into.act(), one);
      case Archived.OfSession one -> into.bench().insertSession(into.act(), one);
      case Archived.Wanted one -> into.bench().insertWanted(into.act(), one);
      case Archived.OfParcel one -> into.bench().insertParcel(into.act(), one);
      case Archived.OfShop one -> into.bench().insertShop(into.act(), one);
      case Archived.OfOffer one -> into.bench().insertOffer(into.act(), one);
      case Archived.Unnamed one ->
          into.act()
              .create(
                  ThingKind.UNNAMED_PICTURE_THING,
                  List.of(one.id()),
                  () ->
                      into.unnamed()
                          .insert(
                              new UnnamedPicture(
                                  one.id(), one.picture(), one.place(), one.takenAt())));
      case Archived.OfAct one -> {
        hasActs = true;
        actOfThings = one.id();
        history(into.store().act(one, into.who()));
      }
    }
  }

  @Override
  public void thing(Archived.OfThing thing, String path) {
    history(into.store().thing(actOfThings, thing));
  }

  @Override
  public void end(ArchivePart part) {
    switch (part) {
      case PRODUCTS -> writeProducts();
      case ITEMS -> writeItems();
      case LEDGER -> writeHistory();
      default -> {
        // The others are written one by one.
      }
    }
  }

  private void place(Archived.OfPlace one) {
    know(one.place().personId(), one.place().personName());
    into.act()
        .create(
            ThingKind.PLACE_THING,
            List.of(one.id()),
            () -> {
              if (one.code() == null) {
                into.places().insert(one.id(), one.place());
              } else {
                into.places().insert(one.id(), one.code(), one.place());
              }
              into.store().setPlaceVersions(List.of(one));
            });
  }

  private void writeProducts() {
    Map<UUID, ProductDraft> drafts = new LinkedHashMap<>();
    someProducts.forEach(
        one ->
            drafts.put(
                one.id(), into.hasFormerClasses() ? one.product().ofClearClass() : one.product()));
    into.act()
        .create(
            ThingKind.PRODUCT_THING,
            List.copyOf(drafts.keySet()),
            () -> {
              into.kit().insertProducts(drafts, products);
              into.store().setProductVersions(someProducts);
            });
    someProducts.clear();
  }

  private void writeItems() {
    someItems.forEach(one -> know(one.item().onlyForId(), one.item().onlyFor()));
    int uncoded = (int) someItems.stream().filter(one -> one.code() == null).count();
    Iterator<String> codes = into.kit().drawCodes(uncoded);
    into.act()
        .create(
            ThingKind.ITEM_THING,
            someItems.stream().map(Archived.OfItem::id).toList(),
            () -> {
              into.kit()
                  .insertItems(someItems.stream().map(one -> item(one, codes)).toList(), products);
              into.store().setItemStates(someItems);
            });
    someItems.clear();
  }

  /** Archives before version 4 tell people by name only. */
  private void know(@Nullable UUID id, @Nullable String name) {
    if (id == null) {
      into.people().know(into.act(), name);
    }
  }

  private static KitStore.NewItem item(Archived.OfItem one, Iterator<String> codes) {
    String code = one.code() != null ? one.code() : codes.next();
    return new KitStore.NewItem(one.id(), code, one.product(), one.item());
  }

  private void booking(Archived.OfBooking one) {
    into.act()
        .create(
            ThingKind.BOOKING_THING,
            List.of(one.id()),
            () -> {
              into.bookings()
                  .insert(
                      one.id(),
                      into.hasLinerWithTheEyes() ? one.booking().withLiner() : one.booking());
              into.store().setBookingStates(List.of(one));
            });
    Set<UUID> byName =
        one.booking().faces().stream()
            .filter(face -> face.person() == null)
            .map(FaceDraft::id)
            .collect(Collectors.toSet());
    // Archives before version 4 tell of people only on bookings; later ones as they are known.
    into.bookings().find(one.id()).orElseThrow().booking().faces().stream()
        .filter(face -> face.person() != null && byName.contains(face.id()))
        .forEach(
            face ->
                into.people()
                    .told(
                        into.act(),
                        Objects.requireNonNull(face.person()),
                        face.depth(),
                        face.sensitivities(),
                        askedOn(one.booking().firstDay())));
  }

  /** At a booking that lies ahead it was asked by today. */
  private LocalDate askedOn(LocalDate firstDay) {
    return firstDay.isBefore(into.today()) ? firstDay : into.today();
  }

  private void history(Query row) {
    someActs.add(row);
    if (someActs.size() >= AT_ONCE) {
      writeHistory();
    }
  }

  private void writeHistory() {
    into.store().write(someActs);
    someActs.clear();
  }
}
