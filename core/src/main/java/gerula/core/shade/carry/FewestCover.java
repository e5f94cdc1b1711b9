package gerula.core.shade.carry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * The best set of shades that meets every face that can be met.
 *
 * <p>A first answer leaves out one shade after the other as long as all faces are still met. Then
 * sets of one shade, two, three and so on are tried until one meets all: always for the face that
 * has the fewest ways left, each way once. Of a size that serves all sets are looked at, for the
 * least mass and difference. A set that was looked at before is passed over.
 */
final class FewestCover {

  /** So many sets are looked at before the best so far has to do. */
  private static final int PATIENCE = 150_000;

  private static final double SAME = 1e-9;

  private final Matches matches;
  private final int[] faces;
  private final int shades;

  /** By face and shade: with which others it meets the face, itself where it does so alone. */
  private final long[][] partners;

  /** Shades that are there in any case. */
  private final long given;

  private final Set<Long> seen = new HashSet<>();
  private long best;
  private double bestMass;
  private double bestDifference;
  private int size;
  private boolean isCut;

  /**
   * @param anyway ids of shades that are in every set
   */
  FewestCover(Matches matches, Set<String> anyway) {
    this.matches = matches;
    this.shades = matches.shades();
    this.faces =
        IntStream.range(0, matches.faces()).filter(face -> !matches.isHole(face)).toArray();
    this.given =
        IntStream.range(0, shades)
            .filter(shade -> anyway.contains(matches.id(shade)))
            .mapToLong(shade -> 1L << shade)
            .reduce(0, (one, other) -> one | other);
    this.partners = new long[faces.length][shades];
    for (int face = 0; face < faces.length; face++) {
      for (int i = 0; i < shades; i++) {
        for (int j = 0; j < shades; j++) {
          if (matches.meets(faces[face], i, j)) {
            partners[face][i] |= 1L << j;
          }
        }
      }
    }
  }

  boolean isOptimal() {
    return !isCut;
  }

  int[] find() {
    take(leftAfterLeavingOut());
    int first = Long.bitCount(best);
    for (size = leastSize(); size <= first; size++) {
      seen.clear();
      boolean isBetter = size < first;
      search(given, size - Long.bitCount(given));
      if (isCut || (isBetter && Long.bitCount(best) == size)) {
        break;
      }
    }
    return members(best);
  }

  private int leastSize() {
    return Math.max(faces.length == 0 ? 0 : 1, Long.bitCount(given));
  }

  /** Heavy shades, and those few faces need, are left out first. */
  private long leftAfterLeavingOut() {
    Integer[] order = IntStream.range(0, shades).boxed().toArray(Integer[]::new);
    Arrays.sort(
        order,
        Comparator.<Integer>comparingInt(this::usefulness)
            .thenComparing(one -> -matches.massG(one)));
    long all = shades == 64 ? -1L : (1L << shades) - 1;
    for (int one : order) {
      long without = all & ~(1L << one);
      if ((given >>> one & 1) == 0 && nextUnmet(without) < 0) {
        all = without;
      }
    }
    return all;
  }

  private int usefulness(int shade) {
    return Arrays.stream(partners).mapToInt(face -> Long.bitCount(face[shade])).sum();
  }

  /** A face that this set does not meet; -1 when it meets all. */
  private int nextUnmet(long set) {
    for (int face = 0; face < faces.length; face++) {
      if (!isMet(face, set)) {
        return face;
      }
    }
    return -1;
  }

  private boolean isMet(int face, long set) {
    for (long rest = set; rest != 0; rest &= rest - 1) {
      if ((partners[face][Long.numberOfTrailingZeros(rest)] & set) != 0) {
        return true;
      }
    }
    return false;
  }

  /** Shades of which one more would meet the face together with this set. */
  private long oneMore(int face, long set) {
    long found = 0;
    for (int shade = 0; shade < shades; shade++) {
      long bit = 1L << shade;
      if ((set & bit) == 0 && (partners[face][shade] & (set | bit)) != 0) {
        found |= bit;
      }
    }
    return found;
  }

  private void search(long set, int more) {
    if (isCut || mass(set) > bestMass + SAME && Long.bitCount(best) == size || !seen.add(set)) {
      return;
    }
    if (seen.size() > PATIENCE) {
      isCut = true;
      return;
    }
    int hardest = -1;
    long ways = 0;
    int fewest = Integer.MAX_VALUE;
    long forAll = -1L;
    for (int face = 0; face < faces.length; face++) {
      if (isMet(face, set)) {
        continue;
      }
      long one = oneMore(face, set);
      forAll &= one;
      if (more < 2 && one == 0 || more == 0) {
        return;
      }
      int many =
          one == 0 ? pairs(face, set) : Long.bitCount(one) + (more > 1 ? pairs(face, set) : 0);
      if (many < fewest) {
        fewest = many;
        hardest = face;
        ways = one;
      }
    }
    if (hardest < 0) {
      take(set);
      return;
    }
    if (more == 1) {
      for (long rest = forAll; rest != 0; rest &= rest - 1) {
        take(set | Long.lowestOneBit(rest));
      }
      return;
    }
    for (long rest = ways; rest != 0; rest &= rest - 1) {
      search(set | Long.lowestOneBit(rest), more - 1);
    }
    for (long pair : newPairs(hardest, set, ways)) {
      search(set | pair, more - 2);
    }
  }

  private int pairs(int face, long set) {
    int many = 0;
    for (int shade = 0; shade < shades; shade++) {
      if ((set >>> shade & 1) == 0) {
        many += Long.bitCount(partners[face][shade] & ~set);
      }
    }
    return many / 2;
  }

  /** Two that meet the face together and neither of which would do with what is there. */
  private List<Long> newPairs(int face, long set, long ways) {
    List<Long> found = new ArrayList<>();
    long out = set | ways;
    for (int shade = 0; shade < shades; shade++) {
      if ((out >>> shade & 1) == 0) {
        long others = partners[face][shade] & ~out & -(2L << shade);
        for (long rest = shade == 63 ? 0 : others; rest != 0; rest &= rest - 1) {
          found.add(1L << shade | Long.lowestOneBit(rest));
        }
      }
    }
    return found;
  }

  /**
   * Kept when it is better than the best so far; more shades than a smaller set needs are never
   * better.
   */
  private void take(long set) {
    int many = Long.bitCount(set);
    double mass = mass(set);
    int now = Long.bitCount(best);
    boolean isFirst = bestDifference == 0 && best == 0;
    if (!isFirst && (many > now || many == now && mass > bestMass + SAME)) {
      return;
    }
    double difference = difference(set);
    boolean isLighter = isFirst || many < now || mass < bestMass - SAME;
    boolean isNearer = difference < bestDifference - SAME;
    boolean isEarlier = Math.abs(difference - bestDifference) <= SAME && before(set, best);
    if (isLighter || isNearer || isEarlier) {
      best = set;
      bestMass = mass;
      bestDifference = difference;
    }
  }

  /** Whether its ids come first in their order. */
  private static boolean before(long one, long other) {
    long differing = one ^ other;
    return differing != 0 && (one & Long.lowestOneBit(differing)) != 0;
  }

  private double mass(long set) {
    double mass = 0;
    for (long rest = set; rest != 0; rest &= rest - 1) {
      mass += matches.massG(Long.numberOfTrailingZeros(rest));
    }
    return mass;
  }

  private double difference(long set) {
    int[] chosen = members(set);
    return Arrays.stream(faces).mapToDouble(face -> matches.leastOf(face, chosen)).sum();
  }

  private static int[] members(long set) {
    return IntStream.range(0, 64).filter(one -> (set >>> one & 1) != 0).toArray();
  }
}
