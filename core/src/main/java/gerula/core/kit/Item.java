package gerula.core.kit;

import gerula.core.dates.PackDates;
import gerula.core.dates.UseBy;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.util.Comparator;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One thing in the kit that can be picked up.
 *
 * @param left what is still in it, in the unit of its product's content; may exceed a full pack of
 *     counted pieces, never of anything else
 * @param home the place it belongs to, null when it has none yet
 * @param now the place it lies in, null when nobody knows
 * @param isPersonal the artist's own: never offered for others
 * @param isDiscarded gone for good
 */
public record Item(
    UUID id,
    Product product,
    PackDates dates,
    Quantity left,
    @Nullable UUID home,
    @Nullable UUID now,
    Cleanliness cleanliness,
    boolean isPersonal,
    boolean isDiscarded) {

  /** The order in which equal choices are told, so that the same kit gives the same answer. */
  public static final Comparator<Item> BY_ID = Comparator.comparing(Item::id);

  public Item {
    if (left.unit() != product.content().unit()) {
      throw new IllegalArgumentException(
          "What is left of a pack in "
              + product.content().unit().code()
              + " is told in the same unit, not in "
              + left.unit().code()
              + ".");
    }
  }

  public UseBy useBy(HouseRules house) {
    return UseBy.of(product.productClass().dateClass(), dates, house);
  }

  /** The pack's outer mass, less what has been used of its content (a millilitre as a gram). */
  public Mass mass() {
    Mass full = product.measuresOrEstimate().mass();
    double used = Math.max(0, 1 - left.shareOf(product.content()));
    double contentGrams =
        switch (product.content().unit()) {
          case ML, G -> product.content().amount().doubleValue();
          case PIECE -> 0;
        };
    return new Mass(Math.max(1, Math.round(full.grams() - used * contentGrams)));
  }
}
