package gerula.app.kit;

import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceDraft;
import gerula.app.kit.product.LabelAnswer;
import gerula.app.kit.product.ShadeDraft;
import gerula.app.ledger.HistoryPage;
import gerula.app.ledger.Usage;
import gerula.core.dates.Clock;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.CostPerUse;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Level;
import gerula.core.kit.item.Mark;
import gerula.core.kit.item.Marks;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.opencase.CaseFinding;
import gerula.core.kit.opencase.Tray;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceUse;
import gerula.core.kit.place.SetContent;
import gerula.core.kit.product.Coverage;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Roles;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the kit's addresses answer with. Dates ISO 8601, masses g, lengths mm. */
public final class KitRecords {

  private KitRecords() {}

  /**
   * A place.
   *
   * @param bag whether a booking can take it along
   * @param estimated whether its measures are a rough size that nobody took with a ruler
   * @param use what it serves for, null for the working kit
   * @param code what stands on its label
   * @param walk its number on the way one walks through all places, from 0
   * @param things how many lie directly in it
   */
  @RecordBuilder
  public record PlaceView(
      UUID id,
      @Nullable UUID parent,
      String name,
      PlaceKind kind,
      boolean portable,
      boolean bag,
      int reach,
      @Nullable Integer innerWidthMm,
      @Nullable Integer innerDepthMm,
      @Nullable Integer innerHeightMm,
      int ownMassG,
      @Nullable Integer greatestMassG,
      @Nullable Section section,
      @Nullable UUID home,
      PlaceDraft.@Nullable SlotsDraft slots,
      boolean sealed,
      boolean windowed,
      boolean worn,
      List<Section> allowed,
      @Nullable String performer,
      @Nullable UUID personId,
      @Nullable UUID thing,
      String note,
      boolean estimated,
      List<SetContent> setContents,
      @Nullable PlaceUse use,
      boolean carrier,
      Cleanliness cleanliness,
      @Nullable Instant cleanUntil,
      String code,
      int walk,
      int things,
      int version) {}

  /**
   * Outer measures of a full pack.
   *
   * @param estimated whether they follow from form and content rather than from a ruler
   */
  public record MeasuresView(
      Outline outline, int widthMm, int depthMm, int heightMm, long massG, boolean estimated) {}

  /**
   * A product.
   *
   * @param alsoServes what else it is for
   * @param shades those that lie side by side in one pack; empty where it is of one shade
   * @param composition what its label was found to say
   * @param unchecked what its label is still to be read for, of what every artist asks about
   * @param discontinuedOn since when it is no longer made, null as long as it is
   * @param couldBe the classes that its own was parted into: one of them is to be chosen; empty for
   *     a class that is clear
   */
  @RecordBuilder
  public record ProductView(
      UUID id,
      String maker,
      String name,
      String shade,
      @Nullable String colour,
      ProductClass productClass,
      List<ProductClass> couldBe,
      List<ProductClass> alsoServes,
      Section section,
      Form form,
      BigDecimal content,
      Unit unit,
      @Nullable Double depth,
      List<ShadeDraft> shades,
      List<Role> roles,
      List<Role> serves,
      Roles.Source servesBy,
      List<Trait> traits,
      List<LabelAnswer> composition,
      List<String> unchecked,
      @Nullable Integer periodAfterOpening,
      MeasuresView measures,
      @Nullable Finish finish,
      @Nullable Coverage coverage,
      @Nullable Integer spf,
      @Nullable BigDecimal wattHours,
      @Nullable String packCode,
      @Nullable LocalDate discontinuedOn,
      @Nullable Integer brushes,
      int version) {}

  /** A report of changed look, smell or texture. */
  public record SpoilageView(LocalDate on, List<SpoilageReport.Sense> what) {}

  /** What an item was moved into; its size in the unit of the product. */
  public record DecantView(Container container, BigDecimal size, MeasuresView measures) {}

  /** One of the four marks. */
  public record MarkView(Mark.State state, Marks.MarkReason reason) {}

  /** The four marks, always in this order. */
  public record MarksView(MarkView place, MarkView date, MarkView clean, MarkView amount) {}

  /** A clock and where it ends. */
  public record ClockView(Clock clock, LocalDate lastDay) {}

  /** The last day of use and every clock that had a say, the one that ends first in front. */
  public record UseByView(
      @Nullable LocalDate lastDay, @Nullable LocalDate replaceBy, List<ClockView> clocks) {}

  /**
   * An item with its product.
   *
   * @param code what stands on its label
   * @param size what it holds when full
   * @param sealed not opened yet, where opening it starts a clock
   * @param level how full it is at a glance
   * @param decantable whether something of it can go into another container
   * @param decant null in its own pack
   * @param picture id of its picture, null without one
   * @param slot which of the equal slots of its home it has, from 1
   * @param spoilage that its look, smell or texture was reported spoiled
   * @param brokenPackOn the day its pack was reported broken
   * @param washedOn the day its container was washed last
   * @param usedFirst whether it is taken before others of its class
   * @param keptOn the day somebody last went through the kit and kept it
   * @param trialUntil until when it is tried before more of its line is bought
   */
  @RecordBuilder
  public record ItemView(
      UUID id,
      ProductView product,
      @Nullable LocalDate madeOn,
      @Nullable LocalDate boughtOn,
      @Nullable LocalDate openedOn,
      @Nullable LocalDate printedExpiry,
      boolean sealed,
      String code,
      BigDecimal left,
      boolean leftEstimated,
      BigDecimal size,
      Level level,
      boolean decantable,
      @Nullable UUID home,
      @Nullable UUID now,
      Cleanliness cleanliness,
      @Nullable Instant cleanSince,
      CleanState.By cleanBy,
      @Nullable Instant cleanUntil,
      boolean personal,
      @Nullable String onlyFor,
      @Nullable UUID onlyForId,
      String note,
      String batch,
      @Nullable BigDecimal price,
      @Nullable String currency,
      boolean favourite,
      boolean rare,
      String brushSet,
      @Nullable DecantView decant,
      @Nullable LocalDate askBackOn,
      @Nullable UUID picture,
      @Nullable Integer slot,
      @Nullable SpoilageView spoilage,
      @Nullable LocalDate brokenPackOn,
      @Nullable LocalDate washedOn,
      boolean usedFirst,
      @Nullable LocalDate keptOn,
      @Nullable LocalDate trialUntil,
      @Nullable LocalDate discardedOn,
      @Nullable DiscardCause discardCause,
      long massG,
      MarksView marks,
      UseByView useBy,
      int version) {}

  /** All places, each before what lies in it, in the order one walks. */
  public record PlacesView(List<PlaceView> places) {}

  /**
   * One part of a list.
   *
   * @param total how many there are in all
   * @param items those asked for
   */
  public record ItemPage(int total, List<ItemView> items) {}

  /**
   * How the kit stands.
   *
   * @param things not discarded
   * @param outOfPlace not at home
   * @param pastDate past their last day
   * @param low a quarter or less, or nothing
   * @param toClean not clean
   */
  public record KitSummary(int things, int outOfPlace, int pastDate, int low, int toClean) {}

  /** So many things whose last day this is. */
  public record EndingDay(LocalDate lastDay, int things) {}

  /**
   * How much a thing is used: a use is when somebody says so, and when it comes back from a
   * booking.
   *
   * @param lastUsed null when never
   * @param costPerUse the price over the uses, null without a price
   */
  public record WearView(
      int uses,
      int usesInAYear,
      @Nullable LocalDate lastUsed,
      @Nullable BigDecimal costPerUse,
      @Nullable String currency) {

    /** What the ledger says of an item. */
    public static WearView of(StoredItem item, Usage.Wear wear) {
      BigDecimal price = item.details().price();
      return new WearView(
          wear.uses(),
          wear.inAYear(),
          wear.last(),
          price == null ? null : CostPerUse.of(price, wear.uses()),
          item.details().currency());
    }
  }

  /**
   * One item, what was done with it of late, and others of the same product.
   *
   * @param holds the place this item is, null for most
   */
  public record ItemSheet(
      ItemView item,
      WearView wear,
      HistoryPage history,
      List<ItemView> others,
      @Nullable UUID holds) {}

  /** One place and what was done with it of late. */
  public record PlaceSheet(PlaceView place, HistoryPage history, @Nullable UUID openCount) {}

  /** A place laid open, and the things drawn in it. */
  public record OpenPlace(Tray tray, List<ItemView> items, List<CaseFinding> findings) {}
}
