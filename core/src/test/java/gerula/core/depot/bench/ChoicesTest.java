package gerula.core.depot.bench;

import static gerula.core.depot.Bench.ml;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.depot.Bench;
import gerula.core.depot.Content;
import gerula.core.depot.bench.DepotPlan.Missing;
import gerula.core.depot.bench.DepotPlan.PlannedPiece;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason;
import gerula.core.depot.empties.FitReason.Verdict;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Form;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The plan is made around what the artist chose. */
class ChoicesTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);
  private static final Empty BOTTLE = Bench.empty(Container.POINTED_SQUEEZE_BOTTLE, 10, 5, 16, 1);
  private static final Empty JAR = Bench.empty(Container.SCREW_JAR, 5, 6, 12, 4);
  private static final List<Empty> EMPTIES = List.of(BOTTLE, JAR);

  private static Pack liquid(String id, double perMonth, @Nullable LocalDate useBy) {
    return Bench.pack(id, Content.usual(Form.LIQUID_PUMP_OR_SQUEEZE), 30, 60, 90, perMonth, useBy);
  }

  private static DepotPlan plan(Map<String, Choice> choices, Pack... packs) {
    return SessionPlanner.plan(DAY, 3, EMPTIES, List.of(packs), choices, Pace.USUAL);
  }

  @Test
  void whatTheArtistTakesIsNotThereForTheOthers() {
    Pack one = liquid("one", 2, null);
    Pack two = liquid("two", 2, null);
    DepotPlan free = plan(Map.of(), one, two);
    assertThat(free.pieces()).extracting(PlannedPiece::empty).containsExactlyInAnyOrder(0, 1);
    DepotPlan fixed = plan(Map.of("two", new Choice.Into(0, 1, null)), one, two);
    PlannedPiece own = fixed.pieces().getLast();
    assertThat(own.pack()).isEqualTo("two");
    assertThat(own.empty()).isZero();
    assertThat(own.fill()).isEqualTo(ml(6));
    assertThat(own.verdict()).isEqualTo(Verdict.FITS);
    assertThat(own.reasons()).contains(PlanReason.YOUR_CHOICE);
    assertThat(fixed.pieces().getFirst().empty()).isEqualTo(1);
    assertThat(fixed.pieces().getFirst().verdict()).isEqualTo(Verdict.CAUTION);
  }

  @Test
  void whatStaysByChoiceLeavesItsContainer() {
    Pack one = liquid("one", 2, null);
    Pack two = liquid("two", 2, null);
    DepotPlan plan = plan(Map.of("one", new Choice.Stays()), one, two);
    assertThat(plan.notDecanted())
        .containsExactly(new DepotPlan.KeptInPack("one", List.of(PlanReason.YOUR_CHOICE)));
    assertThat(plan.pieces()).extracting(PlannedPiece::empty).containsExactly(0);
    assertThat(plan.order()).containsExactly("two");
    // The pack that stays: 60 + 30 g; the bottle: 5 + 6 g.
    assertThat(plan.after()).isEqualTo(new Carried(Mass.ofGrams(90 + 11), ml(90 + 16)));
  }

  @Test
  void whatDoesNotSuitMayBeChosenAndSaysSo() {
    PlannedPiece piece =
        plan(Map.of("one", new Choice.Into(1, 2, ml(4.0))), liquid("one", 1, DAY.plusDays(30)))
            .pieces()
            .getFirst();
    assertThat(piece.count()).isEqualTo(2);
    assertThat(piece.refillInMonths()).isEqualTo(8);
    assertThat(piece.reasons())
        .containsExactly(FitReason.RUNS_WHEN_OPENED, PlanReason.MORE_THAN_BEFORE_ITS_DATE);
    Pack unused = liquid("one", 0, null);
    PlannedPiece all = plan(Map.of("one", new Choice.Into(0, 1, null)), unused).pieces().getFirst();
    assertThat(all.fill()).isEqualTo(ml(9.5));
    assertThat(all.refillInMonths()).isInfinite();
  }

  @Test
  void whatIsMissingIsWhatWouldServeBetter() {
    Pack one = liquid("one", 3, null);
    Pack two = liquid("two", 3, null);
    Pack three = liquid("three", 3, null);
    assertThat(plan(Map.of(), one).missing()).isEmpty();
    assertThat(plan(Map.of(), one, two, three).missing()).containsExactly(new Missing(0, 2));
    List<Empty> none = List.of(Bench.empty(Container.POINTED_SQUEEZE_BOTTLE, 10, 5, 16, 0));
    DepotPlan nothing = SessionPlanner.plan(DAY, 3, none, List.of(one, two), Map.of(), Pace.USUAL);
    assertThat(nothing.pieces()).isEmpty();
    assertThat(nothing.missing()).containsExactly(new Missing(0, 2));
    // That what suits is used up is told before that what is left does not suit.
    Empty pan = Bench.empty(Container.LOOSE_MAGNETIC_PAN, 2, 1, 3, 6);
    assertThat(
            SessionPlanner.plan(DAY, 3, List.of(none.getFirst(), pan), List.of(one))
                .notDecanted()
                .getFirst()
                .reasons())
        .containsExactly(PlanReason.NO_EMPTY_AT_HAND);
    assertThat(
            SessionPlanner.plan(DAY, 3, List.of(pan), List.of(one))
                .notDecanted()
                .getFirst()
                .reasons())
        .containsExactly(FitReason.NOT_LEAK_PROOF);
    assertThat(plan(Map.of("one", new Choice.Into(0, 3, null)), one).missing())
        .containsExactly(new Missing(0, 2));
  }

  @Test
  void minutesFollowTheArtistsOwnPace() {
    Pace pace = new Pace(Map.of(Handling.POUR, 2.4));
    DepotPlan plan =
        SessionPlanner.plan(
            DAY,
            3,
            EMPTIES,
            List.of(liquid("one", 2, null), liquid("two", 1, null)),
            Map.of(),
            pace);
    assertThat(plan.minutes()).isEqualTo(new Minutes(25, 5, 2));
  }

  @Test
  void whatCannotBeChosenIsRefusedWithWhatToDo() {
    Pack pack = liquid("one", 1, null);
    assertThatThrownBy(() -> plan(Map.of("one", new Choice.Into(2, 1, null)), pack))
        .hasMessageContaining("Choose another");
    assertThatThrownBy(() -> plan(Map.of("one", new Choice.Into(-1, 1, null)), pack))
        .hasMessageContaining("Choose another");
    assertThatThrownBy(() -> plan(Map.of("one", new Choice.Into(0, 1, ml(10.1))), pack))
        .hasMessageContaining("to the brim");
    assertThat(plan(Map.of("one", new Choice.Into(0, 1, ml(10.0))), pack).pieces()).hasSize(1);
    assertThatThrownBy(() -> plan(Map.of("one", new Choice.Into(0, 4, ml(8.0))), pack))
        .hasMessageContaining("are left");
    assertThatThrownBy(() -> new Choice.Into(0, 5, null)).hasMessageContaining("1 to 4");
    assertThatThrownBy(() -> new Choice.Into(0, 0, null)).hasMessageContaining("1 to 4");
    assertThatThrownBy(() -> new Choice.Into(0, 1, ml(0.0))).hasMessageContaining("amount");
    Pack adhesive = Bench.pack("one", Content.usual(Form.ADHESIVE), 5, 10, 12, 1, null);
    assertThatThrownBy(() -> plan(Map.of("one", new Choice.Into(1, 1, null)), adhesive))
        .hasMessageContaining("never decanted");
  }

  static LongStream seeds() {
    return Seeds.upTo(80);
  }

  /** Whatever is chosen stands; whatever is not keeps to the empties that are left. */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void thePlanGoesRoundWhateverIsChosen(long seed) {
    Random random = new Random(seed);
    List<Empty> empties =
        IntStream.range(0, 2 + random.nextInt(6)).mapToObj(_ -> randomEmpty(random)).toList();
    List<Pack> packs =
        IntStream.range(0, 2 + random.nextInt(14))
            .mapToObj(i -> liquid("p" + i, random.nextInt(9), null))
            .toList();
    Map<String, Choice> choices = new HashMap<>();
    for (Pack pack : packs) {
      switch (random.nextInt(4)) {
        case 0 -> choices.put(pack.id(), new Choice.Stays());
        case 1 ->
            choices.put(
                pack.id(),
                new Choice.Into(random.nextInt(empties.size()), 1 + random.nextInt(2), null));
        default -> {}
      }
    }
    DepotPlan plan =
        SessionPlanner.plan(DAY, 1 + random.nextInt(9), empties, packs, choices, Pace.USUAL);
    int[] chosen = new int[empties.size()];
    int[] proposed = new int[empties.size()];
    for (PlannedPiece piece : plan.pieces()) {
      Choice choice = choices.get(piece.pack());
      assertThat(choice instanceof Choice.Stays).isFalse();
      if (choice instanceof Choice.Into into) {
        assertThat(piece.empty()).isEqualTo(into.empty());
        assertThat(piece.count()).isEqualTo(into.count());
        chosen[piece.empty()] += piece.count();
      } else {
        assertThat(piece.verdict()).isNotEqualTo(Verdict.NO);
        proposed[piece.empty()] += piece.count();
      }
      assertThat(piece.fill()).isGreaterThan(Volume.NONE);
      assertThat(piece.fill().times(piece.count())).isLessThanOrEqualTo(ml(30));
    }
    for (int kind = 0; kind < empties.size(); kind++) {
      int left = Math.max(0, empties.get(kind).count() - chosen[kind]);
      assertThat(proposed[kind]).isLessThanOrEqualTo(left);
      int used = chosen[kind] + proposed[kind];
      if (used > empties.get(kind).count()) {
        assertThat(plan.missing()).extracting(Missing::empty).contains(kind);
      }
    }
    long staying =
        packs.stream().filter(pack -> choices.get(pack.id()) instanceof Choice.Stays).count();
    assertThat(plan.notDecanted()).hasSizeGreaterThanOrEqualTo((int) staying);
    assertThat(plan.order()).hasSize(packs.size() - plan.notDecanted().size());
  }

  private static Empty randomEmpty(Random random) {
    Container container =
        List.of(
                Container.POINTED_SQUEEZE_BOTTLE,
                Container.DROPPER_BOTTLE,
                Container.SCREW_JAR,
                Container.LOOSE_MAGNETIC_PAN)
            .get(random.nextInt(4));
    double size = 2 + random.nextInt(13);
    return Bench.empty(container, size, 4, size * 1.4, random.nextInt(4));
  }
}
