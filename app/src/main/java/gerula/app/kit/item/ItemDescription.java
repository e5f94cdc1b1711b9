package gerula.app.kit.item;

import gerula.app.kit.item.ItemDraft.DecantDraft;
import gerula.app.platform.web.CurrencyCode;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What describes an item that is there. Where it is, how much is left, when it was opened and how
 * clean it is are no part of that: they change by acts of their own, so that the history and rates
 * of use see them.
 *
 * @param home null while it has none
 * @param onlyFor the name of the one person it may be used on, null for everybody
 * @param onlyForId the same person by id, which counts before the name
 * @param decant what it was moved into, null in its own pack
 * @param price what was paid for it, with its currency, both or neither
 */
public record ItemDescription(
    @Nullable LocalDate madeOn,
    @Nullable LocalDate boughtOn,
    @Nullable LocalDate printedExpiry,
    @Nullable UUID home,
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
    @Nullable UUID onlyForId) {

  /** The item as it is, described so. */
  public ItemDraft over(ItemDraft now) {
    return ItemDraftBuilder.stagedBuilder()
        .madeOn(madeOn)
        .boughtOn(boughtOn)
        .openedOn(now.openedOn())
        .printedExpiry(printedExpiry)
        .left(now.left())
        .home(home)
        .now(now.now())
        .cleanliness(now.cleanliness())
        .personal(personal)
        .note(note)
        .batch(batch)
        .price(price)
        .currency(currency)
        .onlyFor(onlyFor)
        .favourite(favourite)
        .rare(rare)
        .brushSet(brushSet)
        .decant(decant)
        .askBackOn(now.askBackOn())
        .onlyForId(onlyForId)
        .build();
  }
}
