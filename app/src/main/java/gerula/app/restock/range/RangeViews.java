package gerula.app.restock.range;

import gerula.app.kit.KitRecords.ItemView;
import gerula.core.kit.KindOfWork;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.restock.range.LineReach;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What the address of the range answers with. */
final class RangeViews {

  private RangeViews() {}

  /**
   * What the kit is asked about.
   *
   * @param work kinds of work; empty where no booking says one
   */
  record PurposeView(List<KindOfWork> work, double lightest, double deepest) {}

  /**
   * What the work asks for and the kit does not have.
   *
   * @param need a class, or a family and a role
   * @param depths of faces that go without it; empty where it is for any
   * @param nearest items that come near and do not serve
   */
  record HoleView(
      String need,
      Section section,
      List<Double> depths,
      List<KindOfWork> work,
      List<Trait> wanted,
      List<ItemView> nearest) {}

  /** Between two neighbours of a line. */
  record BetweenView(double from, double to, boolean hole) {}

  record LineReachView(
      String maker,
      String name,
      ProductClass productClass,
      List<LineReach.LineShade> shades,
      @Nullable BetweenView widest) {}

  /**
   * @param unmeasured mixers of which nobody knows the colour
   */
  record MixersView(boolean lightens, boolean deepens, long unmeasured) {}

  /**
   * @param difference by CIEDE2000, one decimal
   */
  record DuplicateView(ItemView one, ItemView other, double difference) {}

  /**
   * @param items the first 60, what is known longest in front
   */
  record UnusedView(int months, int total, List<ItemView> items) {}

  /**
   * Something to buy.
   *
   * @param like an item of the product, as the kit has or had it
   * @param fills holes that were still open
   * @param trial whether to try it a month before the others of its line are bought
   * @param after name of the one to be tried first; null where none is
   */
  record RangeBuyView(
      ItemView like,
      UUID offer,
      String shop,
      BigDecimal price,
      int fills,
      boolean trial,
      @Nullable String after) {}

  /**
   * @param over whether it is to be asked now
   */
  record TrialView(ItemView item, LocalDate until, boolean over) {}

  /**
   * What is no longer made.
   *
   * @param left of all of it, in the unit
   * @param faces it is enough for; null where nobody knows how much a face takes
   * @param nearest that can still be bought; null where nothing is offered
   * @param difference of its colour by CIEDE2000; null where one is not measured
   */
  record DiscontinuedView(
      ItemView like,
      BigDecimal left,
      Unit unit,
      @Nullable Integer faces,
      @Nullable ItemView nearest,
      @Nullable Double difference) {}

  /**
   * @param duplicates the nearest, at most 60
   * @param duplicatesInAll how many pairs there are
   * @param order what to buy, first what fills most for its price
   * @param notOffered needs that no offer fills
   */
  record RangeView(
      PurposeView purpose,
      PurposeView usual,
      String currency,
      List<HoleView> holes,
      List<LineReachView> lines,
      MixersView mixers,
      List<DuplicateView> duplicates,
      int duplicatesInAll,
      List<UnusedView> unused,
      List<RangeBuyView> order,
      List<String> notOffered,
      List<TrialView> trials,
      List<DiscontinuedView> discontinued) {}
}
