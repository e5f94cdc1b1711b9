package gerula.core.packing;

import gerula.core.booking.Need;
import gerula.core.kit.item.Item;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A need with what may meet it, the best first. */
final class Asking {

  final Need need;

  /** The part of a mix that is asked here; null where the need is met by what suits it. */
  final BasePlan.@Nullable MixPart part;

  final List<Item> able;
  private final long[] flaws;
  final long wanted;
  final boolean isShared;

  /** How far it can be met, once that is known. */
  long met;

  /** What it keeps to, once that is known: everything that serves it as well as has to be. */
  List<Item> allowed = List.of();

  /**
   * What may meet it.
   *
   * @param flaws how badly it serves, 0 is best
   * @param grams of all that comes along with it
   * @param rank in the order of equals
   */
  record Able(Item item, long flaws, double grams, int rank) {

    static final Comparator<Able> BEST_FIRST =
        Comparator.comparingLong(Able::flaws)
            .thenComparingDouble(Able::grams)
            .thenComparingInt(Able::rank);
  }

  /**
   * @param able the best first
   */
  Asking(Need need, BasePlan.@Nullable MixPart part, long wanted, List<Able> able) {
    this.need = need;
    this.part = part;
    this.wanted = wanted;
    this.able = able.stream().map(Able::item).toList();
    this.flaws = able.stream().mapToLong(Able::flaws).toArray();
    this.isShared = need.withReserve() instanceof Need.Shared;
  }

  /** Keeps to everything that serves it as well as the worst of these does. */
  void keepTo(List<Item> used) {
    if (used.isEmpty()) {
      return;
    }
    // By their ids: telling whole items apart takes long.
    Set<UUID> ids = used.stream().map(Item::id).collect(Collectors.toSet());
    int last = able.size() - 1;
    while (!ids.contains(able.get(last).id())) {
      last--;
    }
    int end = last + 1;
    while (end < able.size() && flaws[end] == flaws[last]) {
      end++;
    }
    allowed = able.subList(0, end);
  }
}
