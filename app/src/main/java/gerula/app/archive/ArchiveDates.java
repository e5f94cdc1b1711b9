package gerula.app.archive;

import gerula.app.booking.BookingDraft;
import gerula.app.booking.BookingDraftBuilder;
import gerula.app.kit.item.ItemDraft;
import gerula.app.person.PersonDraft;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.jspecify.annotations.Nullable;

/** Moves every date of an archive by the same number of days. */
final class ArchiveDates {

  private final long days;

  private ArchiveDates(long days) {
    this.days = days;
  }

  /** As if an archive written on one day had been written on another. */
  static ArchiveDates between(LocalDate written, LocalDate asIf) {
    return new ArchiveDates(ChronoUnit.DAYS.between(written, asIf));
  }

  Archived moved(Archived one) {
    return switch (one) {
      case Archived.OfActor _ -> one;
      case Archived.OfPerson person -> moved(person);
      case Archived.OfItem item -> moved(item);
      case Archived.OfBooking booking -> moved(booking);
      case Archived.OfFilling filling -> moved(filling);
      case Archived.OfProduct product -> moved(product);
      case Archived.OfHouseRules house -> moved(house);
      case Archived.OfParcel parcel ->
          new Archived.OfParcel(parcel.id(), parcel.version(), parcel.parcel().laterBy(days));
      case Archived.Wanted wanted -> moved(wanted);
      case Archived.OfShop shop -> moved(shop);
      case Archived.OfOffer offer -> moved(offer);
      case Archived.OfPlace _,
          Archived.Picture _,
          Archived.OfEmpty _,
          Archived.OfSession _,
          Archived.OfTick _,
          Archived.Count _,
          Archived.OfContact _,
          Archived.OfTreatment _,
          Archived.OfIncident _,
          Archived.Unnamed _,
          Archived.OfAct _ ->
          one;
    };
  }

  private Archived.OfPerson moved(Archived.OfPerson one) {
    PersonDraft person = one.person();
    return new Archived.OfPerson(
        one.id(),
        one.version(),
        moved(one.erasedOn()),
        new PersonDraft(
            person.name(),
            person.aliases(),
            person.depth(),
            person.sensitivities(),
            moved(person.askedOn())));
  }

  private Archived.OfItem moved(Archived.OfItem one) {
    return new Archived.OfItem(
        one.id(),
        one.code(),
        one.version(),
        one.product(),
        one.picture(),
        moved(one.discardedOn()),
        one.discardCause(),
        moved(one.besides()),
        moved(one.item()));
  }

  private Archived.@Nullable Besides moved(Archived.@Nullable Besides one) {
    return one == null
        ? null
        : new Archived.Besides(
            moved(one.spoilageOn()),
            one.spoilageWhat(),
            moved(one.brokenPackOn()),
            one.slot(),
            one.empty(),
            moved(one.washedOn()),
            moved(one.useFirstOn()),
            moved(one.keptOn()),
            one.cleanSince(),
            one.cleanBy(),
            one.cleanUntil(),
            one.leftEstimated(),
            moved(one.trialUntil()));
  }

  private Archived.OfProduct moved(Archived.OfProduct one) {
    return new Archived.OfProduct(
        one.id(), one.version(), one.product(), moved(one.discontinuedOn()));
  }

  private Archived.OfHouseRules moved(Archived.OfHouseRules one) {
    return one.money() == null ? one : one.with(one.money().laterBy(days));
  }

  private Archived.OfFilling moved(Archived.OfFilling one) {
    return new Archived.OfFilling(
        one.id(),
        one.version(),
        one.item(),
        one.source(),
        one.filledOn().plusDays(days),
        one.amount(),
        moved(one.washedOutOn()),
        one.onARest());
  }

  private Archived.Wanted moved(Archived.Wanted one) {
    return new Archived.Wanted(
        one.id(),
        one.version(),
        one.product(),
        one.packs(),
        moved(one.neededOn()),
        one.why(),
        one.notedOn().plusDays(days),
        moved(one.gotOn()),
        moved(one.orderedOn()),
        one.orderedFrom(),
        moved(one.thereBy()),
        one.parcel());
  }

  private Archived.OfShop moved(Archived.OfShop one) {
    return new Archived.OfShop(
        one.id(), one.version(), one.shop().proven(moved(one.shop().proofUntil())));
  }

  private Archived.OfOffer moved(Archived.OfOffer one) {
    return new Archived.OfOffer(
        one.id(),
        one.version(),
        one.offer().until(moved(one.offer().until())),
        one.notedOn().plusDays(days),
        moved(one.endedOn()));
  }

  private ItemDraft moved(ItemDraft item) {
    return item.dated(
        moved(item.madeOn()),
        moved(item.boughtOn()),
        moved(item.openedOn()),
        moved(item.printedExpiry()),
        moved(item.askBackOn()));
  }

  private Archived.OfBooking moved(Archived.OfBooking one) {
    BookingDraft booking = one.booking();
    return new Archived.OfBooking(
        one.id(),
        one.version(),
        one.departedAt(),
        one.backAt(),
        BookingDraftBuilder.builder(booking)
            .firstDay(booking.firstDay().plusDays(days))
            .lastDay(booking.lastDay().plusDays(days))
            .faces(booking.faces().stream().map(face -> face.laterBy(days)).toList())
            .days(booking.daysLaterBy(days))
            .build());
  }

  private @Nullable LocalDate moved(@Nullable LocalDate date) {
    return date == null ? null : date.plusDays(days);
  }
}
