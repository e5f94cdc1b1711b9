package gerula.core.depot.bench;

import static gerula.core.depot.Bench.ml;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gerula.core.Seeds;
import gerula.core.depot.Bench;
import gerula.core.depot.Content;
import gerula.core.depot.Thickness;
import gerula.core.depot.bench.DepotPlan.PlannedPiece;
import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason;
import gerula.core.depot.empties.Material;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Form;
import gerula.core.quantity.Volume;
import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Amounts and times: common practice, from memory. */
class SessionPlannerTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);
  private static final Empty SMALL = Bench.empty(Container.POINTED_SQUEEZE_BOTTLE, 10, 5, 16, 3);
  private static final Empty LARGE = Bench.empty(Container.POINTED_SQUEEZE_BOTTLE, 30, 8, 42, 2);
  private static final Empty JAR = Bench.empty(Container.SCREW_JAR, 5, 6, 12, 4);
  private static final Empty PAN = Bench.empty(Container.LOOSE_MAGNETIC_PAN, 2, 1, 3, 6);

  private static Pack liquid(
      String id, double content, double perMonth, @Nullable LocalDate useBy) {
    return Bench.pack(
        id, Content.usual(Form.LIQUID_PUMP_OR_SQUEEZE), content, 60, 90, perMonth, useBy);
  }

  private static DepotPlan plan(List<Empty> empties, Pack... packs) {
    return SessionPlanner.plan(DAY, 3, empties, List.of(packs));
  }

  @Test
  void theSizeLastsAsLongAsWanted() {
    PlannedPiece piece =
        plan(List.of(SMALL, LARGE), liquid("base", 30, 3, null)).pieces().getFirst();
    assertThat(piece.size()).isEqualTo(ml(10));
    assertThat(piece.fill()).isEqualTo(ml(9));
    assertThat(piece.refillInMonths()).isEqualTo(3);
    assertThat(piece.reasons()).contains(PlanReason.LASTS_AS_LONG_AS_WANTED, FitReason.SEALS);
    PlannedPiece larger =
        plan(List.of(SMALL, LARGE), liquid("base", 30, 8, null)).pieces().getFirst();
    assertThat(larger.size()).isEqualTo(ml(30));
    assertThat(larger.fill()).isEqualTo(ml(24));
  }

  @Test
  void noMoreIsMovedThanIsUsedBeforeItsDate() {
    // 31 days through the last: 1.018 months of 8 ml.
    LocalDate useBy = DAY.plusDays(30);
    PlannedPiece piece =
        plan(List.of(SMALL, LARGE), liquid("base", 30, 8, useBy)).pieces().getFirst();
    assertThat(piece.fill().ml()).isCloseTo(8 * 31 / (365.25 / 12), within(1e-6));
    assertThat(piece.size()).isEqualTo(ml(10));
    assertThat(piece.reasons()).contains(PlanReason.ENDS_WITH_ITS_DATE);
  }

  @Test
  void noMoreIsMovedThanThereIsOrThanFits() {
    PlannedPiece last = plan(List.of(SMALL), liquid("base", 2, 8, null)).pieces().getFirst();
    assertThat(last.fill()).isEqualTo(ml(2));
    assertThat(last.reasons()).contains(PlanReason.ALL_THAT_IS_LEFT);
    DepotPlan parted = plan(List.of(SMALL), liquid("base", 200, 30, null));
    assertThat(parted.pieces().getFirst().count()).isEqualTo(3);
    assertThat(parted.pieces().getFirst().fill()).isEqualTo(ml(9.5));
    assertThat(parted.pieces().getFirst().reasons()).contains(PlanReason.AS_MUCH_AS_FITS);
    assertThat(parted.labels()).isEqualTo(3);
  }

  @Test
  void whatStaysSaysWhy() {
    DepotPlan plan =
        plan(
            List.of(SMALL, Bench.empty(Container.SCREW_JAR, 5, 6, 12, 0)),
            Bench.pack("mascara", Content.usual(Form.MASCARA), 8, 15, 25, 1, null),
            liquid("past", 30, 3, DAY.minusDays(1)),
            liquid("unused", 30, 0, null),
            Bench.pack("pan", Content.usual(Form.PRESSED_POWDER), 5, 30, 40, 1, null),
            Bench.pack("mini", Content.usual(Form.LIQUID_PUMP_OR_SQUEEZE), 5, 1, 9, 2, null));
    assertThat(plan.pieces()).isEmpty();
    assertThat(reasons(plan, "mascara")).containsExactly(FitReason.NEVER_DECANTED);
    assertThat(reasons(plan, "past")).containsExactly(PlanReason.PAST_ITS_DATE);
    assertThat(reasons(plan, "unused")).containsExactly(PlanReason.NOT_USED);
    assertThat(reasons(plan, "pan")).containsExactly(FitReason.NOT_MADE_FOR_IT);
    assertThat(reasons(plan, "mini")).containsExactly(PlanReason.SAVES_NOTHING);
    assertThat(plan.before()).isEqualTo(plan.after());
    assertThat(plan.minutes().total()).isZero();
  }

  private static List<Code> reasons(DepotPlan plan, String pack) {
    return plan.notDecanted().stream()
        .filter(stays -> stays.pack().equals(pack))
        .findFirst()
        .orElseThrow()
        .reasons();
  }

  @Test
  void shortEmptiesGoWhereTheyServeBest() {
    Empty one = Bench.empty(Container.POINTED_SQUEEZE_BOTTLE, 10, 5, 16, 1);
    // Both want the only bottle; the second can go into a jar as well, with caution.
    Pack thin =
        Bench.pack(
            "thin",
            new Content(
                Form.LIQUID_PUMP_OR_SQUEEZE,
                Thickness.THIN,
                false,
                false,
                false,
                false,
                false,
                null),
            30,
            60,
            90,
            2,
            null);
    DepotPlan plan = plan(List.of(one, JAR), liquid("base", 30, 1, null), thin);
    assertThat(plan.pieces()).extracting(PlannedPiece::pack).containsExactly("base", "thin");
    assertThat(plan.pieces())
        .extracting(PlannedPiece::container)
        .containsExactly(Container.SCREW_JAR, Container.POINTED_SQUEEZE_BOTTLE);
    DepotPlan shorter = plan(List.of(one), liquid("base", 30, 1, null), thin);
    assertThat(shorter.notDecanted().getFirst().reasons())
        .containsExactly(PlanReason.NO_EMPTY_AT_HAND);
  }

  @Test
  void thinComesBeforeThickAndHeatLast() {
    DepotPlan plan =
        plan(
            List.of(SMALL, JAR, PAN),
            Bench.pack("lipstick", Content.usual(Form.LIPSTICK_BULLET), 4, 20, 30, 0.5, null),
            Bench.pack("cream", Content.usual(Form.CREAM), 10, 40, 50, 1, null),
            Bench.pack("shadow", Content.usual(Form.PRESSED_POWDER), 2, 20, 30, 0.2, null),
            liquid("base", 30, 3, null));
    assertThat(plan.order()).containsExactly("base", "shadow", "cream", "lipstick");
    // Set-up 25; liquid 4, pan lifted cold 2, cream scooped 4, lipstick softened 6; four labels.
    assertThat(plan.minutes()).isEqualTo(new Minutes(25, 16, 4));
    assertThat(plan.minutes().total()).isEqualTo(45);
  }

  static LongStream seeds() {
    return Seeds.upTo(60);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aPlanKeepsToItsEmptiesItsDatesAndItsContainers(long seed) {
    Random random = new Random(seed);
    List<Empty> empties =
        IntStream.range(0, 1 + random.nextInt(8)).mapToObj(_ -> randomEmpty(random)).toList();
    List<Pack> packs =
        IntStream.range(0, 1 + random.nextInt(25))
            .mapToObj(i -> randomPack("p" + i, random))
            .toList();
    DepotPlan plan = SessionPlanner.plan(DAY, 1 + random.nextInt(12), empties, packs);
    assertThat(
            plan.after().volume().compareTo(plan.before().volume()) <= 0
                || plan.after().mass().compareTo(plan.before().mass()) <= 0)
        .isTrue();
    assertThat(plan.order()).hasSize(packs.size() - plan.notDecanted().size());
    assertThat(plan.notDecanted()).allSatisfy(stays -> assertThat(stays.reasons()).isNotEmpty());
    for (Pack pack : packs) {
      Volume moved = Volume.NONE;
      for (PlannedPiece piece : plan.pieces()) {
        if (piece.pack().equals(pack.id())) {
          moved = moved.plus(piece.fill().times(piece.count()));
          assertThat(piece.fill()).isLessThanOrEqualTo(piece.size().times(Empty.FILLED));
          assertThat(
                  ContainerFit.of(pack.content(), piece.container(), Material.POLYETHYLENE)
                      .verdict())
              .isNotEqualTo(FitReason.Verdict.NO);
        }
      }
      assertThat(moved).isLessThanOrEqualTo(pack.left());
      assertThat(moved)
          .isLessThanOrEqualTo(pack.usePerMonth().times(Math.min(120, pack.monthsLeftOn(DAY))));
    }
    for (Empty empty : empties) {
      int there =
          empties.stream().filter(other -> isSameKind(other, empty)).mapToInt(Empty::count).sum();
      int used =
          plan.pieces().stream()
              .filter(p -> p.container() == empty.container() && p.size().equals(empty.size()))
              .mapToInt(PlannedPiece::count)
              .sum();
      assertThat(used).isLessThanOrEqualTo(there);
    }
  }

  private static boolean isSameKind(Empty one, Empty other) {
    return one.container() == other.container() && one.size().equals(other.size());
  }

  private static Empty randomEmpty(Random random) {
    Container container = Container.values()[random.nextInt(Container.values().length)];
    double size = 1 + random.nextInt(30);
    return Bench.empty(container, size, 1 + random.nextInt(9), size * 1.4, random.nextInt(4));
  }

  private static Pack randomPack(String id, Random random) {
    Form form = Form.values()[random.nextInt(Form.values().length)];
    double content = 1 + random.nextInt(60);
    return Bench.pack(
        id,
        Content.usual(form),
        content,
        random.nextInt(80),
        content * 1.5 + random.nextInt(40),
        random.nextInt(10) / 2.0,
        random.nextBoolean() ? DAY.plusDays(random.nextInt(500) - 50) : null);
  }

  @Test
  void whatCannotBeIsRefusedWithTheRuleAndTheValue() {
    assertThatThrownBy(() -> SessionPlanner.plan(DAY, 0, List.of(), List.of()))
        .hasMessageContaining("up to 120");
    assertThatThrownBy(() -> plan(List.of(), liquid("a", 1, 1, null), liquid("a", 1, 1, null)))
        .hasMessageContaining("same id");
    assertThatThrownBy(() -> liquid("a", -1, 1, null)).hasMessageContaining("-1");
    assertThatThrownBy(() -> liquid("a", Double.NaN, 1, null)).hasMessageContaining("number of ml");
    assertThatThrownBy(() -> liquid("a", 100_001, 1, null)).hasMessageContaining("content");
    assertThatThrownBy(() -> Bench.empty(Container.SCREW_JAR, 0, 1, 1, 1))
        .hasMessageContaining("size");
    assertThatThrownBy(() -> Bench.empty(Container.SCREW_JAR, 5, 1, 1, -1))
        .hasMessageContaining("-1");
  }
}
