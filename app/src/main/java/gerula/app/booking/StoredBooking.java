package gerula.app.booking;

import gerula.core.booking.Booking;
import java.time.Instant;
import java.time.LocalTime;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A booking with what the core does not ask about.
 *
 * @param departedAt when its bags left, null before
 * @param backAt when the last piece was put back, null before
 */
public record StoredBooking(
    Booking booking,
    @Nullable LocalTime callTime,
    String location,
    List<UUID> bags,
    @Nullable Instant departedAt,
    @Nullable Instant backAt,
    int version) {}
