package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.bag;
import static gerula.core.packing.load.GivenLoads.load;
import static gerula.core.packing.load.GivenLoads.piece;
import static gerula.core.packing.load.GivenLoads.room;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.packing.load.Laying.Box;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How rigid pieces are laid into one compartment. */
class WaysToLayTest {

  private static int[] first(int many) {
    return IntStream.range(0, many).toArray();
  }

  /** A room of 50 x 50 taken by four of 30 x 20 round one of 10 x 10: bottom-left alone fails. */
  private static LoadFacts windmill() {
    return new LoadFacts(
        load(
            List.of(bag("b", room("r", 50, 50, 10), room("s", 49, 50, 10))),
            piece("a", 30, 20, 10),
            piece("b", 30, 20, 10),
            piece("c", 30, 20, 10),
            piece("d", 30, 20, 10),
            piece("e", 10, 10, 10)));
  }

  @Test
  void aFewPiecesAreTriedInEveryWay() {
    LoadFacts facts = windmill();
    WaysToLay ways = new WaysToLay(facts);
    List<Box> laid = ways.quick(0, first(5));
    assertThat(laid).hasSize(5);
    assertThat(laid).filteredOn(box -> box.piece() == 4).first().matches(box -> box.x() == 20);
    assertThat(ways.thorough(0, first(5))).hasSize(5);
    assertThat(ways.work()).isPositive();
  }

  @Test
  void whatWasRefusedIsNotAskedAgain() {
    WaysToLay ways = new WaysToLay(windmill());
    assertThat(ways.quick(1, first(5))).isNull();
    long quick = ways.work();
    assertThat(ways.quick(1, first(5))).isNull();
    assertThat(ways.work()).isEqualTo(quick);
    assertThat(ways.thorough(1, first(5))).isNull();
    long thorough = ways.work();
    assertThat(thorough).isGreaterThan(quick);
    assertThat(ways.thorough(1, first(5))).isNull();
    assertThat(ways.work()).isEqualTo(thorough);
    // Others, or the same elsewhere, are another question.
    assertThat(ways.quick(1, first(2))).isNotNull();
    assertThat(ways.quick(0, first(5))).isNotNull();
  }

  @Test
  void theWayThatLiftsLeastIsTakenAndOfThoseTheTidiest() {
    LoadFacts facts =
        new LoadFacts(
            load(
                List.of(bag("b", room("r", 40, 40, 20))),
                piece("box", 20, 20, 10).mass(Mass.ofGrams(500L)),
                piece("case", 40, 30, 5).orientation(Orientation.FLAT),
                piece("dish", 20, 10, 5).orientation(Orientation.FLAT)));
    WaysToLay ways = new WaysToLay(facts);
    // 10 mm of the floor are left beside the case.
    List<Box> least = ways.least(0, first(3));
    assertThat(ways.lifted(least)).isEqualTo(2.5);
    assertThat(least)
        .extracting(box -> facts.pieces.get(box.piece()).id() + " at " + box.z())
        .containsExactlyInAnyOrder("case at 0", "dish at 0", "box at 5");
  }

  @Test
  void ofAlikeWaysTheOneThatReachesLeastFarBackIsTaken() {
    LoadFacts facts =
        new LoadFacts(
            load(
                List.of(bag("b", room("r", 60, 60, 10))),
                piece("a", 50, 20, 10),
                piece("b", 10, 40, 10),
                piece("c", 50, 20, 10)));
    List<Box> least = new WaysToLay(facts).least(0, first(3));
    assertThat(least.stream().mapToInt(Box::back).max()).hasValue(40);
    assertThat(least.stream().mapToInt(Box::right).max()).hasValue(60);
  }

  /** The least lift of up to five pieces is that of every place on a grid. */
  @Test
  void nothingLiesLowerThanWhatEveryWayFinds() {
    Random random = new Random(11);
    Set<Boolean> seen = new HashSet<>();
    for (int i = 0; i < 150; i++) {
      List<LoadPieceBuilder> pieces = new ArrayList<>();
      int many = 2 + random.nextInt(3);
      for (int one = 0; one < many; one++) {
        pieces.add(
            piece("p" + one, 10 * (1 + random.nextInt(3)), 10 * (1 + random.nextInt(2)), 10)
                .mass(Mass.ofGrams(10L * (1 + random.nextInt(9))))
                .orientation(random.nextBoolean() ? Orientation.FLAT : Orientation.UPRIGHT));
      }
      Load load =
          load(
              List.of(bag("b", room("r", 40, 20 + 10 * random.nextInt(2), 20))),
              pieces.toArray(LoadPieceBuilder[]::new));
      LoadFacts facts = new LoadFacts(load);
      List<Box> least = new WaysToLay(facts).least(0, first(many));
      double every = EveryLoad.leastInOne(load);
      seen.add(every < 0);
      assertThat(least == null).as("case " + i).isEqualTo(every < 0);
      if (least != null) {
        assertThat(new WaysToLay(facts).lifted(least)).as("case " + i).isEqualTo(every);
        assertThat(new WaysToLay(facts).quick(0, first(many))).as("case " + i).isNotNull();
      }
    }
    assertThat(seen).containsExactlyInAnyOrder(true, false);
  }

  /** Of many that do not fit in any order by chance, the orders and manners tried find most. */
  @Test
  void manyAreLaidInOneOfTheOrders() {
    Random random = new Random(5);
    Map<String, Integer> laid = new HashMap<>();
    for (int i = 0; i < 60; i++) {
      List<LoadPieceBuilder> pieces = new ArrayList<>();
      for (int one = 0; one < 9; one++) {
        pieces.add(
            piece("p" + one, 15 + random.nextInt(30), 15 + random.nextInt(30), 20)
                .orientation(one < 3 ? Orientation.FLAT : Orientation.UPRIGHT));
      }
      LoadFacts facts =
          new LoadFacts(
              load(
                  List.of(bag("b", room("r", 100, 75, 40))),
                  pieces.toArray(LoadPieceBuilder[]::new)));
      WaysToLay ways = new WaysToLay(facts);
      List<Box> quick = ways.quick(0, first(9));
      List<Box> thorough = ways.thorough(0, first(9));
      laid.merge("quick", quick == null ? 0 : 1, Integer::sum);
      laid.merge("thorough", thorough == null ? 0 : 1, Integer::sum);
      assertThat(quick != null && thorough == null).isFalse();
      if (quick != null) {
        assertThat(ways.lifted(thorough)).isLessThanOrEqualTo(ways.lifted(quick));
      }
      if (thorough != null) {
        assertThat(thorough.stream().map(Box::piece).sorted(Comparator.naturalOrder()))
            .containsExactlyElementsOf(IntStream.range(0, 9).boxed().toList());
      }
    }
    assertThat(laid.get("quick")).isGreaterThanOrEqualTo(34);
    assertThat(laid.get("thorough")).isGreaterThanOrEqualTo(39);
  }
}
