package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.EFFORT;
import static gerula.core.packing.load.GivenLoads.bag;
import static gerula.core.packing.load.GivenLoads.piece;
import static gerula.core.packing.load.GivenLoads.plan;
import static gerula.core.packing.load.GivenLoads.room;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.packing.load.LoadPlan.LeftPiece;
import gerula.core.packing.load.LoadPlan.PlacedPiece;
import gerula.core.quantity.Mass;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What stays and why, what lies how. */
class LoadCasesTest {

  private static LoadObstacle why(LoadBag bag, LoadPieceBuilder piece) {
    return plan(List.of(bag), piece).left().getFirst().because();
  }

  @Test
  void whatStaysSaysWhatStoodInItsWay() {
    Compartment lips =
        CompartmentBuilder.builder(room("lips", 100, 100, 100)).allowed(Set.of("lips")).build();
    Compartment hers =
        CompartmentBuilder.builder(room("hers", 100, 100, 100)).person("iva").build();
    assertThat(why(bag("b", lips), piece("p", 10, 10, 10))).isEqualTo(LoadObstacle.NOT_ALLOWED);
    assertThat(why(bag("b", hers), piece("p", 10, 10, 10))).isEqualTo(LoadObstacle.SOMEBODY_ELSES);
    assertThat(why(bag("b", room("r", 100, 100, 100)), piece("p", 10, 10, 10).isWet(true)))
        .isEqualTo(LoadObstacle.NOT_SEALED);
    assertThat(why(bag("b", room("r", 100, 100, 9)), piece("p", 10, 10, 10)))
        .isEqualTo(LoadObstacle.TOO_LARGE);
    LoadBag light =
        new LoadBag("b", Mass.ofGrams(50L), Mass.ofGrams(149L), List.of(room("r", 99, 99, 99)));
    assertThat(why(light, piece("p", 10, 10, 10))).isEqualTo(LoadObstacle.TOO_HEAVY);
    LoadBag heavy =
        new LoadBag("b", Mass.ofGrams(500L), Mass.ofGrams(400L), List.of(room("r", 99, 99, 99)));
    assertThat(why(heavy, piece("p", 10, 10, 10))).isEqualTo(LoadObstacle.TOO_HEAVY);
    LoadPlan full =
        plan(
            List.of(bag("b", room("r", 10, 10, 10))),
            piece("one", 10, 10, 10),
            piece("two", 10, 10, 10));
    assertThat(full.left()).containsExactly(new LeftPiece("two", LoadObstacle.ROOM_TAKEN));
    assertThat(full.isOptimal()).isTrue();
    // The gravest of several compartments is not told where another comes nearer.
    assertThat(why(bag("b", lips, room("r", 5, 5, 5)), piece("p", 10, 10, 10)))
        .isEqualTo(LoadObstacle.TOO_LARGE);
  }

  @Test
  void whatHasToComeGoesBeforeWhatIsWorthMostAndThatBeforeTheRest() {
    LoadPlan plan =
        plan(
            List.of(bag("b", room("r", 20, 10, 10))),
            piece("dear", 20, 10, 10).isRequired(false).value(9),
            piece("cheap", 10, 10, 10).isRequired(false).value(1),
            piece("needed", 10, 10, 10));
    assertThat(plan.placed()).extracting(PlacedPiece::piece).containsExactly("cheap", "needed");
    assertThat(plan.levels()).isEqualTo(new LoadLevels(0, 1, 0, 0, 0, 0, 0));
    assertThat(plan.bounds().value()).isLessThan(10).isGreaterThanOrEqualTo(1);
  }

  @Test
  void thingsStandOrLieAsTheyMay() {
    LoadBag low = bag("b", room("r", 120, 40, 40));
    LoadPlan lying = plan(List.of(low), piece("tube", 20, 20, 120).orientation(Orientation.LONG));
    assertThat(lying.placed()).containsExactly(new PlacedPiece("tube", "r", 0, 0, 0, 120, 20, 20));
    assertThat(plan(List.of(low), piece("bottle", 20, 20, 120)).left()).hasSize(1);
    LoadPlan flat =
        plan(
            List.of(bag("b", room("r", 60, 60, 30))),
            piece("one", 60, 15, 60).orientation(Orientation.FLAT),
            piece("two", 60, 60, 15).orientation(Orientation.FLAT));
    // One on the other: 100 g lifted by 15 mm.
    assertThat(flat.placed()).extracting(PlacedPiece::zMm).containsExactlyInAnyOrder(0, 15);
    assertThat(flat.levels().lifted()).isEqualTo(1.5);
    LoadPlan standing =
        plan(
            List.of(bag("b", room("r", 60, 60, 30))),
            piece("a", 60, 60, 15),
            piece("b", 60, 60, 15));
    assertThat(standing.left()).hasSize(1);
  }

  @Test
  void softThingsGiveWay() {
    LoadBag small = bag("b", room("r", 100, 100, 100));
    // 0.6 of what they measure: 3 of 500 cm3 are 900 of 1,000.
    LoadPieceBuilder[] soft = {
      piece("a", 100, 100, 50).isRigid(false),
      piece("b", 100, 100, 50).isRigid(false),
      piece("c", 100, 100, 50).isRigid(false)
    };
    assertThat(plan(List.of(small), soft).left()).isEmpty();
    assertThat(
            plan(List.of(small), soft[0], soft[1], soft[2], piece("d", 100, 100, 20).isRigid(false))
                .left())
        .hasSize(1);
  }

  @Test
  void whatIsHotLiesAlone() {
    LoadPlan plan =
        plan(
            List.of(bag("b", room("one", 50, 50, 50), room("two", 50, 50, 50))),
            piece("iron", 20, 20, 20).isHot(true).usual("one"),
            piece("lip", 20, 20, 20).melts(true).usual("one"),
            piece("balm", 20, 20, 20).melts(true).usual("one"),
            piece("comb", 20, 20, 20).usual("one"));
    assertThat(plan.left()).isEmpty();
    assertThat(plan.levels().moved()).isEqualTo(1);
    assertThat(plan.placed())
        .filteredOn(one -> one.compartment().equals("two"))
        .extracting(PlacedPiece::piece)
        .containsExactly("iron");
  }

  @Test
  void whatBelongsTogetherTravelsTogether() {
    List<LoadBag> bags =
        List.of(bag("case", room("in-case", 60, 60, 60)), bag("sack", room("in-sack", 60, 60, 60)));
    LoadPlan plan =
        plan(
            bags,
            piece("lashes", 20, 20, 20).usual("in-case"),
            piece("glue", 20, 20, 20).usual("in-sack").companionOf("lashes"),
            piece("tweezers", 20, 20, 20).usual("in-sack").companionOf("lashes"));
    // One thing is moved to two, not two to one.
    assertThat(plan.levels()).isEqualTo(new LoadLevels(0, 0, 0, 1, 0, 0, 0));
    assertThat(plan.placed()).extracting(PlacedPiece::compartment).containsOnly("in-sack");
  }

  @Test
  void thePlanSaysWhatSpeaksAgainstAnotherPlaceAndLaysOthersRound() {
    LoadBag one = bag("b", room("left", 30, 10, 10), room("right", 30, 10, 10));
    Load load =
        new Load(
            List.of(one),
            List.of(
                piece("a", 20, 10, 10).usual("left").build(),
                piece("b", 20, 10, 10).usual("right").build(),
                piece("c", 10, 10, 10).usual("right").build()));
    LoadPlan plan = load.plan(EFFORT);
    assertThat(load.obstacle(plan, "a", "right")).contains(LoadObstacle.TOO_FULL);
    assertThat(load.obstacle(plan, "c", "left")).isEmpty();
    assertThat(load.obstacle(plan, "a", "left")).isEmpty();
    Load pinned =
        new Load(
            List.of(one), List.of(piece("p", 10, 10, 10).pinned("left").usual("left").build()));
    assertThat(pinned.obstacle(pinned.plan(EFFORT), "p", "right"))
        .contains(LoadObstacle.PINNED_ELSEWHERE);
    List<PlacedPiece> after = load.moved(plan, "c", "left");
    assertThat(after)
        .filteredOn(placed -> placed.compartment().equals("left"))
        .extracting(PlacedPiece::piece)
        .containsExactlyInAnyOrder("a", "c");
    assertThatThrownBy(() -> load.moved(plan, "a", "right"))
        .isInstanceOf(IllegalArgumentException.class);
    LoadBag wide = bag("b", room("left", 30, 30, 10), room("right", 30, 30, 10));
    Load odd =
        new Load(
            List.of(wide),
            List.of(
                piece("x", 20, 20, 10).usual("left").build(),
                piece("y", 20, 20, 10).usual("right").build()));
    // 800 of 900 mm2 of floor, and still no way to lay both.
    assertThat(odd.obstacle(odd.plan(EFFORT), "x", "right"))
        .contains(LoadObstacle.NO_WAY_TO_LAY_IT);
  }

  @Test
  void whatIsToldWronglyIsRefused() {
    LoadBag bag = bag("b", room("r", 10, 10, 10));
    LoadPiece piece = piece("p", 10, 10, 10).build();
    assertThatThrownBy(() -> new Load(List.of(bag, bag), List.of()))
        .hasMessageContaining("give each bag its own");
    assertThatThrownBy(() -> new Load(List.of(bag), List.of(piece, piece)))
        .hasMessageContaining("give each piece its own");
    assertThatThrownBy(
            () -> new Load(List.of(bag), List.of(piece("q", 1, 1, 1).pinned("x").build())))
        .hasMessageContaining("no compartment \"x\"");
    assertThatThrownBy(
            () -> new Load(List.of(bag), List.of(piece("q", 1, 1, 1).companionOf("x").build())))
        .hasMessageContaining("no piece \"x\"");
    Compartment[] rooms = new Compartment[Load.MOST_COMPARTMENTS + 1];
    Arrays.setAll(rooms, i -> room("r" + i, 10, 10, 10));
    assertThatThrownBy(() -> new Load(List.of(bag("b", rooms)), List.of()))
        .hasMessageContaining("At most 300 compartments");
    List<LoadPiece> pieces =
        IntStream.rangeClosed(0, Load.MOST_PIECES)
            .mapToObj(i -> piece("p" + i, 1, 1, 1).build())
            .toList();
    assertThatThrownBy(() -> new Load(List.of(bag), pieces))
        .hasMessageContaining("At most 2000 pieces");
    assertThat(new Load(List.of(bag), pieces.subList(1, pieces.size())).pieces()).hasSize(2000);
    assertThatThrownBy(() -> new Load(List.of(bag, bag("c", room("r", 10, 10, 10))), List.of()))
        .hasMessageContaining("give each compartment its own");
    assertThatThrownBy(
            () -> new Load(List.of(bag), List.of(piece("q", 1, 1, 1).usual("x").build())))
        .hasMessageContaining("no compartment \"x\"");
    assertThatThrownBy(() -> room("r", 0, 1, 1)).hasMessageContaining("width");
    assertThatThrownBy(() -> room("r", 1, 0, 1)).hasMessageContaining("depth");
    assertThatThrownBy(() -> room("r", 1, 1, 10_001)).hasMessageContaining("height");
    assertThat(room("r", 1, 10_000, 1).volume()).isEqualTo(10_000);
    assertThatThrownBy(() -> piece("p", 0, 1, 1)).hasMessageContaining("width");
    assertThatThrownBy(() -> piece("p", 1, 0, 1)).hasMessageContaining("depth");
    assertThatThrownBy(() -> piece("p", 1, 1, 10_001)).hasMessageContaining("height");
    assertThatThrownBy(() -> LoadEffort.of(0, 1)).hasMessageContaining("60,000");
    assertThatThrownBy(() -> LoadEffort.of(60_001, 1)).hasMessageContaining("60,000");
    assertThat(LoadEffort.of(60_000, 1).millis()).isEqualTo(60_000);
    assertThat(LoadEffort.of(1, 7).seed()).isEqualTo(7);
    assertThat(piece("p", 1, 1, 1).value(1_000_000).openedFirst(10_000).build().value())
        .isEqualTo(1_000_000);
    assertThat(piece("p", 1, 1, 1).openedFirst(1).value(0).build().openedFirst()).isOne();
    assertThatThrownBy(() -> piece("p", 1, 1, 1).openedFirst(10_001).build())
        .hasMessageContaining("rank");
    assertThat(piece("p", 10, 10, 10).build().taken()).isEqualTo(1000);
    assertThat(piece("p", 10, 10, 10).isRigid(false).build().taken()).isEqualTo(600);
    assertThatThrownBy(() -> piece("p", 1, 1, 1).value(-1).build()).hasMessageContaining("value");
    assertThatThrownBy(() -> piece("p", 1, 1, 1).openedFirst(0).build())
        .hasMessageContaining("rank");
    assertThatThrownBy(
            () -> CompartmentBuilder.builder(room("r", 1, 1, 1)).usableShare(1.01).build())
        .hasMessageContaining("share");
    assertThatThrownBy(() -> CompartmentBuilder.builder(room("r", 1, 1, 1)).usableShare(0).build())
        .hasMessageContaining("share");
    assertThatThrownBy(() -> CompartmentBuilder.builder(room("r", 1, 1, 1)).reach(-1).build())
        .hasMessageContaining("reach");
    assertThatThrownBy(() -> CompartmentBuilder.builder(room("r", 1, 1, 1)).reach(10_001).build())
        .hasMessageContaining("reach");
    assertThat(CompartmentBuilder.builder(room("r", 1, 1, 1)).reach(0).build().reach()).isZero();
    assertThat(CompartmentBuilder.builder(room("r", 1, 1, 1)).reach(10_000).build().reach())
        .isEqualTo(10_000);
  }

  @Test
  void whatIsOpenedLastGoesInFirstAndWhatLiesBelowBeforeWhatLiesOnIt() {
    Compartment first = room("first", 60, 60, 60);
    Compartment last = CompartmentBuilder.builder(room("last", 60, 60, 60)).reach(2).build();
    List<PlacedPiece> placed =
        List.of(
            new PlacedPiece("top", "last", 0, 0, 10, 20, 20, 10),
            new PlacedPiece("front", "first", 0, 0, 0, 20, 20, 10),
            new PlacedPiece("back", "first", 0, 30, 0, 20, 20, 10),
            new PlacedPiece("under", "last", 0, 0, 0, 20, 20, 10),
            new PlacedPiece("lost", "nowhere", 0, 0, 0, 20, 20, 10));
    assertThat(PackingOrder.of(List.of(bag("b", first, last)), placed))
        .containsExactlyInAnyOrderEntriesOf(Map.of("under", 1, "top", 2, "back", 3, "front", 4));
  }

  @Test
  void whyAPieceLiesThereIsTold() {
    Compartment hers = CompartmentBuilder.builder(room("hers", 60, 60, 60)).person("iva").build();
    Compartment closed =
        CompartmentBuilder.builder(room("closed", 60, 60, 60)).isSealed(true).build();
    Load load =
        new Load(
            List.of(bag("b", hers, closed, room("open", 60, 60, 60))),
            List.of(
                piece("lip", 10, 10, 10).person("iva").usual("hers").build(),
                piece("water", 10, 10, 10).isWet(true).usual("open").group("skin").build(),
                piece("balm", 10, 10, 10).pinned("closed").group("skin").build(),
                piece("glue", 10, 10, 10).companionOf("lip").usual("open").build(),
                piece("comb", 10, 10, 10).build()));
    LoadPlan plan = load.plan(EFFORT);
    Map<String, Set<LoadReason>> why = LoadReason.of(load, plan.placed());
    assertThat(why.get("lip")).containsExactly(LoadReason.USUAL, LoadReason.KEPT_FOR_ONE);
    assertThat(why.get("water")).containsExactly(LoadReason.CLOSES, LoadReason.WITH_ITS_GROUP);
    assertThat(why.get("balm")).containsExactly(LoadReason.PINNED, LoadReason.WITH_ITS_GROUP);
    assertThat(why.get("glue")).containsExactly(LoadReason.USUAL, LoadReason.WITH_COMPANION);
    assertThat(why.get("comb")).containsExactly(LoadReason.ROOM_HERE);
    assertThat(LoadReason.of(load, List.of(new PlacedPiece("gone", "open", 0, 0, 0, 1, 1, 1))))
        .isEmpty();
  }
}
