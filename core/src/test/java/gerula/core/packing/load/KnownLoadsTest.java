package gerula.core.packing.load;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Tight loads and how good the plan of each was: a search that becomes worse is noticed, and not
 * only when it is compared with an exact solver for an hour.
 */
class KnownLoadsTest {

  @ParameterizedTest
  @CsvSource({
    "3, 0, 47.0, 0, 6, 13, 10, 0.744",
    "4, 0, 48.0, 0, 5, 11, 12, 3.9739999999999998",
    "5, 0, 27.0, 0, 11, 6, 9, 0.0",
    "6, 2, 47.0, 0, 8, 11, 10, 3.0389999999999997",
    "7, 1, 29.0, 0, 8, 8, 11, 0.0",
    "8, 0, 75.0, 1, 6, 10, 8, 0.0",
    "9, 0, 37.0, 0, 5, 8, 11, 0.0",
    "10, 1, 37.0, 0, 4, 10, 8, 0.0",
    "11, 1, 33.0, 0, 6, 9, 10, 0.0",
    "12, 1, 44.0, 0, 7, 9, 13, 0.0",
    "13, 3, 23.0, 0, 6, 8, 6, 0.45899999999999996",
    "14, 2, 40.0, 0, 8, 7, 13, 0.0"
  })
  void noneIsPlannedWorseThanBefore(
      long seed,
      int left,
      double value,
      int split,
      int moved,
      int pairs,
      int reach,
      double lifted) {
    Load load = RandomLoads.tight(new Random(seed));
    LoadPlan plan = load.plan(GivenLoads.EFFORT);
    assertThat(LoadCheck.wrong(load, plan)).isEmpty();
    assertThat(plan.isStopped()).isFalse();
    LoadLevels known = new LoadLevels(left, value, split, moved, pairs, reach, lifted);
    assertThat(plan.levels()).isLessThanOrEqualTo(known);
  }
}
