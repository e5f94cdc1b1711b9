package gerula.app.packing;

import gerula.app.booking.BookingDay;
import gerula.app.booking.StoredBooking;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.cleandown.brushes.BrushDay;
import gerula.core.cleandown.brushes.BrushRotation;
import gerula.core.cleandown.brushes.BrushRun;
import gerula.core.cleandown.brushes.BrushSet;
import gerula.core.cleandown.brushes.BrushTimes;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.rule.BrushPractice;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Whether the brushes that go along last a booking's days, washed and dried in between. */
@Component
class BrushRuns {

  private final Packing packing;

  BrushRuns(Packing packing) {
    this.packing = packing;
  }

  /**
   * @param sets how many go along
   * @param faces how many the fullest day has
   * @param practice how one comes by clean brushes between two faces
   * @param assumedBrushes how many a set is taken to have of which nobody said it
   * @param along the sets, in the order of their names
   */
  record BrushRunView(
      int sets,
      int faces,
      BrushPractice practice,
      int assumedBrushes,
      BrushRotation rotation,
      List<SetAlong> along,
      List<RunDay> days) {}

  /**
   * A set that goes along.
   *
   * @param assumed whether nobody said how many brushes it has
   */
  record SetAlong(String id, String name, int brushes, boolean assumed, boolean dense) {}

  /** A day of the booking; local times. */
  record RunDay(LocalDate date, LocalDateTime begins, LocalDateTime ends, int faces) {}

  BrushRunView of(SignedIn who, UUID booking) {
    return packing.withFacts(who, booking, BrushRuns::planned);
  }

  private static BrushRunView planned(Packing.BookingFacts facts, List<Item> along) {
    StoredBooking stored = facts.booking();
    List<BrushDay> days = days(stored, facts.known());
    BrushPractice practice = facts.house().practices().brushes();
    var sets = BrushRun.sets(along);
    return new BrushRunView(
        sets.size(),
        days.stream().mapToInt(BrushDay::faces).max().orElse(0),
        practice,
        BrushRun.USUAL_BRUSHES,
        BrushRotation.of(sets, days, practice, BrushTimes.USUAL),
        sets.stream()
            .map(set -> along(set, along))
            .sorted(Comparator.comparing(SetAlong::name).thenComparing(SetAlong::id))
            .toList(),
        days.stream()
            .map(day -> new RunDay(day.date(), day.begins(), day.ends(), day.faces()))
            .toList());
  }

  private static SetAlong along(BrushSet set, List<Item> along) {
    Product whole =
        along.stream()
            .filter(item -> item.id().toString().equals(set.id()))
            .findFirst()
            .map(Item::product)
            .orElse(null);
    return new SetAlong(
        set.id(),
        whole == null ? set.id() : whole.called(),
        set.brushes(),
        whole != null && whole.brushes() == null,
        set.isDense());
  }

  private static List<BrushDay> days(StoredBooking stored, Booking booking) {
    return booking
        .firstDay()
        .datesUntil(booking.lastDay().plusDays(1))
        .map(date -> day(stored, booking, date))
        .toList();
  }

  private static BrushDay day(StoredBooking stored, Booking booking, LocalDate date) {
    BookingDay own =
        stored.days().stream().filter(one -> one.day().equals(date)).findFirst().orElse(null);
    int faces =
        booking.faces().stream()
            .filter(face -> !face.services().isEmpty() && face.isThereOn(date))
            .mapToInt(Face::heads)
            .sum();
    return BrushRun.day(
        date,
        own == null || own.call() == null ? stored.callTime() : own.call(),
        own == null ? null : own.wrap(),
        faces);
  }
}
