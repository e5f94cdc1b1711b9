package gerula.core.invariant;

import gerula.core.invariant.KitState.ItemState;
import gerula.core.invariant.KitState.PackedState;
import gerula.core.invariant.KitState.PlaceState;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What is always so of a kit: asked after every act and every undo. */
public final class Invariants {

  /**
   * Raised whenever something is added here: a kit that was last held against fewer is looked
   * through as a whole, once.
   */
  public static final int VERSION = 1;

  private static final BigDecimal MOST = BigDecimal.valueOf(Quantity.LARGEST / Quantity.ONE);

  private final KitState state;
  private final Map<UUID, ItemState> items;
  private final Map<UUID, PlaceState> places;

  private Invariants(KitState state) {
    this.state = state;
    items = state.items().stream().collect(Collectors.toMap(ItemState::id, Function.identity()));
    places = state.places().stream().collect(Collectors.toMap(PlaceState::id, Function.identity()));
  }

  /** Everything that is not as it has to be; empty for a sound kit. Same state, same order. */
  public static List<Broken> brokenIn(KitState state) {
    Invariants invariants = new Invariants(state);
    List<Broken> broken = new ArrayList<>(PlaceWays.brokenIn(state.places(), PlaceTree.DEEPEST));
    invariants.places(broken);
    invariants.slots(broken);
    broken.addAll(FillingWays.brokenIn(state.fillings()));
    invariants.packed(broken);
    invariants.bags(broken);
    state.items().forEach(item -> amount(item, broken));
    return List.copyOf(broken);
  }

  /** A palette is a thing and a place: one of each, in the same place. */
  private void places(List<Broken> broken) {
    Map<UUID, List<UUID>> byThing = new TreeMap<>();
    for (PlaceState place : state.places()) {
      if (place.thing() != null) {
        byThing.computeIfAbsent(place.thing(), _ -> new ArrayList<>()).add(place.id());
      }
    }
    byThing.forEach((thing, itsPlaces) -> place(items.get(thing), itsPlaces, broken));
  }

  private void place(ItemState item, List<UUID> itsPlaces, List<Broken> broken) {
    if (item == null) {
      return;
    }
    if (itsPlaces.size() > 1) {
      broken.add(
          new Broken.SeveralPlaces(item.id(), item.name(), itsPlaces.stream().sorted().toList()));
      return;
    }
    PlaceState place = places.get(itsPlaces.getFirst());
    if (item.isDiscarded()) {
      broken.add(new Broken.PlaceIsGone(place.id(), place.name(), item.id()));
    } else if (!java.util.Objects.equals(place.parent(), item.now())) {
      broken.add(new Broken.PaletteApart(place.id(), item.id(), item.name()));
    }
  }

  private record Slot(UUID place, int number) implements Comparable<Slot> {
    @Override
    public int compareTo(Slot other) {
      int byPlace = place.compareTo(other.place);
      return byPlace != 0 ? byPlace : Integer.compare(number, other.number);
    }
  }

  private void slots(List<Broken> broken) {
    Map<Slot, List<ItemState>> taken = new TreeMap<>();
    for (ItemState item : state.items()) {
      if (item.slot() == null || item.isDiscarded()) {
        continue;
      }
      if (!hasSlot(item)) {
        broken.add(new Broken.NoSuchSlot(item.id(), item.name(), item.slot()));
      } else {
        taken.computeIfAbsent(new Slot(item.home(), item.slot()), _ -> new ArrayList<>()).add(item);
      }
    }
    taken.forEach(
        (slot, sharing) -> {
          if (sharing.size() > 1) {
            broken.add(
                new Broken.SlotShared(
                    slot.place(),
                    slot.number(),
                    sharing.stream().map(ItemState::id).toList(),
                    sharing.stream().map(ItemState::name).toList()));
          }
        });
  }

  private boolean hasSlot(ItemState item) {
    PlaceState home = item.home() == null ? null : places.get(item.home());
    Integer count = home == null ? null : home.slots();
    return count != null && item.slot() >= 1 && item.slot() <= count;
  }

  private void packed(List<Broken> broken) {
    for (PackedState one : state.packed()) {
      ItemState item = items.get(one.item());
      if (item != null && item.isDiscarded()) {
        broken.add(new Broken.PackedButGone(one.item(), item.name(), one.booking(), one.title()));
      } else if (one.isBack()) {
        broken.add(new Broken.PackedAfterwards(one.item(), one.booking(), one.title()));
      }
    }
  }

  private void bags(List<Broken> broken) {
    for (KitState.BookingState booking : state.bookings()) {
      booking.bags().stream()
          .filter(bag -> !places.containsKey(bag))
          .forEach(bag -> broken.add(new Broken.NoSuchBag(booking.id(), booking.title(), bag)));
    }
  }

  private static void amount(ItemState item, List<Broken> broken) {
    BigDecimal most = item.unit() == Unit.PIECE ? MOST : item.size();
    if (item.left().signum() < 0 || item.left().compareTo(most) > 0) {
      broken.add(new Broken.AmountOutOfBounds(item.id(), item.name(), item.left(), most));
    }
  }
}
