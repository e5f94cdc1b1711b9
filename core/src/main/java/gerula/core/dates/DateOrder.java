package gerula.core.dates;

import gerula.core.rule.Code;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How somebody writes dates with figures only. */
public enum DateOrder implements Code {
  DAY_FIRST,
  MONTH_FIRST,
  YEAR_FIRST;

  private static final Pattern ISO = Pattern.compile("(\\d{4})[-/.](\\d{1,2})(?:[-/.](\\d{1,2}))?");
  private static final Pattern FIGURES =
      Pattern.compile("(\\d{1,2})[-/. ](\\d{1,2})[-/. ](\\d{4}|\\d{2})");
  private static final Pattern MONTH_YEAR = Pattern.compile("(\\d{1,2})[-/. ](\\d{4})");
  private static final Pattern NAMED =
      Pattern.compile("(?:(\\d{1,2})[. -]*)?([a-z]{3})[a-z]*[. -]*(\\d{4}|\\d{2})");
  private static final Map<String, Integer> MONTHS =
      Map.ofEntries(
          Map.entry("jan", 1),
          Map.entry("feb", 2),
          Map.entry("mar", 3),
          Map.entry("apr", 4),
          Map.entry("may", 5),
          Map.entry("jun", 6),
          Map.entry("jul", 7),
          Map.entry("aug", 8),
          Map.entry("sep", 9),
          Map.entry("oct", 10),
          Map.entry("nov", 11),
          Map.entry("dec", 12));

  /**
   * The order in which all these dates make sense; day first when both do, because most of the
   * world writes so.
   */
  public static DateOrder of(Collection<String> dates) {
    boolean monthMustBeFirst =
        dates.stream()
            .map(date -> FIGURES.matcher(date.strip()))
            .filter(Matcher::matches)
            .anyMatch(found -> Integer.parseInt(found.group(2)) > 12);
    return monthMustBeFirst ? MONTH_FIRST : DAY_FIRST;
  }

  /** A date as people write it; a month without a day means its last day. Empty when it is none. */
  public Optional<LocalDate> read(String written) {
    String text = written.strip().toLowerCase(Locale.ROOT);
    try {
      return readDate(text);
    } catch (DateTimeException noSuchDay) {
      return Optional.empty();
    }
  }

  private Optional<LocalDate> readDate(String text) {
    Matcher iso = ISO.matcher(text);
    if (iso.matches()) {
      int year = Integer.parseInt(iso.group(1));
      int month = Integer.parseInt(iso.group(2));
      return Optional.of(
          iso.group(3) == null
              ? YearMonth.of(year, month).atEndOfMonth()
              : LocalDate.of(year, month, Integer.parseInt(iso.group(3))));
    }
    Matcher figures = FIGURES.matcher(text);
    if (figures.matches()) {
      int first = Integer.parseInt(figures.group(1));
      int second = Integer.parseInt(figures.group(2));
      int year = year(figures.group(3));
      return Optional.of(
          switch (this) {
            case DAY_FIRST -> LocalDate.of(year, second, first);
            case MONTH_FIRST -> LocalDate.of(year, first, second);
            case YEAR_FIRST ->
                LocalDate.of(year(figures.group(1)), second, Integer.parseInt(figures.group(3)));
          });
    }
    Matcher monthYear = MONTH_YEAR.matcher(text);
    if (monthYear.matches()) {
      return Optional.of(
          YearMonth.of(Integer.parseInt(monthYear.group(2)), Integer.parseInt(monthYear.group(1)))
              .atEndOfMonth());
    }
    return named(text);
  }

  private static Optional<LocalDate> named(String text) {
    Matcher named = NAMED.matcher(text);
    if (!named.matches() || !MONTHS.containsKey(named.group(2))) {
      return Optional.empty();
    }
    YearMonth month = YearMonth.of(year(named.group(3)), MONTHS.get(named.group(2)));
    return Optional.of(
        named.group(1) == null
            ? month.atEndOfMonth()
            : month.atDay(Integer.parseInt(named.group(1))));
  }

  private static int year(String written) {
    int year = Integer.parseInt(written);
    return written.length() <= 2 ? 2000 + year : year;
  }
}
