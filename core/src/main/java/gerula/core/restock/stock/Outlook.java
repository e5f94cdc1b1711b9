package gerula.core.restock.stock;

import gerula.core.restock.NormalQuantile;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * How a product goes on from today: a line that falls, with a band in which it stays four times out
 * of five.
 *
 * @param left of it today
 * @param runsOutOn the first day on which nothing is left, by what is to be expected
 * @param mayRunOutOn the same at the lower edge of the band
 * @param shortFor the first booking that does not get all it takes, as far as is to be expected
 * @param mayBeShortFor the same at the lower edge of the band
 * @param past what will pass its date unused
 * @param line where it stands at the end of days: the first, the last, and those between on which
 *     it bends
 */
public record Outlook(
    double left,
    @Nullable LocalDate runsOutOn,
    @Nullable LocalDate mayRunOutOn,
    @Nullable ShortFor shortFor,
    @Nullable ShortFor mayBeShortFor,
    double past,
    List<Point> line) {

  /** The band holds four times out of five: one in ten lies below it, one in ten above. */
  static final double BAND = NormalQuantile.of(0.9);

  /** As a share of what is left at first: less is not seen. */
  private static final double LEAST_SEEN = 0.004;

  /** So much of a booking's part is not there. */
  public record ShortFor(UUID booking, double missing) {}

  /** What is left by the end of a day: expected, and the edges of the band. */
  public record Point(LocalDate on, double left, double least, double most) {}

  public Outlook {
    line = List.copyOf(line);
  }

  /**
   * @param days to look ahead, 1 or more
   */
  public static Outlook of(StockFacts facts, LocalDate today, int days) {
    Demand demand = new Demand(facts, today, days);
    Falling expected = new Falling(facts.packs(), today, demand.at(0));
    Falling worse = new Falling(facts.packs(), today, demand.at(BAND));
    Falling better = new Falling(facts.packs(), today, demand.at(-BAND));
    double left =
        facts.packs().stream()
            .filter(pack -> pack.isGoodOn(today))
            .mapToDouble(StockPack::amount)
            .sum();
    return new Outlook(
        left,
        day(today, expected.runsOutOn()),
        day(today, worse.runsOutOn()),
        shortFor(facts, demand, expected),
        shortFor(facts, demand, worse),
        expected.past,
        line(today, expected, worse, better));
  }

  private static @Nullable LocalDate day(LocalDate today, int at) {
    return at < 0 ? null : today.plusDays(at);
  }

  /** The first booking on whose days something is missing, and how much of it over all of them. */
  private static @Nullable ShortFor shortFor(StockFacts facts, Demand demand, Falling falling) {
    for (int at = 0; at < demand.days(); at++) {
      for (BookingUse one : facts.bookings()) {
        if (falling.missing[at] > 0 && demand.ofBooking(one, at) > 0) {
          return new ShortFor(one.booking(), missing(one, demand, falling));
        }
      }
    }
    return null;
  }

  private static double missing(BookingUse one, Demand demand, Falling falling) {
    double missing = 0;
    for (int at = 0; at < demand.days(); at++) {
      missing += Math.min(falling.missing[at], demand.ofBooking(one, at));
    }
    return missing;
  }

  private static List<Point> line(
      LocalDate today, Falling expected, Falling worse, Falling better) {
    List<Point> line = new ArrayList<>();
    int last = expected.left.length - 1;
    int from = 0;
    line.add(point(today, 0, expected, worse, better));
    for (int at = 1; at <= last; at++) {
      if (at == last || !isStraight(from, at + 1, expected, worse, better)) {
        line.add(point(today, at, expected, worse, better));
        from = at;
      }
    }
    return line;
  }

  /** Whether nobody sees the difference where all of them run straight from one day to another. */
  private static boolean isStraight(int from, int to, Falling... lines) {
    double least = Math.max(1, lines[0].left[0]) * LEAST_SEEN;
    for (Falling line : lines) {
      double slope = (line.left[to] - line.left[from]) / (to - from);
      for (int at = from + 1; at < to; at++) {
        if (Math.abs(line.left[from] + slope * (at - from) - line.left[at]) > least) {
          return false;
        }
      }
    }
    return true;
  }

  private static Point point(
      LocalDate today, int at, Falling expected, Falling worse, Falling better) {
    return new Point(today.plusDays(at), expected.left[at], worse.left[at], better.left[at]);
  }
}
