package gerula.core.packing;

import gerula.core.booking.Face;
import gerula.core.booking.Need;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Trait;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** Which of several items that would do is liked best for a need. */
final class Preference {

  private static final Set<Trait> SPECIAL =
      EnumSet.of(
          Trait.GREEN_CORRECTOR, Trait.PEACH_CORRECTOR, Trait.ORANGE_CORRECTOR, Trait.SHIMMER);

  private final Suitability suitability;
  private final LocalDate lastDay;
  private final Set<UUID> packed;
  private final Predicate<Item> isOnTheList;
  private final Predicate<Item> isInABag;

  Preference(
      Suitability suitability,
      LocalDate lastDay,
      Set<UUID> packed,
      Predicate<Item> isOnTheList,
      Predicate<Item> isInABag) {
    this.suitability = suitability;
    this.lastDay = lastDay;
    this.packed = packed;
    this.isOnTheList = isOnTheList;
    this.isInABag = isInABag;
  }

  /**
   * Most liked first: packed already, its label read for all the face reacts to, what the face
   * prefers, nothing special unasked, the nearest shade, on the list anyway (carry less), holds
   * enough alone, clean, put first by the artist, beyond no margin, opened before sealed, ends
   * first (use first), lies in a bag already.
   */
  Comparator<Item> mostPreferredFirst(Need need) {
    return Comparator.<Item, Boolean>comparing(item -> !packed.contains(item.id()))
        .thenComparingInt(item -> Suitability.unchecked(need.face(), item).size())
        .thenComparingLong(item -> preferencesUnmet(need, item))
        .thenComparingLong(item -> specialsUnasked(need, item))
        .thenComparingDouble(item -> distance(need, item))
        .thenComparing(item -> !isOnTheList.test(item))
        .thenComparing(item -> !coversAlone(need, item))
        .thenComparing(this::shared);
  }

  /**
   * The same for a companion, of which only one is wanted.
   *
   * @param face whom it is used on, null for the booking as a whole
   */
  Comparator<Item> mostPreferredCompanionFirst(@Nullable Face face) {
    return Comparator.<Item>comparingInt(item -> Suitability.unchecked(face, item).size())
        .thenComparing(item -> !isOnTheList.test(item))
        .thenComparing(item -> !packed.contains(item.id()))
        .thenComparing(this::shared);
  }

  private int shared(Item one, Item other) {
    return Comparator.<Item, Boolean>comparing(item -> item.cleanliness() != Cleanliness.CLEAN)
        .thenComparing(item -> !item.isUsedFirst())
        .thenComparing(item -> useBy(item).isDueForReplacementOn(lastDay))
        .thenComparing(item -> item.dates().openedOn() == null)
        .thenComparing(this::end)
        .thenComparing(item -> !isInABag.test(item))
        .thenComparing(Item.BY_ID)
        .compare(one, other);
  }

  static long preferencesUnmet(Need need, Item item) {
    return need.prefer().stream().filter(t -> !item.product().traits().contains(t)).count();
  }

  /** A green primer or a shimmer powder is for those who ask for it. */
  private static long specialsUnasked(Need need, Item item) {
    return item.product().traits().stream()
        .filter(SPECIAL::contains)
        .filter(trait -> !need.must().contains(trait) && !need.prefer().contains(trait))
        .count();
  }

  private static double distance(Need need, Item item) {
    if (need.depth() == null) {
      return 0;
    }
    Double depth = item.product().depthNear(need.depth().depth());
    return depth == null ? 0 : Math.abs(depth - need.depth().depth());
  }

  private static boolean coversAlone(Need need, Item item) {
    return item.left().thousandths() >= thousandths(need.amount());
  }

  /** What a need takes in thousandths of its unit; nothing when it is shared. */
  static long thousandths(Need.Amount amount) {
    return switch (amount) {
      case Need.Shared() -> 0;
      case Need.Measured(long thousandths) -> thousandths;
      case Need.Counted(long pieces) -> Math.multiplyExact(pieces, 1000L);
    };
  }

  private UseBy useBy(Item item) {
    return suitability.useBy(item);
  }

  private LocalDate end(Item item) {
    LocalDate end = useBy(item).lastDay();
    return end == null ? LocalDate.MAX : end;
  }
}
