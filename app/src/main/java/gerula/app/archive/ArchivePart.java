package gerula.app.archive;

import gerula.app.platform.limits.Limit;
import gerula.core.rule.Code;
import java.util.Arrays;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The lists of an archive, in the order in which they are written. */
enum ArchivePart implements Code {
  ACTORS(Archived.OfActor.class, Limit.ACTORS),
  HOUSE(Archived.OfHouseRules.class, null),
  PEOPLE(Archived.OfPerson.class, Limit.PEOPLE),
  PLACES(Archived.OfPlace.class, Limit.PLACES),
  PRODUCTS(Archived.OfProduct.class, Limit.PRODUCTS),
  PICTURES(Archived.Picture.class, Limit.PHOTOGRAPHS),
  EMPTIES(Archived.OfEmpty.class, Limit.EMPTIES),
  ITEMS(Archived.OfItem.class, Limit.ITEM_ROWS),
  BOOKINGS(Archived.OfBooking.class, Limit.BOOKINGS),
  PACKED(Archived.OfTick.class, Limit.ITEM_ROWS),
  COUNTS(Archived.Count.class, Limit.COUNTS),
  CONTACTS(Archived.OfContact.class, null),
  TREATMENTS(Archived.OfTreatment.class, null),
  INCIDENTS(Archived.OfIncident.class, null),
  FILLINGS(Archived.OfFilling.class, Limit.FILLINGS),
  SESSIONS(Archived.OfSession.class, Limit.SESSIONS),
  WANTED(Archived.Wanted.class, Limit.BUYING_ENTRIES),
  PARCELS(Archived.OfParcel.class, Limit.PARCELS),
  SHOPS(Archived.OfShop.class, Limit.SHOPS),
  OFFERS(Archived.OfOffer.class, Limit.OFFERS),
  UNNAMED(Archived.Unnamed.class, Limit.PHOTOGRAPHS),
  LEDGER(Archived.OfAct.class, null);

  private final Class<? extends Archived> type;
  private final @Nullable Limit most;

  ArchivePart(Class<? extends Archived> type, @Nullable Limit most) {
    this.type = type;
    this.most = most;
  }

  static Optional<ArchivePart> named(String name) {
    return Arrays.stream(values()).filter(part -> part.code().equals(name)).findFirst();
  }

  Class<? extends Archived> type() {
    return type;
  }

  /** How many there may be; null without a limit of its own. */
  @Nullable Limit most() {
    return most;
  }
}
