package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.bag;
import static gerula.core.packing.load.GivenLoads.load;
import static gerula.core.packing.load.GivenLoads.piece;
import static gerula.core.packing.load.GivenLoads.room;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.quantity.Mass;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A load in numbers. */
class LoadFactsTest {

  @Test
  void everyWayAPieceMayLieIsToldOnceTheOneWithTheLeastFloorFirst() {
    Posture box = new Posture(30, 10, 20);
    assertThat(Orientation.ANY.of(box))
        .containsExactly(
            new Posture(10, 20, 30),
            new Posture(20, 10, 30),
            new Posture(10, 30, 20),
            new Posture(30, 10, 20),
            new Posture(20, 30, 10),
            new Posture(30, 20, 10));
    assertThat(Orientation.UPRIGHT.of(box))
        .containsExactly(new Posture(10, 30, 20), new Posture(30, 10, 20));
    assertThat(Orientation.FLAT.of(box))
        .containsExactly(new Posture(20, 30, 10), new Posture(30, 20, 10));
    assertThat(Orientation.LONG.of(box))
        .containsExactly(
            new Posture(10, 30, 20),
            new Posture(30, 10, 20),
            new Posture(20, 30, 10),
            new Posture(30, 20, 10));
    assertThat(Orientation.ANY.of(new Posture(10, 10, 10))).hasSize(1);
    assertThat(new Posture(10, 30, 20).longest()).isEqualTo(30);
    assertThat(new Posture(10, 20, 30).longest()).isEqualTo(30);
    assertThat(new Posture(30, 20, 10).smallest()).isEqualTo(10);
    assertThat(new Posture(20, 10, 30).smallest()).isEqualTo(10);
    assertThat(new Posture(10_000, 10_000, 10_000).volume()).isEqualTo(1_000_000_000_000L);
    Compartment room = room("r", 10, 20, 30);
    assertThat(new Posture(10, 20, 30).fits(room)).isTrue();
    assertThat(new Posture(11, 20, 30).fits(room)).isFalse();
    assertThat(new Posture(10, 21, 30).fits(room)).isFalse();
    assertThat(new Posture(10, 20, 31).fits(room)).isFalse();
    assertThat(room.takes(new Posture(30, 20, 10), Orientation.ANY)).isTrue();
    assertThat(room.takes(new Posture(30, 20, 10), Orientation.UPRIGHT)).isFalse();
    assertThat(room.volume()).isEqualTo(6000);
  }

  @Test
  void whatHangsTogetherIsFoundThroughOthers() {
    LoadFacts facts =
        new LoadFacts(
            load(
                List.of(bag("b", room("r", 50, 50, 50))),
                piece("a", 10, 10, 10).companionOf("b"),
                piece("b", 10, 10, 10).companionOf("c"),
                piece("c", 10, 10, 10),
                piece("d", 10, 10, 10).companionOf("c"),
                piece("e", 10, 10, 10)));
    assertThat(facts.kin[0]).containsExactly(0, 1, 2, 3);
    assertThat(facts.kin[3]).containsExactly(0, 1, 2, 3);
    assertThat(facts.kin[4]).containsExactly(4);
    assertThat(facts.companions[2]).containsExactly(1, 3);
    assertThat(facts.principal).containsExactly(1, 2, LoadFacts.NONE, 2, LoadFacts.NONE);
    assertThatThrownBy(() -> facts.pieceOf("x")).hasMessageContaining("no piece \"x\"");
    assertThatThrownBy(() -> facts.roomOf("x")).hasMessageContaining("no compartment \"x\"");
  }

  @Test
  void piecesStandByNameMeasuresMassAndIdHoweverTheyAreTold() {
    LoadFacts facts =
        new LoadFacts(
            load(
                List.of(bag("b", room("r", 50, 50, 50))),
                piece("7", 10, 10, 10).name("b"),
                piece("6", 10, 10, 10).name("a").mass(Mass.ofGrams(101L)),
                piece("5", 10, 10, 10).name("a"),
                piece("4", 10, 10, 10).name("a"),
                piece("3", 10, 10, 9).name("a"),
                piece("2", 10, 9, 99).name("a"),
                piece("1", 9, 99, 99).name("a")));
    assertThat(facts.pieces)
        .extracting(LoadPiece::id)
        .containsExactly("1", "2", "3", "4", "5", "6", "7");
  }

  @Test
  void theFloorAPieceTakesIsTheLeastThatGoesIn() {
    LoadFacts facts =
        new LoadFacts(
            load(
                List.of(bag("b", room("high", 50, 50, 50), room("low", 50, 50, 15))),
                piece("a", 10, 20, 40).orientation(Orientation.ANY),
                piece("b", 10, 20, 40).orientation(Orientation.ANY).isRigid(false),
                piece("c", 10, 20, 40).orientation(Orientation.FLAT)));
    assertThat(facts.floor[0]).containsExactly(200, 800);
    assertThat(facts.floor[1]).containsExactly(0, 0);
    assertThat(facts.floor[2]).containsExactly(0, 0);
    assertThat(facts.bears).containsExactly(false, false, true);
    // What is soft takes six tenths.
    assertThat(facts.volume).containsExactly(80_000, 48_000, 80_000);
  }

  @Test
  void whatSpeaksAgainstARoomIsToldGravestFirst() {
    Compartment strict =
        new Compartment("strict", 10, 10, 10, 0.5, Set.of("lips"), false, 1, "iva");
    LoadBag bag = new LoadBag("b", Mass.NONE, Mass.ofGrams(99L), List.of(strict));
    LoadBag other = bag("c", room("open", 40, 40, 40));
    LoadPieceBuilder one =
        piece("p", 11, 10, 10).isWet(true).pinned("open").person("ole").section("eyes");
    assertThat(against(one, bag, other)).isEqualTo(LoadObstacle.PINNED_ELSEWHERE);
    assertThat(against(one.pinned(null), bag, other)).isEqualTo(LoadObstacle.NOT_ALLOWED);
    assertThat(against(one.section("lips"), bag, other)).isEqualTo(LoadObstacle.SOMEBODY_ELSES);
    assertThat(against(one.person("iva"), bag, other)).isEqualTo(LoadObstacle.NOT_SEALED);
    assertThat(against(one.isWet(false), bag, other)).isEqualTo(LoadObstacle.TOO_LARGE);
    // Of 1,000 mm3 half may be taken.
    one.measures(new Posture(10, 10, 6));
    assertThat(against(one, bag, other)).isEqualTo(LoadObstacle.TOO_LARGE);
    one.measures(new Posture(10, 10, 5));
    assertThat(against(one, bag, other)).isEqualTo(LoadObstacle.TOO_HEAVY);
    assertThat(against(one.mass(Mass.ofGrams(99L)), bag, other)).isNull();
  }

  private static LoadObstacle against(LoadPieceBuilder piece, LoadBag... bags) {
    return new LoadFacts(load(List.of(bags), piece)).alone(0, 0);
  }

  @Test
  void whichOfTwoLoadsIsBetterIsDecidedByTheFirstLevelThatDiffers() {
    List<LoadLevels> best =
        List.of(
            new LoadLevels(0, 2, 9, 9, 9, 9, 9),
            new LoadLevels(0, 1, 0, 9, 9, 9, 9),
            new LoadLevels(0, 1, 1, 0, 9, 9, 9),
            new LoadLevels(0, 1, 1, 1, 0, 9, 9),
            new LoadLevels(0, 1, 1, 1, 1, 0, 9),
            new LoadLevels(0, 1, 1, 1, 1, 1, 0),
            new LoadLevels(0, 1, 1, 1, 1, 1, 1),
            new LoadLevels(1, 9, 0, 0, 0, 0, 0));
    for (int i = 0; i < best.size(); i++) {
      for (int j = 0; j < best.size(); j++) {
        int expected = Integer.compare(i, j);
        assertThat(Integer.signum(best.get(i).compareTo(best.get(j)))).isEqualTo(expected);
        assertThat(Integer.signum(counted(best.get(i)).compareTo(counted(best.get(j)))))
            .isEqualTo(lowAlike(best.get(i), best.get(j)) ? 0 : expected);
      }
    }
    LoadLevels hair = new LoadLevels(0, 2 + 1e-7, 9, 9, 9, 9, 9 + 1e-7);
    assertThat(hair.compareTo(best.getFirst())).isZero();
  }

  /** The height is not counted while pieces are tried. */
  private static boolean lowAlike(LoadLevels one, LoadLevels other) {
    return counted(one).levels(0).equals(counted(other).levels(0));
  }

  private static Loading.Counted counted(LoadLevels levels) {
    Loading.Counted counted = new Loading.Counted();
    counted.requiredLeft = levels.requiredLeft();
    counted.value = Math.round(levels.value() * LoadFacts.THOUSANDTHS);
    counted.split = levels.splitCompanions();
    counted.moved = levels.moved();
    counted.pairs = levels.groupPairs();
    counted.reach = levels.reach();
    return counted;
  }
}
