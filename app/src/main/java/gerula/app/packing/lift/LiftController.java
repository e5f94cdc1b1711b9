package gerula.app.packing.lift;

import gerula.app.platform.web.Facts;
import gerula.core.packing.lift.Coupling;
import gerula.core.packing.lift.Lift;
import gerula.core.packing.lift.LiftFinding;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The revised NIOSH lifting equation. */
@RestController
class LiftController {

  private static final BigDecimal MOST_A_MINUTE = new BigDecimal("0.2");

  /**
   * @param liftsPerMinute 0 to 0.2
   * @param hours at most 1, 2 or 8
   */
  record AskLift(
      BigDecimal massKg,
      BigDecimal horizontalCm,
      BigDecimal verticalCm,
      BigDecimal travelCm,
      BigDecimal asymmetryDegrees,
      BigDecimal liftsPerMinute,
      BigDecimal hours,
      Coupling coupling) {}

  /** What each part of the way leaves of 23 kg, to three decimals. */
  record Multipliers(
      BigDecimal hm, BigDecimal vm, BigDecimal dm, BigDecimal am, BigDecimal fm, BigDecimal cm) {}

  /**
   * For two hands, without pushing, carrying or stairs.
   *
   * @param rwlKg the recommended weight limit, to two decimals
   * @param liftingIndex how many times that it is, to two decimals; null where nothing is
   *     recommended
   */
  record LiftAnswer(
      Multipliers multipliers,
      BigDecimal rwlKg,
      @Nullable BigDecimal liftingIndex,
      List<LiftFinding> findings) {}

  @PostMapping("/api/calc/lift")
  LiftAnswer lift(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskLift.class)))
          @RequestBody
          JsonNode asked) {
    Lift lift = Facts.read(asked, LiftController::read);
    Lift.Multipliers of = lift.multipliers();
    Double index = lift.index();
    return new LiftAnswer(
        new Multipliers(
            rounded(of.hm(), 3),
            rounded(of.vm(), 3),
            rounded(of.dm(), 3),
            rounded(of.am(), 3),
            rounded(of.fm(), 3),
            rounded(of.cm(), 3)),
        rounded(lift.limitKg(), 2),
        index == null ? null : rounded(index, 2),
        lift.findings());
  }

  private static BigDecimal rounded(double figure, int decimals) {
    // What a double cannot hold exactly is not to tip a half.
    return BigDecimal.valueOf(figure)
        .setScale(10, RoundingMode.HALF_UP)
        .setScale(decimals, RoundingMode.HALF_UP);
  }

  private static Optional<Lift> read(Facts facts) {
    Optional<Double> mass = measure(facts, "massKg");
    Optional<Double> horizontal = measure(facts, "horizontalCm");
    Optional<Double> vertical = measure(facts, "verticalCm");
    Optional<Double> travel = measure(facts, "travelCm");
    Optional<Double> asymmetry = measure(facts, "asymmetryDegrees");
    Optional<BigDecimal> often = facts.required("liftsPerMinute", facts::number);
    Optional<BigDecimal> hours = facts.required("hours", facts::number);
    Optional<Coupling> coupling =
        facts.required("coupling", name -> facts.code(name, Coupling.class));
    facts
        .faults()
        .unless(
            often.isEmpty() || isWithin(often.get(), MOST_A_MINUTE),
            facts.at("liftsPerMinute"),
            "out-of-range",
            "Only 0 to 0.2 lifts a minute are told of.");
    boolean isLong =
        hours.isPresent()
            && (hours.get().signum() <= 0 || hours.get().compareTo(BigDecimal.valueOf(8)) > 0);
    facts
        .faults()
        .unless(!isLong, facts.at("hours"), "out-of-range", "It is told for up to 8 hours.");
    if (mass.isEmpty()
        || horizontal.isEmpty()
        || vertical.isEmpty()
        || travel.isEmpty()
        || asymmetry.isEmpty()
        || hours.isEmpty()
        || isLong
        || coupling.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Lift(
            mass.get(),
            horizontal.get(),
            vertical.get(),
            travel.get(),
            asymmetry.get(),
            column(hours.get()),
            coupling.get()));
  }

  private static boolean isWithin(BigDecimal told, BigDecimal most) {
    return told.signum() >= 0 && told.compareTo(most) <= 0;
  }

  private static int column(BigDecimal hours) {
    if (hours.compareTo(BigDecimal.ONE) <= 0) {
      return 1;
    }
    return hours.compareTo(BigDecimal.TWO) <= 0 ? 2 : 8;
  }

  private static Optional<Double> measure(Facts facts, String name) {
    Optional<BigDecimal> told = facts.required(name, facts::number);
    boolean isFine = told.isEmpty() || isWithin(told.get(), BigDecimal.valueOf(100_000));
    facts
        .faults()
        .unless(isFine, facts.at(name), "out-of-range", "This lies between 0 and 100,000.");
    return isFine ? told.map(BigDecimal::doubleValue) : Optional.empty();
  }
}
