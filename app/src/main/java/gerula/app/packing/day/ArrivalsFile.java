package gerula.app.packing.day;

import gerula.app.packing.day.ChairRecords.SatFace;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * When faces arrive, as a calendar by RFC 5545. Times are instants, so that a calendar in another
 * zone shows them rightly.
 */
final class ArrivalsFile {

  private ArrivalsFile() {}

  /**
   * @param faces one alone for her own calendar: it names nobody else
   * @param isHers whether it is for the face herself
   */
  static String of(
      UUID booking,
      String title,
      String location,
      LocalDate day,
      List<SatFace> faces,
      boolean isHers,
      ZoneId zone,
      Instant madeAt) {
    Calendar calendar = new Calendar();
    calendar.add(new ProdId("-//Gerula//Arrival times//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
    for (SatFace face : faces) {
      VEvent event = new VEvent(false);
      event.add(new Uid("chair-" + booking + "-" + day + "-" + face.face() + "@gerula.invalid"));
      event.add(new DtStamp(madeAt));
      event.add(new DtStart<>(instant(day, face.start(), zone)));
      event.add(new DtEnd<>(instant(day, face.end(), zone)));
      event.add(new Summary(summary(title, face, isHers)));
      if (!location.isBlank()) {
        event.add(new Location(location));
      }
      calendar.add(event);
    }
    StringWriter written = new StringWriter();
    try {
      new CalendarOutputter(true).output(calendar, written);
    } catch (IOException impossible) {
      throw new UncheckedIOException("Writing to memory does not fail.", impossible);
    }
    return written.toString();
  }

  private static String summary(String title, SatFace face, boolean isHers) {
    if (isHers) {
      return "Make-up: " + title;
    }
    return (face.name().isBlank() ? "A face" : face.name()) + " in the chair, " + title;
  }

  private static Instant instant(LocalDate day, String time, ZoneId zone) {
    return day.atStartOfDay().plusMinutes(MinuteWords.minute(time)).atZone(zone).toInstant();
  }
}
