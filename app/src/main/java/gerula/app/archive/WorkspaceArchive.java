package gerula.app.archive;

import gerula.app.booking.BookingDraft;
import gerula.app.depot.bench.Chosen;
import gerula.app.depot.bench.SessionStore;
import gerula.app.depot.empties.EmptyDraft;
import gerula.app.kit.ItemDraft;
import gerula.app.kit.PlaceDraft;
import gerula.app.kit.ProductDraft;
import gerula.app.ledger.ThingKind;
import gerula.core.depot.Handling;
import gerula.core.kit.Changed;
import gerula.core.kit.DiscardCause;
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
 * A workspace as a file, but for its ledger, which is read act by act: docs/formats/workspace.md
 * describes it.
 *
 * @param format always "gerula-workspace"
 * @param version always 1
 * @param writtenOn the day it was written; dates can be moved along with it
 */
record WorkspaceArchive(
    String format,
    int version,
    LocalDate writtenOn,
    List<ArchivedPlace> places,
    List<ArchivedProduct> products,
    List<ArchivedPicture> pictures,
    List<ArchivedItem> items,
    List<ArchivedBooking> bookings,
    List<ArchivedTick> packed,
    List<ArchivedCount> counts,
    List<ArchivedHouse> house,
    List<ArchivedEmpty> empties,
    List<ArchivedFilling> fillings,
    List<ArchivedSession> sessions,
    List<ArchivedWanted> wanted) {

  static final String FORMAT = "gerula-workspace";
  static final int VERSION = 1;

  /**
   * A place.
   *
   * @param code of its label, null to have one drawn
   * @param version how often it was changed
   */
  record ArchivedPlace(
      @NotNull UUID id, @Nullable String code, int version, @NotNull @Valid PlaceDraft place) {}

  /** A product. */
  record ArchivedProduct(@NotNull UUID id, int version, @NotNull @Valid ProductDraft product) {}

  /** A picture as JPEG, in Base64. */
  record ArchivedPicture(@NotNull UUID id, @NotNull byte[] jpeg) {}

  /**
   * An item of one of the products.
   *
   * @param code of its label, null to have one drawn
   * @param picture id of one of the pictures, null without one
   */
  record ArchivedItem(
      @NotNull UUID id,
      @Nullable String code,
      int version,
      @NotNull UUID product,
      @Nullable UUID picture,
      @Nullable LocalDate discardedOn,
      @Nullable DiscardCause discardCause,
      @Nullable @Valid ArchivedBesides besides,
      @NotNull @Valid ItemDraft item) {}

  /**
   * What acts have left on an item besides what somebody types.
   *
   * @param changedWhat look, smell, texture; empty when nothing is reported
   * @param slot which of the equal slots of its home it has, from 1
   * @param empty the kind of empty it was filled into
   * @param useFirstOn since when it is taken before others of its class
   * @param keptOn the day somebody last went through the kit and kept it
   */
  record ArchivedBesides(
      @Nullable LocalDate changedOn,
      @NotNull List<Changed.@NotNull Sense> changedWhat,
      @Nullable LocalDate brokenPackOn,
      @Nullable @Min(1) @Max(500) Integer slot,
      @Nullable UUID empty,
      @Nullable LocalDate washedOn,
      @Nullable LocalDate useFirstOn,
      @Nullable LocalDate keptOn) {

    static final ArchivedBesides NONE =
        new ArchivedBesides(null, List.of(), null, null, null, null, null, null);
  }

  /**
   * The rules the house works by; at most one.
   *
   * @param ownMonths months after opening by class, where the house follows neither school
   */
  record ArchivedHouse(
      @NotNull UUID id,
      int version,
      @NotNull School dateLimits,
      @NotNull Map<String, Integer> ownMonths,
      int eyeMarginDays,
      int reservePercent,
      int deliveryDays) {}

  /** A kind of empties. */
  record ArchivedEmpty(@NotNull UUID id, int version, @NotNull @Valid EmptyDraft empty) {}

  /**
   * That something of a source went into a container.
   *
   * @param amount in the unit of the product
   * @param washedOutOn the day the container was washed, null while something of it is in there
   * @param onARest whether there was a rest of unknown origin in it
   */
  record ArchivedFilling(
      @NotNull UUID id,
      int version,
      @NotNull UUID item,
      @NotNull UUID source,
      @NotNull LocalDate filledOn,
      @NotNull BigDecimal amount,
      @Nullable LocalDate washedOutOn,
      boolean onARest) {}

  /** A session at the bench. */
  record ArchivedSession(
      @NotNull UUID id,
      int version,
      @NotNull Instant madeAt,
      @NotNull BigDecimal wantedMonths,
      @Nullable UUID backStock,
      @NotNull @Size(max = 200) List<@NotNull @Valid Chosen> chosen,
      SessionStore.@NotNull State state,
      @Nullable Instant startedAt,
      @Nullable Instant endedAt,
      @NotNull @Size(max = 1000) List<@NotNull @Valid ArchivedPiece> pieces) {}

  /** One container of a session. */
  record ArchivedPiece(
      @NotNull UUID id,
      int version,
      int position,
      @NotNull UUID source,
      @NotNull UUID empty,
      @NotNull BigDecimal amount,
      @NotNull Handling handling,
      SessionStore.@NotNull PieceState state,
      @Nullable Instant begunAt,
      int seconds,
      @Nullable UUID decant,
      SessionStore.@Nullable Mishap mishap) {}

  /** Something to buy, or that was bought. */
  record ArchivedWanted(
      @NotNull UUID id,
      int version,
      @NotNull UUID product,
      @Min(1) @Max(999) int packs,
      @Nullable LocalDate neededOn,
      @NotNull @Size(max = 200) String why,
      @NotNull LocalDate notedOn,
      @Nullable LocalDate gotOn) {}

  /** A booking with its faces. */
  record ArchivedBooking(
      @NotNull UUID id,
      int version,
      @Nullable Instant departedAt,
      @Nullable Instant backAt,
      @NotNull @Valid BookingDraft booking) {}

  /** That an item is ticked off for a booking. */
  record ArchivedTick(@NotNull UUID booking, @NotNull UUID item, @NotNull Instant packedAt) {}

  /** A count of a place. */
  record ArchivedCount(
      @NotNull UUID id,
      int version,
      @NotNull UUID place,
      @NotNull Instant startedAt,
      @Nullable Instant settledAt,
      @NotNull @Size(max = 100_000) List<@NotNull @Valid ArchivedSeen> seen) {}

  /** That an item was seen in a count, and the number counted, null when it was only ticked. */
  record ArchivedSeen(@NotNull UUID item, @Nullable BigDecimal counted) {}

  /**
   * One act of the ledger, the oldest first.
   *
   * @param undoes the act it undoes, null for an act of its own
   */
  record ArchivedAct(
      @NotNull UUID id,
      @NotNull @Size(max = 40) String act,
      @NotNull Instant at,
      @NotNull Map<String, Object> facts,
      @Nullable UUID undoes,
      @NotNull @Size(max = 100_000) List<@NotNull @Valid ArchivedThing> things) {}

  /** A thing an act touched, as it was before and after; null when it was not there. */
  record ArchivedThing(
      @NotNull ThingKind kind,
      @NotNull UUID id,
      @Nullable Map<String, Object> before,
      @Nullable Map<String, Object> after) {}
}
