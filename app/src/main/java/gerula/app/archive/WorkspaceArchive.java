package gerula.app.archive;

import gerula.app.booking.BookingDraft;
import gerula.app.kit.ItemDraft;
import gerula.app.kit.PlaceDraft;
import gerula.app.kit.ProductDraft;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;

/**
 * A workspace as a file: docs/formats/workspace.md describes it.
 *
 * @param format always "gerula-workspace"
 * @param version always 1
 * @param writtenOn the day it was written; dates can be moved along with it
 */
public record WorkspaceArchive(
    @NotNull String format,
    int version,
    @NotNull LocalDate writtenOn,
    @NotNull @Valid @Size(max = 5_000) List<ArchivedPlace> places,
    @NotNull @Valid @Size(max = 50_000) List<ArchivedProduct> products,
    @NotNull @Valid @Size(max = 50_000) List<ArchivedItem> items,
    @NotNull @Valid @Size(max = 5_000) List<ArchivedBooking> bookings) {

  /** A place; the places it lies in come before it. */
  public record ArchivedPlace(@NotNull UUID id, @NotNull @Valid PlaceDraft place) {}

  /** A product. */
  public record ArchivedProduct(@NotNull UUID id, @NotNull @Valid ProductDraft product) {}

  /** An item of one of the products. */
  public record ArchivedItem(
      @NotNull UUID id, @NotNull UUID product, @NotNull @Valid ItemDraft item) {}

  /** A booking with its faces. */
  public record ArchivedBooking(@NotNull UUID id, @NotNull @Valid BookingDraft booking) {}
}
