package gerula.core.kit.intake;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What colours are called, and words that tell a shade without a colour of its own. The table is
 * the project's own: what such a name usually looks like, to be replaced by what is measured.
 */
public final class ColourNames {

  private static final Map<String, String> HEX = new HashMap<>();

  /** Depths and undertones. */
  private static final Set<String> NO_COLOUR =
      Set.of(
          "fair",
          "light",
          "medium",
          "deep",
          "dark",
          "rich",
          "neutral",
          "warm",
          "cool",
          "golden",
          "translucent",
          "clear",
          "transparent",
          "universal",
          "colourless",
          "invisible",
          "pale",
          "mid",
          "intense",
          "classic",
          "true",
          "soft");

  static {
    WordTable.lines("colours.txt")
        .forEach(line -> HEX.put(String.join(" ", PlainWords.of(line.get(0))), line.get(1)));
  }

  private ColourNames() {}

  /** Whether a plain word tells which shade something is. */
  public static boolean tellsShade(String word) {
    return HEX.containsKey(word) || NO_COLOUR.contains(word);
  }

  /** The colour of a shade's name: of the longest name of a colour in it, of two the last. */
  public static Optional<String> of(String shade) {
    List<String> words = PlainWords.of(shade);
    for (int length = Math.min(3, words.size()); length > 0; length--) {
      for (int from = words.size() - length; from >= 0; from--) {
        String hex = HEX.get(String.join(" ", words.subList(from, from + length)));
        if (hex != null) {
          return Optional.of(hex);
        }
      }
    }
    return Optional.empty();
  }
}
