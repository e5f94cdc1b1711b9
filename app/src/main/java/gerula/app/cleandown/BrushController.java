package gerula.app.cleandown;

import gerula.app.platform.web.Facts;
import gerula.core.cleandown.brushes.BrushDay;
import gerula.core.cleandown.brushes.BrushRotation;
import gerula.core.cleandown.brushes.BrushSet;
import gerula.core.cleandown.brushes.BrushTimes;
import gerula.core.rule.BrushPractice;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of brush rotations. */
@RestController
class BrushController {

  private static final int MOST_SETS = 60;
  private static final int MOST_DAYS = 60;
  private static final BigDecimal SECONDS_A_MINUTE = BigDecimal.valueOf(60);
  private static final BigDecimal SECONDS_AN_HOUR = BigDecimal.valueOf(3600);

  /**
   * @param brushes 1 to 200
   */
  record AskedSet(String id, int brushes, @Nullable Boolean dense) {}

  /**
   * @param call local time
   * @param wrap local time, of the next day where it lies before the call
   * @param faces 0 to 100
   */
  record AskedDay(LocalDate date, LocalTime call, LocalTime wrap, int faces) {}

  /**
   * @param sets at most 60
   * @param days at most 60, in their order, none beginning before the one before has ended
   * @param washMinutesPerBrush null: 1.5
   * @param dryHours null: 8
   * @param denseDryHours null: 24
   */
  record AskRotation(
      List<AskedSet> sets,
      List<AskedDay> days,
      BrushPractice method,
      @Nullable BigDecimal washMinutesPerBrush,
      @Nullable BigDecimal dryHours,
      @Nullable BigDecimal denseDryHours) {}

  /**
   * @param isFewest whether it is known that no other plan leaves fewer faces without a clean set
   */
  record Rotation(
      List<BrushRotation.DayOfRotation> days, List<BrushRotation.SetReady> sets, boolean isFewest) {
    static Rotation of(BrushRotation plan) {
      return new Rotation(plan.days(), plan.sets(), plan.isFewest());
    }
  }

  @PostMapping("/api/calc/brush-rotation")
  Rotation rotation(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskRotation.class)))
          @RequestBody
          JsonNode asked) {
    return Rotation.of(Facts.read(asked, BrushController::planned));
  }

  private static Optional<BrushRotation> planned(Facts facts) {
    facts.required("sets", Optional::of);
    facts.required("days", Optional::of);
    Set<String> known = new HashSet<>();
    List<BrushSet> sets = facts.list("sets", MOST_SETS, part -> set(part, known));
    List<BrushDay> days = facts.list("days", MOST_DAYS, BrushController::day);
    for (int i = 1; i < days.size(); i++) {
      facts
          .faults()
          .unless(
              !days.get(i).begins().isBefore(days.get(i - 1).ends()),
              "days." + i + ".date",
              "overlaps",
              "This day begins before the one before it has ended. Tell the days in their order.");
    }
    Optional<BrushPractice> method =
        facts.required("method", name -> facts.code(name, BrushPractice.class));
    Optional<BrushTimes> times = times(facts);
    if (method.isEmpty() || times.isEmpty() || !facts.faults().found().isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(BrushRotation.of(sets, days, method.get(), times.get()));
  }

  private static Optional<BrushSet> set(Facts facts, Set<String> known) {
    Optional<String> id = facts.ownId(known);
    Optional<Integer> brushes = facts.required("brushes", facts::whole);
    boolean isDense = facts.flag("dense");
    if (id.isEmpty() || brushes.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(facts.at("brushes"), () -> new BrushSet(id.get(), brushes.get(), isDense));
  }

  private static Optional<BrushDay> day(Facts facts) {
    Optional<LocalDate> date = facts.required("date", facts::date);
    Optional<LocalTime> call = facts.required("call", facts::time);
    Optional<LocalTime> wrap = facts.required("wrap", facts::time);
    Optional<Integer> faces = facts.required("faces", facts::whole);
    if (date.isEmpty() || call.isEmpty() || wrap.isEmpty() || faces.isEmpty()) {
      return Optional.empty();
    }
    return facts
        .faults()
        .build(
            facts.at("faces"), () -> new BrushDay(date.get(), call.get(), wrap.get(), faces.get()));
  }

  private static Optional<BrushTimes> times(Facts facts) {
    BrushTimes usual = BrushTimes.USUAL;
    Duration wash = told(facts, "washMinutesPerBrush", SECONDS_A_MINUTE, usual.washOfOne());
    Duration dry = told(facts, "dryHours", SECONDS_AN_HOUR, usual.dry());
    Duration dense = told(facts, "denseDryHours", SECONDS_AN_HOUR, usual.dryDense());
    boolean isFine =
        facts
                .faults()
                .build(facts.at("washMinutesPerBrush"), () -> BrushTimes.washing(wash))
                .isPresent()
            & facts.faults().build(facts.at("dryHours"), () -> BrushTimes.drying(dry)).isPresent()
            & facts
                .faults()
                .build(facts.at("denseDryHours"), () -> BrushTimes.drying(dense))
                .isPresent();
    return isFine ? Optional.of(new BrushTimes(wash, dry, dense)) : Optional.empty();
  }

  private static Duration told(Facts facts, String name, BigDecimal seconds, Duration usual) {
    return facts
        .number(name)
        .map(many -> Duration.ofMillis(many.multiply(seconds).movePointRight(3).longValue()))
        .orElse(usual);
  }
}
