package gerula.core.kit.item;

import gerula.core.dates.DateClass;
import gerula.core.dates.PackDates;
import gerula.core.dates.UseBy;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Product;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing in the kit that can be picked up.
 *
 * @param left what is still in it, in the unit of its product's content; may exceed a full pack of
 *     counted pieces, never of anything else
 * @param isLeftEstimated whether that follows from uses since it was last measured
 * @param home the place it belongs to, null when it has none yet
 * @param now the place it lies in, null when nobody knows
 * @param askBackOn the day to ask for it while it is lent, null otherwise
 * @param clean how clean it is, and since when
 * @param slot which of the equal slots of its home it has, from 1; null when it has none of its own
 * @param changed that its look, smell or texture has changed, null as long as nobody reported it
 * @param preference how the artist stands to it
 * @param brushSet the set of brushes it is one of, empty when it is of none
 * @param isUsedFirst whether the artist wants it taken before others of its class
 * @param isDiscarded gone for good
 */
@RecordBuilder
public record Item(
    UUID id,
    Product product,
    PackDates dates,
    Quantity left,
    boolean isLeftEstimated,
    @Nullable UUID home,
    @Nullable UUID now,
    @Nullable LocalDate askBackOn,
    CleanState clean,
    ForWhom forWhom,
    Vessel vessel,
    @Nullable Integer slot,
    @Nullable SpoilageReport spoilage,
    Preference preference,
    String brushSet,
    boolean isUsedFirst,
    boolean isDiscarded) {

  /** The order in which equal choices are told, so that the same kit gives the same answer. */
  public static final Comparator<Item> BY_ID = (one, other) -> one.id.compareTo(other.id);

  public Item {
    requireUnit(product, left);
    if (vessel instanceof Vessel.Decant decant) {
      requireUnit(product, decant.size());
    }
  }

  private static void requireUnit(Product product, Quantity told) {
    if (told.unit() != product.content().unit()) {
      throw new IllegalArgumentException(
          "What is left of a pack in "
              + product.content().unit().code()
              + " is told in the same unit, not in "
              + told.unit().code()
              + ".");
    }
  }

  /** Whether something of it can go into another container; what is counted is moved. */
  public boolean isDecantable() {
    return !isDiscarded && left.unit() != Unit.PIECE && !left.isNone();
  }

  /** Moved: it lies somewhere else, and is not lent any more. */
  public Item movedTo(@Nullable UUID place) {
    return now(place, null, slot);
  }

  /** Lent: it lies with somebody. */
  public Item lentTo(UUID place, @Nullable LocalDate askBack) {
    return now(place, askBack, slot);
  }

  /** Lifted out of its palette, where this slot waits for it. */
  public Item liftedOutTo(UUID place, @Nullable Integer waiting) {
    return now(place, null, waiting);
  }

  /** Laid into a slot: it belongs there from now on. */
  public Item laidInto(UUID palette, int ofPalette) {
    return home(palette, ofPalette).movedTo(palette);
  }

  /** Put away elsewhere for good: it lies there and belongs there, in no slot of its own. */
  public Item settledAt(UUID place) {
    return home(place, null).movedTo(place);
  }

  /** Somebody else has its slot now. */
  public Item withoutSlot() {
    return home(home, null);
  }

  /** Opened: its clocks start. Sealed after all when there is no such day. */
  public Item openedOn(@Nullable LocalDate day) {
    return content(dates.openedOn(day), left, clean, spoilage);
  }

  /** Measured or counted: so much is in it. */
  public Item measured(Quantity amount) {
    return ItemBuilder.builder(this).left(amount).isLeftEstimated(false).build();
  }

  /** Used on a face: about so much of it is gone, as far as it was there. */
  public Item usedUp(Quantity about) {
    return about.isNone()
        ? this
        : ItemBuilder.builder(this).left(left.without(about)).isLeftEstimated(true).build();
  }

  /**
   * So much of it is gone, poured out or spilt.
   *
   * @throws IllegalArgumentException when that much was not in it
   */
  public Item less(Quantity amount) {
    return content(dates, left.minus(amount), clean, spoilage);
  }

  /** Treated, or touched by something: so clean is it now. */
  public Item treated(CleanState state) {
    return content(dates, left, state, spoilage);
  }

  /** From now on it is used on these. */
  public Item keptFor(ForWhom whom) {
    return ItemBuilder.builder(this).forWhom(whom).build();
  }

  /**
   * Whether using it takes a piece out of it, which is thrown away or worn, while the pack itself
   * touches nobody.
   */
  public boolean isUsedByThePiece() {
    return left.unit() == Unit.PIECE
        && switch (product.form()) {
          case SINGLE_USE -> true;
          case LASHES, FOAM_SPONGE -> size().amount().compareTo(BigDecimal.ONE) > 0;
          default -> false;
        };
  }

  /** Filled again: so much, of these dates, is in it. */
  public Item filledAgain(Quantity amount, PackDates of) {
    return content(of, amount, clean, spoilage).measured(amount);
  }

  /** Washed out: clean, and nothing that was reported of what was in it counts any more. */
  public Item washed(Instant at) {
    return content(
        dates, left, new CleanState(Cleanliness.CLEAN, at, CleanState.By.WASHED, null), null);
  }

  /** Reported changed, or found to be fine again. */
  public Item reported(@Nullable SpoilageReport report) {
    return content(dates, left, clean, report);
  }

  private Item now(@Nullable UUID place, @Nullable LocalDate askBack, @Nullable Integer ofHome) {
    return ItemBuilder.builder(this).now(place).askBackOn(askBack).slot(ofHome).build();
  }

  private Item home(@Nullable UUID place, @Nullable Integer ofPlace) {
    return ItemBuilder.builder(this).home(place).slot(ofPlace).build();
  }

  private Item content(
      PackDates of, Quantity amount, CleanState state, @Nullable SpoilageReport report) {
    return ItemBuilder.builder(this).dates(of).left(amount).clean(state).spoilage(report).build();
  }

  public Cleanliness cleanliness() {
    return clean.is();
  }

  /** Whether it may be used that day: not past, and not reported spoiled. */
  public boolean isGoodOn(LocalDate day, HouseRules house) {
    return spoilage == null && useBy(house).isGoodOn(day);
  }

  public UseBy useBy(HouseRules house) {
    return UseBy.of(product.dateClasses(), dates, house);
  }

  /** Whether nobody has opened it yet, where opening it starts a clock. */
  public boolean isSealed() {
    boolean runsOnceOpen =
        dates.periodAfterOpening() != null
            || product.dateClasses().stream().anyMatch(DateClass::agesOnceOpen);
    return dates.openedOn() == null && runsOnceOpen;
  }

  /** Whether nobody ever said where it is: that is no reason to look for it in vain. */
  public boolean isNotPlacedYet() {
    return now == null && home == null;
  }

  /** The slot it lies in, null when it lies elsewhere or in none of its own. */
  public @Nullable Integer slotItLiesIn() {
    return now != null && now.equals(home) ? slot : null;
  }

  /** What it holds when full. */
  public Quantity size() {
    return switch (vessel) {
      case Vessel.OwnPack() -> product.content();
      case Vessel.Decant decant -> decant.size();
    };
  }

  /** Its outer measures when full, estimated where nobody took a ruler to it. */
  public Measures measures() {
    return switch (vessel) {
      case Vessel.OwnPack() -> product.measuresOrEstimate();
      case Vessel.Decant(Container container, Quantity size, Measures own) ->
          own != null ? own : container.estimate(size);
    };
  }

  /** Whether its measures follow from form and size rather than from a ruler. */
  public boolean isEstimated() {
    return switch (vessel) {
      case Vessel.OwnPack() -> product.measures() == null;
      case Vessel.Decant decant -> decant.measures() == null;
    };
  }

  /** The pack's outer mass, less what has been used of its content (a millilitre as a gram). */
  public Mass mass() {
    Mass full = measures().mass();
    double share = left.shareOf(size());
    return switch (size().unit()) {
      case ML, G -> {
        double used = Math.max(0, 1 - share) * size().amount().doubleValue();
        yield Mass.ofGrams(Math.max(1, Math.round(full.grams() - used)));
      }
      // A box of a hundred wands is heavier than one of ten.
      case PIECE -> Mass.ofGrams(Math.max(1, Math.round(full.grams() * Math.max(0.1, share))));
    };
  }
}
