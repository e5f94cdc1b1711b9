package gerula.app.restock;

import gerula.app.platform.web.CurrencyCode;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What was ordered from one shop at one time.
 *
 * @param shop null: from somebody who is not kept as a shop
 * @param shipping what sending it costs, in the currency; both null where nobody said it
 * @param number what the shop calls the order; empty where it told none
 * @param notes numbers of its delivery notes that were received
 * @param picture id of a photograph of the paper, null without one
 */
public record ParcelDraft(
    @Nullable UUID shop,
    @NotNull LocalDate orderedOn,
    @Nullable
        @DecimalMin(value = "0", message = "An amount of money is 0 or more.")
        @DecimalMax(value = "1000000", message = "An amount of money is at most 1,000,000.")
        BigDecimal shipping,
    @Nullable @CurrencyCode String currency,
    @NotNull @Size(max = 100) String number,
    @NotNull @Size(max = 100) List<@NotNull @Size(max = 100) String> notes,
    @Nullable UUID picture) {

  /** The same ordered so many days later. */
  public ParcelDraft laterBy(long days) {
    return new ParcelDraft(
        shop, orderedOn.plusDays(days), shipping, currency, number, notes, picture);
  }

  ParcelDraft received(String note) {
    return new ParcelDraft(
        shop,
        orderedOn,
        shipping,
        currency,
        number,
        Stream.concat(notes.stream(), Stream.of(note)).toList(),
        picture);
  }

  ParcelDraft pictured(@Nullable UUID other) {
    return new ParcelDraft(shop, orderedOn, shipping, currency, number, notes, other);
  }
}
