package gerula.core.packing.load;

import gerula.core.packing.load.LoadPlan.LeftPiece;
import gerula.core.packing.load.LoadPlan.LoadBounds;
import gerula.core.packing.load.Loading.Counted;
import gerula.core.packing.load.Loading.Judge;
import gerula.core.packing.load.Loading.Patience;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Looks for the best plan: everything where it usually lies, the rest where it costs least; then
 * others make room for what is left; then annealing, which tries pieces elsewhere and takes what is
 * worse ever more rarely (Kirkpatrick, Gelatt, Vecchi 1983), and a descent that decides level by
 * level; a few pieces are tried in every way there is.
 */
final class LoadSearch {

  /** So much may be spent on laying pieces in each of the stages; a second or so in all. */
  private static final long WORK_A_STAGE = 60_000_000;

  /** So often two pieces are exchanged in one round of looking through all. */
  private static final int MOST_EXCHANGES = 300_000;

  private static final Judge ALWAYS = (_, _) -> true;
  private static final Judge BETTER = (before, after) -> after.compareTo(before) < 0;

  private final LoadFacts facts;
  private final LoadEffort effort;
  private final LoadClock clock;
  private final WaysToLay ways;
  private final Loading loading;
  private int exchangesLeft;
  private long workUntil;

  private LoadSearch(LoadFacts facts, LoadEffort effort) {
    this.facts = facts;
    this.effort = effort;
    this.clock = new LoadClock(effort);
    this.ways = new WaysToLay(facts);
    this.loading = new Loading(facts, ways);
  }

  static LoadPlan best(LoadFacts facts, LoadEffort effort) {
    return new LoadSearch(facts, effort).best();
  }

  /** What is found at once. */
  static LoadPlan quick(LoadFacts facts, LoadEffort effort) {
    LoadSearch search = new LoadSearch(facts, effort);
    search.asUsual();
    search.fill();
    search.makeRoom();
    return search.plan(search.bounds(), false);
  }

  private LoadPlan best() {
    asUsual();
    fill();
    makeRoom();
    descend(1);
    boolean isProved = isAsGoodAsCanBe();
    if (!isProved) {
      new Annealing(facts, loading, clock, effort.seed()).run();
      fill();
      makeRoom();
      descend(3);
    }
    settle();
    if (!isProved && ExactLoad.isSmall(facts)) {
      ExactLoad exact = new ExactLoad(facts, ways, loading, clock);
      exact.improve();
      isProved = exact.isComplete();
    }
    isProved |= isAsGoodAsCanBe() && loading.lifted() == 0;
    return plan(bounds(), isProved);
  }

  private LoadBounds bounds() {
    return BoundsOfLoad.of(facts, loading.counted().requiredLeft);
  }

  /** But for the height. */
  private boolean isAsGoodAsCanBe() {
    return BoundsOfLoad.isReached(facts, bounds(), loading);
  }

  /**
   * The order in which pieces are served: what has to come, then what is worth most for its room.
   */
  private int[] inOrder() {
    return IntStream.range(0, facts.pieces.size())
        .boxed()
        .sorted(
            Comparator.<Integer>comparingInt(piece -> facts.isRequired[piece] ? 0 : 1)
                .thenComparingInt(piece -> facts.pieces.get(piece).pinned() != null ? 0 : 1)
                .thenComparingDouble(piece -> -(double) facts.value[piece] / facts.volume[piece])
                .thenComparingInt(piece -> facts.eligible[piece].length)
                .thenComparingLong(piece -> -facts.volume[piece])
                .thenComparingInt(piece -> piece))
        .mapToInt(Integer::intValue)
        .toArray();
  }

  private void asUsual() {
    for (int piece : inOrder()) {
      int usual = facts.usual[piece];
      if (usual >= 0 && facts.may[piece][usual]) {
        move(piece, usual, ALWAYS, Patience.QUICK);
      }
    }
  }

  private boolean move(int piece, int to, Judge judge, Patience patience) {
    return loading.trial(new int[] {piece}, new int[] {to}, judge, patience);
  }

  /** What is left, where it costs least. */
  private void fill() {
    begin();
    for (int piece : inOrder()) {
      if (loading.at[piece] == Loading.LEFT) {
        for (int room : cheapestFirst(piece)) {
          if (isEnough() || move(piece, room, ALWAYS, Patience.QUICK)) {
            break;
          }
        }
      }
    }
  }

  private int[] cheapestFirst(int piece) {
    record Option(int room, Counted then) {}
    return IntStream.of(facts.eligible[piece])
        .mapToObj(room -> new Option(room, loading.peek(piece, room)))
        .sorted(
            Comparator.comparing(Option::then, Counted::compareTo).thenComparingInt(Option::room))
        .mapToInt(Option::room)
        .toArray();
  }

  /** For what has to come and is left, others move over; then for what is worth more. */
  private void makeRoom() {
    begin();
    for (int piece : inOrder()) {
      if (loading.at[piece] == Loading.LEFT && !isEnough()) {
        makeRoomFor(piece);
      }
    }
  }

  private void makeRoomFor(int piece) {
    for (int room : cheapestFirst(piece)) {
      if (move(piece, room, BETTER, Patience.THOROUGH)) {
        return;
      }
    }
    for (int room : cheapestFirst(piece)) {
      for (int i = 0; i < loading.count(room); i++) {
        if (isEnough() || givesWay(piece, room, loading.member(room, i))) {
          return;
        }
      }
    }
  }

  private boolean isEnough() {
    return exchangesLeft <= 0 || loading.work() > workUntil || clock.isOver();
  }

  private void begin() {
    exchangesLeft = MOST_EXCHANGES;
    workUntil = loading.work() + WORK_A_STAGE;
  }

  /** Whether the piece comes in for another that goes elsewhere, or stays for it. */
  private boolean givesWay(int piece, int room, int other) {
    for (int elsewhere : facts.eligible[other]) {
      if (elsewhere != room && exchange(piece, room, other, elsewhere)) {
        return true;
      }
    }
    return exchange(piece, room, other, Loading.LEFT);
  }

  private boolean exchange(int piece, int room, int other, int elsewhere) {
    exchangesLeft--;
    return loading.trial(
        new int[] {other, piece}, new int[] {elsewhere, room}, BETTER, Patience.QUICK);
  }

  /** Takes everything that makes it better, one piece or two at a time. */
  private void descend(int mostRounds) {
    begin();
    for (int round = 0; round < mostRounds; round++) {
      Counted before = loading.counted().copy();
      for (int piece = 0; piece < facts.pieces.size() && !isEnough(); piece++) {
        improve(piece);
      }
      if (loading.counted().compareTo(before) == 0) {
        return;
      }
    }
  }

  private void improve(int piece) {
    for (int room : facts.eligible[piece]) {
      if (room == loading.at[piece] || move(piece, room, BETTER, Patience.QUICK)) {
        continue;
      }
      if (wouldBeBetter(piece, room)) {
        for (int i = 0; i < loading.count(room) && !isEnough(); i++) {
          if (givesWay(piece, room, loading.member(room, i))) {
            break;
          }
        }
      }
    }
  }

  private boolean wouldBeBetter(int piece, int room) {
    return loading.peek(piece, room).compareTo(loading.counted()) < 0;
  }

  private void settle() {
    for (int room = 0; room < facts.rooms.size(); room++) {
      loading.settle(room);
    }
  }

  private LoadPlan plan(LoadBounds bounds, boolean isProved) {
    List<LeftPiece> left =
        IntStream.range(0, facts.pieces.size())
            .filter(piece -> loading.at[piece] == Loading.LEFT)
            .mapToObj(piece -> new LeftPiece(facts.pieces.get(piece).id(), why(piece)))
            .toList();
    return new LoadPlan(
        loading.placed(),
        left,
        loading.counted().levels(loading.lifted()),
        bounds,
        isProved,
        clock.wasCut() && !isProved);
  }

  private LoadObstacle why(int piece) {
    return facts.eligible[piece].length > 0 ? LoadObstacle.ROOM_TAKEN : facts.nowhere(piece);
  }
}
