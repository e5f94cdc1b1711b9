package gerula.core.cleandown.plan;

import gerula.core.cleandown.treatment.Step;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;

/**
 * Puts handwork in order so that waits run beside it: what has the most before it after its next
 * step comes first (longest tail first). Equal steps that can be done at once are drawn together as
 * long as that takes no longer. From there on other orders are tried as long as there is patience:
 * all of them for a few things (branch and bound). At last acts are moved so that there are fewer.
 */
final class CleaningOrder {

  private final List<Chain> chains;

  /**
   * Handwork still to be done.
   *
   * @param at which step of the chain it is
   */
  private record Handwork(int chain, int at) {}

  CleaningOrder(List<Chain> chains) {
    this.chains = chains;
  }

  CleaningPlan best() {
    shortest = byTail();
    fewest = seconds(shortest);
    int[] next = new int[chains.size()];
    long[] free = new long[chains.size()];
    for (int chain = 0; chain < next.length; chain++) {
      afterWaits(chain, next, free);
    }
    search(next, free, 0, new ArrayList<>());
    return told(improved(shortest));
  }

  /** Orders that are begun. */
  private static final int PATIENCE = 40_000;

  private int patience = PATIENCE;
  private long fewest;
  private List<Handwork> shortest = List.of();

  private void search(int[] next, long[] free, long now, List<Handwork> done) {
    if (patience-- <= 0 || atLeast(next, free, now) >= fewest) {
      return;
    }
    List<Integer> open = new ArrayList<>();
    for (int chain = 0; chain < next.length; chain++) {
      if (next[chain] < chains.get(chain).steps().size() && !isLikeOneOf(open, chain, next, free)) {
        open.add(chain);
      }
    }
    if (open.isEmpty()) {
      fewest = atLeast(next, free, now);
      shortest = List.copyOf(done);
      return;
    }
    open.sort(
        Comparator.<Integer>comparingLong(chain -> Math.max(now, free[chain]))
            .thenComparingInt(chain -> -tail(chain, next)));
    for (int chain : open) {
      int[] then = next.clone();
      long[] later = free.clone();
      long end = Math.max(now, free[chain]) + chains.get(chain).steps().get(next[chain]).seconds();
      done.add(new Handwork(chain, next[chain]));
      then[chain]++;
      later[chain] = end;
      afterWaits(chain, then, later);
      search(then, later, end, done);
      done.removeLast();
    }
  }

  /** Two things at the same point of the same steps stand for each other. */
  private boolean isLikeOneOf(List<Integer> open, int chain, int[] next, long[] free) {
    return open.stream()
        .anyMatch(
            other ->
                next[other] == next[chain]
                    && free[other] == free[chain]
                    && chains.get(other).steps().equals(chains.get(chain).steps()));
  }

  /** However it goes on, it takes so long: all handwork that is left, and each thing by itself. */
  private long atLeast(int[] next, long[] free, long now) {
    long hands = now;
    long longest = now;
    for (int chain = 0; chain < next.length; chain++) {
      List<Chain.Stage> steps = chains.get(chain).steps();
      long left = 0;
      for (int at = next[chain]; at < steps.size(); at++) {
        left += steps.get(at).seconds();
        hands += steps.get(at).step().isWait() ? 0 : steps.get(at).seconds();
      }
      boolean isDone = next[chain] >= steps.size();
      longest = Math.max(longest, isDone ? free[chain] : Math.max(now, free[chain]) + left);
    }
    return Math.max(hands, longest);
  }

  /** Whatever can be begun: more of the same first, then what has the longest tail. */
  private List<Handwork> byTail() {
    List<Handwork> order = new ArrayList<>();
    int[] next = new int[chains.size()];
    long[] free = new long[chains.size()];
    for (int chain = 0; chain < next.length; chain++) {
      afterWaits(chain, next, free);
    }
    long now = 0;
    Step last = null;
    while (true) {
      int chosen = choose(next, free, now, last);
      if (chosen < 0) {
        return order;
      }
      Chain.Stage stage = chains.get(chosen).steps().get(next[chosen]);
      order.add(new Handwork(chosen, next[chosen]));
      now = Math.max(now, free[chosen]) + stage.seconds();
      last = stage.step().movement();
      next[chosen]++;
      free[chosen] = now;
      afterWaits(chosen, next, free);
    }
  }

  private void afterWaits(int chain, int[] next, long[] free) {
    List<Chain.Stage> steps = chains.get(chain).steps();
    while (next[chain] < steps.size() && steps.get(next[chain]).step().isWait()) {
      free[chain] += steps.get(next[chain]).seconds();
      next[chain]++;
    }
  }

  /** Index of the chain that goes on; -1 when nothing is left to be done. */
  private int choose(int[] next, long[] free, long now, Step like) {
    int best = -1;
    for (int chain = 0; chain < next.length; chain++) {
      if (next[chain] < chains.get(chain).steps().size()
          && (best < 0 || isBefore(chain, best, next, free, now, like))) {
        best = chain;
      }
    }
    return best;
  }

  private boolean isBefore(int one, int other, int[] next, long[] free, long now, Step like) {
    // What can be begun at once comes before what cannot, and of that what can be begun first.
    long begins = Math.max(now, free[one]);
    long otherBegins = Math.max(now, free[other]);
    if (begins != otherBegins) {
      return begins < otherBegins;
    }
    boolean isLike = step(one, next) == like;
    boolean isOtherLike = step(other, next) == like;
    if (isLike != isOtherLike) {
      return isLike;
    }
    int tail = tail(one, next);
    int otherTail = tail(other, next);
    return tail == otherTail ? step(one, next).compareTo(step(other, next)) < 0 : tail > otherTail;
  }

  private Step step(int chain, int[] next) {
    return chains.get(chain).steps().get(next[chain]).step().movement();
  }

  private int tail(int chain, int[] next) {
    return chains.get(chain).secondsFrom(next[chain] + 1);
  }

  /** Seconds until the last thing is ready when handwork is done in this order. */
  private long seconds(List<Handwork> order) {
    long[] free = new long[chains.size()];
    int[] next = new int[chains.size()];
    long now = 0;
    for (int chain = 0; chain < next.length; chain++) {
      afterWaits(chain, next, free);
    }
    for (Handwork one : order) {
      now = Math.max(now, free[one.chain]) + chains.get(one.chain).steps().get(one.at).seconds();
      free[one.chain] = now;
      next[one.chain] = one.at + 1;
      afterWaits(one.chain, next, free);
    }
    long end = now;
    for (long ready : free) {
      end = Math.max(end, ready);
    }
    return end;
  }

  /** Moves of one act at a time, as long as they make it shorter, or no longer with fewer acts. */
  private List<Handwork> improved(List<Handwork> order) {
    List<List<Handwork>> acts = acts(order);
    long best = seconds(order);
    boolean isBetter = true;
    while (isBetter) {
      isBetter = false;
      for (int from = 0; from < acts.size() && !isBetter; from++) {
        for (int to = 0; to < acts.size() && !isBetter; to++) {
          if (from == to) {
            continue;
          }
          List<List<Handwork>> moved = new ArrayList<>(acts);
          moved.add(to, moved.remove(from));
          List<Handwork> flat = moved.stream().flatMap(List::stream).toList();
          if (!isInOrder(flat)) {
            continue;
          }
          List<List<Handwork>> then = acts(flat);
          long seconds = seconds(flat);
          isBetter = seconds < best || (seconds == best && then.size() < acts.size());
          if (isBetter) {
            acts = then;
            best = seconds;
          }
        }
      }
    }
    return acts.stream().flatMap(List::stream).toList();
  }

  private boolean isInOrder(List<Handwork> order) {
    int[] done = new int[chains.size()];
    for (Handwork one : order) {
      if (one.at < done[one.chain]) {
        return false;
      }
      done[one.chain] = one.at + 1;
    }
    return true;
  }

  /** Equal steps that follow one another, none of them of one thing. */
  private List<List<Handwork>> acts(List<Handwork> order) {
    List<List<Handwork>> acts = new ArrayList<>();
    for (Handwork one : order) {
      List<Handwork> last = acts.isEmpty() ? List.of() : acts.getLast();
      boolean isAlike =
          !last.isEmpty()
              && step(last.getFirst()) == step(one)
              && last.stream().noneMatch(other -> other.chain == one.chain);
      if (isAlike) {
        last.add(one);
      } else {
        acts.add(new ArrayList<>(List.of(one)));
      }
    }
    return acts;
  }

  private Step step(Handwork one) {
    return chains.get(one.chain).steps().get(one.at).step().movement();
  }

  private CleaningPlan told(List<Handwork> order) {
    List<CleaningAct> acts = new ArrayList<>();
    long[] free = new long[chains.size()];
    int[] next = new int[chains.size()];
    for (int chain = 0; chain < next.length; chain++) {
      afterWaits(chain, next, free);
    }
    long now = 0;
    int hands = 0;
    for (List<Handwork> act : acts(order)) {
      List<UUID> things = new ArrayList<>();
      long from = Math.max(now, free[act.getFirst().chain]);
      long ready = 0;
      for (Handwork one : act) {
        Chain.Stage stage = chains.get(one.chain).steps().get(one.at);
        if (free[one.chain] > now && !things.isEmpty()) {
          // Hands would wait in the middle of it: what can be done is one act, the rest another.
          acts.add(act(step(one), things, from, now, ready));
          things = new ArrayList<>();
          ready = 0;
        }
        long begins = Math.max(now, free[one.chain]);
        from = things.isEmpty() ? begins : from;
        now = begins + stage.seconds();
        hands += stage.seconds();
        free[one.chain] = now;
        next[one.chain] = one.at + 1;
        afterWaits(one.chain, next, free);
        ready = Math.max(ready, free[one.chain]);
        UUID thing = chains.get(one.chain).thing();
        if (thing != null) {
          things.add(thing);
        }
      }
      acts.add(act(step(act.getFirst()), things, from, now, ready));
    }
    long end = acts.stream().mapToInt(CleaningAct::readyAt).max().orElse(0);
    for (long ready : free) {
      end = Math.max(end, ready);
    }
    acts.sort(Comparator.comparingInt(CleaningAct::from));
    return new CleaningPlan(acts, (int) end, hands);
  }

  private static CleaningAct act(Step step, List<UUID> things, long from, long until, long ready) {
    return CleaningAct.of(step, things, (int) from, (int) until, (int) ready);
  }
}
