package gerula.app.kit.intake;

import java.util.regex.Pattern;

/**
 * Keeps spreadsheet programs from running what stands in a cell: a text that begins like a formula
 * gets an apostrophe in front (OWASP, CSV Injection), which is taken off again when it is read. A
 * text that already begins with such apostrophes gets one more, so that nothing is lost.
 */
public final class Formulas {

  private static final Pattern LIKE_A_FORMULA = Pattern.compile("'*[=+\\-@\\t\\r\\n]");
  private static final Pattern MADE_SAFE = Pattern.compile("'+[=+\\-@\\t\\r\\n]");

  private Formulas() {}

  public static String safe(String text) {
    return LIKE_A_FORMULA.matcher(text).lookingAt() ? "'" + text : text;
  }

  static String read(String cell) {
    return MADE_SAFE.matcher(cell).lookingAt() ? cell.substring(1) : cell;
  }
}
