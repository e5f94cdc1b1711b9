package gerula.app.restock;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.CurrencyCode;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is said of packs that came.
 *
 * @param price of one pack, with its currency, both or neither
 * @param place where they go; null: where others of the product belong
 */
record CameDraft(
    @Nullable @Size(max = 40, message = "A batch has at most 40 characters.") String batch,
    @Nullable LocalDate printedExpiry,
    @Nullable
        @DecimalMin(value = "0", message = "A price is not negative.")
        @DecimalMax(value = "1000000", message = "A price is at most 1,000,000.")
        BigDecimal price,
    @Nullable @CurrencyCode String currency,
    @Nullable UUID place) {

  Orders.Came toCame(String path, boolean restToCome) {
    Faults faults = new Faults();
    TypedMoney.check(faults, path, price, currency);
    faults.refuseIfAny();
    return new Orders.Came(
        batch == null ? "" : batch.strip(), printedExpiry, price, currency, place, restToCome);
  }
}
