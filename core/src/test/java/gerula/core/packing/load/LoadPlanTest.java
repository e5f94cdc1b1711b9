package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.EFFORT;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What goes where, against every way there is, and against its own rules told again. */
class LoadPlanTest {

  static LongStream seeds() {
    return Seeds.upTo(120);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void ofAFewPiecesItIsTheBestThereIs(long seed) {
    Load load = RandomLoads.tiny(new Random(seed));
    LoadPlan plan = load.plan(EFFORT);
    assertThat(LoadCheck.wrong(load, plan)).as("seed " + seed).isEmpty();
    assertThat(plan.levels()).as("seed " + seed).isEqualByComparingTo(EveryLoad.best(load));
    assertThat(plan.isOptimal()).isTrue();
    assertThat(plan.isStopped()).isFalse();
  }

  static LongStream someSeeds() {
    return Seeds.upTo(6);
  }

  @ParameterizedTest
  @MethodSource("someSeeds")
  void ofManyItIsValidAndTheSameWhateverTheirIdsAndOrder(long seed) {
    Random random = new Random(seed);
    Load load = RandomLoads.real(random, 6 + random.nextInt(10), 20 + random.nextInt(80));
    LoadPlan plan = load.plan(EFFORT);
    assertThat(LoadCheck.wrong(load, plan)).as("seed " + seed).isEmpty();
    List<LoadPiece> shuffled = new ArrayList<>(load.pieces());
    Collections.shuffle(shuffled, random);
    assertThat(new Load(load.bags(), shuffled).plan(EFFORT)).isEqualTo(plan);
  }
}
