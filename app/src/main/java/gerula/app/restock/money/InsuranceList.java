package gerula.app.restock.money;

import gerula.app.kit.intake.Formulas;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.picture.Pictures;
import gerula.app.kit.place.PlaceStore;
import gerula.app.platform.paper.Paper;
import gerula.app.platform.paper.PaperFormat;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Section;
import gerula.core.restock.money.ItemValue;
import gerula.core.restock.money.KitValue;
import gerula.core.restock.money.Prices;
import gerula.core.rule.HouseRules;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The whole kit as an insurer asks for it. */
@Component
class InsuranceList {

  private static final int PICTURE_PIXELS = 220;

  private final Books books;
  private final PlaceStore places;
  private final Pictures pictures;
  private final HouseStore house;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  InsuranceList(
      Books books,
      PlaceStore places,
      Pictures pictures,
      HouseStore house,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.books = books;
    this.places = places;
    this.pictures = pictures;
    this.house = house;
    this.workspaces = workspaces;
    this.time = time;
  }

  /** One item and what is told of it. */
  private record Row(StoredItem stored, ItemValue value, String place) {

    Section section() {
      return stored.item().product().productClass().section();
    }

    String name() {
      return stored.item().product().fullName();
    }
  }

  private record Told(
      LocalDate today, String currency, KitValue value, HouseRules house, List<Row> rows) {}

  private Told told() {
    Books.Open open = books.open();
    PlaceTree tree = places.tree();
    KitValue value = KitValue.of(open.bought(), open.prices(), house.current(), time.today());
    List<Row> rows =
        value.items().stream()
            .map(
                one ->
                    new Row(
                        Objects.requireNonNull(open.stored().get(one.bought().item().id())),
                        one,
                        tree.told(one.bought().item().now())))
            .sorted(
                Comparator.comparing(Row::section)
                    .thenComparing(Row::name)
                    .thenComparing(row -> row.stored().id()))
            .toList();
    return new Told(time.today(), open.currency().getCurrencyCode(), value, house.current(), rows);
  }

  String csv(SignedIn who) {
    return workspaces.read(who.workspace(), () -> csv(told()));
  }

  private static String csv(Told told) {
    StringWriter written = new StringWriter();
    try (CSVPrinter out = new CSVPrinter(written, CSVFormat.RFC4180)) {
      out.printRecord(
          "code",
          "maker",
          "name",
          "shade",
          "batch",
          "bought",
          "paid",
          "currency",
          "value",
          "value currency",
          "price known",
          "left percent",
          "last day",
          "place");
      for (Row row : told.rows()) {
        StoredItem.ItemDetails details = row.stored().details();
        var product = row.stored().item().product();
        out.printRecord(
            details.code(),
            Formulas.safe(product.maker()),
            Formulas.safe(product.name()),
            Formulas.safe(product.shade()),
            Formulas.safe(details.batch()),
            row.stored().item().dates().boughtOn(),
            details.price() == null ? null : details.price().toPlainString(),
            details.currency(),
            row.value().value() == null ? null : row.value().value().amount().toPlainString(),
            row.value().value() == null ? null : told.currency(),
            MoneyViews.words(row.value().source()),
            Math.round(row.value().shareLeft().doubleValue() * 100),
            row.stored().item().useBy(told.house()).lastDay(),
            Formulas.safe(row.place()));
      }
    } catch (IOException impossible) {
      throw new UncheckedIOException("Writing to memory does not fail.", impossible);
    }
    return written.toString();
  }

  byte[] pdf(SignedIn who, PaperFormat format) {
    // Pictures are read one by one: there may be many, and nobody waits for them meanwhile.
    Told told = workspaces.read(who.workspace(), () -> told());
    return pdf(who, told, format);
  }

  private byte[] pdf(SignedIn who, Told told, PaperFormat format) {
    Map<Section, List<Row>> bySection =
        told.rows().stream()
            .collect(Collectors.groupingBy(Row::section, TreeMap::new, Collectors.toList()));
    String title = "Kit list, " + told.today();
    try (Paper paper = new Paper(format, title)) {
      paper.newPage();
      paper.text(Paper.Letters.TITLE, title);
      paper.text(
          Paper.Letters.PLAIN,
          told.rows().size()
              + " items, worth "
              + told.value().total().amount().toPlainString()
              + " "
              + told.currency()
              + ": what was paid, by the share that is left; of what has a date, less in a straight"
              + " line until its last day."
              + unknown(told.value()));
      bySection.forEach(
          (section, rows) -> {
            paper.heading(capital(section.code()), sum(told, rows));
            rows.forEach(
                row ->
                    paper.pictureRow(
                        picture(who, row), row.name(), worth(told, row), below(told, row)));
          });
      return paper.done();
    }
  }

  private static String unknown(KitValue value) {
    long untold = value.without(Prices.Source.NOT_TOLD);
    long noRate = value.without(Prices.Source.NO_RATE);
    return (untold == 0 ? "" : " Of " + untold + " the price is not known.")
        + (noRate == 0 ? "" : " Of " + noRate + " the currency has no rate.");
  }

  private static String sum(Told told, List<Row> rows) {
    return told.value().sum(rows.stream().map(Row::value).toList()).amount().toPlainString()
        + " "
        + told.currency();
  }

  private static String worth(Told told, Row row) {
    return row.value().value() == null
        ? MoneyViews.words(row.value().source())
        : row.value().value().amount().toPlainString() + " " + told.currency();
  }

  private static List<String> below(Told told, Row row) {
    StoredItem.ItemDetails details = row.stored().details();
    LocalDate bought = row.stored().item().dates().boughtOn();
    List<String> first = new ArrayList<>();
    first.add("code " + details.code());
    if (!details.batch().isEmpty()) {
      first.add("batch " + details.batch());
    }
    if (bought != null) {
      first.add("bought " + bought);
    }
    if (details.price() != null) {
      first.add("paid " + details.price().toPlainString() + " " + details.currency());
    }
    return List.of(String.join(", ", first), row.place());
  }

  private byte @Nullable [] picture(SignedIn who, Row row) {
    UUID id = row.stored().details().pictureId();
    return id == null
        ? null
        : workspaces
            .read(who.workspace(), () -> pictures.found(id))
            .map(jpeg -> Jpeg.small(jpeg, PICTURE_PIXELS))
            .orElse(null);
  }

  private static String capital(String code) {
    return code.substring(0, 1).toUpperCase(Locale.ROOT) + code.substring(1).replace('-', ' ');
  }
}
