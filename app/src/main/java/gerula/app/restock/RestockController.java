package gerula.app.restock;

import gerula.app.platform.web.Facts;
import gerula.core.restock.ReorderPoint;
import gerula.core.restock.RunOut;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculators of restock. */
@RestController
class RestockController {

  private static final int MOST_EVENTS = 5_000;

  /**
   * @param meanPerDay 0 or more
   * @param sigmaPerDay standard deviation of a day's demand, 0 or more
   * @param leadDays from ordering to having it
   * @param serviceLevel share of orders that come in time, above 0 and below 1
   */
  record AskReorder(
      BigDecimal meanPerDay,
      BigDecimal sigmaPerDay,
      BigDecimal leadDays,
      BigDecimal serviceLevel) {}

  /**
   * @param z of the service level, 4 decimals
   * @param safetyStock 2 decimals
   * @param reorderPoint 2 decimals
   */
  record ReorderAnswer(BigDecimal z, BigDecimal safetyStock, BigDecimal reorderPoint) {}

  record AskedEvent(LocalDate date, BigDecimal amount) {}

  /**
   * @param on the day on which so much is left
   * @param events in any order, at most 5,000
   * @param perWeek what is used beside them; a seventh of it at the end of each day
   * @param usableUntil the last day on which it serves; null: it keeps
   */
  record AskRunOut(
      BigDecimal left,
      LocalDate on,
      List<AskedEvent> events,
      @Nullable BigDecimal perWeek,
      @Nullable LocalDate usableUntil) {}

  /** The first event that is not served whole. */
  record ShortView(LocalDate date, BigDecimal missing) {}

  /**
   * @param runsOutOn the first day on which nothing is left; null where that never comes
   * @param leftAfter each event, by date; 0 where it fell short
   */
  record RunOutAnswer(
      @Nullable LocalDate runsOutOn, @Nullable ShortView shortFor, List<BigDecimal> leftAfter) {}

  @PostMapping("/api/calc/reorder-point")
  ReorderAnswer reorder(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskReorder.class)))
          @RequestBody
          JsonNode asked) {
    ReorderPoint point = Facts.read(asked, RestockController::point);
    return new ReorderAnswer(
        rounded(point.z(), 4), rounded(point.safetyStock(), 2), rounded(point.reorderPoint(), 2));
  }

  private static BigDecimal rounded(double value, int scale) {
    return BigDecimal.valueOf(value).setScale(scale, RoundingMode.HALF_EVEN);
  }

  private static Optional<ReorderPoint> point(Facts facts) {
    Optional<BigDecimal> mean = facts.required("meanPerDay", facts::number);
    Optional<BigDecimal> sigma = facts.required("sigmaPerDay", facts::number);
    Optional<BigDecimal> lead = facts.required("leadDays", facts::number);
    Optional<BigDecimal> level = facts.required("serviceLevel", facts::number);
    refuseNegative(facts, "meanPerDay", mean);
    refuseNegative(facts, "sigmaPerDay", sigma);
    refuseNegative(facts, "leadDays", lead);
    level.ifPresent(
        told ->
            facts
                .faults()
                .build(facts.at("serviceLevel"), () -> ReorderPoint.level(told.doubleValue())));
    if (mean.isEmpty()
        || sigma.isEmpty()
        || lead.isEmpty()
        || level.isEmpty()
        || !facts.faults().found().isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(
            facts.at("meanPerDay"),
            () ->
                ReorderPoint.of(
                    mean.get().doubleValue(),
                    sigma.get().doubleValue(),
                    lead.get().doubleValue(),
                    level.get().doubleValue()));
  }

  private static void refuseNegative(Facts facts, String name, Optional<BigDecimal> told) {
    facts
        .faults()
        .unless(
            told.isEmpty() || told.get().signum() >= 0,
            facts.at(name),
            "out-of-range",
            "It is 0 or more.");
  }

  @PostMapping("/api/calc/run-out")
  RunOutAnswer runOut(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskRunOut.class)))
          @RequestBody
          JsonNode asked) {
    RunOut run = Facts.read(asked, RestockController::runOut);
    RunOut.Short shortFor = run.shortFor();
    return new RunOutAnswer(
        run.runsOutOn(),
        shortFor == null ? null : new ShortView(shortFor.date(), shortFor.missing()),
        run.leftAfter());
  }

  private static Optional<RunOut> runOut(Facts facts) {
    Optional<BigDecimal> left = facts.required("left", facts::number);
    Optional<LocalDate> on = facts.required("on", facts::date);
    facts.required("events", Optional::of);
    List<RunOut.Event> events =
        facts.list("events", MOST_EVENTS, part -> event(part, on.orElse(null)));
    BigDecimal perWeek = facts.number("perWeek").orElse(BigDecimal.ZERO);
    Optional<LocalDate> until = facts.date("usableUntil");
    refuseNegative(facts, "left", left);
    refuseNegative(facts, "perWeek", Optional.of(perWeek));
    if (left.isEmpty() || on.isEmpty() || !facts.faults().found().isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(
            facts.at("events"),
            () -> RunOut.of(left.get(), on.get(), events, perWeek, until.orElse(null)));
  }

  private static Optional<RunOut.Event> event(Facts facts, @Nullable LocalDate on) {
    Optional<LocalDate> date = facts.required("date", facts::date);
    Optional<BigDecimal> amount = facts.required("amount", facts::number);
    refuseNegative(facts, "amount", amount);
    facts
        .faults()
        .unless(
            date.isEmpty() || on == null || !date.get().isBefore(on),
            facts.at("date"),
            "out-of-range",
            "Nothing is known of before the day it was counted. Say a later day.");
    boolean isWhole = date.isPresent() && amount.isPresent() && amount.get().signum() >= 0;
    return isWhole ? Optional.of(new RunOut.Event(date.get(), amount.get())) : Optional.empty();
  }
}
