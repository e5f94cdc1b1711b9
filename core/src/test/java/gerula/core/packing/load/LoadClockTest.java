package gerula.core.packing.load;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Time, and whoever looks on. */
class LoadClockTest {

  private static final LoadLevels LEVELS = new LoadLevels(0, 0, 0, 0, 0, 0, 0);

  @Test
  void itIsOverOnceNobodyWantsToGoOnAndStaysSo() {
    List<Double> heard = new ArrayList<>();
    LoadClock clock =
        new LoadClock(
            new LoadEffort(
                60_000,
                1,
                (share, _) -> {
                  heard.add(share);
                  return share != 0.5;
                }));
    assertThat(clock.isOver()).isFalse();
    clock.tell(0.25, LEVELS);
    assertThat(clock.isOver()).isFalse();
    assertThat(clock.wasCut()).isFalse();
    clock.tell(0.5, LEVELS);
    assertThat(clock.wasCut()).isTrue();
    clock.tell(0.75, LEVELS);
    assertThat(clock.isOver()).isTrue();
    assertThat(clock.wasCut()).isTrue();
    assertThat(heard).containsExactly(0.25, 0.5, 0.75);
  }

  @Test
  void itIsOverWhenItsTimeIs() {
    LoadClock clock = new LoadClock(LoadEffort.of(1, 1));
    while (!clock.isOver()) {
      Thread.onSpinWait();
    }
    assertThat(clock.wasCut()).isTrue();
  }

  @Test
  void anAnnealingTellsHowFarItIsFromTheBeginningToTheEnd() {
    List<Double> heard = new ArrayList<>();
    Load load = RandomLoads.tight(new Random(5));
    LoadPlan plan =
        load.plan(
            new LoadEffort(
                60_000,
                1,
                (share, best) -> {
                  heard.add(share);
                  assertThat(best.requiredLeft()).isLessThan(24);
                  return true;
                }));
    assertThat(plan.isStopped()).isFalse();
    assertThat(heard.getFirst()).isZero();
    assertThat(heard).isSorted().hasSizeGreaterThan(100);
    assertThat(heard.getLast()).isBetween(0.99, 1.0);
  }
}
