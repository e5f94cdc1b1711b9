package gerula.app.packing;

import gerula.app.booking.BookingDay;
import gerula.app.booking.StoredBooking;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.booking.Booking;
import gerula.core.booking.Face;
import gerula.core.cleandown.brushes.BrushDay;
import gerula.core.cleandown.brushes.BrushRotation;
import gerula.core.cleandown.brushes.BrushRun;
import gerula.core.cleandown.brushes.BrushTimes;
import gerula.core.kit.item.Item;
import gerula.core.rule.BrushPractice;
import java.time.LocalDate;
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
   * @param assumedBrushes how many a whole set is taken to have
   */
  record BrushRunView(
      int sets, int faces, BrushPractice practice, int assumedBrushes, BrushRotation rotation) {}

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
        BrushRotation.of(sets, days, practice, BrushTimes.USUAL));
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
