package gerula.app.archive;

import com.fasterxml.jackson.annotation.JsonAlias;
import gerula.app.booking.BookingDraft;
import gerula.app.depot.bench.Chosen;
import gerula.app.depot.bench.SessionStore;
import gerula.app.depot.bench.SessionStore.PieceState;
import gerula.app.depot.bench.SessionStore.State;
import gerula.app.depot.empties.EmptyDraft;
import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.place.PlaceDraft;
import gerula.app.kit.product.ProductDraft;
import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Upcaster;
import gerula.app.person.PersonDraft;
import gerula.app.platform.workspace.Role;
import gerula.app.restock.OfferDraft;
import gerula.app.restock.ParcelDraft;
import gerula.app.restock.ShopDraft;
import gerula.app.rule.MoneyDraft;
import gerula.core.cleandown.Contact.How;
import gerula.core.cleandown.treatment.Incident;
import gerula.core.cleandown.treatment.Moment;
import gerula.core.cleandown.treatment.Step;
import gerula.core.depot.bench.Handling;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.rule.School;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What an archive holds, element by element: docs/formats/workspace.md describes it. Ids of one
 * kind are used once.
 */
sealed interface Archived {

  /**
   * Somebody who did something here.
   *
   * @param role what he might do when the file was written
   */
  record OfActor(
      @NotNull UUID id, @NotNull @Size(min = 1, max = 254) String name, @NotNull Role role)
      implements Archived {}

  /**
   * A person.
   *
   * @param erasedOn the day on which everything known was erased, null as long as it is known
   */
  record OfPerson(
      @NotNull UUID id,
      int version,
      @Nullable LocalDate erasedOn,
      @NotNull @Valid PersonDraft person)
      implements Archived {}

  /**
   * A place.
   *
   * @param code of its label, null to have one drawn
   * @param version how often it was changed
   */
  record OfPlace(
      @NotNull UUID id,
      @Nullable String code,
      int version,
      @NotNull @Valid PlaceDraft place,
      @Nullable Instant usedSince,
      @Nullable Instant wetUntil)
      implements Archived {}

  /**
   * A product.
   *
   * @param discontinuedOn since when it is no longer made, null as long as it is
   */
  record OfProduct(
      @NotNull UUID id,
      int version,
      @NotNull @Valid ProductDraft product,
      @Nullable LocalDate discontinuedOn)
      implements Archived {}

  /** A picture as JPEG, in Base64. */
  record Picture(@NotNull UUID id, @NotNull byte[] jpeg) implements Archived {}

  /**
   * An item of one of the products.
   *
   * @param code of its label, null to have one drawn
   * @param picture id of one of the pictures, null without one
   */
  record OfItem(
      @NotNull UUID id,
      @Nullable String code,
      int version,
      @NotNull UUID product,
      @Nullable UUID picture,
      @Nullable LocalDate discardedOn,
      @Nullable DiscardCause discardCause,
      @Nullable @Valid Besides besides,
      @NotNull @Valid ItemDraft item)
      implements Archived {}

  /**
   * What acts have left on an item besides what somebody types. Before version 5 a spoilage report
   * was called changed.
   *
   * @param spoilageWhat look, smell, texture; empty when nothing is reported
   * @param slot which of the equal slots of its home it has, from 1
   * @param empty the kind of empty it was filled into
   * @param useFirstOn since when it is taken before others of its class
   * @param keptOn the day somebody last went through the kit and kept it
   * @param cleanSince since when it is as clean as it is, null when nobody knows
   * @param cleanBy what made it so, null: somebody said so
   * @param cleanUntil when it will be dry
   * @param leftEstimated whether what is left follows from uses since it was last measured; null:
   *     no
   * @param trialUntil until when it is tried before more of its line is bought
   */
  record Besides(
      @JsonAlias("changedOn") @Nullable LocalDate spoilageOn,
      @JsonAlias("changedWhat") @NotNull List<SpoilageReport.@NotNull Sense> spoilageWhat,
      @Nullable LocalDate brokenPackOn,
      @Nullable @Min(1) @Max(500) Integer slot,
      @Nullable UUID empty,
      @Nullable LocalDate washedOn,
      @Nullable LocalDate useFirstOn,
      @Nullable LocalDate keptOn,
      @Nullable Instant cleanSince,
      CleanState.@Nullable By cleanBy,
      @Nullable Instant cleanUntil,
      @Nullable Boolean leftEstimated,
      @Nullable LocalDate trialUntil) {

    static final Besides NONE =
        new Besides(
            null, List.of(), null, null, null, null, null, null, null, null, null, null, null);
  }

  /**
   * The rules the house works by; at most one.
   *
   * @param ownMonths months after opening by class, where the house follows neither school
   * @param practices since version 11: codes by matter
   * @param usablePercent since version 14, as are the others after it
   * @param money since version 17; null until somebody said it
   */
  record OfHouseRules(
      @NotNull UUID id,
      int version,
      @NotNull School dateLimits,
      @NotNull Map<String, Integer> ownMonths,
      int eyeMarginDays,
      int reservePercent,
      int deliveryDays,
      @Nullable Double shadeLimit,
      @Nullable Map<String, String> practices,
      @Nullable Integer usablePercent,
      @Nullable Integer wornGrams,
      @Nullable Integer carriedGrams,
      @Nullable @Size(max = 2000) String cardWords,
      @Nullable @Valid MoneyDraft money)
      implements Archived {

    OfHouseRules with(MoneyDraft other) {
      return new OfHouseRules(
          id,
          version,
          dateLimits,
          ownMonths,
          eyeMarginDays,
          reservePercent,
          deliveryDays,
          shadeLimit,
          practices,
          usablePercent,
          wornGrams,
          carriedGrams,
          cardWords,
          other);
    }
  }

  /** A kind of empties. */
  record OfEmpty(@NotNull UUID id, int version, @NotNull @Valid EmptyDraft empty)
      implements Archived {}

  /**
   * That something of a source went into a container.
   *
   * @param amount in the unit of the product
   * @param washedOutOn the day the container was washed, null while something of it is in there
   * @param onARest whether there was a rest of unknown origin in it
   */
  record OfFilling(
      @NotNull UUID id,
      int version,
      @NotNull UUID item,
      @NotNull UUID source,
      @NotNull LocalDate filledOn,
      @NotNull BigDecimal amount,
      @Nullable LocalDate washedOutOn,
      boolean onARest)
      implements Archived {}

  /** A session at the bench. */
  record OfSession(
      @NotNull UUID id,
      int version,
      @NotNull Instant madeAt,
      @NotNull BigDecimal wantedMonths,
      @Nullable UUID backStock,
      @NotNull @Size(max = 200) List<@NotNull @Valid Chosen> chosen,
      @NotNull State state,
      @Nullable Instant startedAt,
      @Nullable Instant endedAt,
      @NotNull @Size(max = 1000) List<@NotNull @Valid OfPiece> pieces)
      implements Archived {}

  /** One container of a session. */
  record OfPiece(
      @NotNull UUID id,
      int version,
      int position,
      @NotNull UUID source,
      @NotNull UUID empty,
      @NotNull BigDecimal amount,
      @NotNull Handling handling,
      @NotNull PieceState state,
      @Nullable Instant begunAt,
      int seconds,
      @Nullable UUID decant,
      SessionStore.@Nullable Mishap mishap) {}

  /** Something to buy, or that was bought. */
  record Wanted(
      @NotNull UUID id,
      int version,
      @NotNull UUID product,
      @Min(1) @Max(999) int packs,
      @Nullable LocalDate neededOn,
      @NotNull @Size(max = 200) String why,
      @NotNull LocalDate notedOn,
      @Nullable LocalDate gotOn,
      @Nullable LocalDate orderedOn,
      @Nullable UUID orderedFrom,
      @Nullable LocalDate thereBy,
      @Nullable UUID parcel)
      implements Archived {}

  /** What was ordered from one shop at one time. */
  record OfParcel(@NotNull UUID id, int version, @NotNull @Valid ParcelDraft parcel)
      implements Archived {}

  /** Where one buys. */
  record OfShop(@NotNull UUID id, int version, @NotNull @Valid ShopDraft shop)
      implements Archived {}

  /** What a shop sells, or sold. */
  record OfOffer(
      @NotNull UUID id,
      int version,
      @NotNull @Valid OfferDraft offer,
      @NotNull LocalDate notedOn,
      @Nullable LocalDate endedOn)
      implements Archived {}

  /** A picture of something that is still to be named. */
  record Unnamed(
      @NotNull UUID id, @NotNull UUID picture, @Nullable UUID place, @NotNull Instant takenAt)
      implements Archived {}

  /** A booking with its faces. */
  record OfBooking(
      @NotNull UUID id,
      int version,
      @Nullable Instant departedAt,
      @Nullable Instant backAt,
      @NotNull @Valid BookingDraft booking)
      implements Archived {}

  /** That an item is ticked off for a booking. */
  record OfTick(@NotNull UUID booking, @NotNull UUID item, @NotNull Instant packedAt)
      implements Archived {}

  /** That something touched somebody. */
  record OfContact(
      @NotNull UUID id,
      @NotNull UUID item,
      @NotNull UUID person,
      @Nullable UUID booking,
      @Nullable UUID face,
      @NotNull How how,
      @NotNull Instant at)
      implements Archived {}

  /** What was done to clean a thing, or beside between two faces. */
  record OfTreatment(
      @NotNull UUID id,
      @Nullable UUID item,
      @Nullable UUID place,
      @Nullable UUID booking,
      @Nullable UUID face,
      @NotNull Moment moment,
      @NotNull Instant begunAt,
      @Nullable Instant doneAt,
      @Min(1) @Max(100) int sprayPercent,
      @Nullable UUID agent,
      @NotNull @Size(max = 100) List<@NotNull @Valid OfStep> steps)
      implements Archived {}

  /** A step of it. */
  record OfStep(@NotNull Step step, @NotNull Instant at) {}

  /** That something happened to a thing beside its usual use. */
  record OfIncident(
      @NotNull UUID id,
      @NotNull UUID item,
      @Nullable UUID booking,
      @Nullable UUID face,
      @NotNull Incident incident,
      @NotNull Instant at)
      implements Archived {}

  /** A count of a place. */
  record Count(
      @NotNull UUID id,
      int version,
      @NotNull UUID place,
      @NotNull Instant startedAt,
      @Nullable Instant settledAt,
      @NotNull @Size(max = 100_000) List<@NotNull @Valid OfSeen> seen)
      implements Archived {}

  /** That an item was seen in a count, and the number counted, null when it was only ticked. */
  record OfSeen(@NotNull UUID item, @Nullable BigDecimal counted) {}

  /**
   * One act of the ledger, the oldest first. The things it touched follow it one by one.
   *
   * @param who the actor who did it, null in archives before version 4
   * @param undoes the act it undoes, null for an act of its own
   */
  record OfAct(
      @NotNull UUID id,
      @NotNull @Size(max = 40) String act,
      @NotNull Instant at,
      @Nullable UUID who,
      @NotNull Map<String, Object> facts,
      @Nullable UUID undoes)
      implements Archived {}

  /**
   * A thing an act touched, as it was before and after; null when it was not there.
   *
   * @param level of the tables when it was written, null in archives before version 3
   */
  record OfThing(
      @NotNull ThingKind kind,
      @NotNull UUID id,
      @Nullable @Min(1) @Max(Upcaster.NEWEST_LEVEL) Integer level,
      @Nullable Map<String, Object> before,
      @Nullable Map<String, Object> after) {}
}
