package gerula.app.kit.intake;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import gerula.core.dates.DateOrder;
import gerula.core.kit.code.ShortCode;
import gerula.core.kit.intake.Headers;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.ProductClass;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/**
 * A whole table made out against the kit as it is.
 *
 * @param header as it stands in the file
 * @param columns meaning of each, null where it is passed over
 * @param rows good ones
 * @param bad ones with every reason
 * @param places as they are and as they will be
 */
record Reading(
    CsvTable table,
    List<String> header,
    List<@Nullable KitColumn> columns,
    DateOrder order,
    List<KitReader.Read> rows,
    List<KitReader.Bad> bad,
    PlacePaths places) {

  private static final Set<KitColumn> DATES =
      EnumSet.of(
          KitColumn.MADE, KitColumn.BOUGHT, KitColumn.OPENED, KitColumn.EXPIRY, KitColumn.ASK_BACK);

  /**
   * What somebody said who looked the table through.
   *
   * @param columns meaning of each, null to recognise them
   * @param order how dates are written, null to see it from them
   * @param classes what certain words of names mean
   */
  record Chosen(
      @Nullable List<@Nullable KitColumn> columns,
      @Nullable DateOrder order,
      Map<String, ProductClass> classes) {}

  /**
   * @param known codes the kit has already
   */
  static Reading of(
      byte[] file, Chosen chosen, PlaceTree tree, Predicate<String> known, LocalDate today) {
    Deadline deadline = Deadline.of(Limit.LOOK_SECONDS, "Reading this table");
    return of(CsvTable.read(file, deadline), chosen, tree, known, today, deadline);
  }

  private static Reading of(
      CsvTable table,
      Chosen chosen,
      PlaceTree tree,
      Predicate<String> known,
      LocalDate today,
      Deadline deadline) {
    List<@Nullable KitColumn> columns =
        chosen.columns() != null
            ? fitted(chosen.columns(), table)
            : Headers.match(table.header()).columns();
    Map<KitColumn, Integer> at = new EnumMap<>(KitColumn.class);
    for (int i = 0; i < columns.size(); i++) {
      if (columns.get(i) != null) {
        at.putIfAbsent(columns.get(i), i);
      }
    }
    DateOrder dates = chosen.order() != null ? chosen.order() : DateOrder.of(dates(table, at));
    Reading reading =
        new Reading(
            table,
            table.header(),
            columns,
            dates,
            new ArrayList<>(),
            new ArrayList<>(),
            new PlacePaths(tree));
    reading.readRows(new KitReader(at, dates, chosen.classes()), known, today, deadline);
    return reading;
  }

  /**
   * Rows that were made out before, each by its columns.
   *
   * @param rows dates in them as ISO 8601
   */
  static Reading ofRows(
      List<Map<KitColumn, String>> rows, PlaceTree tree, Predicate<String> known, LocalDate today) {
    List<KitColumn> columns = List.of(KitColumn.values());
    List<CsvTable.Row> table = new ArrayList<>();
    for (Map<KitColumn, String> row : rows) {
      table.add(
          new CsvTable.Row(
              table.size() + 1,
              columns.stream().map(column -> row.getOrDefault(column, "")).toList()));
    }
    return of(
        new CsvTable(
            StandardCharsets.UTF_8, ',', columns.stream().map(KitColumn::header).toList(), table),
        new Chosen(List.copyOf(columns), DateOrder.DAY_FIRST, Map.of()),
        tree,
        known,
        today,
        Deadline.of(Limit.LOOK_SECONDS, "Reading these lines"));
  }

  private static List<@Nullable KitColumn> fitted(
      List<@Nullable KitColumn> chosen, CsvTable table) {
    List<@Nullable KitColumn> columns = new ArrayList<>(chosen);
    while (columns.size() < table.header().size()) {
      columns.add(null);
    }
    return columns.subList(0, table.header().size());
  }

  private static List<String> dates(CsvTable table, Map<KitColumn, Integer> at) {
    return table.rows().stream()
        .flatMap(
            row -> DATES.stream().filter(at::containsKey).map(column -> row.cell(at.get(column))))
        .filter(cell -> !cell.isEmpty())
        .toList();
  }

  private void readRows(
      KitReader reader, Predicate<String> known, LocalDate today, Deadline deadline) {
    Set<String> codes = new HashSet<>();
    for (CsvTable.Row row : table.rows()) {
      deadline.check();
      KitReader.Result result = reader.read(row);
      if (result.bad() != null) {
        bad.add(result.bad());
      } else {
        KitReader.Read read = Objects.requireNonNull(result.read());
        List<FieldFault> faults = check(read, codes, known, today);
        if (faults.isEmpty()) {
          rows.add(read);
          places.find(read.home());
          places.find(read.now());
        } else {
          bad.add(new KitReader.Bad(read.line(), faults));
        }
      }
    }
  }

  private static void depth(String path, String column, Faults faults) {
    int steps = PlacePaths.steps(path).size();
    faults.unless(
        steps <= PlaceTree.DEEPEST,
        column,
        "too-deep",
        "Places are nested at most "
            + PlaceTree.DEEPEST
            + " deep, and this path has "
            + steps
            + " steps. Leave some out.");
  }

  /** How many things the rows make together. */
  long things() {
    return rows.stream().mapToLong(KitReader.Read::count).sum();
  }

  /** The rules of the kit, told at the columns of the table. */
  private static List<FieldFault> check(
      KitReader.Read read, Set<String> codes, Predicate<String> known, LocalDate today) {
    Faults faults = new Faults();
    depth(read.home(), "home", faults);
    depth(read.now(), "now", faults);
    if (read.code() != null) {
      faults
          .build("code", () -> new ShortCode(read.code()))
          .ifPresent(
              code ->
                  faults.unless(
                      !code.isOfPlace() && codes.add(code.text()) && !known.test(code.text()),
                      "code",
                      "taken",
                      "Something already has the code " + code.text() + "."));
      faults.unless(
          read.count() == 1, "count", "rule", "One code is for one item, not for several.");
    }
    faults.unless(
        read.product().name().length() <= 120
            && read.product().maker().length() <= 80
            && read.product().shade().length() <= 80
            && read.item().note().length() <= 2000
            && read.item().batch().length() <= 60,
        "name",
        "rule",
        "A text is too long: names up to 120, makers and shades up to 80, batches up to 60, notes up"
            + " to 2000 characters.");
    Integer months = read.product().periodAfterOpening();
    faults.unless(
        months == null || (months >= 1 && months <= 120),
        "months-after-opening",
        "rule",
        "A period after opening is 1 to 120 months.");
    read.product()
        .toProduct(new UUID(0, 0), faults, "")
        .ifPresent(product -> read.item().check(faults, "", product, today));
    read.item().checkCurrency(faults, "");
    return faults.found();
  }
}
