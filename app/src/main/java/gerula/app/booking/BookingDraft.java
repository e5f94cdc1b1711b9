package gerula.app.booking;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.web.Visible;
import gerula.core.booking.Booking;
import gerula.core.booking.Condition;
import gerula.core.booking.Face;
import gerula.core.booking.Travel;
import gerula.core.kit.KindOfWork;
import io.soabase.recordbuilder.core.RecordBuilder;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A booking as somebody describes it.
 *
 * @param callTime local time of the first day, null when it is not known yet
 * @param location where it is, in words
 * @param bags places that are carried along, the preferred first
 * @param faces in order of priority
 * @param kind what sort of job it is, null as long as nobody said
 * @param travel how the bags get there, null as long as nobody said
 * @param choices what was decided about its list; null leaves it as it is
 * @param days those that differ from the others; null: none
 * @param colleagues who else works there, in words; null: nobody is named
 * @param chairs who makes up whom when; null leaves it as it is
 */
@RecordBuilder
public record BookingDraft(
    @Visible(message = "A booking has a title.")
        @Size(max = 120, message = "A title has at most 120 characters.")
        String title,
    @NotNull(message = "Say which day it begins.") LocalDate firstDay,
    @NotNull(message = "Say which day it ends.") LocalDate lastDay,
    @Nullable LocalTime callTime,
    @NotNull(message = "Write where it is, or leave it empty.")
        @Size(max = 200, message = "A place has at most 200 characters.")
        String location,
    @NotNull Set<Condition> conditions,
    @NotNull @Size(max = 10, message = "At most 10 bags go along.") List<@NotNull UUID> bags,
    @NotNull @Size(max = 100, message = "A booking has at most 100 faces.") @Valid
        List<@NotNull FaceDraft> faces,
    @Nullable KindOfWork kind,
    @Nullable Travel travel,
    @Nullable @Valid ListChoices choices,
    @Nullable @Size(max = 366, message = "A booking has at most 366 days.")
        List<@NotNull @Valid BookingDay> days,
    @Nullable @Size(max = 200, message = "Who else works takes at most 200 characters.")
        String colleagues,
    @Nullable @Valid ChairsDraft chairs) {

  private static final LocalDate EARLIEST = LocalDate.of(2000, 1, 1);
  private static final LocalDate LATEST = LocalDate.of(2199, 12, 31);

  /** What somebody would type to get this booking. */
  public static BookingDraft of(StoredBooking stored) {
    Booking booking = stored.booking();
    return new BookingDraft(
        booking.title(),
        booking.firstDay(),
        booking.lastDay(),
        stored.callTime(),
        stored.location(),
        booking.conditions(),
        stored.bags(),
        booking.faces().stream().map(FaceDraft::of).toList(),
        booking.kind(),
        booking.travel(),
        ListChoices.of(stored.choices()),
        stored.days(),
        stored.colleagues(),
        stored.chairs());
  }

  public @Nullable List<BookingDay> daysLaterBy(long more) {
    return days == null ? null : days.stream().map(day -> day.laterBy(more)).toList();
  }

  String toldColleagues() {
    return colleagues == null ? "" : colleagues.strip();
  }

  List<BookingDay> toldDays() {
    return days == null ? List.of() : days;
  }

  /** Liner, which was done along with the eyes, told as a service of its own. */
  public BookingDraft withLiner() {
    return BookingDraftBuilder.builder(this)
        .faces(faces.stream().map(FaceDraft::withLiner).toList())
        .build();
  }

  /**
   * The core's booking.
   *
   * @throws gerula.app.platform.errors.Refused when anything is wrong, with every fault
   */
  public Optional<Booking> toBooking(UUID id, Faults faults) {
    List<Face> built = new ArrayList<>();
    Set<UUID> ids = new HashSet<>();
    for (int i = 0; i < faces.size(); i++) {
      String path = "booking.faces[" + i + "].";
      faces.get(i).toFace(faults, path).ifPresent(built::add);
      faults.unless(ids.add(faces.get(i).id()), path + "id", "twice", "This face is there twice.");
    }
    checkDays(faults);
    for (LocalDate day : List.of(firstDay, lastDay)) {
      faults.unless(
          !day.isBefore(EARLIEST) && !day.isAfter(LATEST),
          day.equals(firstDay) ? "booking.firstDay" : "booking.lastDay",
          "out-of-range",
          "A day lies between " + EARLIEST + " and " + LATEST + ", but this is " + day + ".");
    }
    return faults.build(
        "booking.lastDay",
        () ->
            new Booking(
                id,
                title.strip(),
                kind,
                firstDay,
                lastDay,
                conditions,
                travel,
                built,
                BookingDay.lasting(toldDays(), callTime)));
  }

  private void checkDays(Faults faults) {
    Set<LocalDate> known = new HashSet<>();
    for (int i = 0; i < toldDays().size(); i++) {
      LocalDate day = toldDays().get(i).day();
      String path = "booking.days[" + i + "].day";
      faults.unless(
          !day.isBefore(firstDay) && !day.isAfter(lastDay),
          path,
          "out-of-range",
          day + " is no day of this booking. Choose one from " + firstDay + " to " + lastDay + ".");
      faults.unless(known.add(day), path, "twice", "This day is there twice.");
    }
  }
}
