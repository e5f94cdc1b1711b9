package gerula.app.kit.item;

import gerula.app.kit.product.ProductDraft;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.CurrencyCode;
import gerula.core.dates.PackDates;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Product;
import gerula.core.quantity.Money;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An item as somebody describes it.
 *
 * @param left what is left, in the unit of its product
 * @param home null while it has none
 * @param now null when nobody knows
 * @param onlyFor the name of the one person it may be used on, null for everybody
 * @param onlyForId the same person by id, which counts before the name
 * @param decant what it was moved into, null in its own pack
 * @param price what was paid for it, with its currency, both or neither
 * @param askBackOn the day to ask for it while it is lent
 */
@RecordBuilder
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
        String note,
    @Size(max = 60, message = "A batch has at most 60 characters.") String batch,
    @Nullable
        @DecimalMin(value = "0", message = "A price is not negative.")
        @DecimalMax(value = "9999999", message = "A price is at most 9,999,999.")
        BigDecimal price,
    @Nullable @CurrencyCode String currency,
    @Nullable @Size(max = 80, message = "A name has at most 80 characters.") String onlyFor,
    boolean favourite,
    boolean rare,
    @Size(max = 40, message = "A set's name has at most 40 characters.") String brushSet,
    @Nullable @Valid DecantDraft decant,
    @Nullable LocalDate askBackOn,
    @Nullable UUID onlyForId) {

  private static final LocalDate EARLIEST = LocalDate.of(1990, 1, 1);
  private static final LocalDate LATEST = LocalDate.of(2199, 12, 31);

  /**
   * A container of the artist's.
   *
   * @param size what it holds when full, in the unit of the product
   * @param measures its own, null where they are to be estimated
   */
  public record DecantDraft(
      @NotNull(message = "Say what it was moved into.") Container container,
      @NotNull(message = "Say how much the container holds.") BigDecimal size,
      ProductDraft.@Nullable @Valid MeasuresDraft measures) {}

  public ItemDraft {
    batch = batch == null ? "" : batch;
    brushSet = brushSet == null ? "" : brushSet;
    onlyFor = onlyFor == null || onlyFor.isBlank() ? null : onlyFor.strip();
  }

  /** Some of the same stock, at home in another place. */
  public ItemDraft partAt(UUID place, BigDecimal some) {
    return ItemDraftBuilder.builder(this).left(some).home(place).now(place).askBackOn(null).build();
  }

  /** The same somewhere else. */
  public ItemDraft placed(@Nullable UUID homePlace, @Nullable UUID nowPlace) {
    return ItemDraftBuilder.builder(this).home(homePlace).now(nowPlace).build();
  }

  /** The same with other dates. */
  public ItemDraft dated(
      @Nullable LocalDate made,
      @Nullable LocalDate bought,
      @Nullable LocalDate opened,
      @Nullable LocalDate expiry,
      @Nullable LocalDate askBack) {
    return ItemDraftBuilder.builder(this)
        .madeOn(made)
        .boughtOn(bought)
        .openedOn(opened)
        .printedExpiry(expiry)
        .askBackOn(askBack)
        .build();
  }

  Vessel vessel(Unit unit) {
    return decant == null
        ? Vessel.PACK
        : new Vessel.Decant(
            decant.container(),
            Quantity.of(decant.size(), unit),
            decant.measures() == null ? null : ProductDraft.of(decant.measures()));
  }

  public PackDates dates(@Nullable Integer periodAfterOpening) {
    return new PackDates(madeOn, boughtOn, openedOn, printedExpiry, periodAfterOpening);
  }

  public Faults check(Faults faults, String path, Product product, LocalDate today) {
    return check(faults, path, product.content(), today);
  }

  /**
   * @param content of a full pack of its product
   */
  public Faults check(Faults faults, String path, Quantity content, LocalDate today) {
    Unit unit = content.unit();
    Optional<Quantity> rest = faults.build(path + "left", () -> Quantity.of(left, unit));
    Optional<Vessel> in = faults.build(path + "decant", () -> vessel(unit));
    if (rest.isPresent() && in.isPresent()) {
      checkFill(faults, path, rest.get(), in.get(), content);
    }
    faults.build(path + "openedOn", () -> dates(null));
    faults.unless(
        openedOn == null || !openedOn.isAfter(today),
        path + "openedOn",
        "in-the-future",
        "It was opened on "
            + openedOn
            + ", but today is "
            + today
            + ". Write the day it was opened, or leave it sealed.");
    faults.unless(
        !personal || (onlyFor == null && onlyForId == null),
        path + "onlyFor",
        "for-whom",
        "It is either your own or kept for one person, not both.");
    faults.unless(
        (price == null) == (currency == null),
        path + "currency",
        "price-and-currency",
        "A price needs its currency: write both or neither.");
    faults.unless(
        price == null || price.scale() <= 2,
        path + "price",
        "out-of-range",
        "A price has at most two decimals, but this is " + price + ".");
    inReach(faults, path + "madeOn", madeOn);
    inReach(faults, path + "boughtOn", boughtOn);
    inReach(faults, path + "openedOn", openedOn);
    inReach(faults, path + "printedExpiry", printedExpiry);
    inReach(faults, path + "askBackOn", askBackOn);
    return faults;
  }

  /** What is typed names a currency there is; what was kept before is left as it is. */
  public void checkCurrency(Faults faults, String path) {
    if (currency != null) {
      faults.build(path + "currency", () -> Money.currency(currency));
    }
  }

  /** Counted pieces can be more than one pack's; what is measured cannot be more than goes in. */
  private static void checkFill(
      Faults faults, String path, Quantity left, Vessel vessel, Quantity content) {
    Quantity size = vessel instanceof Vessel.Decant decant ? decant.size() : content;
    faults.unless(
        size.unit() == Unit.PIECE || left.compareTo(size) <= 0,
        path + "left",
        "more-than-full",
        "It holds "
            + size.amount()
            + " "
            + size.unit().code()
            + " when full, but this says "
            + left.amount()
            + " are left.");
  }

  private static void inReach(Faults faults, String path, @Nullable LocalDate date) {
    faults.unless(
        date == null || (!date.isBefore(EARLIEST) && !date.isAfter(LATEST)),
        path,
        "out-of-range",
        "A date lies between " + EARLIEST + " and " + LATEST + ", but this is " + date + ".");
  }
}
