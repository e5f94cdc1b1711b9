package gerula.app.depot.bench;

import gerula.core.depot.bench.SessionPlanner;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A pack that was taken to the bench, and what the artist wants for it.
 *
 * @param stays whether it is to stay as it is
 * @param empty the kind of empties it shall go into, null to have one proposed
 * @param count into how many of them, null for one
 * @param amount in each, in the unit of the product; null to have it proposed
 * @param usePerMonth what is used of it in a month, in the unit of the product; null for what the
 *     log says
 */
public record Chosen(
    @NotNull(message = "Say which pack.") UUID item,
    boolean stays,
    @Nullable UUID empty,
    @Nullable
        @Min(value = 1, message = "A pack is parted into 1 to 4 containers.")
        @Max(
            value = SessionPlanner.MOST_PORTIONS,
            message = "A pack is parted into 1 to 4 containers.")
        Integer count,
    @Nullable
        @DecimalMin(value = "0.001", message = "An amount is 0.001 to 100,000.")
        @DecimalMax(value = "100000", message = "An amount is 0.001 to 100,000.")
        BigDecimal amount,
    @Nullable
        @DecimalMin(value = "0", message = "What is used in a month is 0 to 100,000.")
        @DecimalMax(value = "100000", message = "What is used in a month is 0 to 100,000.")
        BigDecimal usePerMonth) {}
