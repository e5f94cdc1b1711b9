package gerula.core.restock.stock;

import gerula.core.restock.NormalQuantile;
import gerula.core.rule.Code;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * When a product has to be ordered and how much of it, so that it does not run out more often than
 * the service level allows, lasts until one looks again, and is used before its date.
 *
 * @param neededOn the day from which it may be short
 * @param orderBy the last day to order it; before today where it is too late already
 * @param packs to order, 1 or more
 * @param usablePacks how many can be used up before their date, at the pace they are used
 * @param pastShare of an opened pack: what would pass its date unused, 0 to 1
 * @param booking that is hit first, null where it is used beside bookings or ends by its date
 */
public record OrderAdvice(
    LocalDate neededOn,
    LocalDate orderBy,
    int packs,
    int usablePacks,
    double pastShare,
    @Nullable UUID booking,
    Why why) {

  /** How it comes to be short. */
  public enum Why implements Code {
    /** A booking takes it. */
    BOOKING,
    /** What is used beside bookings takes it. */
    PLAIN_USE,
    /** It passes its date. */
    DATE
  }

  /** So long after it is there one looks again. From memory. */
  private static final int REVIEW_DAYS = 30;

  /** How long a sealed pack keeps about. From memory. */
  private static final int SEALED_DAYS = 730;

  private static final int MOST_PACKS = 999;

  /**
   * @param days looked ahead, 1 or more
   * @return null where it lasts
   */
  public static @Nullable OrderAdvice of(
      StockFacts facts, OrderTerms terms, LocalDate today, int days) {
    int all = days + REVIEW_DAYS;
    Demand demand = new Demand(facts, today, all);
    double[] used = demand.at(NormalQuantile.of(terms.serviceLevel()));
    Falling falling = new Falling(facts.packs(), today, used);
    int need = firstShort(falling, days);
    if (need < 0) {
      return null;
    }
    LocalDate neededOn = today.plusDays(need);
    LocalDate orderBy = terms.orderBy(neededOn);
    int there = Math.max(need, terms.daysFrom(today));
    double missing = 0;
    for (int at = 0; at < Math.min(all, there + REVIEW_DAYS); at++) {
      missing += falling.missing[at];
    }
    int packs = (int) Math.min(MOST_PACKS, Math.max(1, Math.ceil(missing / terms.pack())));
    double perDay = demand.mean(all - 1) / all;
    int usable = (int) Math.min(MOST_PACKS, Math.floor(perDay * SEALED_DAYS / terms.pack()));
    return new OrderAdvice(
        neededOn,
        orderBy,
        packs,
        Math.max(1, usable),
        pastShare(perDay, terms),
        bookingOn(facts, neededOn),
        why(facts, neededOn));
  }

  /** The first day on which something is missing: what nobody takes any more may run out. */
  private static int firstShort(Falling falling, int days) {
    for (int at = 0; at < days; at++) {
      if (falling.missing[at] > 0) {
        return at;
      }
    }
    return -1;
  }

  private static double pastShare(double perDay, OrderTerms terms) {
    return terms.daysOnceOpen() == null
        ? 0
        : Math.max(0, 1 - perDay * terms.daysOnceOpen() / terms.pack());
  }

  private static @Nullable UUID bookingOn(StockFacts facts, LocalDate day) {
    return facts.bookings().stream()
        .filter(one -> one.isOn(day))
        .map(BookingUse::booking)
        .findFirst()
        .orElse(null);
  }

  private static Why why(StockFacts facts, LocalDate day) {
    if (bookingOn(facts, day) != null) {
      return Why.BOOKING;
    }
    boolean isPast =
        facts.packs().stream()
            .anyMatch(
                pack ->
                    pack.lastDay() != null
                        && ChronoUnit.DAYS.between(pack.lastDay(), day) == 1
                        && pack.amount() > 0);
    return isPast ? Why.DATE : Why.PLAIN_USE;
  }

  public boolean isLate(LocalDate today) {
    return orderBy.isBefore(today);
  }
}
