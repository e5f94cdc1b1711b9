package gerula.app.kit.item;

import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** An item with what only people read. */
public record StoredItem(
    Item item, ItemDetails details, ProductDetails of, int version, int productVersion) {

  /** As it is at that moment: what was drying may be dry. */
  public StoredItem at(Instant now) {
    CleanState clean = item.clean().at(now);
    return clean.equals(item.clean())
        ? this
        : new StoredItem(item.treated(clean), details, of, version, productVersion);
  }

  /**
   * What is known of the item besides what the core computes with.
   *
   * @param pictureId null without a picture
   * @param brokenPackOn the day its pack was reported broken, null as long as it is whole
   * @param emptyId the kind of empty it was filled into, null in its own pack
   * @param washedOn the day its container was washed last, null when never
   * @param useFirstOn since when it is taken before others of its class, null when it is not
   * @param keptOn the day somebody last went through the kit and kept it, null when never
   * @param trialUntil until when it is tried before more of its line is bought, null when it is not
   */
  @RecordBuilder
  public record ItemDetails(
      String code,
      String note,
      String batch,
      @Nullable BigDecimal price,
      @Nullable String currency,
      boolean favourite,
      boolean rare,
      String brushSet,
      @Nullable UUID pictureId,
      @Nullable LocalDate brokenPackOn,
      @Nullable UUID emptyId,
      @Nullable LocalDate washedOn,
      @Nullable LocalDate useFirstOn,
      @Nullable LocalDate keptOn,
      @Nullable LocalDate trialUntil,
      @Nullable LocalDate discardedOn,
      @Nullable DiscardCause discardCause) {}

  /**
   * What is known of its product.
   *
   * @param colour as #rrggbb
   * @param periodAfterOpening months, null when none is printed
   * @param discontinuedOn since when it is no longer made, null as long as it is
   */
  public record ProductDetails(
      @Nullable String colour,
      @Nullable Integer periodAfterOpening,
      @Nullable Finish finish,
      @Nullable Coverage coverage,
      @Nullable Integer spf,
      @Nullable BigDecimal wattHours,
      @Nullable String packCode,
      @Nullable LocalDate discontinuedOn) {}

  public UUID id() {
    return item.id();
  }

  public boolean isDiscarded() {
    return details.discardedOn() != null;
  }
}
