package gerula.core.invariant;

import gerula.core.rule.Because;
import java.math.BigDecimal;
import java.util.List;
import java.util.UUID;

/** What is not as it always has to be. Closed: each has its words and its way of being mended. */
public sealed interface Broken extends Because {

  /** Places that lie in each other, in order; the last lies in the first. */
  record Circle(List<UUID> places, List<String> names) implements Broken {
    @Override
    public String code() {
      return "place-in-itself";
    }
  }

  /** More places around each other than any kit has; the deepest one is told. */
  record TooDeep(UUID place, String name, int depth, int deepest) implements Broken {
    @Override
    public String code() {
      return "too-deep";
    }
  }

  /** More than one thing has the same slot. */
  record SlotShared(UUID place, int slot, List<UUID> items, List<String> names) implements Broken {
    @Override
    public String code() {
      return "slot-shared";
    }
  }

  /** A thing has a slot that its home does not have. */
  record NoSuchSlot(UUID item, String name, int slot) implements Broken {
    @Override
    public String code() {
      return "no-such-slot";
    }
  }

  /** A thing that is a place, as a palette is, lies elsewhere than that place. */
  record Torn(UUID place, UUID item, String name) implements Broken {
    @Override
    public String code() {
      return "palette-apart";
    }
  }

  /** One thing is several places at once. */
  record SeveralPlaces(UUID item, String name, List<UUID> places) implements Broken {
    @Override
    public String code() {
      return "several-places";
    }
  }

  /** A place is a thing that was discarded. */
  record GonePlace(UUID place, String name, UUID item) implements Broken {
    @Override
    public String code() {
      return "place-is-gone";
    }
  }

  /** What is in a container came from the container itself. */
  record FilledFromItself(UUID item, List<UUID> fillings) implements Broken {
    @Override
    public String code() {
      return "filled-from-itself";
    }
  }

  /** Something that was discarded is still ticked off. */
  record PackedButGone(UUID item, String name, UUID booking, String title) implements Broken {
    @Override
    public String code() {
      return "packed-but-gone";
    }
  }

  /** Something is ticked off for a booking from which everything came home. */
  record PackedAfterwards(UUID item, UUID booking, String title) implements Broken {
    @Override
    public String code() {
      return "packed-afterwards";
    }
  }

  /** A booking's bag is a place that is not there. */
  record NoSuchBag(UUID booking, String title, UUID bag) implements Broken {
    @Override
    public String code() {
      return "no-such-bag";
    }
  }

  /** There is less than nothing, or more than the container holds. */
  record AmountOutOfBounds(UUID item, String name, BigDecimal left, BigDecimal most)
      implements Broken {
    @Override
    public String code() {
      return "amount-out-of-bounds";
    }
  }
}
