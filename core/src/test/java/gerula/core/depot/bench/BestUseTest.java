package gerula.core.depot.bench;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class BestUseTest {

  static LongStream seeds() {
    return Seeds.upTo(300);
  }

  // Against every possible way, tried one by one.
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noOtherWayIsWorthMore(long seed) {
    Random random = new Random(seed);
    int kinds = 1 + random.nextInt(4);
    long[][] values = new long[1 + random.nextInt(6)][kinds];
    for (long[] row : values) {
      for (int kind = 0; kind < kinds; kind++) {
        row[kind] = Math.max(0, random.nextInt(20) - 5);
      }
    }
    int[] counts = random.ints(kinds, 0, 4).toArray();
    int[] given = BestUse.of(values, counts.clone());
    assertThat(worth(values, counts, given)).isEqualTo(best(values, counts.clone(), 0));
  }

  private static long worth(long[][] values, int[] counts, int[] given) {
    int[] left = counts.clone();
    long worth = 0;
    for (int taker = 0; taker < given.length; taker++) {
      if (given[taker] != BestUse.NONE) {
        assertThat(values[taker][given[taker]]).isPositive();
        assertThat(--left[given[taker]]).isNotNegative();
        worth += values[taker][given[taker]];
      }
    }
    return worth;
  }

  private static long best(long[][] values, int[] left, int taker) {
    if (taker == values.length) {
      return 0;
    }
    long best = best(values, left, taker + 1);
    for (int kind = 0; kind < left.length; kind++) {
      if (left[kind] > 0 && values[taker][kind] > 0) {
        left[kind]--;
        best = Math.max(best, values[taker][kind] + best(values, left, taker + 1));
        left[kind]++;
      }
    }
    return best;
  }

  @Test
  void whoHasAnotherChoiceMakesRoom() {
    long[][] values = {{10, 9}, {8, 0}};
    assertThat(BestUse.of(values, new int[] {1, 1})).containsExactly(1, 0);
    assertThat(BestUse.of(values, new int[] {2, 0})).containsExactly(0, 0);
    assertThat(BestUse.of(values, new int[] {0, 0})).containsOnly(BestUse.NONE);
    assertThat(BestUse.of(new long[0][], new int[] {1})).isEmpty();
  }
}
