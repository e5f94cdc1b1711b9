package gerula.core.packing;

import gerula.core.booking.Booking;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Mass;
import gerula.core.rule.HouseRules;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What goes along on a booking, why, and what is missing.
 *
 * @param lines in the order of the work
 * @param findings gaps first
 * @param recipes what each base is made of, face by face
 * @param bags those chosen, with everything in them
 * @param unmet needs that are not met, or only by what is useless for want of a companion
 */
public record PackingList(
    List<PackingLine> lines,
    List<PackingFinding> findings,
    List<BaseRecipe> recipes,
    List<BagMass> bags,
    long unmet) {

  /**
   * What the list is computed from. The same facts give the same list, in whatever order the kit is
   * told and whatever ids it has.
   *
   * @param bags chosen for the booking, the preferred first; may be empty
   * @param packed items the artist has already put in a bag: they stay on the list
   * @param choices what the artist decided about it
   * @param claims what other bookings have taken before
   */
  public record PackingFacts(
      Booking booking,
      KitInOrder kit,
      PlaceTree places,
      List<UUID> bags,
      Set<UUID> packed,
      HouseRules house,
      Choices choices,
      Claims claims) {

    public PackingFacts {
      if (!kit.isBy(house)) {
        throw new IllegalArgumentException("The kit was sorted out by other house rules.");
      }
    }

    /** The bags that are carried: a trailer is moved into, unless there is nothing else. */
    public List<UUID> carried() {
      return ListTrailer.carried(bags, places);
    }

    /** For a kit of which one list is made. */
    public PackingFacts(
        Booking booking,
        Collection<Item> kit,
        PlaceTree places,
        List<UUID> bags,
        Set<UUID> packed,
        HouseRules house,
        Choices choices,
        Claims claims) {
      this(booking, KitInOrder.of(kit, house), places, bags, packed, house, choices, claims);
    }

    /** Nothing decided, and no other booking. */
    public PackingFacts(
        Booking booking,
        Collection<Item> kit,
        PlaceTree places,
        List<UUID> bags,
        Set<UUID> packed,
        HouseRules house) {
      this(booking, kit, places, bags, packed, house, Choices.NONE, Claims.NONE);
    }
  }

  public PackingList {
    lines = List.copyOf(lines);
    findings = List.copyOf(findings);
    recipes = List.copyOf(recipes);
    bags = List.copyOf(bags);
  }

  public static PackingList of(PackingFacts facts) {
    return ListMaker.listOf(facts);
  }

  /**
   * A list and what became of it.
   *
   * @param now the list as it will be remembered once it was looked at
   * @param changes since the one before was looked at, the gravest first; none where none was
   */
  public record Compared(PackingList list, SeenList now, List<ListChange> changes) {
    public Compared {
      changes = List.copyOf(changes);
    }
  }

  /**
   * Makes the list and holds it against an earlier one.
   *
   * @param before as it was looked at; null when it never was
   */
  public static Compared compared(PackingFacts facts, @Nullable SeenList before) {
    return ListMaker.compared(facts, before);
  }

  /**
   * Services that come near one booked, for which the kit has all, and that would close a gap.
   * Asked for one gap: each is tried on the whole booking.
   *
   * @param gap the code of its need
   */
  public static List<OtherService> otherServices(PackingFacts facts, String gap) {
    return ListMaker.closing(facts, gap);
  }

  /** Why an item is not on the list of these facts. */
  public static WhyNot whyNot(PackingFacts facts, UUID item) {
    return ListMaker.whyNot(facts, item);
  }

  public List<PackingFinding.Gap> gaps() {
    return findings.stream()
        .filter(PackingFinding.Gap.class::isInstance)
        .map(PackingFinding.Gap.class::cast)
        .toList();
  }

  /** All packs on the list together, without the bags. */
  public Mass mass() {
    return Mass.sum(lines.stream().map(PackingLine::mass));
  }
}
