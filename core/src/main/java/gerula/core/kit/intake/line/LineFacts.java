package gerula.core.kit.intake.line;

import gerula.core.dates.DateOrder;
import gerula.core.dates.TypedDates;
import gerula.core.dates.TypedDates.Meant;
import gerula.core.kit.intake.Written;
import gerula.core.kit.intake.line.LineToken.Part;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** What is told in figures and fixed words: amounts, numbers, levels, dates, prices, notes. */
final class LineFacts {

  private static final Set<String> OPENED = Set.of("opened", "open", "op", "since", "begun");
  private static final Set<String> EXPIRES =
      Set.of("exp", "expires", "expiry", "expiring", "bb", "bbe", "bbd", "until", "ends");
  private static final Set<String> EXPIRES_IN_TWO = Set.of("use by", "best before", "good until");
  private static final Set<String> LINKS = Set.of("on", "in", "since", "by", "date", "at", "from");
  private static final int LONGEST_DATE = 4;

  private static final Map<String, String> LEVELS =
      Map.ofEntries(
          Map.entry("full", "1"),
          Map.entry("new", "1"),
          Map.entry("brand new", "1"),
          Map.entry("sealed", "1"),
          Map.entry("unopened", "1"),
          Map.entry("unused", "1"),
          Map.entry("nearly full", "0.9"),
          Map.entry("almost full", "0.9"),
          Map.entry("3/4", "0.75"),
          Map.entry("3/4 full", "0.75"),
          Map.entry("¾", "0.75"),
          Map.entry("three quarters", "0.75"),
          Map.entry("2/3", "0.667"),
          Map.entry("two thirds", "0.667"),
          Map.entry("half", "0.5"),
          Map.entry("half full", "0.5"),
          Map.entry("half empty", "0.5"),
          Map.entry("half left", "0.5"),
          Map.entry("half used", "0.5"),
          Map.entry("1/2", "0.5"),
          Map.entry("1/2 full", "0.5"),
          Map.entry("½", "0.5"),
          Map.entry("1/3", "0.333"),
          Map.entry("a third", "0.333"),
          Map.entry("1/4", "0.25"),
          Map.entry("1/4 left", "0.25"),
          Map.entry("1/4 full", "0.25"),
          Map.entry("¼", "0.25"),
          Map.entry("quarter", "0.25"),
          Map.entry("a quarter", "0.25"),
          Map.entry("low", "0.25"),
          Map.entry("running low", "0.25"),
          Map.entry("almost empty", "0.1"),
          Map.entry("nearly empty", "0.1"),
          Map.entry("almost gone", "0.1"),
          Map.entry("almost finished", "0.1"),
          Map.entry("nearly gone", "0.1"),
          Map.entry("empty", "0"));

  private static final Set<String> SEALED =
      Set.of("new", "brand new", "sealed", "unopened", "unused");

  private static final Pattern PERCENT = Pattern.compile("(\\d{1,3}) ?%(?: (?:full|left))?");
  private static final Pattern COUNT = Pattern.compile("[x×] ?(\\d{1,3})|(\\d{1,3}) ?[x×]");
  private static final Pattern MONTHS =
      Pattern.compile("(?:pao:? ?)?(\\d{1,2}) ?(?:m|mth|mths|months?)(?: pao)?|pao:? ?(\\d{1,2})");
  private static final String MONEY = "(\\d{1,6}(?:[.,]\\d{1,2})?)";
  private static final String CURRENCY = "(?:[£$€¥]|gbp|eur|usd|chf|sek|nok|dkk|kr|pln|aud|cad)";
  private static final Pattern PRICE =
      Pattern.compile(
          "(?:paid|price|cost)?:? ?"
              + CURRENCY
              + " ?"
              + MONEY
              + "|"
              + MONEY
              + " ?"
              + CURRENCY
              + "|(?:paid|price|cost):? "
              + MONEY);
  private static final Pattern HEX = Pattern.compile("#[0-9a-f]{6}");
  private static final Pattern NOTE = Pattern.compile("(?:note|nb|n\\.b|remark)s?:?");

  private final LineWords words;
  private final TypedDates began;
  private final TypedDates ends;

  @Nullable LocalDate openedOn;
  @Nullable LocalDate printedExpiry;
  @Nullable Integer months;
  @Nullable BigDecimal content;
  @Nullable Unit unit;
  @Nullable Integer count;
  @Nullable BigDecimal left;
  @Nullable BigDecimal price;
  @Nullable String colour;
  @Nullable String note;
  private boolean isSealed;

  LineFacts(LineWords words, LocalDate today, DateOrder order) {
    this.words = words;
    began = new TypedDates(today, order, Meant.BEGAN);
    ends = new TypedDates(today, order, Meant.ENDS);
  }

  /**
   * Takes what it understands, from left to right; the first of two that tell the same counts.
   *
   * @param named words that tell a class together: "full" in "full brush set" is no level
   */
  void read(Set<Integer> named) {
    notes();
    for (int at = 0; at < words.count(); at++) {
      if (words.isFree(at) && !fact(at)) {
        level(at, named);
      }
    }
    if (isSealed) {
      openedOn = null;
    }
  }

  private boolean fact(int at) {
    return opened(at)
        || expiry(at)
        || taken(at, 2, HEX, Part.COLOUR, colour, found -> colour = found.group())
        || taken(at, 3, PRICE, Part.PRICE, price, found -> price = money(found))
        || taken(at, 2, COUNT, Part.COUNT, count, found -> count = figure(found))
        || taken(at, 3, MONTHS, Part.PERIOD_AFTER_OPENING, months, found -> months = figure(found))
        || amount(at);
  }

  /** Brackets, and whatever follows "note". */
  private void notes() {
    for (int at = 0; at < words.count(); at++) {
      int to = at;
      if (words.written(at).startsWith("(")) {
        to = closing(at);
      } else if (at > 0 && NOTE.matcher(words.lower(at)).matches() && at + 1 < words.count()) {
        to = words.count();
      }
      if (to > at) {
        List<Integer> all = IntStream.range(at, to).boxed().toList();
        note = words.joined(all).map(text -> note == null ? text : note + " " + text).orElse(note);
        words.take(at, to, Part.NOTE);
        at = to - 1;
      }
    }
  }

  private int closing(int open) {
    for (int at = open; at < words.count(); at++) {
      if (words.written(at).contains(")")) {
        return at + 1;
      }
    }
    return open;
  }

  private boolean opened(int at) {
    if (openedOn != null || !OPENED.contains(words.lower(at))) {
      return false;
    }
    return dated(at, at + 1, began, Part.OPENED_ON, day -> openedOn = day)
        // Opened some time: the words are no part of the name.
        || words.lower(at).equals("opened") && take(at, at + 1, Part.OPENED_ON);
  }

  private boolean expiry(int at) {
    if (printedExpiry != null) {
      return false;
    }
    boolean isTwo = words.areFree(at, at + 2) && EXPIRES_IN_TWO.contains(words.lower(at, at + 2));
    if (!isTwo && !EXPIRES.contains(words.lower(at))) {
      return false;
    }
    return dated(at, at + (isTwo ? 2 : 1), ends, Part.PRINTED_EXPIRY, day -> printedExpiry = day);
  }

  /** A word that asks for a date, perhaps a link, and the longest date that follows. */
  private boolean dated(int at, int after, TypedDates dates, Part as, Consumer<LocalDate> tell) {
    int from = after;
    while (from < words.count() && words.isFree(from) && LINKS.contains(words.lower(from))) {
      from++;
    }
    for (int to = Math.min(words.count(), from + LONGEST_DATE); to > from; to--) {
      if (words.areFree(from, to) && !isFigureOfWhatFollows(to)) {
        Optional<LocalDate> day = dates.read(words.lower(from, to));
        if (day.isPresent()) {
          tell.accept(day.get());
          return take(at, to, as);
        }
      }
    }
    return false;
  }

  /** "december 9 ml" is no ninth of December. */
  private boolean isFigureOfWhatFollows(int to) {
    return to < words.count()
        && words.lower(to - 1).matches("\\d+")
        && (Written.unit(words.lower(to)).isPresent()
            || MONTHS.matcher("1 " + words.lower(to)).matches());
  }

  private boolean amount(int at) {
    if (content != null || !Character.isDigit(first(at))) {
      return false;
    }
    for (int to = Math.min(words.count(), at + 3); to > at; to--) {
      if (words.areFree(at, to)) {
        Optional<Written.WrittenAmount> read =
            Written.amount(words.lower(at, to).replace("fl oz", "floz"));
        if (read.isPresent() && read.get().unit().isPresent() && read.get().number().signum() > 0) {
          content = read.get().number();
          unit = read.get().unit().get();
          return take(at, to, Part.CONTENT);
        }
      }
    }
    return false;
  }

  private char first(int at) {
    return words.text(at).isEmpty() ? ' ' : words.text(at).charAt(0);
  }

  private void level(int at, Set<Integer> named) {
    if (left != null) {
      return;
    }
    for (int to = Math.min(words.count(), at + 3); to > at; to--) {
      if (words.areFree(at, to) && IntStream.range(at, to).noneMatch(named::contains)) {
        String told = words.lower(at, to);
        BigDecimal share = share(told);
        if (share != null) {
          left = share;
          isSealed = SEALED.contains(told);
          words.take(at, to, Part.LEFT_SHARE);
          return;
        }
      }
    }
  }

  private static @Nullable BigDecimal share(String told) {
    Matcher percent = PERCENT.matcher(told);
    if (percent.matches() && Integer.parseInt(percent.group(1)) <= 100) {
      return BigDecimal.valueOf(Integer.parseInt(percent.group(1)), 2);
    }
    String share = LEVELS.get(told);
    return share == null ? null : new BigDecimal(share);
  }

  /** The longest run of words from here on that is such a thing, unless it was told before. */
  private boolean taken(
      int at, int most, Pattern pattern, Part as, @Nullable Object before, Consumer<Matcher> tell) {
    if (before != null) {
      return false;
    }
    for (int to = Math.min(words.count(), at + most); to > at; to--) {
      Matcher found = pattern.matcher(words.areFree(at, to) ? words.lower(at, to) : "");
      if (found.matches()) {
        tell.accept(found);
        return take(at, to, as);
      }
    }
    return false;
  }

  private boolean take(int from, int to, Part as) {
    words.take(from, to, as);
    return true;
  }

  private static int figure(Matcher found) {
    return Integer.parseInt(group(found));
  }

  private static BigDecimal money(Matcher found) {
    return new BigDecimal(group(found).replace(',', '.'));
  }

  /** The one of its groups that was found. */
  private static String group(Matcher found) {
    for (int group = 1; group <= found.groupCount(); group++) {
      if (found.group(group) != null) {
        return found.group(group);
      }
    }
    throw new IllegalStateException("Nothing was found in " + found + ".");
  }
}
