package gerula.core.kit.intake.line;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A range of shades: "1-6, 8, 9", "N1-N6", "12, 14". */
final class ShadeRange {

  /** Nobody types more than a shop has of one line. */
  private static final int MOST = 120;

  private static final Pattern RUN =
      Pattern.compile("([a-z]{0,3})(\\d{1,3})[-–]([a-z]{0,3})(\\d{1,3})", Pattern.CASE_INSENSITIVE);
  private static final Pattern ONE =
      Pattern.compile("[a-z]{0,3}\\d{1,3}(?:\\.\\d)?[a-z]?", Pattern.CASE_INSENSITIVE);

  private ShadeRange() {}

  /**
   * @param shades each of them, in order
   * @param to the word after the last of it
   */
  record Range(List<String> shades, int to) {}

  /** The range that begins with this word; one shade is none. */
  static List<Range> at(LineWords words, int from) {
    List<String> shades = new ArrayList<>();
    boolean goesOn = true;
    int at = from;
    while (goesOn && at < words.count() && words.isFree(at)) {
      int before = shades.size();
      for (String part : words.text(at).split(",")) {
        add(part, shades);
      }
      if (shades.size() == before) {
        break;
      }
      goesOn = words.written(at).endsWith(",") || isAnd(words, at + 1);
      at++;
      if (goesOn && isAnd(words, at)) {
        at++;
      }
    }
    return shades.size() > 1 && shades.size() <= MOST ? List.of(new Range(shades, at)) : List.of();
  }

  private static boolean isAnd(LineWords words, int at) {
    return at + 1 < words.count()
        && words.isFree(at)
        && (words.lower(at).equals("and") || words.text(at).equals("&"))
        && ONE.matcher(words.text(at + 1)).matches();
  }

  private static void add(String part, List<String> shades) {
    Matcher run = RUN.matcher(part);
    if (run.matches()) {
      int first = Integer.parseInt(run.group(2));
      int last = Integer.parseInt(run.group(4));
      boolean isOneLine = run.group(3).isEmpty() || run.group(3).equalsIgnoreCase(run.group(1));
      if (isOneLine && first < last && last - first < MOST) {
        boolean isPadded = run.group(2).startsWith("0");
        for (int shade = first; shade <= last; shade++) {
          String figure = isPadded ? padded(shade, run.group(2).length()) : Integer.toString(shade);
          shades.add(run.group(1) + figure);
        }
      }
    } else if (ONE.matcher(part).matches()) {
      shades.add(part);
    }
  }

  private static String padded(int figure, int length) {
    String text = Integer.toString(figure);
    return "0".repeat(Math.max(0, length - text.length())) + text;
  }
}
