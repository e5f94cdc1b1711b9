package gerula.core.packing.load;

import gerula.core.packing.load.Laying.Box;
import gerula.core.packing.load.Laying.Manner;
import gerula.core.packing.load.LoadPlan.PlacedPiece;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * What lies where at the moment, and how good that is. Pieces are tried elsewhere, several at once,
 * and stay there or go back.
 */
final class Loading {

  static final int LEFT = -1;

  /** How patiently a way to lay pieces is looked for. */
  enum Patience {
    QUICK,
    THOROUGH
  }

  private final LoadFacts facts;
  private final WaysToLay ways;

  /** The room each piece is in, or {@link #LEFT}. */
  final int[] at;

  private final Box[] lies;
  private final int[][] members;
  private final int[] count;
  private final int[] position;
  private final long[] taken;
  private final long[] carried;
  private final long[] floor;
  private final int[][] ofGroup;
  private final int[] hot;
  private final int[] melting;
  private final Counted counted = new Counted();

  /** The levels while they change; value in thousandths. */
  static final class Counted {
    int requiredLeft;
    long value;
    int split;
    int moved;
    int pairs;
    int reach;

    void set(Counted other) {
      requiredLeft = other.requiredLeft;
      value = other.value;
      split = other.split;
      moved = other.moved;
      pairs = other.pairs;
      reach = other.reach;
    }

    Counted copy() {
      Counted copy = new Counted();
      copy.set(this);
      return copy;
    }

    /** Below 0 when this is the better. */
    int compareTo(Counted other) {
      if (requiredLeft != other.requiredLeft) {
        return Integer.compare(requiredLeft, other.requiredLeft);
      }
      if (value != other.value) {
        return Long.compare(other.value, value);
      }
      if (split != other.split) {
        return Integer.compare(split, other.split);
      }
      if (moved != other.moved) {
        return Integer.compare(moved, other.moved);
      }
      if (pairs != other.pairs) {
        return Integer.compare(pairs, other.pairs);
      }
      return Integer.compare(reach, other.reach);
    }

    LoadLevels levels(double lifted) {
      return new LoadLevels(
          requiredLeft, value / LoadFacts.THOUSANDTHS, split, moved, pairs, reach, lifted);
    }
  }

  Loading(LoadFacts facts, WaysToLay ways) {
    this.facts = facts;
    this.ways = ways;
    int pieces = facts.pieces.size();
    int rooms = facts.rooms.size();
    at = new int[pieces];
    Arrays.fill(at, LEFT);
    lies = new Box[pieces];
    members = new int[rooms][4];
    count = new int[rooms];
    position = new int[pieces];
    taken = new long[rooms];
    carried = new long[facts.bagRoom.length];
    floor = new long[rooms];
    ofGroup = new int[facts.groups][rooms];
    hot = new int[rooms];
    melting = new int[rooms];
    for (int piece = 0; piece < pieces; piece++) {
      counted.requiredLeft += facts.isRequired[piece] ? 1 : 0;
    }
  }

  /** As a plan has it. */
  static Loading of(LoadFacts facts, LoadPlan plan) {
    Loading loading = new Loading(facts, new WaysToLay(facts));
    for (PlacedPiece one : plan.placed()) {
      int piece = facts.pieceOf(one.piece());
      loading.shift(piece, facts.roomOf(one.compartment()));
      loading.lies[piece] =
          new Box(
              piece,
              one.xMm(),
              one.yMm(),
              one.zMm(),
              new Posture(one.widthMm(), one.depthMm(), one.heightMm()),
              facts.bears[piece]);
    }
    return loading;
  }

  Counted counted() {
    return counted;
  }

  /** What was spent so far on finding ways to lay pieces. */
  long work() {
    return ways.work();
  }

  /** What may still be put into a room, in tenths of mm3; below 0 where it is too full. */
  long free(int room) {
    return facts.room[room] - taken[room];
  }

  int count(int room) {
    return count[room];
  }

  int member(int room, int which) {
    return members[room][which];
  }

  boolean hasOfGroup(int group, int room) {
    return ofGroup[group][room] > 0;
  }

  boolean isParted(int piece) {
    int of = facts.principal[piece];
    return of >= 0 && areParted(at[piece], at[of]);
  }

  private boolean areParted(int one, int other) {
    return one >= 0 && other >= 0 && facts.bagOf[one] != facts.bagOf[other];
  }

  /** So many of its companions, or itself, are in another bag than what they belong to. */
  private int parted(int piece, int room) {
    int of = facts.principal[piece];
    int parted = of >= 0 && areParted(room, at[of]) ? 1 : 0;
    for (int other : facts.companions[piece]) {
      parted += areParted(room, at[other]) ? 1 : 0;
    }
    return parted;
  }

  private boolean isMoved(int piece, int room) {
    return room >= 0 && facts.usual[piece] >= 0 && facts.usual[piece] != room;
  }

  private int outOfReach(int piece, int room) {
    Integer rank = facts.pieces.get(piece).openedFirst();
    return room < 0 || rank == null ? 0 : Math.abs(rank - facts.rooms.get(room).reach());
  }

  /** Takes it out of its room and counts it into another; where it lies there is not asked. */
  private void shift(int piece, int to) {
    int from = at[piece];
    counted.split -= parted(piece, from);
    counted.moved -= isMoved(piece, from) ? 1 : 0;
    counted.reach -= outOfReach(piece, from);
    if (from >= 0) {
      takeOut(piece, from);
    } else {
      counted.requiredLeft -= facts.isRequired[piece] ? 1 : 0;
      counted.value += facts.value[piece];
    }
    at[piece] = to;
    counted.split += parted(piece, to);
    counted.moved += isMoved(piece, to) ? 1 : 0;
    counted.reach += outOfReach(piece, to);
    if (to >= 0) {
      putIn(piece, to);
    } else {
      counted.requiredLeft += facts.isRequired[piece] ? 1 : 0;
      counted.value -= facts.value[piece];
    }
  }

  private void takeOut(int piece, int from) {
    int last = members[from][--count[from]];
    members[from][position[piece]] = last;
    position[last] = position[piece];
    taken[from] -= facts.volume[piece];
    carried[facts.bagOf[from]] -= facts.mass[piece];
    floor[from] -= facts.floor[piece][from];
    int group = facts.group[piece];
    if (group >= 0 && --ofGroup[group][from] == 0) {
      counted.pairs--;
    }
    hot[from] -= facts.pieces.get(piece).isHot() ? 1 : 0;
    melting[from] -= facts.pieces.get(piece).melts() ? 1 : 0;
  }

  private void putIn(int piece, int to) {
    if (count[to] == members[to].length) {
      members[to] = Arrays.copyOf(members[to], count[to] * 2);
    }
    position[piece] = count[to];
    members[to][count[to]++] = piece;
    taken[to] += facts.volume[piece];
    carried[facts.bagOf[to]] += facts.mass[piece];
    floor[to] += facts.floor[piece][to];
    int group = facts.group[piece];
    if (group >= 0 && ofGroup[group][to]++ == 0) {
      counted.pairs++;
    }
    hot[to] += facts.pieces.get(piece).isHot() ? 1 : 0;
    melting[to] += facts.pieces.get(piece).melts() ? 1 : 0;
  }

  /** Whether volume, mass and heat allow what is counted in. */
  private boolean isWithin(int room) {
    return room < 0
        || (taken[room] <= facts.room[room]
            && floor[room] <= facts.rooms.get(room).floor()
            && carried[facts.bagOf[room]] <= facts.bagRoom[facts.bagOf[room]]
            && (!facts.isAnythingHot || hot[room] == 0 || melting[room] == 0));
  }

  /** What the levels would be with a piece in another room, whether it fits or not. */
  Counted peek(int piece, int room) {
    int from = at[piece];
    shift(piece, room);
    Counted then = counted.copy();
    shift(piece, from);
    return then;
  }

  /** What a trial leads to; decides whether it is to stay. */
  @FunctionalInterface
  interface Judge {
    boolean wants(Counted before, Counted after);
  }

  private final Counted before = new Counted();

  /**
   * Has pieces lie elsewhere, all at once.
   *
   * @param pieces each once
   * @param to the room of each, or {@link #LEFT}
   * @return whether they do; else everything is as it was
   */
  boolean trial(int[] pieces, int[] to, Judge judge, Patience patience) {
    before.set(counted);
    int[] from = new int[pieces.length];
    for (int i = 0; i < pieces.length; i++) {
      from[i] = at[pieces[i]];
      shift(pieces[i], to[i]);
    }
    boolean isWithin = true;
    for (int room : to) {
      isWithin &= isWithin(room);
    }
    if (!isWithin || !judge.wants(before, counted) || !lay(pieces, from, to, patience)) {
      for (int i = pieces.length - 1; i >= 0; i--) {
        shift(pieces[i], from[i]);
      }
      return false;
    }
    return true;
  }

  /** Lays what has changed; false, and nothing laid, when it cannot be. */
  private boolean lay(int[] pieces, int[] from, int[] to, Patience patience) {
    Map<Integer, Box[]> anew = new HashMap<>();
    for (int i = 0; i < pieces.length; i++) {
      // Where nothing lies on what is taken out, the rest stays as it is.
      boolean isBared = facts.bears[pieces[i]] && !layAnew(from[i], pieces, anew, patience);
      if (isBared || !layAnew(to[i], pieces, anew, patience)) {
        return false;
      }
    }
    for (int piece : pieces) {
      lies[piece] = null;
    }
    anew.values()
        .forEach(
            boxes -> {
              for (Box box : boxes) {
                lies[box.piece()] = box;
              }
            });
    return true;
  }

  private boolean layAnew(int room, int[] shifted, Map<Integer, Box[]> anew, Patience patience) {
    if (room < 0 || anew.containsKey(room)) {
      return true;
    }
    Box[] boxes = laid(room, shifted, patience);
    if (boxes == null) {
      return false;
    }
    anew.put(room, boxes);
    return true;
  }

  /** What is rigid in a room, where it lies then: as it lies, with what comes laid beside. */
  private Box @Nullable [] laid(int room, int[] shifted, Patience patience) {
    Laying laying = new Laying(facts.rooms.get(room));
    int[] comes = new int[count[room]];
    int many = 0;
    int rigid = 0;
    for (int i = 0; i < count[room]; i++) {
      int piece = members[room][i];
      if (!facts.isRigid[piece]) {
        continue;
      }
      rigid++;
      Box box = lies[piece];
      if (box == null || isAmong(piece, shifted)) {
        comes[many++] = piece;
      } else {
        laying.take(box);
      }
    }
    boolean isLaid = laying.isSound() && addAll(laying, comes, many);
    ways.spend(laying.spent());
    if (isLaid) {
      return laying.boxes().toArray(Box[]::new);
    }
    int[] all = new int[rigid];
    int next = 0;
    for (int i = 0; i < count[room]; i++) {
      if (facts.isRigid[members[room][i]]) {
        all[next++] = members[room][i];
      }
    }
    Arrays.sort(all);
    List<Box> found = patience == Patience.QUICK ? ways.quick(room, all) : ways.thorough(room, all);
    return found == null ? null : found.toArray(Box[]::new);
  }

  private boolean addAll(Laying laying, int[] pieces, int many) {
    for (int i = 0; i < many; i++) {
      int piece = pieces[i];
      if (!laying.add(piece, facts.postures[piece], facts.bears[piece], Manner.LEAST_FLOOR)) {
        return false;
      }
    }
    return true;
  }

  private static boolean isAmong(int piece, int[] some) {
    for (int one : some) {
      if (one == piece) {
        return true;
      }
    }
    return false;
  }

  /** Everything that lies somewhere, in the order in which pieces are told. */
  List<PlacedPiece> placed() {
    return IntStream.range(0, at.length)
        .filter(piece -> at[piece] >= 0)
        .mapToObj(piece -> placed(box(piece)))
        .toList();
  }

  private PlacedPiece placed(Box box) {
    return new PlacedPiece(
        facts.pieces.get(box.piece()).id(),
        facts.rooms.get(at[box.piece()]).id(),
        box.x(),
        box.y(),
        box.z(),
        box.as().widthMm(),
        box.as().depthMm(),
        box.as().heightMm());
  }

  /** Where it lies; what is soft lies on the floor. */
  private Box box(int piece) {
    Box box = lies[piece];
    if (box != null) {
      return box;
    }
    Compartment room = facts.rooms.get(at[piece]);
    Posture lying =
        Arrays.stream(facts.postures[piece])
            .filter(way -> way.fits(room))
            .findFirst()
            .orElseThrow();
    return new Box(piece, 0, 0, 0, lying, false);
  }

  /** Lays a room so that as little as possible is lifted, and tidily. */
  void settle(int room) {
    int[] rigid =
        Arrays.stream(members[room], 0, count[room])
            .filter(piece -> facts.isRigid[piece])
            .sorted()
            .toArray();
    List<Box> now = Arrays.stream(rigid).mapToObj(piece -> lies[piece]).toList();
    List<Box> least = ways.least(room, rigid);
    if (least != null && ways.lifted(least) <= ways.lifted(now)) {
      least.forEach(box -> lies[box.piece()] = box);
    }
    spreadSoft(room);
  }

  /** What is soft lies beside the others where there is room, else on top of them. */
  private void spreadSoft(int room) {
    Laying laying = new Laying(facts.rooms.get(room));
    Arrays.stream(members[room], 0, count[room])
        .filter(piece -> facts.isRigid[piece])
        .sorted()
        .forEach(piece -> laying.take(lies[piece]));
    Arrays.stream(members[room], 0, count[room])
        .filter(piece -> !facts.isRigid[piece])
        .sorted()
        .forEach(
            piece -> {
              boolean isLaid = laying.add(piece, facts.postures[piece], false, Manner.LEAST_FLOOR);
              boolean isBeside = isLaid && laying.boxes().getLast().z() == 0;
              lies[piece] = isBeside ? laying.boxes().getLast() : null;
              if (isLaid && !isBeside) {
                laying.takeAwayLast();
              }
            });
  }

  /** Mass times height, in g x mm / 1000. */
  double lifted() {
    double sum = 0;
    for (int piece = 0; piece < at.length; piece++) {
      if (at[piece] >= 0 && lies[piece] != null) {
        sum += LoadFacts.lifted(facts.mass[piece], lies[piece].z());
      }
    }
    return sum;
  }

  /** What lies where, to come back to. */
  record Kept(int[] at, Box[] lies, Counted counted) {}

  Kept kept() {
    return new Kept(at.clone(), lies.clone(), counted.copy());
  }

  void backTo(Kept kept) {
    for (int piece = 0; piece < at.length; piece++) {
      if (at[piece] != kept.at()[piece]) {
        shift(piece, kept.at()[piece]);
      }
    }
    System.arraycopy(kept.lies(), 0, lies, 0, lies.length);
  }

  /** What speaks against laying a piece somewhere else; empty when it fits. */
  Optional<LoadObstacle> obstacle(String told, String compartment) {
    int piece = facts.pieceOf(told);
    int room = facts.roomOf(compartment);
    LoadObstacle alone = facts.alone(piece, room);
    if (alone != null) {
      return Optional.of(alone);
    }
    if (at[piece] == room) {
      return Optional.empty();
    }
    int[] pieces = {piece};
    int[] to = {room};
    if (trial(pieces, to, (_, _) -> true, Patience.THOROUGH)) {
      return Optional.empty();
    }
    int bag = facts.bagOf[room];
    boolean isInIt = at[piece] >= 0 && facts.bagOf[at[piece]] == bag;
    if (!isInIt && carried[bag] + facts.mass[piece] > facts.bagRoom[bag]) {
      return Optional.of(LoadObstacle.TOO_HEAVY);
    }
    LoadPiece one = facts.pieces.get(piece);
    if ((one.isHot() && melting[room] > 0) || (one.melts() && hot[room] > 0)) {
      return Optional.of(LoadObstacle.BESIDE_HEAT);
    }
    return Optional.of(
        taken[room] + facts.volume[piece] > facts.room[room]
            ? LoadObstacle.TOO_FULL
            : LoadObstacle.NO_WAY_TO_LAY_IT);
  }
}
