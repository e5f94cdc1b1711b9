package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.bag;
import static gerula.core.packing.load.GivenLoads.load;
import static gerula.core.packing.load.GivenLoads.piece;
import static gerula.core.packing.load.GivenLoads.room;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.packing.load.LoadPlan.LoadBounds;
import gerula.core.quantity.Mass;
import java.util.List;
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
    Load load = RandomLoads.tight(new java.util.Random(1));
    List<LoadBag> wide =
        List.of(bag("b", room("room0", 900, 900, 900), room("room1", 900, 900, 900)));
    List<LoadPiece> pieces =
        load.pieces().stream()
            .map(
                one ->
                    LoadPieceBuilder.builder(one)
                        .usual(one.group() == null ? "room1" : "room0")
                        .pinned(null)
                        .isWet(false)
                        .isHot(false)
                        .person(null)
                        .openedFirst(1)
                        .build())
            .toList();
    assertThat(new Load(wide, pieces).plan(GivenLoads.EFFORT).isOptimal()).isTrue();
    // One level that could be better leaves it open, for more pieces than are tried in every way.
    for (int i = 0; i < 3; i++) {
      List<LoadPiece> changed = new java.util.ArrayList<>(pieces);
      LoadPieceBuilder one = LoadPieceBuilder.builder(pieces.getFirst());
      switch (i) {
        case 0 -> one.usual("room0").pinned("room1");
        case 1 -> one.openedFirst(3);
        default -> one.group("groups").usual("room0");
      }
      changed.set(0, one.build());
      if (i == 2) {
        changed.set(
            1, LoadPieceBuilder.builder(pieces.get(1)).group("groups").pinned("room1").build());
      }
      assertThat(new Load(wide, changed).plan(GivenLoads.EFFORT).isOptimal()).as("" + i).isFalse();
    }
  }
}
