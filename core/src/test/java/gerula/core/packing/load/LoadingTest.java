package gerula.core.packing.load;

import static gerula.core.packing.load.GivenLoads.bag;
import static gerula.core.packing.load.GivenLoads.load;
import static gerula.core.packing.load.GivenLoads.piece;
import static gerula.core.packing.load.GivenLoads.room;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.packing.load.LoadPlan.LeftPiece;
import gerula.core.packing.load.LoadPlan.LoadBounds;
import gerula.core.packing.load.Loading.Counted;
import gerula.core.packing.load.Loading.Judge;
import gerula.core.packing.load.Loading.Kept;
import gerula.core.packing.load.Loading.Patience;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Pieces tried here and there by chance: after each trial all that is kept beside it is true. */
class LoadingTest {

  private static final Judge ALWAYS = (_, _) -> true;

  static LongStream seeds() {
    return Seeds.upTo(40);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whateverIsTriedWhatIsCountedStaysTrue(long seed) {
    Random random = new Random(seed);
    Load load = seed % 4 == 0 ? RandomLoads.real(random, 4, 15) : RandomLoads.tiny(random);
    LoadFacts facts = new LoadFacts(load);
    Loading loading = new Loading(facts, new WaysToLay(facts));
    Kept kept = loading.kept();
    List<Integer> keptAt = at(loading);
    for (int i = 0; i < 40; i++) {
      Tried tried = new Tried(facts, loading, random);
      tried.once();
      assertThat(wrong(load, facts, loading)).as("trial " + i).isEmpty();
      if (random.nextInt(12) == 0) {
        kept = loading.kept();
        keptAt = at(loading);
      }
      if (random.nextInt(20) == 0) {
        loading.settle(random.nextInt(facts.rooms.size()));
        assertThat(wrong(load, facts, loading)).as("settled after " + i).isEmpty();
      }
      if (random.nextInt(25) == 0) {
        loading.backTo(kept);
        assertThat(at(loading)).isEqualTo(keptAt);
        assertThat(loading.counted().compareTo(kept.counted())).isZero();
        assertThat(wrong(load, facts, loading)).as("back after " + i).isEmpty();
      }
    }
  }

  private static List<Integer> at(Loading loading) {
    return Arrays.stream(loading.at).boxed().toList();
  }

  /** One trial of one to three pieces, and what must hold whatever becomes of it. */
  private record Tried(LoadFacts facts, Loading loading, Random random) {

    void once() {
      int many = Math.min(1 + random.nextInt(3), facts.pieces.size());
      List<Integer> pieces = new ArrayList<>();
      while (pieces.size() < many) {
        int one = random.nextInt(facts.pieces.size());
        if (!pieces.contains(one)) {
          pieces.add(one);
        }
      }
      int[] to = pieces.stream().mapToInt(this::somewhere).toArray();
      List<Integer> before = at(loading);
      Counted counted = loading.counted().copy();
      long work = loading.work();
      Counted peeked = loading.peek(pieces.getFirst(), to[0]);
      assertThat(at(loading)).isEqualTo(before);
      assertThat(loading.counted().compareTo(counted)).isZero();
      boolean isWanted = random.nextInt(4) > 0;
      Patience patience = random.nextBoolean() ? Patience.QUICK : Patience.THOROUGH;
      boolean isDone =
          loading.trial(
              pieces.stream().mapToInt(Integer::intValue).toArray(),
              to,
              (was, becomes) -> {
                assertThat(was.compareTo(counted)).isZero();
                assertThat(many > 1 || becomes.compareTo(peeked) == 0).isTrue();
                return isWanted;
              },
              patience);
      assertThat(loading.work()).isGreaterThanOrEqualTo(work);
      List<Integer> after = new ArrayList<>(before);
      for (int i = 0; i < many && isDone; i++) {
        after.set(pieces.get(i), to[i]);
      }
      assertThat(isDone && !isWanted).isFalse();
      assertThat(at(loading)).isEqualTo(after);
      if (!isDone) {
        assertThat(loading.counted().compareTo(counted)).isZero();
      }
      // What a room takes by itself, it takes when it is empty and its bag is, too.
      LoadPiece first = facts.pieces.get(pieces.getFirst());
      boolean isFresh =
          many == 1
              && before.get(pieces.getFirst()) == Loading.LEFT
              && !(first.isHot() && first.melts());
      if (isWanted && isFresh && to[0] >= 0 && isBagEmptyOf(before, to[0])) {
        assertThat(isDone).isTrue();
      }
    }

    private boolean isBagEmptyOf(List<Integer> before, int room) {
      return before.stream().noneMatch(at -> at >= 0 && facts.bagOf[at] == facts.bagOf[room]);
    }

    private int somewhere(int piece) {
      int[] rooms = facts.eligible[piece];
      return rooms.length == 0 || random.nextInt(5) == 0
          ? Loading.LEFT
          : rooms[random.nextInt(rooms.length)];
    }
  }

  /** Everything that is kept beside the places, told again. */
  private static List<String> wrong(Load load, LoadFacts facts, Loading loading) {
    List<LeftPiece> left =
        IntStream.range(0, loading.at.length)
            .filter(piece -> loading.at[piece] == Loading.LEFT)
            .mapToObj(i -> new LeftPiece(facts.pieces.get(i).id(), LoadObstacle.ROOM_TAKEN))
            .toList();
    LoadPlan plan =
        new LoadPlan(
            loading.placed(),
            left,
            loading.counted().levels(loading.lifted()),
            new LoadBounds(0, Double.MAX_VALUE, 0),
            false,
            false);
    List<String> wrong = new ArrayList<>(LoadCheck.wrong(load, plan));
    for (int room = 0; room < facts.rooms.size(); room++) {
      TreeSet<Integer> told = new TreeSet<>();
      for (int i = 0; i < loading.count(room); i++) {
        told.add(loading.member(room, i));
      }
      TreeSet<Integer> own = new TreeSet<>();
      long taken = 0;
      for (int piece = 0; piece < loading.at.length; piece++) {
        if (loading.at[piece] == room) {
          own.add(piece);
          taken += facts.volume[piece];
        }
      }
      if (!told.equals(own) || loading.count(room) != own.size()) {
        wrong.add("in " + room + " lie " + own + " but told are " + told);
      }
      if (loading.free(room) != facts.room[room] - taken) {
        wrong.add("free in " + room);
      }
      for (int group = 0; group < facts.groups; group++) {
        int which = group;
        if (loading.hasOfGroup(group, room)
            != own.stream().anyMatch(piece -> facts.group[piece] == which)) {
          wrong.add("group " + group + " in " + room);
        }
      }
    }
    for (int piece = 0; piece < loading.at.length; piece++) {
      int of = facts.principal[piece];
      boolean isParted =
          of >= 0
              && loading.at[piece] >= 0
              && loading.at[of] >= 0
              && facts.bagOf[loading.at[piece]] != facts.bagOf[loading.at[of]];
      if (isParted != loading.isParted(piece)) {
        wrong.add("parted " + piece);
      }
    }
    return wrong;
  }

  @Test
  void whatIsHeavyOrHotOrFullIsRefusedAndNothingElse() {
    LoadBag bag =
        new LoadBag(
            "b",
            Mass.ofGrams(50L),
            Mass.ofGrams(350L),
            List.of(room("one", 40, 40, 10), room("two", 40, 40, 10)));
    Load load =
        load(
            List.of(bag, bag("other", room("three", 40, 40, 10))),
            piece("a", 20, 20, 10).isHot(true),
            piece("b", 20, 20, 10).melts(true),
            piece("c", 20, 20, 10),
            piece("d", 20, 20, 10),
            piece("e", 40, 30, 10));
    LoadFacts facts = new LoadFacts(load);
    Loading loading = new Loading(facts, new WaysToLay(facts));
    assertThat(put(loading, 0, 0)).isTrue();
    assertThat(put(loading, 1, 0)).isFalse();
    assertThat(put(loading, 1, 1)).isTrue();
    assertThat(put(loading, 0, 1)).isFalse();
    assertThat(put(loading, 2, 0)).isTrue();
    // 350 g with the bag itself; within it a piece may go elsewhere.
    assertThat(put(loading, 3, 0)).isFalse();
    assertThat(put(loading, 2, 1)).isTrue();
    assertThat(put(loading, 3, 2)).isTrue();
    // 1,200 of 1,600 mm2 are free, and no way to lay 40 x 30 mm.
    assertThat(put(loading, 4, 2)).isFalse();
    assertThat(loading.at).containsExactly(0, 1, 1, 2, Loading.LEFT);
    assertThat(loading.obstacle("e", "three")).contains(LoadObstacle.NO_WAY_TO_LAY_IT);
    assertThat(loading.obstacle("d", "one")).contains(LoadObstacle.TOO_HEAVY);
    assertThat(loading.obstacle("a", "two")).contains(LoadObstacle.BESIDE_HEAT);
    assertThat(loading.obstacle("b", "one")).contains(LoadObstacle.BESIDE_HEAT);
    assertThat(loading.obstacle("e", "one")).contains(LoadObstacle.TOO_HEAVY);
    assertThat(loading.obstacle("c", "one")).isEmpty();
  }

  @Test
  void theFloorThatIsTakenIsReckonedBeforeAnyWayIsLookedFor() {
    // Three of 20 x 20 x 5 stand on 40 x 20: volume enough, floor for two.
    Load load =
        load(
            List.of(bag("b", room("r", 40, 20, 20))),
            piece("a", 20, 20, 5),
            piece("b", 20, 20, 5),
            piece("c", 20, 20, 5));
    LoadFacts facts = new LoadFacts(load);
    Loading loading = new Loading(facts, new WaysToLay(facts));
    assertThat(put(loading, 0, 0)).isTrue();
    assertThat(put(loading, 1, 0)).isTrue();
    long work = loading.work();
    assertThat(put(loading, 2, 0)).isFalse();
    assertThat(loading.work()).isEqualTo(work);
  }

  @Test
  void settledItLiesLowAndSoftThingsBesideWhereThereIsFloor() {
    Load load =
        load(
            List.of(bag("b", room("r", 40, 20, 20))),
            piece("flat", 20, 20, 5).orientation(Orientation.FLAT),
            piece("heavy", 20, 20, 5).mass(Mass.ofGrams(300L)),
            piece("soft", 20, 20, 5).isRigid(false),
            piece("sponge", 30, 20, 5).isRigid(false));
    LoadFacts facts = new LoadFacts(load);
    LoadPlan onTop =
        LoadPlan.asTold(
            List.of(
                new LoadPlan.PlacedPiece("flat", "r", 0, 0, 0, 20, 20, 5),
                new LoadPlan.PlacedPiece("heavy", "r", 0, 0, 5, 20, 20, 5)));
    Loading loading = Loading.of(facts, onTop);
    assertThat(loading.lifted()).isEqualTo(1.5);
    loading.settle(0);
    assertThat(loading.lifted()).isZero();
    assertThat(loading.placed()).extracting(one -> one.xMm() + ":" + one.zMm()).contains("20:0");
    // The floor is taken: what is soft lies on top, told at the front left.
    assertThat(put(loading, 2, 0)).isTrue();
    loading.settle(0);
    assertThat(loading.placed().getLast())
        .isEqualTo(new LoadPlan.PlacedPiece("soft", "r", 0, 0, 0, 20, 20, 5));
    // With one gone the first soft thing lies beside the other.
    assertThat(put(loading, 1, Loading.LEFT)).isTrue();
    assertThat(put(loading, 3, 0)).isTrue();
    loading.settle(0);
    assertThat(loading.placed())
        .containsExactly(
            new LoadPlan.PlacedPiece("flat", "r", 0, 0, 0, 20, 20, 5),
            new LoadPlan.PlacedPiece("soft", "r", 20, 0, 0, 20, 20, 5),
            new LoadPlan.PlacedPiece("sponge", "r", 0, 0, 0, 30, 20, 5));
  }

  private static boolean put(Loading loading, int piece, int room) {
    return loading.trial(new int[] {piece}, new int[] {room}, ALWAYS, Patience.QUICK);
  }
}
