package gerula.app.booking;

import gerula.core.booking.Booking;
import gerula.core.packing.Choices;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A booking with what the core does not ask about.
 *
 * @param colleagues who else works there, in words
 * @param choices what the artist decided about its list
 * @param days those that differ from the others, in order
 * @param chairs who makes up whom when, as it was told; null: nothing was
 * @param departedAt when its bags left, null before
 * @param backAt when the last piece was put back, null before
 */
public record StoredBooking(
    Booking booking,
    @Nullable LocalTime callTime,
    String location,
    String colleagues,
    List<UUID> bags,
    Choices choices,
    List<BookingDay> days,
    @Nullable ChairsDraft chairs,
    @Nullable Instant departedAt,
    @Nullable Instant backAt,
    int version) {

  /** One that was never kept. */
  static StoredBooking of(Booking booking, BookingDraft draft) {
    return new StoredBooking(
        booking,
        draft.callTime(),
        draft.location(),
        draft.toldColleagues(),
        draft.bags(),
        Choices.NONE,
        draft.toldDays(),
        draft.chairs(),
        null,
        null,
        0);
  }

  /** The same work once more, from that day on; nothing of it was decided or done yet. */
  public StoredBooking again(UUID other, LocalDate from) {
    return begun(booking.again(other, from));
  }

  /** One of its own that begins like it, from that day on. */
  StoredBooking copied(LocalDate from) {
    return begun(booking.copied(UUID::randomUUID, from));
  }

  private StoredBooking begun(Booking then) {
    long later = ChronoUnit.DAYS.between(booking.firstDay(), then.firstDay());
    return new StoredBooking(
        then,
        callTime,
        location,
        colleagues,
        bags,
        Choices.NONE,
        days.stream().map(day -> day.laterBy(later)).toList(),
        null,
        null,
        null,
        0);
  }

  /** The same one as this draft has it; what was decided and where it stands stay. */
  StoredBooking with(Booking changed, BookingDraft draft) {
    return new StoredBooking(
        changed,
        draft.callTime(),
        draft.location(),
        draft.toldColleagues(),
        draft.bags(),
        choices,
        draft.toldDays(),
        draft.chairs() == null ? chairs : draft.chairs(),
        departedAt,
        backAt,
        version);
  }
}
