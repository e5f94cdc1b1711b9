package gerula.app.dates;

import gerula.app.platform.web.Facts;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.core.dates.Clock;
import gerula.core.dates.DateClass;
import gerula.core.dates.HouseLimit;
import gerula.core.dates.PackDates;
import gerula.core.dates.UseBy;
import gerula.core.rule.School;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of last days. */
@RestController
class UseByController {

  private static final int MOST_SOURCES = 50;
  private static final int MOST_MARGIN_DAYS = 365;
  private static final int USUAL_MARGIN_DAYS = 14;

  private final WorkspaceTime time;

  UseByController(WorkspaceTime time) {
    this.time = time;
  }

  /** A house's own limit, in calendar months from 1 to 120. */
  record OwnLimit(int months) {}

  /**
   * Dates of one pack; each may be null.
   *
   * @param printedExpiry a day, or a month that stands for its last day
   * @param paoMonths the months printed in the open-jar sign, 1 to 120
   */
  record AskDates(
      @Nullable LocalDate madeOn,
      @Nullable LocalDate boughtOn,
      @Nullable LocalDate openedOn,
      @Nullable String printedExpiry,
      @Nullable Integer paoMonths) {}

  /**
   * @param houseLimit "cautious", "usual", or months of one's own; "usual" when left out
   * @param sources what a decant was filled from, one, or several when it was topped up; then its
   *     own dates count for nothing
   * @param eyeMarginDays 0 to 365, 14 when left out
   * @param today the day that counts as today, the real one when left out
   */
  record AskUseBy(
      DateClass productClass,
      @Nullable @Schema(oneOf = {School.class, OwnLimit.class}) Object houseLimit,
      @Nullable LocalDate madeOn,
      @Nullable LocalDate boughtOn,
      @Nullable LocalDate openedOn,
      @Nullable String printedExpiry,
      @Nullable Integer paoMonths,
      @Nullable List<AskDates> sources,
      @Nullable LocalDate neededUntil,
      @Nullable Integer eyeMarginDays,
      @Nullable LocalDate today) {}

  /**
   * A clock that runs.
   *
   * @param date its last day
   * @param source position of its source from 0, null for the pack's own
   */
  record ClockReason(Clock code, LocalDate date, @Nullable Integer source) {}

  /**
   * @param useBy the last day it may be used, null when nothing ends it
   * @param clock the one that won
   * @param fromSource position of the source whose clock won
   * @param replaceBy the last day, less the margin for eye products
   * @param goodUntilNeeded null when nobody said until when
   * @param reasons every clock, the winner first
   */
  record UseByAnswer(
      @Nullable LocalDate useBy,
      @Nullable Clock clock,
      @Nullable Integer fromSource,
      @Nullable LocalDate replaceBy,
      @Nullable Boolean goodUntilNeeded,
      List<ClockReason> reasons) {}

  @PostMapping("/api/calc/use-by")
  UseByAnswer useBy(
      @AuthenticationPrincipal SignedIn who,
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskUseBy.class)))
          @RequestBody
          JsonNode asked) {
    LocalDate today = time.today(who);
    return Facts.read(asked, facts -> answer(facts, today));
  }

  private Optional<UseByAnswer> answer(Facts facts, LocalDate usual) {
    Optional<DateClass> of =
        facts.required("productClass", name -> facts.code(name, DateClass.class));
    LocalDate today = facts.date("today").orElse(usual);
    Optional<HouseLimit> limit = of.flatMap(dateClass -> limit(facts, dateClass));
    Optional<PackDates> own = pack(facts, today);
    List<PackDates> sources = facts.list("sources", MOST_SOURCES, source -> pack(source, today));
    Optional<LocalDate> needed = facts.date("neededUntil");
    int margin = facts.whole("eyeMarginDays").orElse(USUAL_MARGIN_DAYS);
    facts
        .faults()
        .unless(
            margin >= 0 && margin <= MOST_MARGIN_DAYS,
            facts.at("eyeMarginDays"),
            "out-of-range",
            "The margin lies between 0 and 365 days, but this is " + margin + ".");
    if (of.isEmpty() || limit.isEmpty() || own.isEmpty()) {
      return Optional.empty();
    }
    UseBy useBy =
        sources.isEmpty()
            ? UseBy.of(of.get(), own.get(), limit.get(), margin)
            : UseBy.ofSources(of.get(), sources, limit.get(), margin);
    return Optional.of(answer(useBy, needed.orElse(null)));
  }

  private static UseByAnswer answer(UseBy useBy, @Nullable LocalDate needed) {
    List<ClockReason> reasons =
        useBy.clocks().stream()
            .map(end -> new ClockReason(end.clock(), end.lastDay(), end.source()))
            .toList();
    ClockReason winner = reasons.isEmpty() ? null : reasons.getFirst();
    return new UseByAnswer(
        useBy.lastDay(),
        winner == null ? null : winner.code(),
        winner == null ? null : winner.source(),
        useBy.replaceBy(),
        needed == null ? null : useBy.isGoodOn(needed),
        reasons);
  }

  private static Optional<HouseLimit> limit(Facts facts, DateClass dateClass) {
    if (facts.isObject("houseLimit")) {
      return facts.object(
          "houseLimit",
          own ->
              own.required("months", own::whole)
                  .flatMap(
                      months ->
                          own.faults().build(own.at("months"), () -> HouseLimit.ofMonths(months))));
    }
    boolean isTold = facts.isTold("houseLimit");
    Optional<School> school = facts.code("houseLimit", School.class);
    return isTold && school.isEmpty()
        ? Optional.empty()
        : Optional.of(HouseLimit.of(school.orElse(School.USUAL), dateClass));
  }

  private static Optional<PackDates> pack(Facts facts, LocalDate today) {
    LocalDate made = facts.date("madeOn").orElse(null);
    LocalDate bought = facts.date("boughtOn").orElse(null);
    LocalDate opened = facts.date("openedOn").orElse(null);
    LocalDate printed = facts.dayOrMonth("printedExpiry").orElse(null);
    Integer months = facts.whole("paoMonths").orElse(null);
    facts
        .faults()
        .unless(
            opened == null || !opened.isAfter(today),
            facts.at("openedOn"),
            "in-the-future",
            "It was opened on " + opened + ", but today is " + today + ".");
    // One constructor for each rule, so that each is told at its own field.
    Optional<PackDates> openedRight =
        facts
            .faults()
            .build(facts.at("openedOn"), () -> new PackDates(made, null, opened, null, null));
    Optional<PackDates> printedRight =
        facts
            .faults()
            .build(facts.at("printedExpiry"), () -> new PackDates(made, null, null, printed, null));
    Optional<PackDates> monthsRight =
        facts
            .faults()
            .build(facts.at("paoMonths"), () -> new PackDates(null, null, null, null, months));
    return openedRight.isPresent() && printedRight.isPresent() && monthsRight.isPresent()
        ? Optional.of(new PackDates(made, bought, opened, printed, months))
        : Optional.empty();
  }
}
