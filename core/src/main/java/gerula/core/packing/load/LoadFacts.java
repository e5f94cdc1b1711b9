package gerula.core.packing.load;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A load in numbers: pieces and compartments by position, so that many trials are cheap. Pieces
 * stand in an order that does not depend on how they are told.
 */
final class LoadFacts {

  static final int NONE = -1;

  static final double THOUSANDTHS = 1000;

  private static final Comparator<LoadPiece> TOLD =
      Comparator.comparing(LoadPiece::name)
          .thenComparingInt(one -> one.measures().widthMm())
          .thenComparingInt(one -> one.measures().depthMm())
          .thenComparingInt(one -> one.measures().heightMm())
          .thenComparing(LoadPiece::mass)
          .thenComparing(LoadPiece::id);

  final Load load;
  final List<LoadPiece> pieces;
  final List<Compartment> rooms = new ArrayList<>();

  /** Which bag a room is in. */
  final int[] bagOf;

  /** What may be taken of each room, in tenths of mm3. */
  final long[] room;

  /** What each bag may hold, in mg. */
  final long[] bagRoom;

  /** What each piece takes, in tenths of mm3. */
  final long[] volume;

  final long[] mass;
  final boolean[] isRequired;
  final boolean[] isRigid;
  final boolean[] bears;

  /** In thousandths. */
  final long[] value;

  final Posture[][] postures;

  /** Rooms into which a piece may go by itself, in their order. */
  final int[][] eligible;

  final boolean[][] may;
  final int[] usual;
  final int[] principal;
  final int[][] companions;

  /** Of a piece that has companions, or is one: all that hang together with it, itself too. */
  final int[][] kin;

  final int[] group;
  final int groups;

  /**
   * The least floor a piece takes in a room, in mm2; 0 of what is soft, and of what is flat, which
   * gives as much as it takes.
   */
  final long[][] floor;

  /** Whether anything is hot at all. */
  final boolean isAnythingHot;

  LoadFacts(Load load) {
    this.load = load;
    this.pieces = load.pieces().stream().sorted(TOLD).toList();
    List<Integer> bags = new ArrayList<>();
    for (int bag = 0; bag < load.bags().size(); bag++) {
      for (Compartment one : load.bags().get(bag).compartments()) {
        rooms.add(one);
        bags.add(bag);
      }
    }
    bagOf = bags.stream().mapToInt(Integer::intValue).toArray();
    room =
        rooms.stream()
            .mapToLong(
                one ->
                    (long) Math.floor(one.usableShare() * LoadPiece.TENTHS * one.volume() + 1e-6))
            .toArray();
    bagRoom = load.bags().stream().mapToLong(LoadBag::roomMg).toArray();
    volume = pieces.stream().mapToLong(LoadPiece::takenTenths).toArray();
    mass = pieces.stream().mapToLong(one -> one.mass().milligrams()).toArray();
    value =
        pieces.stream()
            .mapToLong(one -> one.isRequired() ? 0 : Math.round(one.value() * THOUSANDTHS))
            .toArray();
    isRequired = flags(i -> pieces.get(i).isRequired());
    isRigid = flags(i -> pieces.get(i).isRigid());
    bears = flags(i -> pieces.get(i).bears());
    postures =
        pieces.stream()
            .map(one -> one.orientation().of(one.measures()).toArray(Posture[]::new))
            .toArray(Posture[][]::new);
    may = new boolean[pieces.size()][rooms.size()];
    floor = new long[pieces.size()][rooms.size()];
    eligible = new int[pieces.size()][];
    Map<String, Integer> roomAt = positions(rooms.stream().map(Compartment::id).toList());
    Map<String, Integer> pieceAt = positions(pieces.stream().map(LoadPiece::id).toList());
    usual = pieces.stream().mapToInt(one -> at(roomAt, one.usual())).toArray();
    principal = pieces.stream().mapToInt(one -> at(pieceAt, one.companionOf())).toArray();
    companions = companions();
    kin = kin();
    List<String> names =
        pieces.stream().map(LoadPiece::group).filter(Objects::nonNull).distinct().toList();
    Map<String, Integer> groupAt = positions(names);
    group = pieces.stream().mapToInt(one -> at(groupAt, one.group())).toArray();
    groups = names.size();
    isAnythingHot = pieces.stream().anyMatch(LoadPiece::isHot);
    for (int piece = 0; piece < pieces.size(); piece++) {
      for (int one = 0; one < rooms.size(); one++) {
        may[piece][one] = alone(piece, one) == null;
        floor[piece][one] = floor(piece, rooms.get(one));
      }
      boolean[] own = may[piece];
      eligible[piece] = IntStream.range(0, rooms.size()).filter(one -> own[one]).toArray();
    }
  }

  private long floor(int piece, Compartment where) {
    if (!isRigid[piece] || bears[piece]) {
      return 0;
    }
    return Arrays.stream(postures[piece])
        .filter(posture -> posture.fits(where))
        .mapToLong(Posture::footprint)
        .min()
        .orElse(0);
  }

  private boolean[] flags(java.util.function.IntPredicate which) {
    boolean[] flags = new boolean[pieces.size()];
    for (int i = 0; i < flags.length; i++) {
      flags[i] = which.test(i);
    }
    return flags;
  }

  private static Map<String, Integer> positions(List<String> ids) {
    Map<String, Integer> positions = new HashMap<>();
    ids.forEach(id -> positions.put(id, positions.size()));
    return positions;
  }

  private static int at(Map<String, Integer> positions, @Nullable String id) {
    return id == null ? NONE : positions.getOrDefault(id, NONE);
  }

  private int[][] companions() {
    int[][] all = new int[pieces.size()][];
    for (int one = 0; one < all.length; one++) {
      int of = one;
      all[one] =
          IntStream.range(0, pieces.size()).filter(other -> principal[other] == of).toArray();
    }
    return all;
  }

  /** Mass times height, in g x mm / 1000. */
  static double lifted(long milligrams, int heightMm) {
    return milligrams / 1000.0 * heightMm / 1000;
  }

  private int[][] kin() {
    int[][] all = new int[pieces.size()][];
    for (int one = 0; one < all.length; one++) {
      if (all[one] == null) {
        Set<Integer> found = new TreeSet<>();
        gather(one, found);
        int[] some = found.stream().mapToInt(Integer::intValue).toArray();
        found.forEach(each -> all[each] = some);
      }
    }
    return all;
  }

  private void gather(int one, Set<Integer> found) {
    if (found.add(one)) {
      for (int other : companions[one]) {
        gather(other, found);
      }
      if (principal[one] >= 0) {
        gather(principal[one], found);
      }
    }
  }

  /** Whether one of them melts beside the other. */
  boolean isMelting(int one, int other) {
    LoadPiece first = pieces.get(one);
    LoadPiece second = pieces.get(other);
    return (first.isHot() && second.melts()) || (first.melts() && second.isHot());
  }

  int pieceOf(String id) {
    return IntStream.range(0, pieces.size())
        .filter(at -> pieces.get(at).id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("There is no piece \"" + id + "\"."));
  }

  int roomOf(String id) {
    return IntStream.range(0, rooms.size())
        .filter(at -> rooms.get(at).id().equals(id))
        .findFirst()
        .orElseThrow(() -> new IllegalArgumentException("There is no compartment \"" + id + "\"."));
  }

  /** What speaks against a piece in a room, were it alone there; null for nothing. */
  @Nullable LoadObstacle alone(int piece, int at) {
    LoadPiece one = pieces.get(piece);
    Compartment where = rooms.get(at);
    if (one.pinned() != null && !one.pinned().equals(where.id())) {
      return LoadObstacle.PINNED_ELSEWHERE;
    }
    if (!where.allowed().isEmpty() && !where.allowed().contains(one.section())) {
      return LoadObstacle.NOT_ALLOWED;
    }
    if (where.person() != null && !where.person().equals(one.person())) {
      return LoadObstacle.SOMEBODY_ELSES;
    }
    if (one.isWet() && !where.isSealed()) {
      return LoadObstacle.NOT_SEALED;
    }
    boolean goesIn = Arrays.stream(postures[piece]).anyMatch(posture -> posture.fits(where));
    if (!goesIn || volume[piece] > room[at]) {
      return LoadObstacle.TOO_LARGE;
    }
    return mass[piece] > bagRoom[bagOf[at]] ? LoadObstacle.TOO_HEAVY : null;
  }

  /** Of a piece that no room takes: what stands in the way in the one that comes nearest. */
  LoadObstacle nowhere(int piece) {
    return IntStream.range(0, rooms.size())
        .mapToObj(at -> alone(piece, at))
        .filter(Objects::nonNull)
        .max(Comparator.naturalOrder())
        .orElse(LoadObstacle.ROOM_TAKEN);
  }
}
