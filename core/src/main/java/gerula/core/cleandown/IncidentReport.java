package gerula.core.cleandown;

import gerula.core.cleandown.treatment.Incident;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * That something happened to a thing beside its usual use.
 *
 * @param booking at which, null at none
 * @param face on or with which, null where none was there
 */
public record IncidentReport(
    UUID id,
    UUID item,
    @Nullable UUID booking,
    @Nullable UUID face,
    Incident incident,
    Instant at) {}
