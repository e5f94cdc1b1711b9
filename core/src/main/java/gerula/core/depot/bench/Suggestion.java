package gerula.core.depot.bench;

import gerula.core.depot.Contents;
import gerula.core.depot.Texture;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Marks;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import gerula.core.rule.DipPractice;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;

/**
 * A pack worth taking to the bench, and why.
 *
 * @param reasons at least one
 */
public record Suggestion(Item item, Set<SuggestionReason> reasons) {

  /** Why a pack is worth it. Limits of mass are from memory. */
  public enum SuggestionReason implements Code {
    BROKEN_PACK,
    /** By itself only in a house that empties them; else beside another reason. */
    DIP_APPLICATOR,
    HEAVY_PACK,
    /** A container of the same product runs low, and this is its back stock. */
    DECANT_IS_LOW,
    /** A booking within the coming weeks needs its kind. */
    NEEDED_SOON
  }

  /** Packs from this mass on are heavy, in g. */
  private static final long HEAVY_G = 100;

  /** Lighter packs are not worth the work for a booking's sake alone, in g. */
  private static final long WORTH_G = 40;

  private static final Comparator<Suggestion> MOST_WORTH =
      Comparator.<Suggestion>comparingInt(one -> -one.reasons.size())
          .thenComparingLong(one -> -one.item.mass().grams())
          .thenComparing(one -> one.item, Item.BY_ID);

  public Suggestion {
    reasons = EnumSet.copyOf(reasons);
  }

  /**
   * @param broken whose pack was reported broken
   * @param wanted classes that bookings of the coming weeks need
   */
  public static List<Suggestion> of(
      Collection<Item> kit,
      Set<UUID> broken,
      Set<ProductClass> wanted,
      LocalDate today,
      HouseRules house) {
    Set<UUID> low =
        kit.stream()
            .filter(Suggestion::isLowDecant)
            .map(item -> item.product().id())
            .collect(Collectors.toSet());
    return kit.stream()
        .filter(item -> canBeDecanted(item, today, house))
        .flatMap(item -> of(item, low, broken, wanted, house).stream())
        .sorted(MOST_WORTH)
        .toList();
  }

  /** Whether it is a pack of something that may go into another container today. */
  public static boolean canBeDecanted(Item item, LocalDate today, HouseRules house) {
    Texture texture = Contents.of(item.product(), (Finish) null).texture();
    return !item.isDiscarded()
        && item.vessel() instanceof Vessel.OwnPack
        && item.left().unit() != Unit.PIECE
        && !item.left().isNone()
        && texture != Texture.STAYS
        && texture != Texture.PIECES
        && item.isGoodOn(today, house);
  }

  private static Optional<Suggestion> of(
      Item item, Set<UUID> low, Set<UUID> broken, Set<ProductClass> wanted, HouseRules house) {
    Set<SuggestionReason> reasons = EnumSet.noneOf(SuggestionReason.class);
    if (broken.contains(item.id())) {
      reasons.add(SuggestionReason.BROKEN_PACK);
    }
    if (Contents.of(item.product(), (Finish) null).isSunscreen()) {
      // Better left in its own pack as long as that is whole.
      return reasons.isEmpty() ? Optional.empty() : Optional.of(new Suggestion(item, reasons));
    }
    if (item.mass().grams() >= HEAVY_G) {
      reasons.add(SuggestionReason.HEAVY_PACK);
    }
    if (low.contains(item.product().id())) {
      reasons.add(SuggestionReason.DECANT_IS_LOW);
    }
    if (wanted.contains(item.product().productClass()) && item.mass().grams() >= WORTH_G) {
      reasons.add(SuggestionReason.NEEDED_SOON);
    }
    boolean isWorthItself = house.practices().dips() == DipPractice.INTO_SQUEEZE_BOTTLES;
    if (item.product().form() == Form.LIQUID_DIP_APPLICATOR
        && (isWorthItself || !reasons.isEmpty())) {
      reasons.add(SuggestionReason.DIP_APPLICATOR);
    }
    return reasons.isEmpty() ? Optional.empty() : Optional.of(new Suggestion(item, reasons));
  }

  private static boolean isLowDecant(Item item) {
    return !item.isDiscarded()
        && item.vessel() instanceof Vessel.Decant
        && item.left().shareOf(item.size()) <= Marks.LOW_SHARE;
  }
}
