package gerula.core.shade;

import gerula.core.rule.Code;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** To which side of its depth a skin, or a shade made for it, leans. */
public enum Undertone implements Code {
  COOL,
  NEUTRAL,
  WARM,
  OLIVE;

  /** How shades are called. Common practice: a word, or a letter beside the number. */
  private static final Map<String, Undertone> WORDS =
      Map.ofEntries(
          Map.entry("cool", COOL),
          Map.entry("rosy", COOL),
          Map.entry("rose", COOL),
          Map.entry("pink", COOL),
          Map.entry("c", COOL),
          Map.entry("neutral", NEUTRAL),
          Map.entry("n", NEUTRAL),
          Map.entry("warm", WARM),
          Map.entry("golden", WARM),
          Map.entry("gold", WARM),
          Map.entry("honey", WARM),
          Map.entry("yellow", WARM),
          Map.entry("w", WARM),
          Map.entry("olive", OLIVE));

  private static final Pattern TOLD =
      Pattern.compile(
          "\\b(cool|rosy|rose|pink|neutral|warm|golden|gold|honey|yellow|olive)\\b"
              + "|\\b\\d+(?:\\.\\d+)?\\s?([cnw])\\b"
              + "|\\b([cnw])\\s?\\d+(?:\\.\\d+)?\\b");

  /** What the name of a shade says of it; empty where it says nothing, or two different things. */
  public static Optional<Undertone> told(String shade) {
    Matcher words = TOLD.matcher(shade.toLowerCase(Locale.ROOT));
    Undertone found = null;
    while (words.find()) {
      Undertone one = WORDS.get(firstOf(words));
      if (found != null && found != one) {
        return Optional.empty();
      }
      found = one;
    }
    return Optional.ofNullable(found);
  }

  private static String firstOf(Matcher words) {
    for (int group = 1; group <= words.groupCount(); group++) {
      if (words.group(group) != null) {
        return words.group(group);
      }
    }
    return "";
  }

  /** Whether one can be worn for the other without being seen: a neutral shade goes with all. */
  public boolean goesWith(Undertone other) {
    return this == other || this == NEUTRAL || other == NEUTRAL;
  }
}
