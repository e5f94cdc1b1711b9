package gerula.app.kit;

import gerula.app.platform.errors.Faults;
import gerula.core.dates.PackDates;
import gerula.core.kit.Cleanliness;
import gerula.core.kit.Product;
import gerula.core.quantity.Quantity;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An item as somebody describes it.
 *
 * @param left what is left, in the unit of its product
 * @param home null while it has none
 * @param now null when nobody knows
 */
public record ItemDraft(
    @Nullable LocalDate madeOn,
    @Nullable LocalDate boughtOn,
    @Nullable LocalDate openedOn,
    @Nullable LocalDate printedExpiry,
    @NotNull(message = "Say how much is left.") BigDecimal left,
    @Nullable UUID home,
    @Nullable UUID now,
    @NotNull(message = "Say how clean it is.") Cleanliness cleanliness,
    boolean personal,
    @NotNull(message = "Write a note, or leave it empty.")
        @Size(max = 2000, message = "A note has at most 2000 characters.")
        String note) {

  private static final LocalDate EARLIEST = LocalDate.of(1990, 1, 1);
  private static final LocalDate LATEST = LocalDate.of(2199, 12, 31);

  public Faults check(Faults faults, String path, Product product, LocalDate today) {
    faults.build(path + "left", () -> Quantity.of(left, product.content().unit()));
    faults.build(
        path + "openedOn", () -> new PackDates(madeOn, boughtOn, openedOn, printedExpiry, null));
    faults.unless(
        openedOn == null || !openedOn.isAfter(today),
        path + "openedOn",
        "in-the-future",
        "It was opened on "
            + openedOn
            + ", but today is "
            + today
            + ". Write the day it was opened, or leave it sealed.");
    inReach(faults, path + "madeOn", madeOn);
    inReach(faults, path + "boughtOn", boughtOn);
    inReach(faults, path + "openedOn", openedOn);
    inReach(faults, path + "printedExpiry", printedExpiry);
    return faults;
  }

  private static void inReach(Faults faults, String path, @Nullable LocalDate date) {
    faults.unless(
        date == null || (!date.isBefore(EARLIEST) && !date.isAfter(LATEST)),
        path,
        "out-of-range",
        "A date lies between " + EARLIEST + " and " + LATEST + ", but this is " + date + ".");
  }
}
