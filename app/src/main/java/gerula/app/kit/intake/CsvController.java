package gerula.app.kit.intake;

import gerula.app.kit.product.ProductDraft;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.web.MadeFile;
import gerula.app.platform.web.ProgressLines;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.dates.DateOrder;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A kit as CSV over HTTP: docs/formats/kit-csv.md. The file itself is the body. */
@RestController
class CsvController {

  private static final int SHOWN = 8;
  private static final int MOST_TOLD = 200;

  private final Intake intake;
  private final KitCsv csv;
  private final ProgressLines lines;
  private final HeavyWork heavy;

  CsvController(Intake intake, KitCsv csv, ProgressLines lines, HeavyWork heavy) {
    this.heavy = heavy;
    this.intake = intake;
    this.csv = csv;
    this.lines = lines;
  }

  /** A column of the file and what it was taken for; null when it is passed over. */
  record ColumnTold(String header, @Nullable KitColumn column) {}

  /** A row as it will be added. */
  record RowTold(
      int line,
      String maker,
      String name,
      String shade,
      @Nullable String colour,
      ProductClass productClass,
      Form form,
      BigDecimal content,
      Unit unit,
      BigDecimal left,
      String now,
      int count,
      List<KitColumn> guessed) {}

  /** A row that cannot be read, and why. */
  record BadRow(int line, List<FieldFault> faults) {}

  /**
   * What would be added.
   *
   * @param rows the first few
   * @param guesses classes that were guessed, the least sure first, at most 200 of them
   * @param things how many in all
   * @param newPlaces paths of places that would be made
   * @param bad rows that hold the whole table back, at most 200 of them
   * @param badCount how many there are in all
   */
  record CsvPreview(
      String charset,
      String separator,
      DateOrder dates,
      List<ColumnTold> columns,
      List<RowTold> rows,
      List<GuessTold> guesses,
      int things,
      List<String> newPlaces,
      List<BadRow> bad,
      int badCount) {}

  /**
   * Reads the file and changes nothing.
   *
   * @param classes what certain words of names mean, as in "glow pot:highlighter,rain
   *     veil:setting-spray"
   */
  @PostMapping(path = "/api/kit/csv/preview", consumes = "text/csv")
  CsvPreview preview(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam @Nullable String columns,
      @RequestParam @Nullable String dates,
      @RequestParam @Nullable String classes,
      HttpServletRequest request)
      throws IOException {
    byte[] file = body(request);
    Reading reading =
        heavy.inTurn(
            who,
            HeavyWork.Length.SHORT,
            () -> intake.look(who, file, chosen(columns, dates, classes)));
    return new CsvPreview(
        reading.table().charset().name(),
        String.valueOf(reading.table().separator()),
        reading.order(),
        IntStream.range(0, reading.header().size())
            .mapToObj(i -> new ColumnTold(reading.header().get(i), reading.columns().get(i)))
            .toList(),
        reading.rows().stream().limit(SHOWN).map(CsvController::told).toList(),
        GuessTold.of(reading.rows()).stream().limit(MOST_TOLD).toList(),
        reading.rows().stream().mapToInt(KitReader.Read::count).sum(),
        reading.places().made().stream().map(PlacePaths.NewPlace::path).toList(),
        reading.bad().stream()
            .limit(MOST_TOLD)
            .map(bad -> new BadRow(bad.line(), bad.faults()))
            .toList(),
        reading.bad().size());
  }

  private static RowTold told(KitReader.Read row) {
    ProductDraft product = row.product();
    return new RowTold(
        row.line(),
        product.maker(),
        product.name(),
        product.shade(),
        product.colour(),
        product.productClass(),
        product.form(),
        product.content(),
        product.unit(),
        row.item().left(),
        row.now(),
        row.count(),
        List.copyOf(row.guessed()));
  }

  /** Adds all rows or none. With "Accept: application/x-ndjson" it tells how far it is. */
  @PostMapping(path = "/api/kit/csv", consumes = "text/csv")
  void read(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam UUID actId,
      @RequestParam @Nullable String columns,
      @RequestParam @Nullable String dates,
      @RequestParam @Nullable String classes,
      HttpServletRequest request,
      HttpServletResponse response)
      throws IOException {
    byte[] file = body(request);
    Reading.Chosen chosen = chosen(columns, dates, classes);
    heavy.inTurn(
        who,
        HeavyWork.Length.LONG,
        () -> {
          lines.answer(response, progress -> intake.read(who, actId, file, chosen, progress));
          return true;
        });
  }

  @GetMapping(path = "/api/kit/csv", produces = "text/csv")
  void write(@AuthenticationPrincipal SignedIn who, HttpServletResponse response)
      throws IOException {
    try (MadeFile file =
        heavy.inTurn(who, HeavyWork.Length.LONG, () -> MadeFile.of(to -> csv.write(who, to)))) {
      file.send(response, "text/csv;charset=UTF-8", "gerula-kit.csv");
    }
  }

  private static byte[] body(HttpServletRequest request) throws IOException {
    return request.getInputStream().readAllBytes();
  }

  /** Codes of columns separated by commas; empty for a column that is not read. */
  private static @Nullable List<@Nullable KitColumn> columns(@Nullable String told) {
    if (told == null) {
      return null;
    }
    List<@Nullable KitColumn> columns = new ArrayList<>();
    for (String code : told.split(",", -1)) {
      columns.add(code.isEmpty() ? null : word(KitColumn.class, code, "columns"));
    }
    return columns;
  }

  private static Reading.Chosen chosen(
      @Nullable String columns, @Nullable String dates, @Nullable String classes) {
    return new Reading.Chosen(columns(columns), order(dates), classes(classes));
  }

  private static Map<String, ProductClass> classes(@Nullable String told) {
    Map<String, ProductClass> classes = new HashMap<>();
    for (String one : told == null || told.isEmpty() ? new String[0] : told.split(",")) {
      int at = one.lastIndexOf(':');
      new Faults()
          .unless(at > 0, "classes", "rule", "Write words and their class, as in veil:face-powder.")
          .refuseIfAny();
      classes.put(one.substring(0, at), word(ProductClass.class, one.substring(at + 1), "classes"));
    }
    return classes;
  }

  private static @Nullable DateOrder order(@Nullable String told) {
    return told == null || told.isEmpty() ? null : word(DateOrder.class, told, "dates");
  }

  private static <E extends Enum<E> & Code> E word(Class<E> list, String code, String path) {
    Faults faults = new Faults();
    Optional<E> word = faults.build(path, () -> Code.of(list, code));
    faults.refuseIfAny();
    return word.orElseThrow();
  }
}
