package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.EFFORT;
import static gerula.core.packing.load.GivenLoads.bag;
import static gerula.core.packing.load.GivenLoads.load;
import static gerula.core.packing.load.GivenLoads.piece;
import static gerula.core.packing.load.GivenLoads.room;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.packing.load.Loading.Patience;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every way for a few pieces, begun with nothing packed. */
class ExactLoadTest {

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
  void fromNothingItFindsTheBestThereIs(long seed) {
    Load load = RandomLoads.tiny(new Random(seed));
    LoadFacts facts = new LoadFacts(load);
    WaysToLay ways = new WaysToLay(facts);
    Loading loading = new Loading(facts, ways);
    ExactLoad exact = new ExactLoad(facts, ways, loading, new LoadClock(EFFORT));
    exact.improve();
    assertThat(exact.isComplete()).isTrue();
    assertThat(loading.counted().levels(loading.lifted()))
        .isEqualByComparingTo(EveryLoad.best(load));
  }

  @Test
  void whatIsTheBestAlreadyStaysAsItIs() {
    Load load =
        load(
            List.of(bag("b", room("one", 20, 10, 10), room("two", 20, 10, 10))),
            piece("a", 10, 10, 10).usual("two"),
            piece("b", 10, 10, 10).usual("two"));
    LoadFacts facts = new LoadFacts(load);
    WaysToLay ways = new WaysToLay(facts);
    Loading loading = new Loading(facts, ways);
    loading.trial(new int[] {0, 1}, new int[] {1, 1}, (_, _) -> true, Patience.QUICK);
    List<LoadPlan.PlacedPiece> before = loading.placed();
    long work = ways.work();
    ExactLoad exact = new ExactLoad(facts, ways, loading, new LoadClock(EFFORT));
    exact.improve();
    assertThat(loading.placed()).isEqualTo(before);
    assertThat(exact.isComplete()).isTrue();
    // Nothing better can come of it: no piece was laid anywhere.
    assertThat(ways.work()).isEqualTo(work);
  }

  @Test
  void whatIsNotLookedThroughToTheEndIsNotProved() {
    Load load = RandomLoads.tiny(new Random(1));
    LoadFacts facts = new LoadFacts(load);
    WaysToLay ways = new WaysToLay(facts);
    LoadClock clock = new LoadClock(new LoadEffort(20_000, 1, (_, _) -> false));
    clock.tell(0, new LoadLevels(0, 0, 0, 0, 0, 0, 0));
    Loading loading = new Loading(facts, ways);
    ExactLoad exact = new ExactLoad(facts, ways, loading, clock);
    exact.improve();
    assertThat(exact.isComplete()).isFalse();
    assertThat(loading.placed()).isEmpty();
  }

  @Test
  void upToFourteenPiecesAreTriedInEveryWay() {
    List<LoadPieceBuilder> pieces = new ArrayList<>();
    for (int i = 0; i < 14; i++) {
      pieces.add(piece("p" + i, 10, 10, 10));
    }
    List<LoadBag> bags = List.of(bag("b", room("r", 10, 10, 10)));
    Load fourteen = load(bags, pieces.toArray(LoadPieceBuilder[]::new));
    pieces.add(piece("p14", 10, 10, 10));
    Load fifteen = load(bags, pieces.toArray(LoadPieceBuilder[]::new));
    assertThat(ExactLoad.isSmall(new LoadFacts(fourteen))).isTrue();
    assertThat(ExactLoad.isSmall(new LoadFacts(fifteen))).isFalse();
  }

  @Test
  void whetherEverythingThatMustComeGoesInIsSaidAtOnce() {
    List<LoadBag> bags = List.of(bag("b", room("one", 30, 10, 10), room("two", 20, 10, 10)));
    // The long one goes only where the short one usually lies.
    Load goesIn =
        load(
            bags,
            piece("short", 10, 10, 10).usual("one"),
            piece("long", 30, 10, 10),
            piece("spare", 10, 10, 10).usual("two").isRequired(false).value(1));
    assertThat(goesIn.takesAll(EFFORT)).isTrue();
    Load tooMuch = load(bags, piece("long", 30, 10, 10), piece("longer", 25, 10, 10));
    assertThat(tooMuch.takesAll(EFFORT)).isFalse();
  }
}
