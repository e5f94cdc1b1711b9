package gerula.core.kit.intake;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Words evened out: capitals, plurals and ways of spelling do not matter. */
public final class PlainWords {

  /** Spellings of one word, and words written as one that are two. */
  private static final Map<String, String> SAME =
      Map.ofEntries(
          Map.entry("color", "colour"),
          Map.entry("colored", "coloured"),
          Map.entry("gray", "grey"),
          Map.entry("moisturizer", "moisturiser"),
          Map.entry("moisturizing", "moisturising"),
          Map.entry("sanitizer", "sanitiser"),
          Map.entry("sanitizing", "sanitising"),
          Map.entry("luminizer", "luminiser"),
          Map.entry("neutralizer", "neutraliser"),
          Map.entry("atomizer", "atomiser"),
          Map.entry("texturizing", "texturising"),
          Map.entry("fiber", "fibre"),
          Map.entry("mold", "mould"),
          Map.entry("molding", "moulding"),
          Map.entry("modeling", "modelling"),
          Map.entry("aging", "ageing"),
          Map.entry("mustache", "moustache"),
          Map.entry("eyeshadow", "eye shadow"),
          Map.entry("eyeliner", "eye liner"),
          Map.entry("eyeprimer", "eye primer"),
          Map.entry("eyepencil", "eye pencil"),
          Map.entry("eyecream", "eye cream"),
          Map.entry("eyelash", "lash"),
          Map.entry("eyelid", "lid"),
          Map.entry("eyebrow", "brow"),
          Map.entry("lipliner", "lip liner"),
          Map.entry("lipgloss", "lip gloss"),
          Map.entry("lipbalm", "lip balm"),
          Map.entry("lippencil", "lip pencil"),
          Map.entry("hairspray", "hair spray"),
          Map.entry("hairbrush", "hair brush"),
          Map.entry("hairclip", "hair clip"),
          Map.entry("hairpin", "hair pin"),
          Map.entry("hairband", "hair band"),
          Map.entry("hairdryer", "hair dryer"),
          Map.entry("headband", "head band"),
          Map.entry("facepowder", "face powder"),
          Map.entry("makeup", "make up"),
          Map.entry("undereye", "under eye"),
          Map.entry("aftershave", "after shave"),
          Map.entry("antishine", "anti shine"),
          Map.entry("heatproof", "heat proof"),
          Map.entry("powerbank", "power bank"),
          Map.entry("lens", "lens"),
          Map.entry("lenses", "lens"),
          Map.entry("scissors", "scissor"));

  private static final Pattern BETWEEN = Pattern.compile("[^\\p{L}\\p{N}]+");
  private static final List<String> NO_PLURAL = List.of("ss", "us", "is");
  private static final List<String> WITH_E = List.of("shes", "ches", "xes", "sses");

  private PlainWords() {}

  /** The words of a text, parted by whatever is neither letter nor figure. */
  public static List<String> of(String text) {
    List<String> words = new ArrayList<>();
    for (String one : BETWEEN.split(text.toLowerCase(Locale.ROOT))) {
      if (!one.isEmpty()) {
        words.addAll(List.of(plain(one).split(" ")));
      }
    }
    return words;
  }

  private static String plain(String word) {
    String same = SAME.get(word);
    if (same != null) {
      return same;
    }
    String one = singular(word);
    return SAME.getOrDefault(one, one);
  }

  private static String singular(String word) {
    if (word.length() < 4 || !word.endsWith("s") || endsInOne(word, NO_PLURAL)) {
      return word;
    }
    if (word.endsWith("ies") && word.length() > 4) {
      return word.substring(0, word.length() - 3) + "y";
    }
    return word.substring(0, word.length() - (endsInOne(word, WITH_E) ? 2 : 1));
  }

  private static boolean endsInOne(String word, List<String> endings) {
    return endings.stream().anyMatch(word::endsWith);
  }
}
