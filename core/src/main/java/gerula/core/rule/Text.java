package gerula.core.rule;

import java.util.Optional;

/** What may stand in a name or a note. */
public final class Text {

  /** Letters that show nothing although Unicode counts them as letters or symbols. */
  private static final String BLANK_LETTERS = "\u115F\u1160\u3164\uFFA0\u2800";

  private Text() {}

  /** Whether anything of it is seen: a name of spaces and joiners is none. */
  public static boolean isVisible(String text) {
    return text.codePoints().anyMatch(Text::isVisible);
  }

  private static boolean isVisible(int letter) {
    return switch (Character.getType(letter)) {
      case Character.CONTROL,
          Character.FORMAT,
          Character.SURROGATE,
          Character.PRIVATE_USE,
          Character.UNASSIGNED,
          Character.SPACE_SEPARATOR,
          Character.LINE_SEPARATOR,
          Character.PARAGRAPH_SEPARATOR,
          Character.NON_SPACING_MARK,
          Character.ENCLOSING_MARK ->
          false;
      default -> BLANK_LETTERS.indexOf(letter) < 0;
    };
  }

  /** Line ends as one character: what was written on any machine reads alike. */
  public static String withPlainLineEnds(String text) {
    return text.indexOf('\r') < 0 ? text : text.replace("\r\n", "\n").replace('\r', '\n');
  }

  /** Why it cannot be kept; empty when it can. Tabs and line ends may stand in it. */
  public static Optional<String> fault(String text) {
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if (Character.isHighSurrogate(one)
          && i + 1 < text.length()
          && Character.isLowSurrogate(text.charAt(i + 1))) {
        i++;
      } else if (Character.isSurrogate(one)) {
        return Optional.of("holds half a character");
      } else if (Character.isISOControl(one) && one != '\t' && one != '\n' && one != '\r') {
        return Optional.of("holds a control character");
      }
    }
    return Optional.empty();
  }
}
