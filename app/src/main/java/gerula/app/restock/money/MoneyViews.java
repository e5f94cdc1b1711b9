package gerula.app.restock.money;

import gerula.app.kit.KitRecords.ItemView;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Unit;
import gerula.core.restock.money.BookingCost;
import gerula.core.restock.money.Prices;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What the addresses of money answer with. Every amount is in one's own money, rounded. */
final class MoneyViews {

  private MoneyViews() {}

  record OfSection(Section section, BigDecimal amount) {}

  /**
   * @param items in the kit
   * @param withoutPrice of which nobody told what was paid
   * @param withoutRate paid in money of which no rate was typed
   */
  record ValueView(
      BigDecimal total,
      List<OfSection> bySection,
      int items,
      long withoutPrice,
      long withoutRate) {}

  record OfClass(ProductClass productClass, BigDecimal amount) {}

  /**
   * @param amount of all its classes
   * @param classes only those of which something was bought
   */
  record SectionSpendView(Section section, BigDecimal amount, List<OfClass> classes) {}

  /**
   * @param bySection only where something was bought
   * @param shipping of what was ordered in it
   * @param total with shipping
   */
  record MonthView(
      YearMonth month, List<SectionSpendView> bySection, BigDecimal shipping, BigDecimal total) {}

  /**
   * @param from the first day looked at
   * @param months the oldest first, those without anything too
   * @param withoutDay bought at a known price on a day nobody told: in no month
   * @param withoutRate paid in money of which no rate was typed: in no month
   */
  record SpendView(
      LocalDate from,
      BigDecimal total,
      BigDecimal shipping,
      List<MonthView> months,
      int withoutDay,
      int withoutRate) {}

  record OfCause(DiscardCause cause, int items, BigDecimal lost) {}

  /**
   * @param content that would have done, in the unit of the product
   * @param saved at the same price by amount
   */
  record SmallerView(BigDecimal content, BigDecimal saved) {}

  record LostView(
      ItemView item,
      LocalDate on,
      DiscardCause cause,
      BigDecimal lost,
      @Nullable SmallerView smaller) {}

  /**
   * @param byDateThisYear discarded for its date since 1 January
   * @param saved what smaller packs would have saved
   * @param rows the dearest first, at most 40
   * @param unpriced discarded at a price nobody knows
   */
  record WasteView(
      BigDecimal total,
      BigDecimal byDateThisYear,
      List<OfCause> byCause,
      List<OfSection> bySection,
      BigDecimal saved,
      List<LostView> rows,
      int unpriced) {}

  record WorthView(ItemView item, BigDecimal value, @Nullable LocalDate lastUsed) {}

  /**
   * What lies unused.
   *
   * @param months for so long
   * @param rows the dearest first, at most 40
   */
  record IdleMoneyView(int months, BigDecimal total, int items, List<WorthView> rows) {}

  /**
   * @param like an item of it
   * @param perUnit four decimals
   */
  record ProductCostView(
      ItemView like,
      BigDecimal perUnit,
      Unit unit,
      int uses,
      @Nullable BigDecimal perUse,
      @Nullable BigDecimal perFace) {}

  /**
   * @param products what each time costs, the dearest face first, at most 60
   */
  record MoneyView(
      String currency,
      ValueView value,
      SpendView spend,
      WasteView waste,
      List<IdleMoneyView> unused,
      List<ProductCostView> products) {}

  record CostPartView(BookingCost.Part part, BigDecimal cost) {}

  record CostLineView(ItemView item, BigDecimal amount, BigDecimal cost) {}

  /**
   * What a booking costs in material.
   *
   * @param expected by its list; else by what was used on its days
   * @param shared other bookings that were out on the same days: what was used is shared out evenly
   * @param faces that are done on it, a face on two days is two
   * @param perFace null where there are none
   * @param lines the dearest first, at most 40
   * @param unpriced items whose price is not known: it costs more than this
   */
  record BookingCostView(
      String currency,
      boolean expected,
      int shared,
      List<CostPartView> parts,
      BigDecimal total,
      int faces,
      @Nullable BigDecimal perFace,
      List<CostLineView> lines,
      int unpriced) {}

  /** How the price of an item is known, in words for a table. */
  static String words(Prices.Source source) {
    return switch (source) {
      case PAID -> "paid";
      case FROM_ITS_PACK -> "from the pack it was filled from";
      case NO_RATE -> "paid in money without a rate";
      case NOT_TOLD -> "not known";
    };
  }
}
