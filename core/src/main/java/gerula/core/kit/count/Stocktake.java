package gerula.core.kit.count;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Quantity;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * What a count of a place and all it holds has found so far.
 *
 * @param present expected there and seen
 * @param missing expected there and not seen
 * @param unexpected seen there and expected elsewhere
 */
public record Stocktake(List<Item> present, List<Item> missing, List<Item> unexpected) {

  private static final Comparator<Item> AS_ONE_READS =
      Comparator.<Item, String>comparing(item -> item.product().name())
          .thenComparing(item -> item.product().shade())
          .thenComparing(Item.BY_ID);

  /**
   * @param place what is counted
   * @param kit everything not discarded, at least all that lies in the place and all that was seen
   * @param seen ids of the things that were ticked or scanned
   */
  public static Stocktake of(UUID place, PlaceTree places, Collection<Item> kit, Set<UUID> seen) {
    Set<UUID> counted = places.withAllInside(place);
    List<Item> inOrder =
        kit.stream().filter(item -> !item.isDiscarded()).sorted(AS_ONE_READS).toList();
    return new Stocktake(
        inOrder.stream().filter(one -> isIn(one, counted) && seen.contains(one.id())).toList(),
        inOrder.stream().filter(one -> isIn(one, counted) && !seen.contains(one.id())).toList(),
        inOrder.stream().filter(one -> !isIn(one, counted) && seen.contains(one.id())).toList());
  }

  private static boolean isIn(Item item, Set<UUID> places) {
    return item.now() != null && places.contains(item.now());
  }

  /**
   * What one thing becomes when the count is settled.
   *
   * @param now where it lies from then on; empty when nobody knows
   * @param left how much is left from then on
   */
  public record Settled(Item item, Optional<UUID> now, Quantity left) {}

  /**
   * Settles the count: what was seen is there, what was not seen is nowhere, counted stock has its
   * number. Present things stay in their own compartment of the place.
   *
   * @param place what was counted: what was unexpected lies in it from now on
   * @param numbers counted amounts by item
   */
  public List<Settled> settled(UUID place, Map<UUID, Quantity> numbers) {
    return Stream.of(
            present.stream().map(one -> settled(one, Optional.ofNullable(one.now()), numbers)),
            missing.stream().map(one -> settled(one, Optional.empty(), numbers)),
            unexpected.stream().map(one -> settled(one, Optional.of(place), numbers)))
        .flatMap(all -> all)
        .toList();
  }

  private static Settled settled(Item item, Optional<UUID> now, Map<UUID, Quantity> numbers) {
    return new Settled(item, now, numbers.getOrDefault(item.id(), item.left()));
  }
}
