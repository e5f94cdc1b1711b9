package gerula.core.invariant;

import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One change by which a kit that was not sound becomes so. It never takes a thing away. */
public sealed interface Repair {

  /** The place lies in no other any more. */
  record StandsAlone(UUID place) implements Repair {}

  /** The place is no thing any more; it stays as a place. */
  record NoThing(UUID place) implements Repair {}

  /** The item has no slot of its own any more. */
  record NoSlot(UUID item) implements Repair {}

  /** The item lies where the place it is lies; null when that stands alone. */
  record LiesAt(UUID item, @Nullable UUID place) implements Repair {}

  /** What was filled in is taken for washed out. */
  record WashedOut(UUID filling) implements Repair {}

  /** The item is not ticked off any more. */
  record Unpacked(UUID item) implements Repair {}

  /** The booking does not have that bag any more. */
  record WithoutBag(UUID booking, UUID bag) implements Repair {}

  /** So much is left of the item. */
  record HasLeft(UUID item, BigDecimal amount) implements Repair {}
}
