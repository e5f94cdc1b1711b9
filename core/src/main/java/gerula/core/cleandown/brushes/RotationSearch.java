package gerula.core.cleandown.brushes;

import gerula.core.rule.BrushPractice;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Tries day by day which sets are used and in which order they are washed. What is left to decide
 * depends only on when each set is ready and when the washing place is free, so each such state is
 * worked out once (dynamic programming); sets that are alike stand for each other.
 */
final class RotationSearch {

  /** More are not looked at: from there on the first plan that comes to mind is kept. */
  private static final int MOST_LOOKS = 100_000;

  /** Of very many ways to choose sets for a day the first are tried. */
  private static final int MOST_WAYS = 500;

  /** It waits to be washed. */
  private static final long WAITS = Long.MAX_VALUE;

  private final List<BrushSet> sets;
  private final List<BrushDay> days;
  private final BrushPractice practice;
  private final BrushTimes times;
  private final int[] kinds;
  private final Map<List<Long>, Integer> known = new HashMap<>();
  private final List<BrushRotation.Wash> washes = new ArrayList<>();
  private int looks;
  private boolean isExhausted;

  RotationSearch(
      List<BrushSet> sets, List<BrushDay> days, BrushPractice practice, BrushTimes times) {
    this.sets = sets;
    this.days = days;
    this.practice = practice;
    this.times = times;
    List<List<Object>> alike = new ArrayList<>();
    kinds = new int[sets.size()];
    for (int i = 0; i < kinds.length; i++) {
      List<Object> kind = List.of(sets.get(i).brushes(), sets.get(i).isDense());
      if (!alike.contains(kind)) {
        alike.add(kind);
      }
      kinds[i] = alike.indexOf(kind);
    }
  }

  /**
   * How it stands: seconds at which each set is ready, {@link #WAITS} while it is unwashed.
   *
   * @param free when the washing place is free
   */
  private record State(long[] ready, long free) {

    State using(List<Integer> used, long wrap) {
      long[] after = ready.clone();
      used.forEach(set -> after[set] = WAITS);
      return new State(after, Math.max(free, wrap));
    }

    State washing(int set, long minutes, long drying) {
      long[] after = ready.clone();
      after[set] = free + minutes + drying;
      return new State(after, free + minutes);
    }

    boolean isWaiting() {
      return Arrays.stream(ready).anyMatch(one -> one == WAITS);
    }
  }

  BrushRotation best() {
    List<BrushRotation.DayOfRotation> plan = new ArrayList<>();
    long first = days.isEmpty() ? 0 : seconds(days.getFirst().begins());
    long[] ready = new long[sets.size()];
    Arrays.fill(ready, first);
    State state = new State(ready, first);
    for (int day = 0; day < days.size(); day++) {
      List<Integer> used = bestUse(day, state);
      plan.add(
          new BrushRotation.DayOfRotation(
              days.get(day).date(),
              used.stream().map(set -> sets.get(set).id()).toList(),
              unserved(day, used.size())));
      state = bestWashing(day, state.using(used, seconds(days.get(day).ends())));
    }
    State end = state;
    return new BrushRotation(
        plan,
        IntStream.range(0, sets.size())
            .mapToObj(set -> new BrushRotation.SetReady(sets.get(set).id(), time(end.ready[set])))
            .toList(),
        washes,
        !isExhausted);
  }

  private List<Integer> bestUse(int day, State state) {
    List<Integer> best = List.of();
    int fewest = Integer.MAX_VALUE;
    for (List<Integer> used : uses(day, state)) {
      if (isExhausted) {
        return best.isEmpty() ? used : best;
      }
      int left =
          unserved(day, used.size())
              + afterWashing(day, state.using(used, seconds(days.get(day).ends())));
      if (left < fewest) {
        fewest = left;
        best = used;
      }
    }
    return best;
  }

  /** Washes what can be begun before the next wrap, or all of it after the last. */
  private State bestWashing(int day, State from) {
    State state = from;
    while (isToBeWashed(day, state)) {
      State best = null;
      int first = 0;
      int fewest = Integer.MAX_VALUE;
      for (int set : toWashNext(state)) {
        State after = washed(state, set);
        int left = isExhausted ? Integer.MAX_VALUE - 1 : afterWashing(day, after);
        if (left < fewest) {
          fewest = left;
          best = after;
          first = set;
        }
      }
      washes.add(
          new BrushRotation.Wash(
              sets.get(first).id(), time(state.free), time(best.free), time(best.ready[first])));
      state = best;
    }
    return state;
  }

  /** The fewest faces that go without, from this day's call on. */
  private int fromCall(int day, State state) {
    if (day == days.size()) {
      return 0;
    }
    List<Long> key = key(2 * day, state, seconds(days.get(day).begins()));
    Integer there = known.get(key);
    if (there != null) {
      return there;
    }
    int fewest = Integer.MAX_VALUE;
    int least = least(day);
    for (List<Integer> used : uses(day, state)) {
      int now = unserved(day, used.size());
      if (now < fewest) {
        State after = state.using(used, seconds(days.get(day).ends()));
        fewest = Math.min(fewest, now + afterWashing(day, after));
      }
      if (fewest <= least || isExhausted) {
        break;
      }
    }
    remember(key, fewest);
    return fewest;
  }

  /** The fewest that go without from the next call on, while something is still to be washed. */
  private int afterWashing(int day, State state) {
    if (day == days.size() - 1) {
      return 0;
    }
    if (!isToBeWashed(day, state)) {
      return fromCall(day + 1, state);
    }
    List<Long> key = key(2 * day + 1, state, seconds(days.get(day).ends()));
    Integer there = known.get(key);
    if (there != null) {
      return there;
    }
    int fewest = Integer.MAX_VALUE;
    int least = least(day + 1);
    for (int set : toWashNext(state)) {
      fewest = Math.min(fewest, afterWashing(day, washed(state, set)));
      if (fewest <= least || isExhausted) {
        break;
      }
    }
    remember(key, fewest);
    return fewest;
  }

  private void remember(List<Long> key, int fewest) {
    if (!isExhausted) {
      known.put(key, fewest);
    }
  }

  /** Sets that are alike and ready by then are the same for all that follows. */
  private List<Long> key(int stage, State state, long by) {
    isExhausted |= ++looks > MOST_LOOKS;
    List<List<Long>> each = new ArrayList<>();
    for (int set = 0; set < kinds.length; set++) {
      each.add(List.of((long) kinds[set], Math.max(by, state.ready[set])));
    }
    each.sort(
        Comparator.<List<Long>>comparingLong(List::getFirst).thenComparingLong(List::getLast));
    List<Long> key = new ArrayList<>(List.of((long) stage, Math.max(by, state.free)));
    each.forEach(key::addAll);
    return key;
  }

  private boolean isToBeWashed(int day, State state) {
    boolean isLast = day == days.size() - 1;
    return state.isWaiting() && (isLast || state.free < seconds(days.get(day + 1).ends()));
  }

  /**
   * One of each kind that waits; those that take longest to dry first, then the quickest washed.
   */
  private List<Integer> toWashNext(State state) {
    return IntStream.range(0, kinds.length)
        .filter(set -> state.ready[set] == WAITS)
        .filter(
            set ->
                IntStream.range(0, set)
                    .noneMatch(other -> kinds[other] == kinds[set] && state.ready[other] == WAITS))
        .boxed()
        .sorted(
            Comparator.<Integer, Duration>comparing(set -> times.drying(sets.get(set)))
                .reversed()
                .thenComparing(set -> times.washing(sets.get(set))))
        .toList();
  }

  private State washed(State state, int set) {
    return state.washing(
        set, times.washing(sets.get(set)).toSeconds(), times.drying(sets.get(set)).toSeconds());
  }

  /** What could be used that day: the most first, those first that are ready again soonest. */
  private List<List<Integer>> uses(int day, State state) {
    long call = seconds(days.get(day).begins());
    List<Integer> ready =
        IntStream.range(0, kinds.length)
            .filter(set -> state.ready[set] <= call)
            .boxed()
            .sorted(
                Comparator.<Integer, Duration>comparing(set -> times.drying(sets.get(set)))
                    .thenComparing(set -> kinds[set]))
            .toList();
    List<List<Integer>> all = new ArrayList<>();
    choose(ready, 0, Math.min(ready.size(), wanted(day)), new ArrayList<>(), all);
    all.sort(Comparator.<List<Integer>>comparingInt(List::size).reversed());
    return all;
  }

  /** Of sets that are alike the first are taken. */
  private void choose(
      List<Integer> ready, int at, int most, List<Integer> taken, List<List<Integer>> all) {
    if (all.size() == MOST_WAYS) {
      isExhausted = true;
      return;
    }
    if (at == ready.size() || taken.size() == most) {
      all.add(taken.stream().sorted().toList());
      return;
    }
    int set = ready.get(at);
    taken.add(set);
    choose(ready, at + 1, most, taken, all);
    taken.removeLast();
    int next = at + 1;
    while (next < ready.size() && kinds[ready.get(next)] == kinds[set]) {
      next++;
    }
    choose(ready, next, most, taken, all);
  }

  private int wanted(int day) {
    int faces = days.get(day).faces();
    return practice == BrushPractice.SECOND_SET ? faces : Math.min(1, faces);
  }

  private int unserved(int day, int used) {
    int faces = days.get(day).faces();
    return practice == BrushPractice.QUICK_DRY && used > 0 ? 0 : faces - Math.min(faces, used);
  }

  /** However well it goes, so many go without from this day on: there are not more sets. */
  private int least(int day) {
    int least = 0;
    for (int later = day; later < days.size(); later++) {
      least += unserved(later, Math.min(wanted(later), sets.size()));
    }
    return least;
  }

  private static long seconds(LocalDateTime time) {
    return time.toEpochSecond(ZoneOffset.UTC);
  }

  private static LocalDateTime time(long seconds) {
    return LocalDateTime.ofEpochSecond(seconds, 0, ZoneOffset.UTC);
  }
}
