package gerula.core.packing;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * Shares out what is left in the packs among those who need it.
 *
 * <p>Each demand in turn takes from its candidates in order of liking; when they are taken, earlier
 * demands are moved to others of their candidates if that frees enough (augmenting paths of a
 * transport problem; Ford and Fulkerson 1956). No earlier demand ever gets less by it. Demands and
 * packs on opposite sides of a transport problem are complements (Shapley 1962), so one more pack
 * never leaves any demand with less than before.
 */
final class Allotment {

  private final Map<UUID, Long> free = new HashMap<>();
  private final List<List<UUID>> candidates = new ArrayList<>();
  private final List<Map<UUID, Long>> taken = new ArrayList<>();
  private final Map<UUID, List<Integer>> takers = new HashMap<>();

  /** States what a pack holds, before anyone asks for it; saying it again changes nothing. */
  void offer(UUID item, long amount) {
    free.putIfAbsent(item, amount);
  }

  /**
   * Serves one more demand.
   *
   * @param liked candidates, the most liked first; all of them offered
   * @param amount more than 0
   * @return how much of it could not be served, 0 when all was
   */
  long serve(List<UUID> liked, long amount) {
    int demand = candidates.size();
    candidates.add(liked);
    taken.add(new LinkedHashMap<>());
    long missing = amount;
    while (missing > 0) {
      long served = augment(demand, missing);
      if (served == 0) {
        break;
      }
      missing -= served;
    }
    return missing;
  }

  /** What the demand served as number so many (from 0) takes from each pack, always more than 0. */
  Map<UUID, Long> takenBy(int demand) {
    Map<UUID, Long> result = new LinkedHashMap<>();
    taken
        .get(demand)
        .forEach(
            (item, amount) -> {
              if (amount > 0) {
                result.put(item, amount);
              }
            });
    return result;
  }

  /** One step: a demand takes from an item; the item was reached from the demand. */
  private record AllotmentStep(int demand, UUID item) {}

  private long augment(int demand, long wanted) {
    Map<UUID, AllotmentStep> reachedFrom = new HashMap<>();
    Map<Integer, UUID> freedBy = new HashMap<>();
    Deque<Integer> open = new ArrayDeque<>(List.of(demand));
    while (!open.isEmpty()) {
      int asking = open.removeFirst();
      for (UUID item : candidates.get(asking)) {
        if (reachedFrom.putIfAbsent(item, new AllotmentStep(asking, item)) != null) {
          continue;
        }
        if (free.get(item) > 0) {
          return move(demand, item, wanted, reachedFrom, freedBy);
        }
        for (int other : takers.getOrDefault(item, List.of())) {
          if (other != demand
              && taken.get(other).getOrDefault(item, 0L) > 0
              && freedBy.putIfAbsent(other, item) == null) {
            open.addLast(other);
          }
        }
      }
    }
    return 0;
  }

  private long move(
      int demand,
      UUID freeItem,
      long wanted,
      Map<UUID, AllotmentStep> reachedFrom,
      Map<Integer, UUID> freedBy) {
    List<AllotmentStep> steps = new ArrayList<>();
    long amount = Math.min(wanted, free.get(freeItem));
    AllotmentStep step = reachedFrom.get(freeItem);
    steps.add(step);
    while (step.demand() != demand) {
      UUID given = freedBy.get(step.demand());
      amount = Math.min(amount, taken.get(step.demand()).get(given));
      step = reachedFrom.get(given);
      steps.add(step);
    }
    free.merge(freeItem, -amount, Long::sum);
    for (AllotmentStep taking : steps) {
      take(taking.demand(), taking.item(), amount);
      UUID given = freedBy.get(taking.demand());
      if (taking.demand() != demand && given != null) {
        taken.get(taking.demand()).merge(given, -amount, Long::sum);
      }
    }
    return amount;
  }

  private void take(int demand, UUID item, long amount) {
    taken.get(demand).merge(item, amount, Long::sum);
    List<Integer> list = takers.computeIfAbsent(item, _ -> new ArrayList<>());
    if (!list.contains(demand)) {
      list.add(demand);
    }
  }
}
