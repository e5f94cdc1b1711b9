package gerula.core.packing;

import gerula.core.booking.NeedCode;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Role;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import gerula.core.rule.Reason;
import gerula.core.shade.Undertone;
import java.time.LocalDate;
import java.util.List;
import java.util.SortedSet;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What is wrong or missing. Closed: every one has its words on the screen. */
public sealed interface PackingFinding extends Reason {

  /**
   * A need the kit cannot meet.
   *
   * @param need its code, with the role of a colour
   * @param faces whose need it is, in the booking's order; empty when the booking shares it
   * @param depth the skin depth of the first face, when the need is for a shade
   * @param shortThousandths how much is missing of a measured need, or pieces times 1000; null when
   *     one shared thing is missing
   * @param unit of what is missing, null when one shared thing is missing
   * @param wanted traits it would have to have
   * @param blocks items on the list that are useless without it
   * @param decided what the artist decided about it, null as long as she did not
   * @param isOpen whether it is still to be closed, or to be decided about
   * @param canBeBorrowed whether a colleague's would do
   * @param readLabelFor what those react to on whom it would be used: of what is borrowed or bought
   *     nobody has read the label
   * @param nearest what the kit has of that class and why it is not taken, at most {@value
   *     #MOST_NEAREST}
   */
  record Gap(
      NeedCode need,
      List<UUID> faces,
      @Nullable Double depth,
      @Nullable Long shortThousandths,
      @Nullable Unit unit,
      SortedSet<Trait> wanted,
      List<UUID> blocks,
      @Nullable Decided decided,
      boolean isOpen,
      boolean canBeBorrowed,
      SortedSet<String> readLabelFor,
      List<Refused> nearest)
      implements PackingFinding {

    public static final int MOST_NEAREST = 5;
  }

  /**
   * An item that would have served but for this.
   *
   * @param remedy what can be done about it, null where nothing can
   */
  record Refused(UUID item, Refusal reason, @Nullable Remedy remedy) {

    public Refused(UUID item, Refusal reason) {
      this(item, reason, reason.remedy());
    }

    /** What the artist can fill herself is filled before another is bought. */
    static Refused of(Item item, Refusal reason) {
      return new Refused(
          item.id(),
          reason,
          switch (reason) {
            case Refusal.UsedUp _ when item.vessel() instanceof Vessel.Decant -> Remedy.REFILL;
            case Refusal.OnAnotherBooking _ when item.isDecantable() -> Remedy.DECANT;
            default -> reason.remedy();
          });
    }
  }

  /** Something would serve this booking if it did not run out before the last day. */
  record RunsOutBefore(UUID item, LocalDate lastDay) implements PackingFinding {}

  /** It serves, but the kit has none with the trait that would suit the face better. */
  record SecondBest(UUID item, NeedCode need, UUID face, Trait trait) implements PackingFinding {}

  /** It serves, but its shade leans to another side than the face does. */
  record OtherUndertone(UUID item, UUID face, Undertone wanted, Undertone is)
      implements PackingFinding {}

  /** Enough for the booking, but taken to its very end: nothing of the reserve is left. */
  record LastOfIt(UUID item, NeedCode need) implements PackingFinding {}

  /** The job stops when it fails, and the kit has no second one. */
  record OnlyOneThere(UUID item, NeedCode need) implements PackingFinding {}

  /**
   * It comes along and is not clean yet.
   *
   * @param readyAfterMinutes how long it dries once it has been cleaned; null where it cannot be
   *     cleaned, or nobody knows how
   */
  record CleanFirst(UUID item, Cleanliness is, @Nullable Integer readyAfterMinutes)
      implements PackingFinding {}

  /** What it is there for is guessed from its name. */
  record RoleGuessed(UUID item, SortedSet<Role> roles) implements PackingFinding {}

  /**
   * Of some items on the list nobody said where they are.
   *
   * @param items more than none
   */
  record PlaceNotTold(int items) implements PackingFinding {}

  /**
   * They lie in a chosen bag and nothing asks for them: they can stay at home.
   *
   * @param items the first by name, at most {@value #MOST_TOLD}
   * @param more how many others
   */
  record TakeOut(UUID place, List<UUID> items, int more) implements PackingFinding {

    public static final int MOST_TOLD = 40;

    static TakeOut of(UUID place, List<UUID> items) {
      List<UUID> first = items.stream().limit(MOST_TOLD).toList();
      return new TakeOut(place, first, items.size() - first.size());
    }
  }

  /**
   * It is on the list for faces that react to something its label was never read for: a minute's
   * look settles it.
   *
   * @param sensitivities what to look for
   * @param faces who reacts to it, in the booking's order
   */
  record LabelNotChecked(UUID item, SortedSet<String> sensitivities, List<UUID> faces)
      implements PackingFinding {}

  /** A case on wheels was chosen for a way on which wheels do not roll. */
  record WheelsOnLongCarry(UUID bag) implements PackingFinding {}

  /** A bag would weigh more than it may. */
  record BagOverHeavy(UUID bag, long grams, long greatestGrams) implements PackingFinding {}

  /** A bag came back from a job and was not emptied and wiped since. */
  record BagToClean(UUID bag) implements PackingFinding {}

  /** There are faces and a list, but no bag to put it in. */
  record NoBag() implements PackingFinding {}
}
