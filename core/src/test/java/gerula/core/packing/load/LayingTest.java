package gerula.core.packing.load;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.packing.load.Laying.Box;
import gerula.core.packing.load.Laying.Manner;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Rigid pieces in one compartment of 60 x 50 x 40 mm, one after the other. */
class LayingTest {

  private final Laying laying = new Laying(GivenLoads.room("r", 60, 50, 40));

  private boolean add(Manner manner, boolean bears, Posture... ways) {
    return laying.add(laying.boxes().size(), ways, bears, manner);
  }

  private void lie(int x, int y, int z, int width, int depth, int height, boolean bears) {
    laying.take(new Box(laying.boxes().size(), x, y, z, new Posture(width, depth, height), bears));
  }

  private List<Integer> last() {
    Box box = laying.boxes().getLast();
    return List.of(box.x(), box.y(), box.z());
  }

  @Test
  void onTheFloorItGoesAsFarToTheFrontAndThenToTheLeftAsItCan() {
    assertThat(add(Manner.LEAST_FLOOR, false, new Posture(30, 20, 10))).isTrue();
    assertThat(last()).containsExactly(0, 0, 0);
    assertThat(add(Manner.LEAST_FLOOR, false, new Posture(30, 30, 10))).isTrue();
    assertThat(last()).containsExactly(30, 0, 0);
    // 30 mm are free behind the first, from 20 on.
    assertThat(add(Manner.LEAST_FLOOR, false, new Posture(30, 30, 40))).isTrue();
    assertThat(last()).containsExactly(0, 20, 0);
    assertThat(add(Manner.LEAST_FLOOR, false, new Posture(30, 20, 10))).isTrue();
    assertThat(last()).containsExactly(30, 30, 0);
    assertThat(add(Manner.LEAST_FLOOR, false, new Posture(1, 1, 1))).isFalse();
    assertThat(laying.boxes()).hasSize(4);
    assertThat(laying.spent()).isPositive();
  }

  @Test
  void ofTwoPlacesAlikeFarInFrontItTakesTheLeft() {
    lie(20, 0, 0, 20, 50, 10, false);
    assertThat(add(Manner.FRONT, false, new Posture(20, 20, 10))).isTrue();
    assertThat(last()).containsExactly(0, 0, 0);
    assertThat(add(Manner.FRONT, false, new Posture(20, 20, 10))).isTrue();
    assertThat(last()).containsExactly(40, 0, 0);
  }

  @Test
  void theMannerDecidesWhichWayItLiesAndWhere() {
    Posture stands = new Posture(10, 40, 30);
    Posture lies = new Posture(40, 10, 30);
    assertThat(add(Manner.LEAST_FLOOR, true, stands, lies)).isTrue();
    assertThat(laying.boxes().getLast().as()).isEqualTo(stands);
    laying.takeAwayLast();
    assertThat(add(Manner.FRONT, true, stands, lies)).isTrue();
    assertThat(laying.boxes().getLast().as()).isEqualTo(lies);
    Posture small = new Posture(10, 10, 10);
    assertThat(add(Manner.ON_OTHERS, false, small)).isTrue();
    assertThat(last()).containsExactly(0, 0, 30);
    assertThat(add(Manner.LEAST_FLOOR, false, small)).isTrue();
    assertThat(last()).containsExactly(40, 0, 0);
    // As far to the front both ways: what ends further left is taken.
    Posture wide = new Posture(15, 10, 10);
    Posture narrow = new Posture(12, 10, 11);
    assertThat(add(Manner.FRONT, false, wide, narrow)).isTrue();
    assertThat(laying.boxes().getLast().as()).isEqualTo(narrow);
  }

  @Test
  void onOthersItLiesWhereAllOfItIsBorneAndNothingStandsInTheWay() {
    lie(0, 0, 0, 30, 50, 20, true);
    lie(30, 0, 0, 20, 20, 20, true);
    lie(30, 20, 0, 20, 20, 20, false);
    lie(50, 0, 0, 10, 10, 40, true);
    assertThat(laying.levels()).containsExactly(0, 20);
    assertThat(laying.lefts(0)).containsExactly(0, 30, 50, 60);
    assertThat(laying.fronts(0)).containsExactly(0, 10, 20, 40, 50);
    // Where what bears begins, and where what is higher ends.
    assertThat(laying.lefts(20)).containsExactly(0, 30, 60);
    assertThat(laying.fronts(20)).containsExactly(0, 10);
    // Over both: 20 mm deep at most; what does not bear bears nothing.
    assertThat(laying.canLie(0, 0, 20, new Posture(50, 20, 20))).isTrue();
    assertThat(laying.canLie(0, 0, 20, new Posture(50, 21, 20))).isFalse();
    assertThat(laying.canLie(0, 0, 20, new Posture(51, 20, 20))).isFalse();
    assertThat(laying.canLie(0, 0, 20, new Posture(50, 20, 21))).isFalse();
    assertThat(laying.canLie(0, 0, 19, new Posture(10, 10, 1))).isFalse();
    assertThat(laying.canLie(50, 10, 0, new Posture(10, 40, 40))).isTrue();
    assertThat(laying.canLie(50, 9, 0, new Posture(10, 40, 40))).isFalse();
    assertThat(laying.canLie(50, 11, 0, new Posture(10, 40, 40))).isFalse();
    assertThat(add(Manner.ON_OTHERS, false, new Posture(35, 20, 20))).isTrue();
    assertThat(last()).containsExactly(0, 0, 20);
    // Beside it there are 15 mm left of what bears, and 30 behind it.
    assertThat(add(Manner.ON_OTHERS, false, new Posture(30, 30, 5))).isTrue();
    assertThat(last()).containsExactly(0, 20, 20);
    assertThat(add(Manner.ON_OTHERS, false, new Posture(15, 20, 5))).isTrue();
    assertThat(last()).containsExactly(35, 0, 20);
  }

  @Test
  void whatLiesOnSomethingThatIsTakenAwayIsNotBorneAnyMore() {
    lie(0, 0, 0, 30, 20, 10, true);
    lie(0, 0, 10, 30, 20, 10, false);
    assertThat(laying.isSound()).isTrue();
    Laying half = new Laying(GivenLoads.room("r", 60, 50, 40));
    half.take(new Box(0, 0, 0, 0, new Posture(29, 20, 10), true));
    half.take(laying.boxes().getLast());
    assertThat(half.isSound()).isFalse();
    Laying bared = new Laying(GivenLoads.room("r", 60, 50, 40));
    bared.take(laying.boxes().getLast());
    assertThat(bared.isSound()).isFalse();
  }

  @Test
  void twoThatTouchDoNotOverlap() {
    Box box = new Box(0, 10, 10, 10, new Posture(10, 10, 10), true);
    Posture one = new Posture(5, 5, 5);
    assertThat(box.overlaps(12, 12, 12, one)).isTrue();
    for (int[] near : new int[][] {{5, 12, 12}, {20, 12, 12}, {12, 5, 12}, {12, 20, 12}}) {
      assertThat(box.overlaps(near[0], near[1], near[2], one)).isFalse();
    }
    assertThat(box.overlaps(12, 12, 5, one)).isFalse();
    assertThat(box.overlaps(12, 12, 20, one)).isFalse();
    for (int[] in : new int[][] {{6, 12, 12}, {19, 12, 12}, {12, 6, 12}, {12, 19, 12}}) {
      assertThat(box.overlaps(in[0], in[1], in[2], one)).isTrue();
    }
    assertThat(box.overlaps(12, 12, 6, one)).isTrue();
    assertThat(box.overlaps(12, 12, 19, one)).isTrue();
  }

  static LongStream seeds() {
    return Seeds.upTo(200);
  }

  /** Against the first free place that is found millimetre by millimetre. */
  @ParameterizedTest
  @MethodSource("seeds")
  void onTheFloorNothingFreeIsFurtherInFrontAtTheEdgesOfOthers(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 12; i++) {
      Posture as = new Posture(random(random), random(random), random(random));
      List<Integer> expected = firstFree(as);
      boolean isAdded = laying.add(i, new Posture[] {as}, false, Manner.LEAST_FLOOR);
      assertThat(isAdded).as("piece " + i).isEqualTo(expected != null);
      if (isAdded) {
        assertThat(last()).as("piece " + i).isEqualTo(expected);
      }
    }
  }

  private static int random(Random random) {
    return 5 + random.nextInt(20);
  }

  private List<Integer> firstFree(Posture as) {
    List<Integer> lefts = new ArrayList<>(List.of(0));
    laying.boxes().forEach(box -> lefts.add(box.x() + box.as().widthMm()));
    for (int y = 0; y + as.depthMm() <= 50; y++) {
      for (int x : lefts.stream().sorted().toList()) {
        if (x + as.widthMm() <= 60 && isFree(x, y, as)) {
          return List.of(x, y, 0);
        }
      }
    }
    return null;
  }

  private boolean isFree(int x, int y, Posture as) {
    for (Box box : laying.boxes()) {
      for (int dx = 0; dx < as.widthMm(); dx++) {
        for (int dy = 0; dy < as.depthMm(); dy++) {
          if (x + dx >= box.x()
              && x + dx < box.x() + box.as().widthMm()
              && y + dy >= box.y()
              && y + dy < box.y() + box.as().depthMm()) {
            return false;
          }
        }
      }
    }
    return true;
  }
}
