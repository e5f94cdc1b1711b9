package gerula.core.dates;

import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The last day a pack may be used, and every clock that had a say.
 *
 * @param lastDay inclusive; null when no clock runs
 * @param replaceBy the day to replace it by: the last day, less the house's margin for eye
 *     products; null when no clock runs
 * @param clocks all clocks that run, the one that ends first in front
 */
public record UseBy(
    @Nullable LocalDate lastDay, @Nullable LocalDate replaceBy, List<ClockEnd> clocks) {

  /**
   * One clock and where it ends.
   *
   * @param lastDay inclusive
   */
  public record ClockEnd(Clock clock, LocalDate lastDay) {}

  private static final Comparator<ClockEnd> EARLIEST_FIRST =
      Comparator.comparing(ClockEnd::lastDay).thenComparing(ClockEnd::clock);

  public UseBy {
    clocks = List.copyOf(clocks);
  }

  /**
   * Runs the clocks of one pack; the earliest wins.
   *
   * <p>Opened: the printed expiry, the opening plus the period after opening, the opening plus the
   * house limit of its class. Sealed: the printed expiry, or without one the day it was made (else
   * bought) plus its unopened life. Months are calendar months: opened on 31 August, six months end
   * on the last day of February. Common practice; the period after opening is the sign of
   * Regulation (EC) 1223/2009, article 19(1)(c).
   */
  public static UseBy of(DateClass dateClass, PackDates pack, HouseRules house) {
    List<ClockEnd> clocks = new ArrayList<>();
    if (pack.printedExpiry() != null) {
      clocks.add(new ClockEnd(Clock.PRINTED_EXPIRY, pack.printedExpiry()));
    }
    if (pack.openedOn() != null) {
      afterOpening(dateClass, pack, pack.openedOn(), house, clocks);
    } else if (pack.printedExpiry() == null) {
      unopened(dateClass, pack).ifPresent(clocks::add);
    }
    clocks.sort(EARLIEST_FIRST);
    if (clocks.isEmpty()) {
      return new UseBy(null, null, clocks);
    }
    LocalDate lastDay = clocks.getFirst().lastDay();
    LocalDate replaceBy =
        dateClass.isForTheEye() ? lastDay.minusDays(house.eyeMarginDays()) : lastDay;
    return new UseBy(lastDay, replaceBy, clocks);
  }

  private static void afterOpening(
      DateClass dateClass,
      PackDates pack,
      LocalDate openedOn,
      HouseRules house,
      List<ClockEnd> clocks) {
    if (pack.periodAfterOpening() != null) {
      clocks.add(
          new ClockEnd(Clock.PERIOD_AFTER_OPENING, openedOn.plusMonths(pack.periodAfterOpening())));
    }
    dateClass
        .limit(house.dateLimits())
        .ifPresent(limit -> clocks.add(new ClockEnd(Clock.HOUSE_LIMIT, openedOn.plus(limit))));
  }

  private static Optional<ClockEnd> unopened(DateClass dateClass, PackDates pack) {
    LocalDate start = pack.madeOn() != null ? pack.madeOn() : pack.boughtOn();
    if (start == null) {
      return Optional.empty();
    }
    return dateClass
        .unopenedLife()
        .map(life -> new ClockEnd(Clock.UNOPENED_LIFE, start.plus(life)));
  }

  /** Whether it may still be used on that day. What no clock limits, always may. */
  public boolean isGoodOn(LocalDate day) {
    return lastDay == null || !day.isAfter(lastDay);
  }

  /** Whether that day lies beyond the day to replace it by. */
  public boolean isDueForReplacementOn(LocalDate day) {
    return replaceBy != null && day.isAfter(replaceBy);
  }
}
