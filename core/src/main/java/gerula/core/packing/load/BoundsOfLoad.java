package gerula.core.packing.load;

import gerula.core.packing.load.LoadPlan.LoadBounds;
import gerula.core.packing.load.Loading.Counted;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.LongStream;

/** What no plan goes beyond, reckoned by what goes in nowhere and by volume and mass in all. */
final class BoundsOfLoad {

  private BoundsOfLoad() {}

  /**
   * @param left so many required pieces stay in the plan that is held against them: what is worth
   *     most is asked of plans that leave as many
   */
  static LoadBounds of(LoadFacts facts, int left) {
    return new LoadBounds(requiredLeft(facts), value(facts, left), split(facts));
  }

  private static int requiredLeft(LoadFacts facts) {
    int[] required = having(facts, true);
    int nowhere =
        (int) Arrays.stream(required).filter(one -> facts.eligible[one].length == 0).count();
    int[] some = Arrays.stream(required).filter(one -> facts.eligible[one].length > 0).toArray();
    int byVolume = some.length - most(facts.volume, some, all(facts.room));
    int byMass = some.length - most(facts.mass, some, all(facts.bagRoom));
    return nowhere + Math.max(byVolume, byMass);
  }

  private static int[] having(LoadFacts facts, boolean required) {
    return IntStream.range(0, facts.pieces.size())
        .filter(one -> facts.isRequired[one] == required)
        .toArray();
  }

  private static long all(long[] rooms) {
    return LongStream.of(rooms).filter(one -> one > 0).sum();
  }

  /** How many of these go in at most: the smallest first. */
  private static int most(long[] size, int[] some, long room) {
    long[] sizes = Arrays.stream(some).mapToLong(one -> size[one]).sorted().toArray();
    long taken = 0;
    int count = 0;
    while (count < sizes.length && taken + sizes[count] <= room) {
      taken += sizes[count++];
    }
    return count;
  }

  /** What is worth most for its room, the last of it in part (Dantzig 1957). */
  private static double value(LoadFacts facts, int stay) {
    int[] required = having(facts, true);
    int[] optional =
        Arrays.stream(having(facts, false)).filter(one -> facts.eligible[one].length > 0).toArray();
    // As many of the required as can come take the least room they can take.
    int coming = required.length - stay;
    double byVolume =
        fractional(
            facts, facts.volume, optional, left(facts.volume, required, coming, all(facts.room)));
    double byMass =
        fractional(
            facts, facts.mass, optional, left(facts.mass, required, coming, all(facts.bagRoom)));
    return Math.min(byVolume, byMass) / LoadFacts.THOUSANDTHS;
  }

  private static double left(long[] size, int[] required, int coming, long room) {
    long least = Arrays.stream(required).mapToLong(one -> size[one]).sorted().limit(coming).sum();
    return Math.max(0, room - least);
  }

  private static double fractional(LoadFacts facts, long[] size, int[] optional, double room) {
    double value = 0;
    double left = room;
    int[] densest =
        Arrays.stream(optional)
            .boxed()
            .sorted(
                (one, other) ->
                    Double.compare(
                        (double) facts.value[other] / Math.max(1, size[other]),
                        (double) facts.value[one] / Math.max(1, size[one])))
            .mapToInt(Integer::intValue)
            .toArray();
    for (int one : densest) {
      if (size[one] <= left) {
        left -= size[one];
        value += facts.value[one];
      } else {
        return value + facts.value[one] * left / size[one];
      }
    }
    return value;
  }

  /** Only where both have to come, and no bag takes both. */
  private static int split(LoadFacts facts) {
    if (requiredLeft(facts) > 0) {
      return 0;
    }
    return (int)
        IntStream.range(0, facts.pieces.size())
            .filter(one -> facts.principal[one] >= 0 && facts.isRequired[one])
            .filter(one -> facts.isRequired[facts.principal[one]])
            .filter(one -> !shareABag(facts, one, facts.principal[one]))
            .count();
  }

  private static boolean shareABag(LoadFacts facts, int one, int other) {
    Set<Integer> bags = new HashSet<>();
    for (int room : facts.eligible[one]) {
      bags.add(facts.bagOf[room]);
    }
    return IntStream.of(facts.eligible[other]).anyMatch(room -> bags.contains(facts.bagOf[room]));
  }

  /** Whether every level but the height is as good as it can be. */
  static boolean isReached(LoadFacts facts, LoadBounds bounds, Loading loading) {
    Counted now = loading.counted();
    return now.requiredLeft == bounds.requiredLeft()
        && now.value >= Math.round(bounds.value() * LoadFacts.THOUSANDTHS)
        && now.split == bounds.splitCompanions()
        && now.moved == 0
        && now.pairs == groupsThere(facts, loading)
        && now.reach == 0;
  }

  private static int groupsThere(LoadFacts facts, Loading loading) {
    return (int)
        IntStream.range(0, facts.pieces.size())
            .filter(one -> facts.group[one] >= 0 && loading.at[one] >= 0)
            .map(one -> facts.group[one])
            .distinct()
            .count();
  }
}
