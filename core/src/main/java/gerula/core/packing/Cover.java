package gerula.core.packing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * The fewest pieces that serve a few demands as far as the whole kit could; of equally few the
 * lightest, then the most liked.
 *
 * <p>A set of pieces serves when what they hold can be shared out among the demands (a flow from
 * packs to demands). Where it cannot, some demands that hang together take all their packs have: by
 * Hall's theorem every set that serves holds one more pack of theirs, so only those are tried. As
 * long as there is patience all such sets are; the rest of the time the best is improved by taking
 * one piece in and as many out as then can be left.
 */
final class Cover {

  /**
   * What is asked for.
   *
   * @param wanted thousandths, all of which can be served; of shared pieces 1000 each
   * @param isShared whether it leaves what it takes for others
   * @param packs that may serve it
   */
  record Demand(long wanted, boolean isShared, int[] packs) {}

  /**
   * What can be taken along as one: a pack, or a palette with its pans.
   *
   * @param packs what it holds, each once
   * @param grams of all of it
   * @param rank the lower the better liked, by what counts after the mass
   * @param isForced whether it comes in any case
   */
  record Piece(int[] packs, double grams, double rank, boolean isForced) {}

  private static final double SAME = 1e-6;

  /** Steps of sharing out that are spent on trying all sets. */
  private static final long PATIENCE = 10_000;

  /** The same for leaving out what can be left, at the beginning and while the best is improved. */
  private static final long PATIENCE_TO_IMPROVE = 1_500_000;

  private final List<Demand> demands;
  private final List<Piece> pieces;
  private final long[] held;
  private final long[] shares;
  private final int[] pieceOf;
  private final Sharing sharing;
  private final long stepsOfOneTry;

  /** By demand: the pieces that serve it. */
  private final List<BitSet> serving = new ArrayList<>();

  /** By piece: the demands it serves. */
  private final BitSet[] served;

  /** Pieces, the most useful first; of those the lightest, the most liked. */
  private final int[] mostUsefulFirst;

  /** Pieces, the least useful first; of those the heaviest, the least liked. */
  private final int[] leastUsefulFirst;

  private long patience = PATIENCE;
  private long patienceToImprove = PATIENCE_TO_IMPROVE;
  private BitSet best;
  private int bestSize;
  private double bestGrams;
  private double bestRank;

  /**
   * @param held thousandths in each pack
   * @param shares what each is where it is shared, 1000 a piece
   */
  Cover(List<Demand> demands, List<Piece> pieces, long[] held, long[] shares) {
    this.demands = demands;
    this.pieces = pieces;
    this.held = held;
    this.shares = shares;
    pieceOf = new int[held.length];
    for (int piece = 0; piece < pieces.size(); piece++) {
      for (int pack : pieces.get(piece).packs()) {
        pieceOf[pack] = piece;
      }
    }
    sharing = new Sharing(demands, held, pieceOf);
    stepsOfOneTry = 1 + demands.stream().mapToLong(one -> one.packs().length).sum();
    served = new BitSet[pieces.size()];
    Arrays.setAll(served, _ -> new BitSet(demands.size()));
    for (int demand = 0; demand < demands.size(); demand++) {
      BitSet able = none();
      for (int pack : demands.get(demand).packs()) {
        able.set(pieceOf[pack]);
        served[pieceOf[pack]].set(demand);
      }
      serving.add(able);
    }
    mostUsefulFirst = byUse();
    leastUsefulFirst = new int[mostUsefulFirst.length];
    Arrays.setAll(leastUsefulFirst, at -> mostUsefulFirst[mostUsefulFirst.length - 1 - at]);
  }

  private int[] byUse() {
    record Useful(int piece, int demands, double grams, double rank) {}
    return IntStream.range(0, pieces.size())
        .mapToObj(
            i ->
                new Useful(i, served[i].cardinality(), pieces.get(i).grams(), pieces.get(i).rank()))
        .sorted(
            Comparator.comparingInt(Useful::demands)
                .reversed()
                .thenComparingDouble(Useful::grams)
                .thenComparingDouble(Useful::rank))
        .mapToInt(Useful::piece)
        .toArray();
  }

  /** Indices of the pieces to take. */
  BitSet find() {
    BitSet all = worthLookingAt();
    keep(thinned(used(all)));
    BitSet forced = none();
    IntStream.range(0, pieces.size()).filter(i -> pieces.get(i).isForced()).forEach(forced::set);
    BitSet passedOver = none();
    passedOver.set(0, pieces.size());
    passedOver.andNot(all);
    search(forced, passedOver);
    if (patience <= 0) {
      improve();
    }
    return best;
  }

  /** None of the pieces yet, with room for all. */
  private BitSet none() {
    return new BitSet(pieces.size());
  }

  private void keep(BitSet set) {
    int size = set.cardinality();
    double grams = grams(set);
    double rank = rank(set);
    boolean isBetter =
        best == null
            || size < bestSize
            || (size == bestSize
                && (grams < bestGrams - SAME
                    || (grams < bestGrams + SAME && rank < bestRank - SAME)));
    if (isBetter) {
      best = (BitSet) set.clone();
      bestSize = size;
      bestGrams = grams;
      bestRank = rank;
    }
  }

  private double grams(BitSet set) {
    double grams = 0;
    for (int i = set.nextSetBit(0); i >= 0; i = set.nextSetBit(i + 1)) {
      grams += pieces.get(i).grams();
    }
    return grams;
  }

  private double rank(BitSet set) {
    double rank = 0;
    for (int i = set.nextSetBit(0); i >= 0; i = set.nextSetBit(i + 1)) {
      rank += pieces.get(i).rank();
    }
    return rank;
  }

  /**
   * All but those in whose stead another is at least as good whatever else is taken: it serves all
   * that they serve, holds enough for all of it, and is no heavier and no less liked.
   */
  private BitSet worthLookingAt() {
    BitSet all = none();
    all.set(0, pieces.size());
    long[] asked = new long[pieces.size()];
    for (int demand = 0; demand < demands.size(); demand++) {
      long wanted = demands.get(demand).wanted();
      serving.get(demand).stream().forEach(piece -> asked[piece] += wanted);
    }
    for (int other = 0; other < pieces.size(); other++) {
      if (!holdsEnough(other, asked[other])) {
        continue;
      }
      for (int one = 0; one < pieces.size(); one++) {
        if (one != other && all.get(one) && all.get(other) && isNeverBetter(one, other)) {
          all.clear(one);
        }
      }
    }
    return all;
  }

  /** Of several packs each might be short of what is asked of it. */
  private boolean holdsEnough(int piece, long asked) {
    int[] packs = pieces.get(piece).packs();
    return packs.length == 1 && held[packs[0]] >= asked && shares[packs[0]] >= asked;
  }

  private boolean isNeverBetter(int one, int other) {
    Piece worse = pieces.get(one);
    Piece better = pieces.get(other);
    boolean isHeavier = worse.grams() > better.grams() + SAME;
    boolean isAsHeavy = Math.abs(worse.grams() - better.grams()) <= SAME;
    boolean isWorse = isHeavier || (isAsHeavy && worse.rank() >= better.rank());
    if (worse.isForced() || !isWorse) {
      return false;
    }
    return isAllOf(served[one], served[other]);
  }

  private static boolean isAllOf(BitSet some, BitSet all) {
    for (int i = some.nextSetBit(0); i >= 0; i = some.nextSetBit(i + 1)) {
      if (!all.get(i)) {
        return false;
      }
    }
    return true;
  }

  /** So many pieces more are needed at least: one for each demand that shares none with another. */
  private int atLeastMore(BitSet set) {
    BitSet taken = none();
    int more = 0;
    for (int demand = 0; demand < demands.size(); demand++) {
      BitSet able = serving.get(demand);
      if (demands.get(demand).wanted() > 0 && !able.intersects(set) && !able.intersects(taken)) {
        taken.or(able);
        more++;
      }
    }
    return more;
  }

  /** Leaves out whatever can be left, the heaviest first. */
  private BitSet thinned(BitSet set) {
    BitSet left = (BitSet) set.clone();
    for (int piece : leastUsefulFirst) {
      if (set.get(piece) && !pieces.get(piece).isForced() && patienceToImprove > 0) {
        patienceToImprove -= stepsOfOneTry;
        left.clear(piece);
        if (unserved(left) != null) {
          left.set(piece);
        }
      }
    }
    return left;
  }

  /** What is used when each demand in turn takes what is best for it. */
  private BitSet used(BitSet all) {
    sharing.unserved(all);
    BitSet used = sharing.used();
    IntStream.range(0, pieces.size()).filter(i -> pieces.get(i).isForced()).forEach(used::set);
    for (Demand one : demands) {
      for (int at = 0; at < one.packs().length && one.isShared() && isShort(one, used); at++) {
        if (all.get(pieceOf[one.packs()[at]])) {
          used.set(pieceOf[one.packs()[at]]);
        }
      }
    }
    return used;
  }

  private void search(BitSet set, BitSet excluded) {
    int size = set.cardinality();
    if (size + atLeastMore(set) > bestSize || patience <= 0) {
      return;
    }
    patience -= stepsOfOneTry;
    BitSet helping = unserved(set);
    if (helping == null) {
      keep(set);
      return;
    }
    if (size + 1 > bestSize || (size + 1 == bestSize && grams(set) > bestGrams + SAME)) {
      return;
    }
    helping.andNot(set);
    helping.andNot(excluded);
    for (int piece : mostUsefulFirst) {
      if (helping.get(piece)) {
        set.set(piece);
        search(set, excluded);
        set.clear(piece);
        excluded.set(piece);
      }
    }
    excluded.andNot(helping);
  }

  private void improve() {
    boolean isBetter = true;
    while (isBetter) {
      isBetter = false;
      for (int i = 0; i < pieces.size() && patienceToImprove > 0; i++) {
        if (best.get(i)) {
          continue;
        }
        BitSet before = best;
        BitSet with = (BitSet) best.clone();
        with.set(i);
        keep(thinned(with));
        isBetter |= best != before;
      }
    }
  }

  /**
   * Whether these pieces serve all demands.
   *
   * @return null when they do; else pieces of which one at least has to be taken as well
   */
  private BitSet unserved(BitSet set) {
    for (int demand = 0; demand < demands.size(); demand++) {
      if (demands.get(demand).isShared() && isShort(demands.get(demand), set)) {
        return (BitSet) serving.get(demand).clone();
      }
    }
    return sharing.unserved(set);
  }

  private boolean isShort(Demand shared, BitSet set) {
    long there = 0;
    for (int pack : shared.packs()) {
      if (set.get(pieceOf[pack])) {
        there += shares[pack];
      }
    }
    return there < shared.wanted();
  }
}
