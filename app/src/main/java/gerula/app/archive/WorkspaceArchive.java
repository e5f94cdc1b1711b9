package gerula.app.archive;

import gerula.app.booking.BookingDraft;
import gerula.app.kit.ItemDraft;
import gerula.app.kit.PlaceDraft;
import gerula.app.kit.ProductDraft;
import gerula.app.ledger.ThingKind;
import gerula.core.kit.DiscardCause;
import jakarta.validation.Valid;
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
    List<ArchivedCount> counts) {

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
      @NotNull @Valid ItemDraft item) {}

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
      @NotNull @Size(max = 100_000) List<@Valid ArchivedSeen> seen) {}

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
      @NotNull @Size(max = 100_000) List<@Valid ArchivedThing> things) {}

  /** A thing an act touched, as it was before and after; null when it was not there. */
  record ArchivedThing(
      @NotNull ThingKind kind,
      @NotNull UUID id,
      @Nullable Map<String, Object> before,
      @Nullable Map<String, Object> after) {}
}
