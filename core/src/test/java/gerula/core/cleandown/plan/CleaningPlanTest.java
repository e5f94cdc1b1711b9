package gerula.core.cleandown.plan;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.cleandown.plan.Chain.Stage;
import gerula.core.cleandown.treatment.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The order of cleaning: one pair of hands, waits beside. */
class CleaningPlanTest {

  @Test
  void whatDriesIsSprayedFirstAndTheRestIsWipedMeanwhile() {
    List<Chain> chains = new ArrayList<>();
    for (int i = 0; i < 9; i++) {
      chains.add(chain(new Stage(Step.SPRAY, 2), new Stage(Step.DRY, 300)));
    }
    for (int i = 0; i < 4; i++) {
      chains.add(chain(new Stage(Step.WIPE_NECK, 5)));
    }
    CleaningPlan plan = CleaningPlan.of(chains);
    assertThat(plan.acts())
        .flatExtracting(CleaningAct::steps)
        .containsExactly(Step.SPRAY, Step.WIPE);
    assertThat(plan.acts().getFirst().things()).hasSize(9);
    assertThat(plan.handSeconds()).isEqualTo(38);
    assertThat(plan.seconds()).isEqualTo(18 + 300);
  }

  @Test
  void aPencilIsSharpenedWhenItIsDryAndOthersAreTreatedUntilThen() {
    Chain pencil =
        chain(
            new Stage(Step.SPRAY, 2),
            new Stage(Step.DRY, 120),
            new Stage(Step.SHARPEN, 30),
            new Stage(Step.SPRAY, 2),
            new Stage(Step.DRY, 120));
    Chain brush = chain(new Stage(Step.TO_DIRTY_HOLDER, 30));
    CleaningPlan plan = CleaningPlan.of(List.of(brush, pencil));
    assertThat(plan.seconds()).isEqualTo(2 + 120 + 30 + 2 + 120);
    assertThat(plan.acts())
        .flatExtracting(CleaningAct::steps)
        .containsExactly(Step.SPRAY, Step.TO_DIRTY_HOLDER, Step.SHARPEN, Step.SPRAY);
    assertThat(plan.acts().get(2).from()).isEqualTo(122);
  }

  @Test
  void whatFollowsAtOnceOnTheSameThingIsOneAct() {
    CleaningPlan plan =
        CleaningPlan.of(
            List.of(
                chain(
                    new Stage(Step.WASH, 90),
                    new Stage(Step.RINSE, 10),
                    new Stage(Step.SPRAY, 2),
                    new Stage(Step.DRY, 120),
                    new Stage(Step.WIPE_HANDLE, 5))));
    assertThat(plan.acts())
        .extracting(CleaningAct::steps)
        .containsExactly(List.of(Step.WASH, Step.RINSE, Step.SPRAY), List.of(Step.WIPE_HANDLE));
    assertThat(plan.endingWith(Step.HANDS).acts().getLast().steps()).containsExactly(Step.HANDS);
  }

  @Test
  void nothingToDoTakesNoTime() {
    assertThat(CleaningPlan.of(List.of()).acts()).isEmpty();
    assertThat(CleaningPlan.of(List.of(chain(new Stage(Step.DRY, 60)))).seconds()).isEqualTo(60);
  }

  static LongStream rounds() {
    return Seeds.upTo(300);
  }

  /** Against every order there is. */
  @ParameterizedTest
  @MethodSource("rounds")
  void itIsAsShortAsTheShortestButForTwoPercent(long seed) {
    List<Chain> chains = random(new Random(seed), 4, 7);
    CleaningPlan plan = CleaningPlan.of(chains);
    long shortest = new EveryOrder(chains).shortest();
    assertThat((double) plan.seconds()).isBetween((double) shortest, shortest * 1.02);
    isSound(chains, plan);
  }

  /** More than can be tried: it is still no longer than what nobody could do without. */
  @Test
  void aLargeCleanDownTakesNoLongerThanHandsAndWaitsMust() {
    List<Chain> chains = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      chains.add(chain(new Stage(Step.WIPE, 5)));
      chains.add(chain(new Stage(Step.SPRAY, 2), new Stage(Step.DRY, 300)));
    }
    for (int i = 0; i < 3; i++) {
      chains.add(
          chain(
              new Stage(Step.WASH, 900),
              new Stage(Step.LAY_FLAT, 28_800),
              new Stage(Step.WIPE_HANDLE, 5)));
    }
    CleaningPlan plan = CleaningPlan.of(chains);
    isSound(chains, plan);
    // The washing place is free when the third set is washed; that dries, and its handles are
    // wiped.
    assertThat(plan.seconds()).isEqualTo(3 * 900 + 28_800 + 5);
    assertThat(plan.acts())
        .flatExtracting(CleaningAct::steps)
        .containsExactlyInAnyOrder(
            Step.WASH, Step.SPRAY, Step.WIPE, Step.WIPE_HANDLE, Step.WIPE_HANDLE, Step.WIPE_HANDLE);
    assertThat(plan.acts().getFirst().steps()).containsExactly(Step.WASH);
  }

  @Test
  void whatIsWaitedForAtTheBeginningDelaysOnlyItself() {
    Chain wet = chain(new Stage(Step.DRY, 100), new Stage(Step.SHARPEN, 30));
    Chain other = chain(new Stage(Step.WIPE, 40));
    CleaningPlan plan = CleaningPlan.of(List.of(wet, other));
    assertThat(plan.seconds()).isEqualTo(130);
    assertThat(plan.acts()).extracting(CleaningAct::from).containsExactly(0, 100);
    assertThat(plan.acts()).extracting(CleaningAct::until).containsExactly(40, 130);
    assertThat(plan.acts()).extracting(CleaningAct::readyAt).containsExactly(40, 130);
  }

  /** Eighty things are put in order in a moment. */
  @Test
  void aWholeCleanDownIsSound() {
    Random random = new Random(9);
    List<Chain> chains = random(random, 80, 400);
    CleaningPlan plan = CleaningPlan.of(chains);
    isSound(chains, plan);
    assertThat(plan.acts()).hasSizeLessThan(80);
  }

  private static void isSound(List<Chain> chains, CleaningPlan plan) {
    Map<UUID, Integer> done = new HashMap<>();
    Map<UUID, Chain> byThing = new HashMap<>();
    chains.forEach(chain -> byThing.put(chain.thing(), chain));
    int free = 0;
    for (CleaningAct act : plan.acts()) {
      assertThat(act.from()).isGreaterThanOrEqualTo(free);
      assertThat(act.until()).isGreaterThanOrEqualTo(act.from());
      free = act.until();
      assertThat(new HashSet<>(act.things())).hasSameSizeAs(act.things());
      for (UUID thing : act.things()) {
        List<Stage> steps = byThing.get(thing).steps();
        for (Step movement : act.steps()) {
          int at = done.getOrDefault(thing, 0);
          while (steps.get(at).step().isWait()) {
            at++;
          }
          assertThat(steps.get(at).step().movement()).isEqualTo(movement);
          done.put(thing, at + 1);
        }
      }
    }
    int hands = 0;
    for (Chain chain : chains) {
      int at = done.getOrDefault(chain.thing(), 0);
      assertThat(chain.steps().stream().skip(at)).allMatch(stage -> stage.step().isWait());
      hands +=
          chain.steps().stream()
              .filter(stage -> !stage.step().isWait())
              .mapToInt(Stage::seconds)
              .sum();
      assertThat(plan.seconds())
          .as("no shorter than its longest chain")
          .isGreaterThanOrEqualTo(chain.secondsFrom(0));
    }
    assertThat(plan.handSeconds()).isEqualTo(hands);
  }

  private static List<Chain> random(Random random, int mostChains, int mostHandwork) {
    List<Chain> chains = new ArrayList<>();
    int handwork = 0;
    int many = mostChains > 10 ? mostChains : 1 + random.nextInt(mostChains);
    for (int i = 0; i < many && handwork < mostHandwork; i++) {
      List<Stage> stages = new ArrayList<>();
      int steps = 1 + random.nextInt(3);
      for (int step = 0; step < steps && handwork < mostHandwork; step++) {
        Step what = List.of(Step.SPRAY, Step.WIPE, Step.WASH).get(random.nextInt(3));
        stages.add(new Stage(what, 1 + random.nextInt(90)));
        handwork++;
        if (random.nextInt(3) > 0) {
          stages.add(new Stage(Step.DRY, random.nextInt(400)));
        }
      }
      chains.add(new Chain(UUID.randomUUID(), stages));
    }
    return chains;
  }

  private static Chain chain(Stage... stages) {
    return new Chain(UUID.randomUUID(), List.of(stages));
  }

  /** Tries whatever can be done next, again and again. */
  private record EveryOrder(List<Chain> chains) {

    long shortest() {
      return from(new int[chains.size()], new long[chains.size()], 0);
    }

    private long from(int[] at, long[] ready, long now) {
      int[] next = at.clone();
      long[] free = ready.clone();
      for (int i = 0; i < next.length; i++) {
        while (isIn(i, next) && stage(i, next).step().isWait()) {
          free[i] += stage(i, next).seconds();
          next[i]++;
        }
      }
      boolean isDone = IntStream.range(0, next.length).noneMatch(i -> isIn(i, next));
      if (isDone) {
        return LongStream.concat(LongStream.of(now), LongStream.of(free)).max().orElse(0);
      }
      long best = Long.MAX_VALUE;
      for (int i = 0; i < next.length; i++) {
        if (isIn(i, next)) {
          int[] then = next.clone();
          long[] later = free.clone();
          long end = Math.max(now, free[i]) + stage(i, next).seconds();
          then[i]++;
          later[i] = end;
          best = Math.min(best, from(then, later, end));
        }
      }
      return best;
    }

    private boolean isIn(int chain, int[] at) {
      return at[chain] < chains.get(chain).steps().size();
    }

    private Stage stage(int chain, int[] at) {
      return chains.get(chain).steps().get(at[chain]);
    }
  }
}
