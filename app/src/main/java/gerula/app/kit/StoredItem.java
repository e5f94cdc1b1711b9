package gerula.app.kit;

import gerula.core.kit.DiscardCause;
import gerula.core.kit.Item;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * An item with what only people read.
 *
 * @param colour of its product, as #rrggbb
 */
public record StoredItem(
    Item item,
    @Nullable String colour,
    String note,
    @Nullable LocalDate discardedOn,
    @Nullable DiscardCause discardCause,
    @Nullable Integer periodAfterOpening,
    int version,
    int productVersion) {}
