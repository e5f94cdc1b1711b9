package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.bag;
import static gerula.core.packing.load.GivenLoads.load;
import static gerula.core.packing.load.GivenLoads.piece;
import static gerula.core.packing.load.GivenLoads.room;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.packing.load.LoadPlan.LoadBounds;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** What no plan goes beyond. */
class BoundsOfLoadTest {

  private static LoadBounds bounds(int left, Load load) {
    return BoundsOfLoad.of(new LoadFacts(load), left);
  }

  private static LoadBag upTo(long grams, Compartment... rooms) {
    return new LoadBag("b", Mass.ofGrams(100L), Mass.ofGrams(100 + grams), List.of(rooms));
  }

  private static LoadPieceBuilder optional(String id, int width, double value) {
    return piece(id, width, 10, 10).isRequired(false).value(value);
  }

  @Test
  void whatGoesInNowhereAndWhatVolumeOrMassLeaveOutStaysAtLeast() {
    Load load =
        load(
            List.of(bag("b", room("r", 30, 10, 10))),
            piece("long", 31, 10, 10),
            piece("a", 20, 10, 10),
            piece("b", 10, 10, 10),
            piece("c", 20, 10, 10));
    // One goes in nowhere; of the rest the two smallest fill the room.
    assertThat(bounds(0, load).requiredLeft()).isEqualTo(2);
    Load heavy =
        load(
            List.of(upTo(250, room("r", 90, 90, 90))),
            piece("a", 10, 10, 10),
            piece("b", 10, 10, 10).mass(Mass.ofGrams(150L)),
            piece("c", 10, 10, 10));
    assertThat(bounds(0, heavy).requiredLeft()).isEqualTo(1);
    Load exactly =
        load(
            List.of(upTo(200, room("r", 20, 10, 10))),
            piece("a", 10, 10, 10),
            piece("b", 10, 10, 10));
    assertThat(bounds(0, exactly).requiredLeft()).isZero();
    // An empty bag beyond its limit holds nothing, and takes nothing from the other's room.
    LoadBag broken =
        new LoadBag("x", Mass.ofGrams(900L), Mass.ofGrams(100L), List.of(room("s", 10, 10, 10)));
    Load beside =
        load(
            List.of(upTo(200, room("r", 20, 10, 10)), broken),
            piece("a", 10, 10, 10),
            piece("b", 10, 10, 10));
    assertThat(bounds(0, beside).requiredLeft()).isZero();
  }

  @Test
  void theLastOfWhatIsWorthMostForItsRoomCountsInPart() {
    Load load =
        load(
            List.of(bag("b", room("r", 50, 10, 10))),
            piece("needed", 20, 10, 10),
            optional("dense", 10, 4),
            optional("large", 40, 8),
            optional("cheap", 10, 1),
            optional("never", 60, 900));
    // 30 mm are left: 10 of them for 4, 20 of 40 for half of 8.
    assertThat(bounds(0, load).value()).isCloseTo(8, within(1e-9));
    // Where the required one stays, 50 are.
    assertThat(bounds(1, load).value()).isCloseTo(12, within(1e-9));
    Load byMass =
        load(List.of(upTo(150, room("r", 90, 90, 90))), optional("a", 10, 4), optional("b", 10, 2));
    assertThat(bounds(0, byMass).value()).isCloseTo(5, within(1e-9));
    Load all =
        load(List.of(bag("b", room("r", 20, 10, 10))), optional("a", 10, 4), optional("b", 10, 2));
    assertThat(bounds(0, all).value()).isCloseTo(6, within(1e-9));
  }

  @Test
  void theSmallestOfTheRequiredTakeTheRoomThatIsReckoned() {
    Load load =
        load(
            List.of(bag("b", room("r", 40, 10, 10))),
            piece("small", 10, 10, 10),
            piece("wide", 40, 10, 10),
            optional("a", 30, 3));
    assertThat(bounds(1, load)).isEqualTo(new LoadBounds(1, 3, 0));
  }

  @Test
  void companionsThatNoBagTakesTogetherArePartedAtLeast() {
    LoadBag one = bag("one", room("low", 30, 30, 10));
    LoadBag two = bag("two", room("high", 10, 30, 30));
    LoadPieceBuilder flat = piece("flat", 30, 30, 10);
    LoadPieceBuilder tall = piece("tall", 10, 10, 30).companionOf("flat");
    assertThat(bounds(0, load(List.of(one, two), flat, tall))).isEqualTo(new LoadBounds(0, 0, 1));
    assertThat(bounds(0, load(List.of(one, two), flat, tall.isRequired(false))).splitCompanions())
        .isZero();
    LoadPieceBuilder comes = piece("tall", 10, 10, 30).companionOf("flat");
    assertThat(bounds(0, load(List.of(one, two), flat.isRequired(false), comes)).splitCompanions())
        .isZero();
    // Where one has to stay, nothing is parted for certain.
    assertThat(
            bounds(
                    0,
                    load(
                        List.of(one, two),
                        piece("flat", 30, 30, 10),
                        comes,
                        piece("huge", 99, 99, 99)))
                .splitCompanions())
        .isZero();
    LoadBag both = bag("both", room("wide", 30, 40, 30));
    assertThat(
            bounds(0, load(List.of(one, both), piece("flat", 30, 30, 10), comes)).splitCompanions())
        .isZero();
  }

  @Test
  void whatReachesEveryBoundIsProvedBestWithoutBeingTriedInEveryWay() {
    List<LoadPiece> atHome =
        RandomLoads.tight(new Random(1)).pieces().stream().map(BoundsOfLoadTest::atHome).toList();
    assertThat(isProved(atHome)).isTrue();
    // One level that might be better leaves it open: there are too many to try every way.
    List<LoadPiece> oneMoved = with(atHome, 0, one -> one.usual("room0").pinned("room1"));
    assertThat(isProved(oneMoved)).isFalse();
    List<LoadPiece> oneOutOfReach = with(atHome, 0, one -> one.openedFirst(3));
    assertThat(isProved(oneOutOfReach)).isFalse();
    List<LoadPiece> aGroupInTwoRooms =
        with(
            with(atHome, 0, one -> one.group("two").usual("room0")),
            1,
            one -> one.group("two").usual("room1").pinned("room1"));
    assertThat(isProved(aGroupInTwoRooms)).isFalse();
  }

  /** What lies in groups in one room, the rest in the other. */
  private static LoadPiece atHome(LoadPiece piece) {
    return LoadPieceBuilder.builder(piece)
        .usual(piece.group() == null ? "room1" : "room0")
        .pinned(null)
        .isWet(false)
        .isHot(false)
        .person(null)
        .openedFirst(1)
        .build();
  }

  private static List<LoadPiece> with(
      List<LoadPiece> pieces, int at, UnaryOperator<LoadPieceBuilder> changed) {
    List<LoadPiece> others = new ArrayList<>(pieces);
    others.set(at, changed.apply(LoadPieceBuilder.builder(pieces.get(at))).build());
    return others;
  }

  private static boolean isProved(List<LoadPiece> pieces) {
    LoadBag wide = bag("b", room("room0", 900, 900, 900), room("room1", 900, 900, 900));
    return new Load(List.of(wide), pieces).plan(GivenLoads.EFFORT).isOptimal();
  }
}
