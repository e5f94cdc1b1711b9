package gerula.app.kit.intake;

import gerula.app.kit.intake.LineRecords.AddLines;
import gerula.app.kit.intake.LineRecords.LinesAdded;
import gerula.app.kit.intake.LineRecords.ReadLines;
import gerula.app.kit.intake.LineRecords.TokenAnswer;
import gerula.app.platform.web.Facts;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.dates.DateOrder;
import gerula.core.kit.intake.line.KnownWords;
import gerula.core.kit.intake.line.LineItem;
import gerula.core.kit.intake.line.LineRead;
import gerula.core.kit.intake.line.LineReader;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Lines as somebody types them: read, added, and the calculator that reads one. */
@RestController
class LineController {

  private static final int MOST_WORDS = 5000;

  private static final Map<String, DateOrder> ORDERS =
      Map.of("dmy", DateOrder.DAY_FIRST, "mdy", DateOrder.MONTH_FIRST, "ymd", DateOrder.YEAR_FIRST);

  private final Workspaces workspaces;
  private final WorkspaceTime time;

  private final Lines lines;

  LineController(Lines lines, Workspaces workspaces, WorkspaceTime time) {
    this.lines = lines;
    this.workspaces = workspaces;
    this.time = time;
  }

  /** Reads lines with the kit's own words and changes nothing. */
  @PostMapping("/api/kit/lines/read")
  List<LineRecords.LineShown> read(
      @AuthenticationPrincipal SignedIn who, @Valid @RequestBody ReadLines asked) {
    return lines.read(who, asked.lines());
  }

  /** Adds all of them or none, as one act. */
  @PostMapping("/api/kit/lines")
  LinesAdded add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddLines asked) {
    return lines.add(who, asked);
  }

  /** The kit's own words: at most 5000 makers and names of products each. */
  record AskKnown(List<String> makers, List<String> names) {}

  /**
   * @param line up to 500 characters
   * @param today from which months and "last week" are counted; the workspace's when it is missing
   * @param dateOrder dmy, mdy or ymd; dmy when it is missing
   */
  record AskLine(
      String line,
      @Nullable LocalDate today,
      @Nullable @Schema(allowableValues = {"dmy", "mdy", "ymd"}) String dateOrder,
      @Nullable AskKnown known) {}

  /**
   * @param items one, or one for each shade of a range
   * @param tokens in their order; they cover every character but spaces
   */
  record LineAnswer(List<LineItem> items, List<TokenAnswer> tokens) {}

  @PostMapping("/api/calc/read-line")
  LineAnswer readLine(
      @AuthenticationPrincipal SignedIn who,
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskLine.class)))
          @RequestBody
          JsonNode asked) {
    LocalDate today = workspaces.read(who.workspace(), () -> time.today());
    LineRead read = Facts.read(asked, facts -> line(facts, today));
    return new LineAnswer(
        read.items(),
        read.tokens().stream()
            .map(token -> new TokenAnswer(token.from(), token.to(), token.as().field()))
            .toList());
  }

  private static Optional<LineRead> line(Facts facts, LocalDate today) {
    Optional<String> line = facts.required("line", facts::text);
    LocalDate day = facts.date("today").orElse(today);
    DateOrder order =
        facts.text("dateOrder").map(told -> order(facts, told)).orElse(DateOrder.DAY_FIRST);
    KnownWords known =
        facts.isTold("known")
            ? facts.object("known", LineController::known).orElse(KnownWords.NONE)
            : KnownWords.NONE;
    return line.flatMap(
        text ->
            facts.faults().build(facts.at("line"), () -> LineReader.read(text, day, order, known)));
  }

  private static DateOrder order(Facts facts, String told) {
    DateOrder order = ORDERS.get(told);
    facts
        .faults()
        .unless(
            order != null, facts.at("dateOrder"), "wrong-value", "It is one of dmy, mdy and ymd.");
    return order == null ? DateOrder.DAY_FIRST : order;
  }

  private static Optional<KnownWords> known(Facts facts) {
    return Optional.of(
        new KnownWords(facts.texts("makers", MOST_WORDS), facts.texts("names", MOST_WORDS)));
  }
}
