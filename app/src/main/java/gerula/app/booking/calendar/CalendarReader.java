package gerula.app.booking.calendar;

import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import java.io.IOException;
import java.io.InputStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.Temporal;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.data.ParserException;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Duration;
import org.jspecify.annotations.Nullable;

/** Reads the events of a calendar file (RFC 5545). */
final class CalendarReader {

  /** More events than a year of any artist has. */
  static final int MOST = 1000;

  /** A line of a file is at most 75 bytes long and goes on in the next (RFC 5545, 3.1). */
  private static final int MOST_LINES = 100_000;

  private CalendarReader() {}

  /**
   * One event.
   *
   * @param lastDay inclusive
   * @param callTime local time of the first day, null for whole days
   * @param repeats whether it comes again; only its first time is told
   * @param cancelled whether the calendar says it does not take place
   */
  record Event(
      String uid,
      String title,
      LocalDate firstDay,
      LocalDate lastDay,
      @Nullable LocalTime callTime,
      String location,
      boolean repeats,
      boolean cancelled) {}

  /**
   * @param zone in which times of a zone of their own are told
   * @throws Refused when it is no calendar
   */
  static List<Event> read(InputStream file, ZoneId zone) {
    List<Event> events = new ArrayList<>();
    for (VEvent event : parsed(file).<VEvent>getComponents(Component.VEVENT)) {
      try {
        event(event, zone).ifPresent(events::add);
      } catch (DateTimeException unknown) {
        // Dates are only looked at when they are asked for: an unknown zone is told here.
        throw fault(
            "The time of \""
                + text(event, Property.SUMMARY, 120)
                + "\" cannot be read: "
                + unknown.getMessage()
                + " Nothing was changed.");
      }
    }
    if (events.size() > MOST) {
      throw fault("The file has " + events.size() + " events; at most " + MOST + " are read.");
    }
    return events;
  }

  /** A line that goes on begins the next one with a space or a tab (RFC 5545, 3.1). */
  private static final Pattern FOLD = Pattern.compile("(?:\\r\\n|\\r|\\n)[ \\t]");

  private static final Pattern LINE_END = Pattern.compile("\\r\\n|\\r|\\n");
  private static final Pattern OF_A_CALENDAR =
      Pattern.compile("(?:VERSION|PRODID)[:;].*", Pattern.CASE_INSENSITIVE);
  private static final Pattern LOOKS_LIKE_AN_EDGE =
      Pattern.compile("^\\W*(?:BEGIN|END)\\W", Pattern.CASE_INSENSITIVE);
  private static final Pattern BEGIN =
      Pattern.compile("\\s*BEGIN\\s*:\\s*(\\S*)\\s*", Pattern.CASE_INSENSITIVE);
  private static final Pattern END =
      Pattern.compile("\\s*END\\s*:\\s*(\\S*)\\s*", Pattern.CASE_INSENSITIVE);

  /**
   * The events of a file and nothing else of it. What it says of time zones is left out: a time of
   * a zone of its own is the time on the wall there, whatever the zone's rules are, and a rule that
   * repeats every second since the year 1 costs more than a minute to follow. So are alarms and
   * whatever else may lie within an event or beside it.
   */
  private static String onlyEvents(InputStream file) throws IOException {
    StringBuilder kept = new StringBuilder();
    Deque<String> within = new ArrayDeque<>();
    int lines = 0;
    String text = new String(file.readAllBytes(), StandardCharsets.UTF_8);
    String unfolded = FOLD.matcher(text).replaceAll("");
    for (String line : LINE_END.split(unfolded, MOST_LINES + 1)) {
      if (++lines > MOST_LINES) {
        throw fault(
            "The file has more than " + MOST_LINES + " lines. Export fewer events at once.");
      }
      Matcher begin = BEGIN.matcher(line);
      if (begin.matches()) {
        within.push(begin.group(1).toUpperCase(Locale.ROOT));
      }
      Matcher end = END.matcher(line);
      if (isKept(line, begin.matches() || end.matches(), within)) {
        kept.append(line).append("\r\n");
      }
      if (end.matches() && !end.group(1).toUpperCase(Locale.ROOT).equals(within.pollFirst())) {
        throw new IOException("Something ends that has not begun.");
      }
    }
    if (lines < 2 || !within.isEmpty()) {
      throw new IOException("It does not begin, or does not end.");
    }
    return kept.toString();
  }

  /** What a calendar has to have, and the lines of an event in it. */
  private static boolean isKept(String line, boolean isEdge, Deque<String> within) {
    return switch (within.size()) {
      case 1 ->
          within.getFirst().equals("VCALENDAR")
              && (isEdge || OF_A_CALENDAR.matcher(line).matches());
      case 2 ->
          within.getFirst().equals("VEVENT")
              && (isEdge || !LOOKS_LIKE_AN_EDGE.matcher(line).find());
      default -> false;
    };
  }

  private static Calendar parsed(InputStream file) {
    try {
      return new CalendarBuilder().build(new StringReader(onlyEvents(file)));
    } catch (Refused told) {
      throw told;
    } catch (IOException | ParserException | RuntimeException broken) {
      throw fault(
          "This is not a calendar file that can be read (.ics, RFC 5545). Nothing was changed.");
    }
  }

  private static Refused fault(String message) {
    return Refused.faulty(List.of(new FieldFault("", "not-a-calendar", message)));
  }

  private static Optional<Event> event(VEvent event, ZoneId zone) {
    Temporal start =
        event.<DtStart<Temporal>>getProperty(Property.DTSTART).map(DtStart::getDate).orElse(null);
    if (start == null) {
      return Optional.empty();
    }
    LocalDate first = day(start, zone);
    Temporal end = end(event, start);
    return Optional.of(
        new Event(
            text(event, Property.UID, 300),
            text(event, Property.SUMMARY, 120),
            first,
            lastDay(first, end, zone),
            start instanceof LocalDate ? null : local(start, zone).toLocalTime().withSecond(0),
            text(event, Property.LOCATION, 200),
            event.getProperty(Property.RRULE).isPresent(),
            "CANCELLED".equalsIgnoreCase(text(event, Property.STATUS, 20))));
  }

  /** Its end as told, or its start and how long it takes; null when it tells neither. */
  private static @Nullable Temporal end(VEvent event, Temporal start) {
    Optional<Temporal> told =
        event.<DtEnd<Temporal>>getProperty(Property.DTEND).map(DtEnd::getDate);
    return told.or(
            () ->
                event
                    .<Duration>getProperty(Property.DURATION)
                    .map(Duration::getDuration)
                    .map(start::plus))
        .orElse(null);
  }

  /** The end is not part of it: a whole day ends where the next begins. */
  private static LocalDate lastDay(LocalDate first, @Nullable Temporal end, ZoneId zone) {
    if (end == null) {
      return first;
    }
    LocalDate last;
    if (end instanceof LocalDate day) {
      last = day.minusDays(1);
    } else {
      LocalDateTime local = local(end, zone);
      last =
          local.toLocalTime().equals(LocalTime.MIDNIGHT)
              ? local.toLocalDate().minusDays(1)
              : local.toLocalDate();
    }
    return last.isBefore(first) ? first : last;
  }

  private static LocalDate day(Temporal when, ZoneId zone) {
    return when instanceof LocalDate day ? day : local(when, zone).toLocalDate();
  }

  /** A time in a zone of its own is the time on the wall there, where the job is. */
  private static LocalDateTime local(Temporal when, ZoneId zone) {
    return switch (when) {
      case LocalDateTime local -> local;
      case ZonedDateTime zoned -> zoned.toLocalDateTime();
      case OffsetDateTime offset -> offset.atZoneSameInstant(zone).toLocalDateTime();
      case Instant instant -> LocalDateTime.ofInstant(instant, zone);
      default -> LocalDateTime.from(when);
    };
  }

  private static String text(VEvent event, String name, int most) {
    String told =
        event
            .getProperty(name)
            .map(property -> ((Property) property).getValue())
            .orElse("")
            .replaceAll("[\\p{Cntrl}\\s]+", " ")
            .strip();
    return told.length() > most ? told.substring(0, most) : told;
  }
}
