package gerula.app.restock;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.CurrencyCode;
import gerula.app.platform.web.Visible;
import gerula.core.quantity.Money;
import gerula.core.restock.shop.Shop;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * A shop as somebody tells it. Amounts in its own currency.
 *
 * @param deliveryDays working days from ordering to having it, 0 to 120
 * @param workingDays on which it sends something, 1 (Monday) to 7
 * @param shipping of a parcel
 * @param freeFrom goods of so much are sent for nothing; null: never
 * @param leastOrder it sends nothing for less; null: there is none
 * @param professionalPercent off everything for those in the trade; null: none
 * @param proofUntil last day of the proof for it; null: no end
 * @param takesOrders whether orders are sent to it and asked after from here; null: no
 */
public record ShopDraft(
    @Visible(message = "Say what the shop is called.")
        @Size(max = 100, message = "A shop's name has at most 100 characters.")
        String name,
    @Min(value = 0, message = "Delivery takes 0 to 120 days.")
        @Max(value = 120, message = "Delivery takes 0 to 120 days.")
        int deliveryDays,
    @NotNull @Size(min = 1, max = 7, message = "Choose the days on which it sends.")
        List<@NotNull @Min(1) @Max(7) Integer> workingDays,
    @NotNull(message = "Say what shipping costs, 0 for nothing.")
        @DecimalMin(value = "0", message = "An amount of money is 0 or more.")
        @DecimalMax(value = "1000000", message = "An amount of money is at most 1,000,000.")
        BigDecimal shipping,
    @Nullable
        @DecimalMin(value = "0", message = "An amount of money is 0 or more.")
        @DecimalMax(value = "1000000", message = "An amount of money is at most 1,000,000.")
        BigDecimal freeFrom,
    @Nullable
        @DecimalMin(value = "0", message = "An amount of money is 0 or more.")
        @DecimalMax(value = "1000000", message = "An amount of money is at most 1,000,000.")
        BigDecimal leastOrder,
    @NotNull @CurrencyCode String currency,
    @Nullable
        @DecimalMin(value = "0", message = "A discount lies between 0 and 100 percent.")
        @DecimalMax(value = "100", message = "A discount lies between 0 and 100 percent.")
        BigDecimal professionalPercent,
    @Nullable LocalDate proofUntil,
    @NotNull @Size(max = 1000, message = "A note has at most 1000 characters.") String note,
    @Nullable Boolean takesOrders) {

  public static ShopDraft of(Shop shop, String note, boolean takesOrders) {
    return new ShopDraft(
        shop.name(),
        shop.deliveryDays(),
        shop.workingDays().stream().map(DayOfWeek::getValue).sorted().toList(),
        shop.shipping(),
        shop.freeFrom(),
        shop.leastOrder(),
        shop.currency(),
        shop.professionalPercent(),
        shop.proofUntil(),
        note,
        takesOrders);
  }

  /** The same with its proof until that day. */
  public ShopDraft proven(@Nullable LocalDate until) {
    return new ShopDraft(
        name,
        deliveryDays,
        workingDays,
        shipping,
        freeFrom,
        leastOrder,
        currency,
        professionalPercent,
        until,
        note,
        takesOrders);
  }

  /** What is typed names a currency there is; what was kept before is left as it is. */
  void requireCurrency() {
    Faults.built("currency", () -> Money.currency(currency));
  }

  public Shop toShop(UUID id) {
    Set<DayOfWeek> days = workingDays.stream().map(DayOfWeek::of).collect(Collectors.toSet());
    return Faults.built(
        "name",
        () ->
            new Shop(
                id,
                name.strip(),
                deliveryDays,
                days,
                shipping,
                freeFrom,
                leastOrder,
                currency,
                professionalPercent,
                proofUntil));
  }
}
