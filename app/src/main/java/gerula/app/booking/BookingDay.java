package gerula.app.booking;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * A day of a booking that differs from the others.
 *
 * @param call when it begins, local time; null: as on the other days
 * @param wrap when it ends, of the next day where it lies before the call; null when not known
 * @param place where it is, in words; empty: where the booking is
 */
public record BookingDay(
    @NotNull(message = "Say which day it is.") LocalDate day,
    @Nullable LocalTime call,
    @Nullable LocalTime wrap,
    @NotNull(message = "Write where it is, or leave it empty.")
        @Size(max = 200, message = "A place has at most 200 characters.")
        String place) {

  private static final JsonMapper JSON = JsonMapper.shared();
  private static final TypeReference<List<BookingDay>> DAYS = new TypeReference<>() {};

  BookingDay laterBy(long days) {
    return new BookingDay(day.plusDays(days), call, wrap, place);
  }

  /**
   * How long each day takes that has a wrap.
   *
   * @param usualCall when the others begin, null when not known
   */
  static Map<LocalDate, Duration> lasting(List<BookingDay> days, @Nullable LocalTime usualCall) {
    Map<LocalDate, Duration> lasting = new HashMap<>();
    for (BookingDay one : days) {
      LocalTime from = one.call == null ? usualCall : one.call;
      if (from != null && one.wrap != null) {
        Duration told = Duration.between(from, one.wrap);
        lasting.put(one.day, told.isPositive() ? told : told.plusDays(1));
      }
    }
    return lasting;
  }

  static List<BookingDay> of(JSONB column) {
    return JSON.readValue(column.data(), DAYS);
  }

  static JSONB column(List<BookingDay> days) {
    return JSONB.valueOf(JSON.writeValueAsString(days));
  }
}
