package gerula.app.restock;

import gerula.core.restock.offer.DiscountKind;
import gerula.core.restock.offer.DiscountTerms;
import gerula.core.restock.shop.ShopOffer;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An offer as somebody tells it.
 *
 * @param packs of the product that are sold together, 1 to 10,000
 * @param price of all of them in the shop's currency
 * @param discount null: none
 * @param percent of a discount in percent
 * @param amount of one that takes so much off each pack
 * @param fromPacks of one that counts from so many packs on
 * @param until last day on which it counts; null: no end
 * @param most how many times it can be had; null: not known
 */
public record OfferDraft(
    @NotNull(message = "Say which shop.") UUID shop,
    @NotNull(message = "Say which product.") UUID product,
    @Min(value = 1, message = "A pack holds 1 to 10,000.")
        @Max(value = 10_000, message = "A pack holds 1 to 10,000.")
        int packs,
    @NotNull(message = "Say what it costs.")
        @DecimalMin(value = "0", message = "A price is 0 or more.")
        @DecimalMax(value = "1000000", message = "A price is at most 1,000,000.")
        BigDecimal price,
    @Nullable DiscountKind discount,
    @Nullable BigDecimal percent,
    @Nullable BigDecimal amount,
    @Nullable @Min(1) @Max(10_000) Integer fromPacks,
    @Nullable LocalDate until,
    @Nullable @Min(0) @Max(10_000) Integer most) {

  public static OfferDraft of(ShopOffer one) {
    DiscountTerms terms = one.discount();
    return new OfferDraft(
        one.shop(),
        one.product(),
        one.packs(),
        one.price(),
        terms.kind(),
        terms.percent(),
        terms.amount(),
        terms.fromPacks(),
        one.until(),
        one.most());
  }

  /** The same counting until that day. */
  public OfferDraft until(@Nullable LocalDate last) {
    return new OfferDraft(
        shop, product, packs, price, discount, percent, amount, fromPacks, last, most);
  }

  /**
   * @throws IllegalArgumentException when something of it lies out of range
   */
  public ShopOffer toOffer(UUID id, LocalDate notedOn, @Nullable LocalDate endedOn) {
    return new ShopOffer(
        id,
        shop,
        product,
        packs,
        price,
        new DiscountTerms(discount, percent, amount, fromPacks),
        until,
        most,
        notedOn,
        endedOn);
  }
}
