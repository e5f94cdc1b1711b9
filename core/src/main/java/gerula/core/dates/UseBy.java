package gerula.core.dates;

import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
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
   * @param source position of the source pack whose clock it is, from 0; null when it is the pack's
   *     own
   */
  public record ClockEnd(Clock clock, LocalDate lastDay, @Nullable Integer source) {

    public ClockEnd(Clock clock, LocalDate lastDay) {
      this(clock, lastDay, null);
    }
  }

  private static final Comparator<ClockEnd> EARLIEST_FIRST =
      Comparator.comparing(ClockEnd::lastDay)
          .thenComparing(ClockEnd::clock)
          .thenComparing(ClockEnd::source, Comparator.nullsFirst(Comparator.naturalOrder()));

  private static final Comparator<@Nullable LocalDate> NEVER_LAST =
      Comparator.nullsLast(Comparator.naturalOrder());

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
    return of(dateClass, pack, HouseLimit.of(house, dateClass), house.eyeMarginDays());
  }

  /**
   * The same for a pack that is several things, as a base with a sun filter is: the class that ends
   * first rules it. Common practice.
   *
   * @param dateClasses at least one
   */
  public static UseBy of(Set<DateClass> dateClasses, PackDates pack, HouseRules house) {
    if (dateClasses.size() == 1) {
      return of(dateClasses.iterator().next(), pack, house);
    }
    List<UseBy> each = dateClasses.stream().map(one -> of(one, pack, house)).toList();
    UseBy shortest =
        each.stream()
            .min(Comparator.comparing(UseBy::lastDay, NEVER_LAST))
            .orElseThrow(() -> new IllegalArgumentException("A pack is something: name a class."));
    UseBy replacedFirst = Collections.min(each, Comparator.comparing(UseBy::replaceBy, NEVER_LAST));
    return new UseBy(shortest.lastDay(), replacedFirst.replaceBy(), shortest.clocks());
  }

  /**
   * The same with a limit told by itself.
   *
   * @param eyeMarginDays how long before its last day an eye product is replaced, 0 or more
   */
  public static UseBy of(DateClass dateClass, PackDates pack, HouseLimit limit, int eyeMarginDays) {
    return earliest(dateClass, clocks(dateClass, pack, limit, null), eyeMarginDays);
  }

  /**
   * Runs the clocks of what a container was filled from: one source of a decant, several of one
   * that was topped up. The earliest rules the whole container; the day it was filled counts for
   * nothing. Common practice.
   *
   * @param sources at least one, as they were when opened
   */
  public static UseBy ofSources(
      DateClass dateClass, List<PackDates> sources, HouseLimit limit, int eyeMarginDays) {
    if (sources.isEmpty()) {
      throw new IllegalArgumentException("A decant was filled from something: name its source.");
    }
    List<ClockEnd> clocks = new ArrayList<>();
    for (int source = 0; source < sources.size(); source++) {
      clocks.addAll(clocks(dateClass, sources.get(source), limit, source));
    }
    return earliest(dateClass, clocks, eyeMarginDays);
  }

  private static UseBy earliest(DateClass dateClass, List<ClockEnd> clocks, int eyeMarginDays) {
    if (clocks.isEmpty()) {
      return new UseBy(null, null, clocks);
    }
    clocks.sort(EARLIEST_FIRST);
    LocalDate lastDay = clocks.getFirst().lastDay();
    LocalDate replaceBy = dateClass.isForTheEye() ? lastDay.minusDays(eyeMarginDays) : lastDay;
    return new UseBy(lastDay, replaceBy, clocks);
  }

  private static List<ClockEnd> clocks(
      DateClass dateClass, PackDates pack, HouseLimit limit, @Nullable Integer source) {
    List<ClockEnd> clocks = new ArrayList<>();
    if (pack.printedExpiry() != null) {
      clocks.add(new ClockEnd(Clock.PRINTED_EXPIRY, pack.printedExpiry(), source));
    }
    if (pack.openedOn() != null) {
      afterOpening(pack, pack.openedOn(), limit, source, clocks);
    } else if (pack.printedExpiry() == null) {
      unopened(dateClass, pack)
          .ifPresent(end -> clocks.add(new ClockEnd(Clock.UNOPENED_LIFE, end, source)));
    }
    return clocks;
  }

  private static void afterOpening(
      PackDates pack,
      LocalDate openedOn,
      HouseLimit limit,
      @Nullable Integer source,
      List<ClockEnd> clocks) {
    if (pack.periodAfterOpening() != null) {
      clocks.add(
          new ClockEnd(
              Clock.PERIOD_AFTER_OPENING, openedOn.plusMonths(pack.periodAfterOpening()), source));
    }
    if (limit.afterOpening() != null) {
      clocks.add(new ClockEnd(Clock.HOUSE_LIMIT, openedOn.plus(limit.afterOpening()), source));
    }
  }

  private static Optional<LocalDate> unopened(DateClass dateClass, PackDates pack) {
    LocalDate start = pack.madeOn() != null ? pack.madeOn() : pack.boughtOn();
    return start == null ? Optional.empty() : dateClass.unopenedLife().map(start::plus);
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
