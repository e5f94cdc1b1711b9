package gerula.app.restock;

import gerula.app.kit.intake.CsvTable;
import gerula.core.dates.DateOrder;
import gerula.core.dates.TypedDates;
import gerula.core.kit.intake.Written;
import gerula.core.quantity.Money;
import gerula.core.restock.offer.DiscountTerms;
import gerula.core.restock.shop.OfferLine;
import gerula.core.restock.shop.SaidOfShop;
import gerula.core.restock.shop.Shop;
import gerula.core.restock.shop.ShopOffer;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One row of a table of offers; what cannot be read is said with its column. */
final class OfferCells {

  private static final int USUAL_DELIVERY_DAYS = 3;
  private static final String USUAL_CURRENCY = "EUR";

  private final CsvTable.Row row;
  private final Map<String, Integer> columns;
  private final TypedDates dates;

  OfferCells(CsvTable.Row row, Map<String, Integer> columns, LocalDate today) {
    this.row = row;
    this.columns = columns;
    this.dates = new TypedDates(today, DateOrder.DAY_FIRST, TypedDates.Meant.DAY);
  }

  /** Empty where the table has no such column. */
  String of(String column) {
    Integer at = columns.get(column);
    return at == null ? "" : row.cell(at);
  }

  private static IllegalArgumentException unreadable(String column, String cell, String wanted) {
    String shown = cell.length() > 40 ? cell.substring(0, 40) + "…" : cell;
    return new IllegalArgumentException(
        "In " + column + " stands \"" + shown + "\": write " + wanted + ".");
  }

  private @Nullable BigDecimal money(String column) {
    String cell = of(column);
    return cell.isEmpty()
        ? null
        : Written.number(cell.replaceAll("[€$£]|[A-Z]{3}$", "").strip())
            .orElseThrow(() -> unreadable(column, cell, "an amount, like 6.90"));
  }

  private @Nullable Integer whole(String column) {
    String cell = of(column);
    return cell.isEmpty()
        ? null
        : Written.number(cell)
            .filter(one -> one.stripTrailingZeros().scale() <= 0 && one.abs().intValue() < 100_000)
            .map(BigDecimal::intValue)
            .orElseThrow(() -> unreadable(column, cell, "a whole number"));
  }

  private @Nullable LocalDate until() {
    String cell = of("until");
    return cell.isEmpty()
        ? null
        : dates.readAlone(cell).orElseThrow(() -> unreadable("until", cell, "a day"));
  }

  /** In the words of a line: "3 for 2", "10 % from 3". */
  private DiscountTerms discount() {
    String cell = of("discount");
    if (cell.isEmpty()) {
      return DiscountTerms.NONE;
    }
    DiscountTerms read = OfferLine.read("thing " + cell, dates).discount();
    if (read.kind() == null) {
      throw unreadable("discount", cell, "it like 3 for 2, 10 % off or 10 % off from 3");
    }
    return read;
  }

  ShopOffer offer(UUID id, UUID shop, UUID product) {
    BigDecimal price = money("price");
    if (price == null) {
      throw new IllegalArgumentException("It says no price.");
    }
    Integer packs = whole("packs");
    return new ShopOffer(
        id,
        shop,
        product,
        packs == null ? 1 : packs,
        price,
        discount(),
        until(),
        whole("at most"),
        dates.today(),
        null);
  }

  /** One that is not written down yet. */
  Shop shop(UUID id) {
    if (of("shop").length() > 100) {
      throw new IllegalArgumentException("A shop's name has at most 100 characters.");
    }
    SaidOfShop said = ofShop();
    return new Shop(
        id,
        of("shop"),
        said.deliveryDays() == null ? USUAL_DELIVERY_DAYS : said.deliveryDays(),
        Shop.WEEKDAYS,
        said.shipping() == null ? BigDecimal.ZERO : said.shipping(),
        said.freeFrom(),
        null,
        said.currency() == null ? USUAL_CURRENCY : said.currency(),
        null,
        null);
  }

  SaidOfShop ofShop() {
    String currency = of("currency").toUpperCase(Locale.ROOT);
    if (!currency.isEmpty() && Money.currencyOf(currency).isEmpty()) {
      throw unreadable("currency", currency, "three letters, like EUR");
    }
    return new SaidOfShop(
        whole("days"), money("shipping"), money("free from"), currency.isEmpty() ? null : currency);
  }
}
