package gerula.core.kit.intake.line;

import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.math.BigDecimal;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What a line tells of an item; null where it does not.
 *
 * @param name what is understood as nothing else, the words of its class among it
 * @param sure false where the class is a guess
 * @param content of a full pack, in its unit
 * @param count how many of them
 * @param leftShare how full, from 0 to 1
 * @param periodAfterOpening in months
 * @param colour as #rrggbb, by the name of its shade where it was not told
 */
@RecordBuilder
public record LineItem(
    @Nullable String maker,
    String name,
    @Nullable String shade,
    @Nullable ProductClass productClass,
    boolean sure,
    @Nullable Form form,
    @Nullable BigDecimal content,
    @Nullable Unit unit,
    @Nullable Integer count,
    @Nullable BigDecimal leftShare,
    @Nullable LocalDate openedOn,
    @Nullable LocalDate printedExpiry,
    @Nullable Integer periodAfterOpening,
    @Nullable BigDecimal price,
    @Nullable String colour,
    @Nullable String note) {}
