package gerula.app.kit.place;

import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.core.kit.item.Item;
import gerula.core.kit.opencase.OpenCase;
import gerula.core.kit.opencase.SlotOrder;
import gerula.core.kit.place.Place;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Which thing lies in which of the equal slots of a place. */
@Component
public class Slots {

  private final KitStore store;
  private final PlaceStore places;

  Slots(KitStore store, PlaceStore places) {
    this.store = store;
    this.places = places;
  }

  /**
   * What lies in each slot, by its number from 1.
   *
   * @param place that has slots
   */
  public static Map<Integer, StoredItem> bySlot(Place place, List<StoredItem> inside) {
    int count = Objects.requireNonNull(place.inside().slots()).count();
    List<StoredItem> inOrder =
        inside.stream()
            .sorted(Comparator.comparing(one -> one.item(), OpenCase.SIDE_BY_SIDE))
            .toList();
    Map<Item, Integer> spots = SlotOrder.of(inOrder.stream().map(StoredItem::item).toList(), count);
    Map<Integer, StoredItem> bySlot = new HashMap<>();
    inOrder.forEach(one -> bySlot.putIfAbsent(spots.get(one.item()) + 1, one));
    return bySlot;
  }

  /** The slot that waits for a thing while it is lifted out of where it belongs; null for none. */
  public @Nullable Integer waitingFor(StoredItem item) {
    Integer own = item.item().slot();
    UUID home = item.item().home();
    if (own != null || home == null || !home.equals(item.item().now())) {
      return own;
    }
    return places
        .tree()
        .find(home)
        .filter(place -> place.inside().slots() != null)
        .flatMap(
            place ->
                bySlot(place, store.itemsIn(List.of(home))).entrySet().stream()
                    .filter(one -> one.getValue().id().equals(item.id()))
                    .map(Map.Entry::getKey)
                    .findFirst())
        .orElse(null);
  }
}
