package gerula.app.kit;

import gerula.app.ledger.LedgerEntry;
import gerula.core.dates.Clock;
import gerula.core.kit.Cleanliness;
import gerula.core.kit.DiscardCause;
import gerula.core.kit.Form;
import gerula.core.kit.Mark;
import gerula.core.kit.Outline;
import gerula.core.kit.PlaceKind;
import gerula.core.kit.ProductClass;
import gerula.core.kit.Section;
import gerula.core.kit.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.Because;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the kit's addresses answer with. Dates ISO 8601, masses g, lengths mm. */
public final class KitRecords {

  private KitRecords() {}

  /** A place. */
  public record PlaceView(
      UUID id,
      @Nullable UUID parent,
      String name,
      PlaceKind kind,
      boolean portable,
      int reach,
      @Nullable Integer innerWidthMm,
      @Nullable Integer innerDepthMm,
      @Nullable Integer innerHeightMm,
      int ownMassG,
      @Nullable Integer greatestMassG,
      @Nullable Section section,
      int version) {}

  /**
   * Outer measures of a full pack.
   *
   * @param estimated whether they follow from form and content rather than from a ruler
   */
  public record MeasuresView(
      Outline outline, int widthMm, int depthMm, int heightMm, long massG, boolean estimated) {}

  /** A product. */
  public record ProductView(
      UUID id,
      String maker,
      String name,
      String shade,
      @Nullable String colour,
      ProductClass productClass,
      Section section,
      Form form,
      BigDecimal content,
      Unit unit,
      @Nullable Double depth,
      List<Trait> traits,
      List<String> contains,
      @Nullable Integer periodAfterOpening,
      MeasuresView measures,
      int version) {}

  /** One of the four marks. */
  public record MarkView(Mark.State state, Because because) {}

  /** The four marks, always in this order. */
  public record MarksView(MarkView place, MarkView date, MarkView clean, MarkView amount) {}

  /** A clock and where it ends. */
  public record ClockView(Clock clock, LocalDate lastDay) {}

  /** The last day of use and every clock that had a say, the one that ends first in front. */
  public record UseByView(
      @Nullable LocalDate lastDay, @Nullable LocalDate replaceBy, List<ClockView> clocks) {}

  /** An item with its product. */
  public record ItemView(
      UUID id,
      ProductView product,
      @Nullable LocalDate madeOn,
      @Nullable LocalDate boughtOn,
      @Nullable LocalDate openedOn,
      @Nullable LocalDate printedExpiry,
      BigDecimal left,
      @Nullable UUID home,
      @Nullable UUID now,
      Cleanliness cleanliness,
      boolean personal,
      String note,
      @Nullable LocalDate discardedOn,
      @Nullable DiscardCause discardCause,
      long massG,
      MarksView marks,
      UseByView useBy,
      int version) {}

  /** Everything in the kit that has not been discarded, and all places. */
  public record KitView(List<PlaceView> places, List<ItemView> items) {}

  /** One item and what was done with it, the newest act first. */
  public record ItemSheet(ItemView item, List<LedgerEntry> history) {}
}
