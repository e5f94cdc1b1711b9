package gerula.app.depot.bench;

import gerula.app.depot.AskTraits;
import gerula.app.depot.ContentFacts;
import gerula.app.platform.web.Facts;
import gerula.core.depot.Amounts;
import gerula.core.depot.bench.Carried;
import gerula.core.depot.bench.DepotPlan;
import gerula.core.depot.bench.Pack;
import gerula.core.depot.bench.SessionPlanner;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Form;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import gerula.core.rule.Code;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** The calculator of sessions at the bench. Volumes ml, masses g. */
@RestController
class DepotPlanController {

  private static final Volume A_MILLILITRE = Volume.ofMl(1);
  private static final int MOST_PACKS = 200;
  private static final int MOST_KINDS = 60;

  /**
   * @param outerMl the room it takes outside
   */
  record AskEmpty(Container container, double sizeMl, double tareG, double outerMl, int count) {}

  /**
   * @param useBy its last day, null when nothing ends it
   */
  record AskProduct(
      String id,
      Form form,
      @Nullable AskTraits traits,
      double contentMl,
      double densityGPerMl,
      double packTareG,
      double packOuterMl,
      double usePerMonthMl,
      @Nullable LocalDate useBy) {}

  /**
   * @param wantedMonths between two refills, above 0 and up to 120
   * @param empties at most 60 kinds
   * @param products at most 200 packs
   */
  record AskDepotPlan(
      LocalDate day, double wantedMonths, List<AskEmpty> empties, List<AskProduct> products) {}

  /**
   * @param fillMl in each of the containers
   * @param refillInMonths when all of them are used up
   */
  record PieceAnswer(
      String productId,
      Container container,
      BigDecimal sizeMl,
      int count,
      BigDecimal fillMl,
      BigDecimal refillInMonths,
      List<Code> reasons) {}

  record StaysAnswer(String productId, List<Code> reasons) {}

  record CarriedAnswer(BigDecimal massG, BigDecimal volumeMl) {}

  record MinutesAnswer(int total, int setUp, int filling, int labels) {}

  /**
   * @param before what is carried today
   * @param after what is carried once all is decanted
   * @param labels one for each container
   * @param order of the products in which they are worked through
   */
  record DepotPlanAnswer(
      List<PieceAnswer> pieces,
      List<StaysAnswer> notDecanted,
      CarriedAnswer before,
      CarriedAnswer after,
      MinutesAnswer minutes,
      int labels,
      List<String> order) {}

  @PostMapping("/api/calc/depot-plan")
  DepotPlanAnswer depotPlan(
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content = @Content(schema = @Schema(implementation = AskDepotPlan.class)))
          @RequestBody
          JsonNode asked) {
    return answer(Facts.read(asked, DepotPlanController::plan));
  }

  private static Optional<DepotPlan> plan(Facts facts) {
    Optional<LocalDate> day = facts.required("day", facts::date);
    Optional<BigDecimal> months = facts.required("wantedMonths", facts::number);
    months.ifPresent(
        told ->
            facts
                .faults()
                .build(facts.at("wantedMonths"), () -> SessionPlanner.months(told.doubleValue())));
    List<Empty> empties = facts.list("empties", MOST_KINDS, DepotPlanController::empty);
    List<Pack> packs = facts.list("products", MOST_PACKS, DepotPlanController::pack);
    facts
        .faults()
        .unless(
            packs.stream().map(Pack::id).distinct().count() == packs.size(),
            facts.at("products"),
            "same-id",
            "Two products have the same id. Give each its own.");
    if (!facts.faults().found().isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        SessionPlanner.plan(day.orElseThrow(), months.orElseThrow().doubleValue(), empties, packs));
  }

  private static Optional<Empty> empty(Facts facts) {
    Optional<Container> container =
        facts.required("container", name -> facts.code(name, Container.class));
    Volume size = told(facts, "sizeMl", ml -> Amounts.volume("size", ml), A_MILLILITRE);
    Mass tare = told(facts, "tareG", g -> Amounts.massOrNone("empty weight", g), Mass.NONE);
    Volume outer = told(facts, "outerMl", ml -> Amounts.volume("outer volume", ml), A_MILLILITRE);
    int count = facts.required("count", facts::whole).orElse(0);
    return container.flatMap(
        kind ->
            facts
                .faults()
                .build(facts.at("count"), () -> new Empty(kind, size, tare, outer, count)));
  }

  private static Optional<Pack> pack(Facts facts) {
    Optional<String> id = facts.required("id", facts::text);
    Optional<gerula.core.depot.Content> content = ContentFacts.of(facts);
    Volume left = told(facts, "contentMl", ml -> Amounts.volumeOrNone("content", ml), Volume.NONE);
    Density density = told(facts, "densityGPerMl", Density::new, Density.OF_WATER);
    Mass tare =
        told(facts, "packTareG", g -> Amounts.massOrNone("weight of the empty pack", g), Mass.NONE);
    Volume outer =
        told(facts, "packOuterMl", ml -> Amounts.volume("outer volume", ml), A_MILLILITRE);
    Volume use =
        told(facts, "usePerMonthMl", ml -> Amounts.volumeOrNone("use per month", ml), Volume.NONE);
    LocalDate useBy = facts.date("useBy").orElse(null);
    return id.flatMap(
        known ->
            content.map(what -> new Pack(known, what, left, density, tare, outer, use, useBy)));
  }

  /** What is told; something in its place when that is at fault, so that the rest is read too. */
  private static <T> T told(Facts facts, String name, DoubleFunction<T> make, T atFault) {
    return facts
        .required(name, facts::number)
        .flatMap(told -> facts.faults().build(facts.at(name), () -> make.apply(told.doubleValue())))
        .orElse(atFault);
  }

  private static DepotPlanAnswer answer(DepotPlan plan) {
    return new DepotPlanAnswer(
        plan.pieces().stream()
            .map(
                piece ->
                    new PieceAnswer(
                        piece.pack(),
                        piece.container(),
                        rounded(piece.size().ml()),
                        piece.count(),
                        rounded(piece.fill().ml()),
                        rounded(piece.refillInMonths()),
                        piece.reasons()))
            .toList(),
        plan.notDecanted().stream()
            .map(stays -> new StaysAnswer(stays.pack(), stays.reasons()))
            .toList(),
        carried(plan.before()),
        carried(plan.after()),
        new MinutesAnswer(
            plan.minutes().total(),
            plan.minutes().setUp(),
            plan.minutes().filling(),
            plan.minutes().labels()),
        plan.labels(),
        plan.order());
  }

  private static CarriedAnswer carried(Carried carried) {
    return new CarriedAnswer(rounded(carried.mass().exactGrams()), rounded(carried.volume().ml()));
  }

  /** To a thousandth: finer than any scale on a bench. */
  private static BigDecimal rounded(double amount) {
    BigDecimal exact = BigDecimal.valueOf(amount).setScale(3, RoundingMode.HALF_EVEN);
    return exact.signum() == 0
        ? BigDecimal.ZERO
        : new BigDecimal(exact.stripTrailingZeros().toPlainString());
  }
}
