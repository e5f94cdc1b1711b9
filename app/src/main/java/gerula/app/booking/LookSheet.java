package gerula.app.booking;

import gerula.app.booking.LookController.LookRead;
import gerula.app.booking.LookDraft.PartDraft;
import gerula.app.kit.WholeKit;
import gerula.app.kit.intake.CsvTable;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.booking.look.Look;
import gerula.core.kit.intake.ClassGuess;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads a look from a table as another artist hands it over. */
@Component
class LookSheet {

  /** As much as a look can say; the same as {@link PartDraft} holds it to. */
  private static final Map<Cell, Integer> LENGTHS =
      Map.of(PartDraft::told, 120, PartDraft::tool, 80, PartDraft::where, 80, PartDraft::note, 500);

  private interface Cell {
    String of(PartDraft part);
  }

  private final WholeKit kit;
  private final Workspaces workspaces;

  LookSheet(WholeKit kit, Workspaces workspaces) {
    this.kit = kit;
    this.workspaces = workspaces;
  }

  LookRead read(SignedIn who, String csv) {
    CsvTable table =
        CsvTable.read(
            csv.getBytes(StandardCharsets.UTF_8),
            Deadline.of(Limit.WORK_SECONDS, "Reading this sheet"));
    Map<String, Integer> columns = new HashMap<>();
    for (int i = 0; i < table.header().size(); i++) {
      columns.putIfAbsent(plain(table.header().get(i)), i);
    }
    if (!columns.containsKey("product")) {
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  "csv",
                  "no-column",
                  "No column is called product. Name the columns in the first line: product, and of"
                      + " maker, shade, class, colour, tenths, tool, where and note those you"
                      + " have.")));
    }
    return workspaces.read(who.workspace(), () -> read(table, columns, byName()));
  }

  /** Products by maker, name and shade, and by name and shade alone. */
  private Map<String, Product> byName() {
    Map<String, Product> products = new HashMap<>();
    for (Item item : kit.now().items()) {
      Product one = item.product();
      products.putIfAbsent(plain(one.maker() + " " + one.name() + " " + one.shade()), one);
      products.putIfAbsent(plain(one.name() + " " + one.shade()), one);
    }
    return products;
  }

  private static LookRead read(
      CsvTable table, Map<String, Integer> columns, Map<String, Product> products) {
    List<PartDraft> parts = new ArrayList<>();
    List<FieldFault> faults = new ArrayList<>();
    for (CsvTable.Row row : table.rows()) {
      Cells cells = new Cells(row, columns);
      if (cells.of("product").isEmpty()) {
        faults.add(fault(row, "no-product", "The product is missing."));
      } else if (parts.size() < Look.MOST_PARTS) {
        add(part(cells, products), row, parts, faults);
      } else {
        faults.add(fault(row, "too-many", "A look has at most 60 parts: this one is left out."));
      }
    }
    int owned = (int) parts.stream().filter(part -> part.product() != null).count();
    return new LookRead(parts, owned, faults);
  }

  /** What is no part is told with its row, and left out. */
  private static void add(
      PartDraft part, CsvTable.Row row, List<PartDraft> parts, List<FieldFault> faults) {
    Faults found = new Faults();
    LENGTHS.forEach(
        (cell, most) ->
            found.unless(
                cell.of(part).length() <= most,
                "csv",
                "too-long",
                "A cell is longer than "
                    + most
                    + " characters: \""
                    + cell.of(part).substring(0, Math.min(30, cell.of(part).length()))
                    + "…\". Shorten it."));
    new LookDraft(Look.Purpose.AS_A_GUIDE, null, "", "", List.of(part), null).toLook(found, "");
    if (found.found().isEmpty()) {
      parts.add(part);
    } else {
      faults.add(fault(row, "unreadable", found.found().getFirst().message()));
    }
  }

  private static FieldFault fault(CsvTable.Row row, String code, String message) {
    return new FieldFault("csv", code, "Row " + row.line() + ": " + message);
  }

  /** The cells of a row by the names of their columns. */
  private record Cells(CsvTable.Row row, Map<String, Integer> columns) {

    String of(String column) {
      Integer at = columns.get(column);
      return at == null ? "" : row.cell(at);
    }
  }

  private static PartDraft part(Cells cells, Map<String, Product> products) {
    String told =
        Stream.of("maker", "product", "shade")
            .map(cells::of)
            .filter(word -> !word.isEmpty())
            .collect(Collectors.joining(" "));
    Product owned =
        Optional.ofNullable(products.get(plain(told)))
            .orElse(products.get(plain(cells.of("product") + " " + cells.of("shade"))));
    String colour = cells.of("colour").isEmpty() && owned != null ? owned.colour() : null;
    return new PartDraft(
        owned == null ? null : owned.id(),
        told,
        productClass(cells, owned),
        cells.of("colour").isEmpty() ? colour : cells.of("colour"),
        tenths(cells.of("tenths")),
        cells.of("tool"),
        cells.of("where"),
        cells.of("note"));
  }

  private static ProductClass productClass(Cells cells, @Nullable Product owned) {
    return Code.find(ProductClass.class, plain(cells.of("class")).replace(' ', '-'))
        .or(() -> Optional.ofNullable(owned).map(Product::productClass))
        .orElseGet(
            () ->
                ClassGuess.of(
                        cells.of("class") + " " + cells.of("product") + " " + cells.of("shade"))
                    .guess()
                    .productClass());
  }

  /** What is no number makes no part of a mix: 0 is told as a fault. */
  private static @Nullable Integer tenths(String told) {
    if (told.isEmpty()) {
      return null;
    }
    try {
      return Integer.valueOf(told);
    } catch (NumberFormatException none) {
      return 0;
    }
  }

  private static String plain(String words) {
    return words.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
  }
}
