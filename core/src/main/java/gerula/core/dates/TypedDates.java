package gerula.core.dates;

import gerula.core.rule.Code;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.Year;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Dates as people type them: 3/26, mar 26, 12.3.26, last month, 2 weeks ago. */
public final class TypedDates {

  /** Which day is meant where only a month is told, and where a year is missing. */
  public enum Meant implements Code {
    /** The first; of years the latest that is not to come. */
    BEGAN,
    /** The last; of years the next. */
    ENDS,
    /** A day of work: of years the next; two figures are never a month, and a month is no day. */
    DAY
  }

  private static final List<String> MONTHS =
      List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

  private static final Map<String, ChronoUnit> UNITS =
      Map.of(
          "day", ChronoUnit.DAYS,
          "week", ChronoUnit.WEEKS,
          "month", ChronoUnit.MONTHS,
          "year", ChronoUnit.YEARS);

  private static final Map<String, Integer> SMALL =
      Map.of("a", 1, "an", 1, "one", 1, "two", 2, "three", 3, "four", 4, "five", 5, "six", 6);

  private static final Pattern ISO = Pattern.compile("(\\d{4})[-/.](\\d{1,2})(?:[-/.](\\d{1,2}))?");
  private static final Pattern THREE =
      Pattern.compile("(\\d{1,2})[-/.](\\d{1,2})[-/.](\\d{4}|\\d{2})");
  private static final Pattern TWO = Pattern.compile("(\\d{1,2})[-/.](\\d{4}|\\d{1,2})");
  private static final Pattern YEAR = Pattern.compile("(\\d{4})");
  private static final Pattern NAMED =
      Pattern.compile(
          "(?:(\\d{1,2})(?:st|nd|rd|th)?[-/. ]*)?([a-z]{3,9})\\.?(?:[-/. ']*(\\d{4}|\\d{1,2}))?"
              + "(?:st|nd|rd|th)?(?:,? (\\d{4}))?");
  private static final Pattern AGO = Pattern.compile("(\\d{1,2}|[a-z]+) ([a-z]+?)s? ago");
  private static final Pattern AHEAD = Pattern.compile("in (\\d{1,2}|[a-z]+) ([a-z]+?)s?");
  private static final Pattern WEEKDAY =
      Pattern.compile("(?:(last|next|this|on) )?([a-z]{3,9})\\.?");

  /** Years further off than this are days: mar 12 in 2026 is a day, mar 24 a month. */
  private static final int YEARS_BACK = 12;

  private static final int YEARS_AHEAD = 8;

  private final LocalDate today;
  private final DateOrder order;
  private final Meant meant;

  public TypedDates(LocalDate today, DateOrder order, Meant meant) {
    this.today = today;
    this.order = order;
    this.meant = meant;
  }

  /** The day by which it reads. */
  public LocalDate today() {
    return today;
  }

  /**
   * What stands in a field for a date and nothing else: days of the week too, and what is to come.
   *
   * @return empty when it is no date, or one that does not exist
   */
  public Optional<LocalDate> readAlone(String typed) {
    String text = typed.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
    // "Fri 4 Dec" and "Fri, 4 Dec 2026": the date says it all.
    String[] words = text.split("[ ,]+", 2);
    String bare = words.length == 2 && weekday(words[0]).isPresent() ? words[1] : text;
    return ofWeek(bare).or(() -> ahead(bare)).or(() -> read(bare));
  }

  private Optional<LocalDate> ofWeek(String text) {
    Matcher told = WEEKDAY.matcher(text);
    if (!told.matches()) {
      return Optional.empty();
    }
    boolean isBefore =
        told.group(1) == null || told.group(1).equals("on")
            ? meant == Meant.BEGAN
            : told.group(1).equals("last");
    boolean mayBeToday = !"last".equals(told.group(1)) && !"next".equals(told.group(1));
    return weekday(told.group(2)).map(day -> today.with(nearest(day, isBefore, mayBeToday)));
  }

  private static java.time.temporal.TemporalAdjuster nearest(
      DayOfWeek day, boolean isBefore, boolean mayBeToday) {
    if (isBefore) {
      return mayBeToday ? TemporalAdjusters.previousOrSame(day) : TemporalAdjusters.previous(day);
    }
    return mayBeToday ? TemporalAdjusters.nextOrSame(day) : TemporalAdjusters.next(day);
  }

  /** Its first three letters or more of it. */
  private static Optional<DayOfWeek> weekday(String word) {
    return Arrays.stream(DayOfWeek.values())
        .filter(day -> word.length() >= 3)
        .filter(day -> day.name().toLowerCase(Locale.ROOT).startsWith(word))
        .findFirst();
  }

  private Optional<LocalDate> ahead(String text) {
    Matcher ahead = AHEAD.matcher(text);
    return ahead.matches() && UNITS.containsKey(ahead.group(2))
        ? number(ahead.group(1)).map(many -> today.plus(many, UNITS.get(ahead.group(2))))
        : Optional.empty();
  }

  /**
   * @param text in small letters
   * @return empty when it is no date, or one that does not exist
   */
  public Optional<LocalDate> read(String text) {
    try {
      return spoken(text).or(() -> figures(text)).or(() -> named(text));
    } catch (DateTimeException noSuchDay) {
      return Optional.empty();
    }
  }

  private Optional<LocalDate> spoken(String text) {
    Matcher ago = AGO.matcher(text);
    if (ago.matches() && UNITS.containsKey(ago.group(2))) {
      return number(ago.group(1)).map(many -> today.minus(many, UNITS.get(ago.group(2))));
    }
    return Optional.ofNullable(
        switch (text) {
          case "today", "now", "just now" -> today;
          case "yesterday" -> today.minusDays(1);
          case "tomorrow" -> today.plusDays(1);
          case "last week" -> today.minusWeeks(1);
          case "next week" -> today.plusWeeks(1);
          case "last month" -> ofMonth(YearMonth.from(today).minusMonths(1));
          case "this month" -> ofMonth(YearMonth.from(today));
          case "next month" -> ofMonth(YearMonth.from(today).plusMonths(1));
          case "last year" -> ofYear(today.getYear() - 1);
          case "this year" -> ofYear(today.getYear());
          case "next year" -> ofYear(today.getYear() + 1);
          default -> null;
        });
  }

  private static Optional<Integer> number(String told) {
    return Character.isDigit(told.charAt(0))
        ? Optional.of(Integer.parseInt(told))
        : Optional.ofNullable(SMALL.get(told));
  }

  private Optional<LocalDate> figures(String text) {
    Matcher iso = ISO.matcher(text);
    if (iso.matches()) {
      YearMonth month =
          YearMonth.of(Integer.parseInt(iso.group(1)), Integer.parseInt(iso.group(2)));
      return Optional.of(
          iso.group(3) == null ? ofMonth(month) : dayOf(month, Integer.parseInt(iso.group(3))));
    }
    Matcher three = THREE.matcher(text);
    if (three.matches()) {
      return Optional.of(
          ofThree(
              Integer.parseInt(three.group(1)),
              Integer.parseInt(three.group(2)),
              Integer.parseInt(three.group(3))));
    }
    Matcher two = TWO.matcher(text);
    if (two.matches()) {
      return ofTwo(Integer.parseInt(two.group(1)), two.group(2));
    }
    Matcher year = YEAR.matcher(text);
    return year.matches() && isNear(Integer.parseInt(text))
        ? Optional.of(ofYear(Integer.parseInt(text)))
        : Optional.empty();
  }

  private LocalDate ofThree(int one, int two, int three) {
    boolean isDayFirst = order == DateOrder.DAY_FIRST ? two <= 12 : one > 12;
    return switch (order) {
      case YEAR_FIRST -> LocalDate.of(century(one), two, three);
      case DAY_FIRST, MONTH_FIRST ->
          isDayFirst
              ? LocalDate.of(century(three), two, one)
              : LocalDate.of(century(three), one, two);
    };
  }

  /** 3/26 is a month where that makes sense; 26/3 and 3/4 are days. */
  private Optional<LocalDate> ofTwo(int one, String written) {
    int two = Integer.parseInt(written);
    boolean isYear = written.length() == 4 || written.length() == 2 && isNear(century(two));
    if (isYear && one <= 12 && meant != Meant.DAY) {
      return Optional.of(ofMonth(YearMonth.of(century(two), one)));
    }
    if (order == DateOrder.YEAR_FIRST && isNear(century(one)) && two <= 12 && meant != Meant.DAY) {
      return Optional.of(ofMonth(YearMonth.of(century(one), two)));
    }
    boolean isDayFirst = order == DateOrder.DAY_FIRST ? two <= 12 : one > 12;
    return Optional.of(isDayFirst ? ofDay(two, one) : ofDay(one, two));
  }

  private Optional<LocalDate> named(String text) {
    String bare = text.startsWith("in ") ? text.substring(3) : text;
    Matcher named = NAMED.matcher(bare);
    if (!named.matches()) {
      return Optional.empty();
    }
    int month = month(named.group(2));
    if (month == 0) {
      return Optional.empty();
    }
    String before = named.group(1);
    String after = named.group(3);
    String year = named.group(4);
    if (after == null) {
      return Optional.of(before == null ? ofMonth(month) : ofDay(month, Integer.parseInt(before)));
    }
    int figure = Integer.parseInt(after);
    if (year != null) {
      return Optional.of(LocalDate.of(Integer.parseInt(year), month, figure));
    }
    boolean isYear =
        after.length() == 4
            || after.length() == 2
                && isNear(century(figure))
                && (before != null || meant != Meant.DAY);
    if (before != null && !isYear) {
      return Optional.empty();
    }
    if (isYear) {
      YearMonth told = YearMonth.of(century(figure), month);
      return Optional.of(before == null ? ofMonth(told) : dayOf(told, Integer.parseInt(before)));
    }
    return Optional.of(ofDay(month, figure));
  }

  /** From 1, 0 for none: its first three letters or more of it. */
  private static int month(String word) {
    int at = word.length() < 3 ? -1 : MONTHS.indexOf(word.substring(0, 3));
    String whole =
        at < 0 ? "" : java.time.Month.of(at + 1).name().toLowerCase(java.util.Locale.ROOT);
    return whole.startsWith(word) || word.equals("sept") && at == 8 ? at + 1 : 0;
  }

  private static int century(int year) {
    return year < 100 ? 2000 + year : year;
  }

  private boolean isNear(int year) {
    return year >= today.getYear() - YEARS_BACK && year <= today.getYear() + YEARS_AHEAD;
  }

  private LocalDate ofMonth(YearMonth month) {
    return switch (meant) {
      case BEGAN -> month.atDay(1);
      case ENDS -> month.atEndOfMonth();
      case DAY -> throw new DateTimeException("A month is no day.");
    };
  }

  private LocalDate ofYear(int year) {
    return switch (meant) {
      case BEGAN -> Year.of(year).atDay(1);
      case ENDS -> Year.of(year).atMonth(12).atEndOfMonth();
      case DAY -> throw new DateTimeException("A year is no day.");
    };
  }

  /** Of this year or the one before, or of this or the next. */
  private LocalDate ofMonth(int month) {
    YearMonth ofThisYear = YearMonth.of(today.getYear(), month);
    YearMonth now = YearMonth.from(today);
    return ofMonth(
        switch (meant) {
          case BEGAN -> ofThisYear.isAfter(now) ? ofThisYear.minusYears(1) : ofThisYear;
          case ENDS, DAY -> ofThisYear.isBefore(now) ? ofThisYear.plusYears(1) : ofThisYear;
        });
  }

  private LocalDate ofDay(int month, int day) {
    LocalDate ofThisYear = dayOf(YearMonth.of(today.getYear(), month), day);
    return switch (meant) {
      case BEGAN -> ofThisYear.isAfter(today) ? ofThisYear.minusYears(1) : ofThisYear;
      case ENDS, DAY -> ofThisYear.isBefore(today) ? ofThisYear.plusYears(1) : ofThisYear;
    };
  }

  private static LocalDate dayOf(YearMonth month, int day) {
    return month.atDay(day);
  }
}
