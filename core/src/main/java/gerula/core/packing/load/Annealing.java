package gerula.core.packing.load;

import gerula.core.packing.load.Loading.Counted;
import gerula.core.packing.load.Loading.Judge;
import gerula.core.packing.load.Loading.Kept;
import gerula.core.packing.load.Loading.Patience;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;

/** Tries pieces elsewhere by chance; what is worse is taken ever more rarely. */
final class Annealing {

  /** How much worse each level is than the next; one piece hardly outweighs a hundred of it. */
  private static final double A_STEP = 100;

  private static final double REACH = 0.01;
  private static final double PAIR = REACH * A_STEP;
  private static final double MOVED = PAIR * A_STEP;
  private static final double SPLIT = MOVED * A_STEP;
  private static final int LEAST_TRIALS = 40_000;
  private static final int TRIALS_A_PIECE = 4_000;
  private static final int MOST_TRIALS = 1_200_000;

  /** Laying pieces may take so much; after that it ends, be it with fewer trials. */
  private static final long MOST_WORK = 100_000_000;

  private static final int LOOK_UP_EVERY = 64;
  private static final int MOST_CROWDED_OUT = 8;

  /** One level after the other cools: from how warm to how cold, in what part of the time. */
  private record Spell(double from, double to, double part) {}

  private final LoadFacts facts;
  private final Loading loading;
  private final LoadClock clock;
  private final SplittableRandom random;
  private final double value;
  private final double required;
  private final Judge judge = this::wants;
  private double warmth;

  Annealing(LoadFacts facts, Loading loading, LoadClock clock, long seed) {
    this.facts = facts;
    this.loading = loading;
    this.clock = clock;
    this.random = new SplittableRandom(seed);
    long least = Long.MAX_VALUE;
    long all = 0;
    for (long one : facts.value) {
      least = one > 0 ? Math.min(least, one) : least;
      all += one;
    }
    value = all == 0 ? 0 : SPLIT * A_STEP / least;
    required = SPLIT * A_STEP + value * all;
  }

  void run() {
    int trials = trials();
    double warmest = warmest();
    long work = loading.work();
    List<Spell> spells = spells(warmest);
    warmth = warmest;
    Kept best = loading.kept();
    for (int i = 0; i < trials; i++) {
      if (i % LOOK_UP_EVERY == 0) {
        double share = Math.max((double) i / trials, (double) (loading.work() - work) / MOST_WORK);
        clock.tell(share, best.counted().levels(0));
        if (share >= 1 || clock.isOver()) {
          break;
        }
        warmth = warmth(spells, share);
      }
      if (tryOne() && loading.counted().compareTo(best.counted()) < 0) {
        best = loading.kept();
      }
    }
    loading.backTo(best);
  }

  private List<Spell> spells(double warmest) {
    List<Spell> spells = new ArrayList<>();
    if (warmest > SPLIT) {
      spells.add(new Spell(warmest, SPLIT * 3, 3));
    }
    if (warmest >= SPLIT) {
      spells.add(new Spell(SPLIT, SPLIT / 20, 1));
    }
    if (warmest >= MOVED) {
      spells.add(new Spell(MOVED, MOVED / 12, 4));
    }
    spells.add(new Spell(PAIR, PAIR / 12, 2));
    spells.add(new Spell(REACH * 4, REACH / 4, 0.5));
    double all = spells.stream().mapToDouble(Spell::part).sum();
    return spells.stream().map(one -> new Spell(one.from, one.to, one.part / all)).toList();
  }

  private static double warmth(List<Spell> spells, double share) {
    double left = share;
    for (Spell one : spells) {
      if (left <= one.part) {
        return one.from * Math.pow(one.to / one.from, left / one.part);
      }
      left -= one.part;
    }
    return spells.getLast().to;
  }

  private int trials() {
    return Math.clamp(
        LEAST_TRIALS + (long) TRIALS_A_PIECE * facts.pieces.size(), LEAST_TRIALS, MOST_TRIALS);
  }

  /** As warm as the first level asks for that is not as good as can be. */
  private double warmest() {
    Counted now = loading.counted();
    long all = 0;
    for (long one : facts.value) {
      all += one;
    }
    if (now.value < all) {
      return Math.max(SPLIT, value * all / Math.max(1, facts.pieces.size()));
    }
    if (now.requiredLeft > 0 || now.split > 0) {
      return SPLIT;
    }
    return now.moved > 0 ? MOVED : PAIR;
  }

  private boolean wants(Counted before, Counted after) {
    double worse =
        required * (after.requiredLeft - before.requiredLeft)
            - value * (after.value - before.value)
            + SPLIT * (after.split - before.split)
            + MOVED * (after.moved - before.moved)
            + PAIR * (after.pairs - before.pairs)
            + REACH * (after.reach - before.reach);
    return worse <= 0 || (worse < 30 * warmth && random.nextDouble() < Math.exp(-worse / warmth));
  }

  private boolean tryOne() {
    int piece = random.nextInt(facts.pieces.size());
    int[] rooms = facts.eligible[piece];
    if (rooms.length == 0) {
      return false;
    }
    if (facts.kin[piece].length > 1 && random.nextInt(4) == 0) {
      return gather(piece);
    }
    int kind = random.nextInt(100);
    int to;
    if (kind < 25 && facts.usual[piece] >= 0 && facts.may[piece][facts.usual[piece]]) {
      to = facts.usual[piece];
    } else if (kind < 45 && facts.group[piece] >= 0) {
      to = beside(piece);
    } else if (kind < 55 && loading.isParted(piece)) {
      to = inTheBagOf(piece);
    } else if (kind < 58 && loading.at[piece] >= 0 && !facts.isRequired[piece]) {
      to = Loading.LEFT;
    } else {
      to = rooms[random.nextInt(rooms.length)];
    }
    if (to == loading.at[piece]) {
      return false;
    }
    if (to == Loading.LEFT || random.nextInt(3) > 0) {
      if (trial(new int[] {piece}, new int[] {to})) {
        return true;
      }
      if (to == Loading.LEFT) {
        return false;
      }
    }
    return random.nextInt(4) == 0 ? crowdOut(piece, to) : exchange(piece, to);
  }

  /** A piece and what hangs together with it go into one bag, each where it usually lies there. */
  private boolean gather(int piece) {
    int[] rooms = facts.eligible[piece];
    int home = facts.usual[piece];
    boolean isForHome = home >= 0 && facts.may[piece][home] && random.nextBoolean();
    int bag = facts.bagOf[isForHome ? home : rooms[random.nextInt(rooms.length)]];
    int[] kin = facts.kin[piece];
    int[] pieces = new int[kin.length];
    int[] to = new int[kin.length];
    int many = 0;
    for (int one : kin) {
      int room = loading.at[one] < 0 ? Loading.LEFT : within(bag, one);
      if (room >= 0 && room != loading.at[one]) {
        pieces[many] = one;
        to[many++] = room;
      }
    }
    return many > 0 && trial(Arrays.copyOf(pieces, many), Arrays.copyOf(to, many));
  }

  /** Where in a bag a piece would lie: at home, where it is, or somewhere it may. */
  private int within(int bag, int piece) {
    int home = facts.usual[piece];
    if (home >= 0 && facts.bagOf[home] == bag && facts.may[piece][home]) {
      return home;
    }
    int now = loading.at[piece];
    if (now >= 0 && facts.bagOf[now] == bag && random.nextInt(3) > 0) {
      return now;
    }
    return inBag(bag, piece);
  }

  private int inBag(int bag, int piece) {
    int[] rooms = facts.eligible[piece];
    int from = random.nextInt(rooms.length);
    for (int i = 0; i < rooms.length; i++) {
      int room = rooms[(from + i) % rooms.length];
      if (facts.bagOf[room] == bag) {
        return room;
      }
    }
    return rooms[from];
  }

  /** It comes in for as many others as it takes the room of. */
  private boolean crowdOut(int piece, int to) {
    int[] pieces = new int[MOST_CROWDED_OUT + 1];
    int[] rooms = new int[MOST_CROWDED_OUT + 1];
    int many = 0;
    long free = loading.free(to);
    for (int i = 0; i < loading.count(to) && facts.isAnythingHot; i++) {
      int other = loading.member(to, i);
      if (facts.isMelting(piece, other) && many < MOST_CROWDED_OUT) {
        pieces[many] = other;
        rooms[many] = roomFor(other, to, loading.at[piece]);
        free += facts.volume[other];
        if (rooms[many++] == to) {
          return false;
        }
      }
    }
    while (free < facts.volume[piece] && many < MOST_CROWDED_OUT && many < loading.count(to)) {
      int other = foreigner(to);
      if (isAmong(other, pieces, many)) {
        return false;
      }
      int elsewhere = roomFor(other, to, loading.at[piece]);
      if (elsewhere == to) {
        return false;
      }
      pieces[many] = other;
      rooms[many++] = elsewhere;
      free += facts.volume[other];
    }
    pieces[many] = piece;
    rooms[many++] = to;
    return trial(Arrays.copyOf(pieces, many), Arrays.copyOf(rooms, many));
  }

  /** One of a room, rather one that does not belong there. */
  private int foreigner(int room) {
    int one = loading.member(room, random.nextInt(loading.count(room)));
    return facts.usual[one] == room
        ? loading.member(room, random.nextInt(loading.count(room)))
        : one;
  }

  private static boolean isAmong(int one, int[] some, int many) {
    for (int i = 0; i < many; i++) {
      if (some[i] == one) {
        return true;
      }
    }
    return false;
  }

  /** Where a piece could go: home, where there is room, or where the one was that comes for it. */
  private int roomFor(int piece, int not, int given) {
    int home = facts.usual[piece];
    if (home >= 0 && home != not && facts.may[piece][home] && fits(piece, home)) {
      return home;
    }
    int[] rooms = facts.eligible[piece];
    for (int i = 0; i < 4; i++) {
      int room = rooms[random.nextInt(rooms.length)];
      if (room != not && fits(piece, room)) {
        return room;
      }
    }
    if (given >= 0 && facts.may[piece][given]) {
      return given;
    }
    return facts.isRequired[piece] ? not : Loading.LEFT;
  }

  private boolean fits(int piece, int room) {
    return loading.free(room) >= facts.volume[piece];
  }

  private boolean trial(int[] pieces, int[] to) {
    return loading.trial(pieces, to, judge, Patience.QUICK);
  }

  /** A room in which something of its group lies. */
  private int beside(int piece) {
    int[] rooms = facts.eligible[piece];
    int from = random.nextInt(rooms.length);
    for (int i = 0; i < rooms.length; i++) {
      int room = rooms[(from + i) % rooms.length];
      if (room != loading.at[piece] && loading.hasOfGroup(facts.group[piece], room)) {
        return room;
      }
    }
    return rooms[from];
  }

  private int inTheBagOf(int piece) {
    return inBag(facts.bagOf[loading.at[facts.principal[piece]]], piece);
  }

  /** It comes in for another, which goes where it was, elsewhere, or home to its usual place. */
  private boolean exchange(int piece, int to) {
    if (loading.count(to) == 0) {
      return false;
    }
    int other = loading.member(to, random.nextInt(loading.count(to)));
    int[] rooms = facts.eligible[other];
    int from = loading.at[piece];
    int kind = random.nextInt(4);
    int elsewhere;
    if (kind == 0 && facts.usual[other] >= 0 && facts.may[other][facts.usual[other]]) {
      elsewhere = facts.usual[other];
    } else if (kind < 3 && (from < 0 || facts.may[other][from])) {
      elsewhere = from;
    } else {
      elsewhere = rooms[random.nextInt(rooms.length)];
    }
    if (elsewhere == to) {
      return false;
    }
    if (random.nextInt(8) == 0 && elsewhere >= 0 && loading.count(elsewhere) > 0) {
      return chain(piece, to, other, elsewhere);
    }
    return trial(new int[] {other, piece}, new int[] {elsewhere, to});
  }

  /** Three pieces, one after the other. */
  private boolean chain(int piece, int to, int other, int elsewhere) {
    int third = loading.member(elsewhere, random.nextInt(loading.count(elsewhere)));
    int[] rooms = facts.eligible[third];
    int from = loading.at[piece];
    int last = from >= 0 && facts.may[third][from] ? from : rooms[random.nextInt(rooms.length)];
    if (third == piece || third == other || last == elsewhere) {
      return false;
    }
    return trial(new int[] {third, other, piece}, new int[] {last, elsewhere, to});
  }
}
