package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The fewest pieces, against all subsets where they are few. */
class CoverTest {

  /** A kit and what is asked of it, by chance; all of it can be served. */
  private record Case(
      List<Cover.Demand> demands, List<Cover.Piece> pieces, long[] held, long[] shares) {

    static Case random(long seed, int mostDemands, int mostPieces) {
      Random random = new Random(seed);
      int packs = 2 + random.nextInt(mostPieces - 1);
      long[] held = new long[packs];
      List<Cover.Piece> pieces = new ArrayList<>();
      for (int pack = 0; pack < packs; ) {
        int together = Math.min(packs - pack, random.nextInt(5) == 0 ? 3 : 1);
        int first = pack;
        pieces.add(
            new Cover.Piece(
                IntStream.range(first, first + together).toArray(),
                1 + random.nextInt(40),
                random.nextInt(100),
                random.nextInt(15) == 0));
        for (int i = 0; i < together; i++) {
          held[pack++] = 1 + random.nextInt(30);
        }
      }
      long[] shares = new long[packs];
      Arrays.fill(shares, 1000);
      List<Cover.Demand> demands = new ArrayList<>();
      Allotment all = new Allotment(packs);
      for (int i = 0; i < packs; i++) {
        all.offer(i, held[i]);
      }
      int many = 1 + random.nextInt(mostDemands);
      for (int i = 0; i < many; i++) {
        int[] able = IntStream.range(0, packs).filter(_ -> random.nextInt(3) == 0).toArray();
        boolean isShared = random.nextInt(3) == 0;
        if (isShared) {
          long wanted = 1000L * Math.min(able.length, 1 + random.nextInt(2));
          demands.add(new Cover.Demand(wanted, true, able));
          continue;
        }
        long wanted = 1 + random.nextInt(25);
        long missing = all.serve(able, wanted);
        demands.add(new Cover.Demand(wanted - missing, false, able));
      }
      return new Case(demands, pieces, held, shares);
    }

    BitSet found() {
      return new Cover(demands, pieces, held, shares).find();
    }

    /** By another way of sharing out than the search's own. */
    boolean isServedBy(BitSet set) {
      BitSet packs = new BitSet();
      set.stream().forEach(i -> IntStream.of(pieces.get(i).packs()).forEach(packs::set));
      Allotment allotment = new Allotment(held.length);
      packs.stream().forEach(i -> allotment.offer(i, held[i]));
      for (Cover.Demand demand : demands) {
        int[] there = IntStream.of(demand.packs()).filter(packs::get).toArray();
        boolean isServed =
            demand.isShared()
                ? there.length * 1000L >= demand.wanted()
                : demand.wanted() == 0 || allotment.serve(there, demand.wanted()) == 0;
        if (!isServed) {
          return false;
        }
      }
      return true;
    }

    double[] weighed(BitSet set) {
      return new double[] {
        set.cardinality(),
        set.stream().mapToDouble(i -> pieces.get(i).grams()).sum(),
        set.stream().mapToDouble(i -> pieces.get(i).rank()).sum()
      };
    }
  }

  static IntStream seeds() {
    return IntStream.range(0, 150);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void noSubsetThatServesIsBetter(int seed) {
    Case one = Case.random(seed, 5, 10);
    BitSet found = one.found();
    assertThat(one.isServedBy(found)).isTrue();
    double[] best = one.weighed(found);
    for (long set = 0; set < 1L << one.pieces().size(); set++) {
      BitSet some = BitSet.valueOf(new long[] {set});
      boolean hasForced =
          IntStream.range(0, one.pieces().size())
              .allMatch(i -> some.get(i) || !one.pieces().get(i).isForced());
      if (hasForced && isBetter(one.weighed(some), best)) {
        assertThat(one.isServedBy(some)).as("%s instead of %s", some, found).isFalse();
      }
    }
  }

  private static boolean isBetter(double[] one, double[] other) {
    for (int i = 0; i < one.length; i++) {
      if (Math.abs(one[i] - other[i]) > 1e-6) {
        return one[i] < other[i];
      }
    }
    return false;
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void whatIsForcedComesAndNothingIsTakenInVain(int seed) {
    Case one = Case.random(1000 + seed, 30, 60);
    BitSet found = one.found();
    assertThat(one.isServedBy(found)).isTrue();
    for (int i = 0; i < one.pieces().size(); i++) {
      if (one.pieces().get(i).isForced()) {
        assertThat(found.get(i)).isTrue();
      } else if (found.get(i)) {
        BitSet without = (BitSet) found.clone();
        without.clear(i);
        assertThat(one.isServedBy(without)).as("without %s", i).isFalse();
      }
    }
  }
}
