package gerula.core.invariant;

import gerula.core.rule.Reason;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;

/** What is not as it always has to be. Closed: each has its words and its way of being mended. */
public sealed interface Broken extends Reason {

  /** Places that lie in each other, in order; the last lies in the first. */
  record PlaceInItself(List<UUID> places, List<String> names) implements Broken {}

  /** More places around each other than any kit has; the deepest one is told. */
  record TooDeep(UUID place, String name, int depth, int deepest) implements Broken {}

  /** More than one thing has the same slot. */
  record SlotShared(UUID place, int slot, List<UUID> items, List<String> names) implements Broken {}

  /** A thing has a slot that its home does not have. */
  record NoSuchSlot(UUID item, String name, int slot) implements Broken {}

  /** A thing that is a place, as a palette is, lies elsewhere than that place. */
  record PaletteApart(UUID place, UUID item, String name) implements Broken {}

  /** One thing is several places at once. */
  record SeveralPlaces(UUID item, String name, List<UUID> places) implements Broken {}

  /** A place is a thing that was discarded. */
  record PlaceIsGone(UUID place, String name, UUID item) implements Broken {}

  /** What is in a container came from the container itself. */
  record FilledFromItself(UUID item, List<UUID> fillings) implements Broken {}

  /** Something that was discarded is still ticked off. */
  record PackedButGone(UUID item, String name, UUID booking, String title) implements Broken {}

  /** Something is ticked off for a booking from which everything came home. */
  record PackedAfterwards(UUID item, UUID booking, String title) implements Broken {}

  /** A booking's bag is a place that is not there. */
  record NoSuchBag(UUID booking, String title, UUID bag) implements Broken {}

  /** There is less than nothing, or more than the container holds. */
  record AmountOutOfBounds(UUID item, String name, BigDecimal left, BigDecimal most)
      implements Broken {}
}
