package gerula.core.invariant;

import gerula.core.depot.lineage.Lineage;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A kit, or as much of it as an act can have changed, as far as the invariants look at it. It may
 * be one that no constructor of the kit would take.
 *
 * @param places with everything around them, so that each way up can be followed
 * @param items that were changed, with all that shares a slot with them
 * @param fillings all of the kit, or none when no filling was changed
 * @param packed what is ticked off
 * @param bookings that were changed, or chose a place that was
 */
public record KitState(
    List<PlaceState> places,
    List<ItemState> items,
    List<Lineage.Filling> fillings,
    List<PackedState> packed,
    List<BookingState> bookings) {

  public KitState {
    places = List.copyOf(places);
    items = List.copyOf(items);
    fillings = List.copyOf(fillings);
    packed = List.copyOf(packed);
    bookings = List.copyOf(bookings);
  }

  /**
   * A place.
   *
   * @param slots how many equal slots it has, null when it has none
   * @param thing the item this place is, null for most
   */
  public record PlaceState(
      UUID id, String name, @Nullable UUID parent, @Nullable Integer slots, @Nullable UUID thing) {

    PlaceState in(@Nullable UUID other) {
      return new PlaceState(id, name, other, slots, thing);
    }

    PlaceState withoutThing() {
      return new PlaceState(id, name, parent, slots, null);
    }
  }

  /**
   * An item.
   *
   * @param name for people
   * @param size what it holds when full, in the unit of what is left
   */
  public record ItemState(
      UUID id,
      String name,
      @Nullable UUID home,
      @Nullable UUID now,
      @Nullable Integer slot,
      BigDecimal left,
      BigDecimal size,
      Unit unit,
      boolean isDiscarded) {

    ItemState withoutSlot() {
      return new ItemState(id, name, home, now, null, left, size, unit, isDiscarded);
    }

    ItemState at(@Nullable UUID place) {
      return new ItemState(id, name, home, place, slot, left, size, unit, isDiscarded);
    }

    ItemState with(BigDecimal other) {
      return new ItemState(id, name, home, now, slot, other, size, unit, isDiscarded);
    }
  }

  /** A booking and the places chosen as its bags. */
  public record BookingState(UUID id, String title, List<UUID> bags) {
    public BookingState {
      bags = List.copyOf(bags);
    }

    BookingState without(UUID bag) {
      return new BookingState(id, title, bags.stream().filter(one -> !one.equals(bag)).toList());
    }
  }

  /**
   * That an item is ticked off for a booking.
   *
   * @param isBack whether everything came home from that booking
   */
  public record PackedState(UUID item, UUID booking, String title, boolean isBack) {}
}
