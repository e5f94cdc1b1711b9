package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AllotmentTest {

  private static final int A = 0;
  private static final int B = 1;

  @Test
  void anEarlierDemandMovesOverWhenThatServesALaterOne() {
    Allotment allotment = new Allotment(2);
    allotment.offer(A, 10);
    allotment.offer(B, 10);
    assertThat(allotment.serve(new int[] {A, B}, 10)).isZero();
    assertThat(allotment.serve(new int[] {A}, 10)).isZero();
    assertThat(allotment.takenBy(0)).isEqualTo(Map.of(B, 10L));
    assertThat(allotment.takenBy(1)).isEqualTo(Map.of(A, 10L));
  }

  @Test
  void whatCannotBeServedIsTold() {
    Allotment allotment = new Allotment(2);
    allotment.offer(A, 10);
    assertThat(allotment.serve(new int[] {A}, 7)).isZero();
    assertThat(allotment.serve(new int[] {A}, 7)).isEqualTo(4);
    assertThat(allotment.takenBy(0)).isEqualTo(Map.of(A, 7L));
  }

  static LongStream seeds() {
    return Seeds.upTo(200);
  }

  /**
   * What the first k demands get together is the smallest cut around them: found here by trying
   * every set of demands (max-flow min-cut theorem, Ford and Fulkerson 1956).
   */
  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void itServesAsMuchAsAnySharingCould(long seed) {
    Random random = new Random(seed);
    List<Integer> packs = IntStream.range(0, 1 + random.nextInt(5)).boxed().toList();
    Map<Integer, Long> holds = new HashMap<>();
    packs.forEach(pack -> holds.put(pack, (long) random.nextInt(20)));
    Allotment allotment = new Allotment(packs.size());
    holds.forEach(allotment::offer);
    List<List<Integer>> liked = new ArrayList<>();
    List<Long> wanted = new ArrayList<>();
    long served = 0;
    for (int demand = 0; demand < 1 + random.nextInt(6); demand++) {
      liked.add(packs.stream().filter(_ -> random.nextBoolean()).toList());
      wanted.add(1L + random.nextInt(15));
      int[] some = liked.getLast().stream().mapToInt(Integer::intValue).toArray();
      served += wanted.getLast() - allotment.serve(some, wanted.getLast());
      assertThat(served).isEqualTo(smallestCut(liked, wanted, holds));
    }
    Map<Integer, Long> given = new HashMap<>();
    for (int demand = 0; demand < liked.size(); demand++) {
      assertThat(liked.get(demand)).containsAll(allotment.takenBy(demand).keySet());
      allotment.takenBy(demand).forEach((pack, amount) -> given.merge(pack, amount, Long::sum));
    }
    given.forEach((pack, amount) -> assertThat(amount).isLessThanOrEqualTo(holds.get(pack)));
    assertThat(given.values().stream().mapToLong(Long::longValue).sum()).isEqualTo(served);
  }

  private static long smallestCut(
      List<List<Integer>> liked, List<Long> wanted, Map<Integer, Long> holds) {
    long smallest = Long.MAX_VALUE;
    for (int set = 0; set < 1 << liked.size(); set++) {
      int chosen = set;
      long left =
          IntStream.range(0, liked.size())
              .filter(demand -> (chosen >> demand & 1) == 0)
              .mapToLong(wanted::get)
              .sum();
      long reachable =
          IntStream.range(0, liked.size())
              .filter(demand -> (chosen >> demand & 1) == 1)
              .boxed()
              .flatMap(demand -> liked.get(demand).stream())
              .distinct()
              .mapToLong(holds::get)
              .sum();
      smallest = Math.min(smallest, left + reachable);
    }
    return smallest;
  }
}
