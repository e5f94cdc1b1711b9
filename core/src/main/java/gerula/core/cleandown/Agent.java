package gerula.core.cleandown;

import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The bottle one sprays from.
 *
 * @param percent how strong it is, % by volume, as its name says or else its class
 * @param isPast whether it is past its date: it may have lost strength
 */
public record Agent(Item item, int percent, boolean isPast) {

  private static final Set<ProductClass> ALCOHOL =
      EnumSet.of(ProductClass.ALCOHOL_70, ProductClass.ALCOHOL_99);

  /** What a thing that is sprayed takes of it, in ml; common practice, from memory. */
  public static final int ML_A_THING = 1;

  private static final Pattern PERCENT = Pattern.compile("(?<!\\d)(\\d{2})\\s?%");

  /**
   * The one of this kit that is of the strength the house sprays: one that is in date before
   * others, then the one that is open, then the one past soonest. Empty where there is none of that
   * strength.
   */
  public static Optional<Agent> alcohol(
      Collection<Item> kit, PlaceTree places, HouseRules house, LocalDate today) {
    return kit.stream()
        .filter(item -> ALCOHOL.contains(item.product().productClass()))
        .filter(item -> !item.isDiscarded() && !item.left().isNone())
        .filter(item -> item.now() != null && !places.isElsewhere(item.now()))
        .map(item -> new Agent(item, percent(item.product()), !item.isGoodOn(today, house)))
        .filter(one -> one.percent() == house.practices().sprayPercent())
        .min(
            Comparator.comparing(Agent::isPast)
                .thenComparing(one -> one.item().dates().openedOn() == null)
                .thenComparing(
                    one -> one.item().useBy(house).lastDay(),
                    Comparator.nullsLast(Comparator.naturalOrder()))
                .thenComparing(one -> one.item().product().fullName())
                .thenComparing(Agent::item, Item.BY_ID));
  }

  /**
   * About what is left in the bottle once so many things were sprayed from it; as it was where it
   * is not told in ml.
   */
  public Quantity leftAfter(int things) {
    Quantity left = item.left();
    return left.unit() == Unit.ML
        ? left.without(Quantity.millilitres((double) things * ML_A_THING))
        : left;
  }

  private static int percent(Product product) {
    Matcher told = PERCENT.matcher(product.fullName());
    if (told.find()) {
      return Integer.parseInt(told.group(1));
    }
    return product.productClass() == ProductClass.ALCOHOL_99 ? 99 : 70;
  }
}
