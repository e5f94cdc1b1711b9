package gerula.app.dates.calendar;

import gerula.app.booking.StoredBooking;
import gerula.core.booking.Booking;
import gerula.core.kit.item.Item;
import gerula.core.rule.Text;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VJournal;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtEnd;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Location;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Sequence;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableTransp;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;

/**
 * A calendar by RFC 5545: each booking over its days, one entry for each day on which things end,
 * and one for each by which something has to be ordered. All entries are whole days, which no time
 * zone can move.
 */
final class CalendarFile {

  /** Longer lists are cut: a calendar shows a few lines. */
  private static final int MOST_NAMED = 20;

  private final Calendar calendar = new Calendar();
  private final Instant madeAt;

  private CalendarFile(Instant madeAt) {
    this.madeAt = madeAt;
    calendar.add(new ProdId("-//Gerula//Bookings and last days//EN"));
    calendar.add(ImmutableVersion.VERSION_2_0);
    calendar.add(ImmutableCalScale.GREGORIAN);
  }

  /**
   * @param ending things with a last day, whatever their order
   * @param ordering what has to be ordered by a day at the latest
   * @param madeAt stands in every entry as the time it was told
   */
  static String of(
      Collection<StoredBooking> bookings,
      Map<LocalDate, List<Item>> ending,
      Map<LocalDate, List<String>> ordering,
      Instant madeAt) {
    CalendarFile file = new CalendarFile(madeAt);
    bookings.forEach(file::add);
    ending.forEach(file::add);
    ordering.forEach(file::addOrder);
    if (file.calendar.getComponents().isEmpty()) {
      file.addNothing();
    }
    StringWriter written = new StringWriter();
    try {
      new CalendarOutputter(true).output(file.calendar, written);
    } catch (IOException impossible) {
      throw new UncheckedIOException("Writing to memory does not fail.", impossible);
    }
    return written.toString();
  }

  private void add(StoredBooking stored) {
    Booking booking = stored.booking();
    VEvent event =
        event(
            "booking-" + booking.id() + "@gerula.invalid",
            booking.firstDay(),
            booking.lastDay(),
            booking.title());
    event.add(new Sequence(stored.version()));
    if (!stored.location().isBlank()) {
      event.add(new Location(plain(stored.location())));
    }
    String faces = booking.faces().size() == 1 ? "One face." : booking.faces().size() + " faces.";
    event.add(
        new Description(
            stored.callTime() == null ? faces : faces + " Call at " + stored.callTime() + "."));
    calendar.add(event);
  }

  private void add(LocalDate lastDay, List<Item> things) {
    String summary =
        things.size() == 1
            ? "Last day: " + name(things.getFirst())
            : "Last day of " + things.size() + " things";
    VEvent event = event("ends-" + lastDay + "@gerula.invalid", lastDay, lastDay, summary);
    event.add(
        new Description(
            things.stream()
                .map(CalendarFile::name)
                .sorted()
                .limit(MOST_NAMED)
                .collect(Collectors.joining("\n"))));
    // Nobody is busy because a mascara ends.
    event.add((Transp) ImmutableTransp.TRANSPARENT);
    calendar.add(event);
  }

  private void addOrder(LocalDate day, List<String> things) {
    VEvent event =
        event(
            "order-" + day + "@gerula.invalid",
            day,
            day,
            things.size() == 1
                ? "Order by today: " + things.getFirst()
                : "Order " + things.size() + " things by today");
    event.add(
        new Description(
            things.stream()
                .map(CalendarFile::plain)
                .sorted()
                .limit(MOST_NAMED)
                .collect(Collectors.joining("\n"))));
    event.add((Transp) ImmutableTransp.TRANSPARENT);
    calendar.add(event);
  }

  /** A calendar has at least one component: RFC 5545, 3.6. */
  private void addNothing() {
    VJournal nothing = new VJournal(false);
    nothing.add(new Uid("nothing@gerula.invalid"));
    nothing.add(new DtStamp(madeAt));
    nothing.add(new DtStart<>(LocalDate.ofInstant(madeAt, ZoneOffset.UTC)));
    nothing.add(new Summary("Nothing is booked, and nothing ends."));
    calendar.add(nothing);
  }

  private VEvent event(String uid, LocalDate first, LocalDate last, String summary) {
    VEvent event = new VEvent(false);
    event.add(new Uid(uid));
    event.add(new DtStamp(madeAt));
    event.add(new DtStart<>(first));
    // The end of a whole day is the next: RFC 5545, 3.6.1.
    event.add(new DtEnd<>(last.plusDays(1)));
    event.add(new Summary(plain(summary)));
    return event;
  }

  private static String name(Item item) {
    return plain(item.product().called());
  }

  /**
   * Without control characters but line ends and tabs, which are all a text may hold: RFC 5545,
   * 3.1.
   */
  private static String plain(String text) {
    return Text.withPlainLineEnds(text).replaceAll("[\\p{Cntrl}&&[^\n\t]]+", " ").strip();
  }
}
