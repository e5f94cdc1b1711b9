package gerula.app.restock;

import gerula.app.kit.KitRecords.ProductView;
import gerula.app.kit.intake.Formulas;
import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.Paper.Letters;
import gerula.app.platform.paper.PaperFormat;
import gerula.core.quantity.Unit;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * What one writes to a shop: in words for an e-mail, as a table, on paper.
 *
 * @param goods without shipping
 * @param rate how the shop's money was reckoned, in words; empty where it is the same
 */
record OrderText(
    String shop,
    LocalDate day,
    List<OrderLine> lines,
    BigDecimal goods,
    BigDecimal shipping,
    String currency,
    String rate) {

  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

  /**
   * @param packs of the product, however the shop packs them together
   */
  record OrderLine(int packs, ProductView product, BigDecimal cost) {

    String told() {
      return packs
          + " x "
          + List.of(product.maker(), product.name(), product.shade()).stream()
              .filter(word -> !word.isBlank())
              .collect(Collectors.joining(" "))
          + ", "
          + product.content().stripTrailingZeros().toPlainString()
          + " "
          + unit();
    }

    private String unit() {
      boolean isMany =
          product.unit() == Unit.PIECE && product.content().compareTo(BigDecimal.ONE) != 0;
      return product.unit().code() + (isMany ? "s" : "");
    }
  }

  OrderText {
    lines = List.copyOf(lines);
  }

  String subject() {
    return "Order of " + DAY.format(day);
  }

  String body() {
    return lines.stream()
            .map(line -> line.told() + ": " + line.cost() + " " + currency)
            .collect(Collectors.joining("\n"))
        + "\n\nGoods "
        + goods
        + ", shipping "
        + shipping
        + ", in all "
        + goods.add(shipping)
        + " "
        + currency
        + "\n"
        + (rate.isEmpty() ? "" : rate + "\n");
  }

  String csv() {
    StringWriter written = new StringWriter();
    try (CSVPrinter out = new CSVPrinter(written, CSVFormat.RFC4180)) {
      out.printRecord("packs", "maker", "name", "shade", "size", "unit", "cost", "currency");
      for (OrderLine line : lines) {
        ProductView product = line.product();
        out.printRecord(
            line.packs(),
            Formulas.safe(product.maker()),
            Formulas.safe(product.name()),
            Formulas.safe(product.shade()),
            product.content().stripTrailingZeros().toPlainString(),
            product.unit().code(),
            line.cost(),
            currency);
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException("Writing to memory does not fail.", impossible);
    }
    return written.toString();
  }

  byte[] pdf(PaperFormat format) {
    try (Paper paper = new Paper(format, "Order")) {
      paper.newPage();
      paper.text(Letters.TITLE, subject() + ", " + shop);
      lines.forEach(line -> paper.row(true, line.told(), line.cost() + " " + currency, ""));
      paper.row(false, "Goods", goods + " " + currency, "");
      paper.row(false, "Shipping", shipping + " " + currency, "");
      paper.row(false, "In all", goods.add(shipping) + " " + currency, rate);
      return paper.done();
    }
  }
}
