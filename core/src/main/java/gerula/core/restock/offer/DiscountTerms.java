package gerula.core.restock.offer;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;

/**
 * A discount as it is written down; what its kind does not need says nothing.
 *
 * @param kind null where the price stands as it is
 */
public record DiscountTerms(
    @Nullable DiscountKind kind,
    @Nullable BigDecimal percent,
    @Nullable BigDecimal amount,
    @Nullable Integer fromPacks) {

  public static final DiscountTerms NONE = new DiscountTerms(null, null, null, null);

  public static DiscountTerms of(DiscountKind kind) {
    return new DiscountTerms(kind, null, null, null);
  }

  public static DiscountTerms percent(BigDecimal percent) {
    return new DiscountTerms(DiscountKind.PERCENT, percent, null, null);
  }

  public static DiscountTerms fixed(BigDecimal amount) {
    return new DiscountTerms(DiscountKind.FIXED, null, amount, null);
  }

  public static DiscountTerms from(BigDecimal percent, int packs) {
    return new DiscountTerms(DiscountKind.FROM_AMOUNT, percent, null, packs);
  }

  /**
   * @throws IllegalArgumentException when something that its kind needs is missing or out of range
   */
  public Discount toDiscount() {
    if (kind == null) {
      return new Discount.None();
    }
    return switch (kind) {
      case PERCENT -> new Discount.Percent(needed(percent, "how many percent"));
      case SECOND_HALF_PRICE -> new Discount.SecondHalfPrice();
      case THREE_FOR_TWO -> new Discount.ThreeForTwo();
      case FIXED -> new Discount.Fixed(needed(amount, "how much"));
      case FROM_AMOUNT ->
          new Discount.FromAmount(
              needed(percent, "how many percent"), needed(fromPacks, "from how many packs"));
    };
  }

  private static <T> T needed(@Nullable T told, String what) {
    if (told == null) {
      throw new IllegalArgumentException("Say " + what + " it takes off.");
    }
    return told;
  }
}
