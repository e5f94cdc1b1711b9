package gerula.app.booking.calendar;

import gerula.app.booking.BookingDraft;
import gerula.app.booking.calendar.CalendarBookings.Preview;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.workspace.SignedIn;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.ByteArrayInputStream;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Bookings from a calendar file, over HTTP. */
@RestController
class CalendarBookingsController {

  private final CalendarBookings bookings;
  private final HeavyWork heavy;

  CalendarBookingsController(CalendarBookings bookings, HeavyWork heavy) {
    this.heavy = heavy;
    this.bookings = bookings;
  }

  /** A booking as it was shown, or as it was changed since. */
  record KeepBooking(@NotNull UUID id, @NotNull @Valid BookingDraft booking) {}

  /** Those that are kept. */
  record KeepBookings(
      @NotNull UUID actId,
      @NotEmpty(message = "Choose at least one booking.")
          @Size(max = CalendarReader.MOST, message = "At most 1000 bookings are kept at once.")
          List<@NotNull @Valid KeepBooking> bookings) {}

  /** Looks a file through and changes nothing. */
  @PostMapping(path = "/api/bookings/calendar", consumes = "text/calendar")
  List<Preview> preview(
      @AuthenticationPrincipal SignedIn who,
      @io.swagger.v3.oas.annotations.parameters.RequestBody(
              content =
                  @Content(
                      mediaType = "text/calendar",
                      schema = @Schema(type = "string", format = "binary")))
          @RequestBody
          byte[] file) {
    return heavy.inTurn(
        who, HeavyWork.Length.SHORT, () -> bookings.preview(who, new ByteArrayInputStream(file)));
  }

  @PostMapping("/api/bookings/from-calendar")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void keep(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody KeepBookings asked) {
    bookings.keep(
        who,
        asked.actId(),
        asked.bookings().stream()
            .map(one -> new CalendarBookings.Kept(one.id(), one.booking()))
            .toList());
  }
}
