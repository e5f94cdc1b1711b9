package gerula.core.packing;

import gerula.core.packing.load.LoadPlan.LeftPiece;
import gerula.core.packing.load.LoadPlan.PlacedPiece;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What the artist decided about where things are packed, and what was planned last.
 *
 * @param pinned the compartment an item has to lie in, by item
 * @param closed compartments that are left alone
 * @param placed what was planned last, the pieces named by their items
 * @param left what had no place then, and why
 */
public record LoadChoices(
    Map<UUID, String> pinned, Set<String> closed, List<PlacedPiece> placed, List<LeftPiece> left) {

  public static final LoadChoices NONE = new LoadChoices(Map.of(), Set.of(), List.of(), List.of());

  /** A compartment of the chosen bags: a place, or one of its slots. */
  public record Spot(UUID place, @Nullable Integer slot) {

    /** As plans name it. */
    public String id() {
      return slot == null ? place.toString() : place + "#" + slot;
    }

    /**
     * @throws IllegalArgumentException when it is none
     */
    public static Spot of(String id) {
      int hash = id.indexOf('#');
      return hash < 0
          ? new Spot(UUID.fromString(id), null)
          : new Spot(
              UUID.fromString(id.substring(0, hash)), Integer.valueOf(id.substring(hash + 1)));
    }
  }

  public LoadChoices {
    pinned = Map.copyOf(pinned);
    closed = Set.copyOf(closed);
    placed = List.copyOf(placed);
    left = List.copyOf(left);
  }

  /** Where an item goes: where it has to, else where it was planned. */
  public Optional<Spot> spot(UUID item) {
    String pin = pinned.get(item);
    if (pin != null) {
      return Optional.of(Spot.of(pin));
    }
    return planned(item).map(Spot::of);
  }

  /** The compartment in which it was planned. */
  public Optional<String> planned(UUID item) {
    String id = item.toString();
    return placed.stream()
        .filter(one -> one.piece().equals(id))
        .map(PlacedPiece::compartment)
        .findFirst();
  }

  /**
   * @param compartment null: anywhere again
   */
  public LoadChoices pinning(UUID item, @Nullable String compartment) {
    Map<UUID, String> pins = new HashMap<>(pinned);
    pins.remove(item);
    if (compartment != null) {
      pins.put(item, compartment);
    }
    return new LoadChoices(pins, closed, placed, left);
  }

  public LoadChoices closing(String compartment, boolean isClosed) {
    Set<String> all = new HashSet<>(closed);
    if (isClosed) {
      all.add(compartment);
    } else {
      all.remove(compartment);
    }
    return new LoadChoices(pinned, all, placed, left);
  }

  public LoadChoices planned(List<PlacedPiece> pieces, List<LeftPiece> without) {
    return new LoadChoices(pinned, closed, pieces, without);
  }

  /** Whether anything was ever planned. */
  public boolean isPlanned() {
    return !placed.isEmpty() || !left.isEmpty();
  }
}
