package gerula.core.kit.intake.place;

import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Section;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What artists call the places of a kit. From memory; common practice. */
final class PlaceWords {

  private static final Map<String, PlaceKind> KINDS =
      Map.ofEntries(
          Map.entry("rolling case", PlaceKind.CASE),
          Map.entry("train case", PlaceKind.CASE),
          Map.entry("trolley", PlaceKind.CASE),
          Map.entry("suitcase", PlaceKind.CASE),
          Map.entry("case", PlaceKind.CASE),
          Map.entry("box", PlaceKind.CASE),
          Map.entry("tray", PlaceKind.TRAY),
          Map.entry("insert", PlaceKind.TRAY),
          Map.entry("drawer", PlaceKind.DRAWER),
          Map.entry("shelf", PlaceKind.SHELF),
          Map.entry("shelves", PlaceKind.SHELF),
          Map.entry("set bag", PlaceKind.SET_BAG),
          Map.entry("brush belt", PlaceKind.BELT),
          Map.entry("tool belt", PlaceKind.BELT),
          Map.entry("belt", PlaceKind.BELT),
          Map.entry("brush roll", PlaceKind.POUCH),
          Map.entry("roll", PlaceKind.POUCH),
          Map.entry("pouch", PlaceKind.POUCH),
          Map.entry("zip bag", PlaceKind.POUCH),
          Map.entry("backpack", PlaceKind.BACKPACK),
          Map.entry("rucksack", PlaceKind.BACKPACK),
          Map.entry("bag", PlaceKind.BACKPACK),
          Map.entry("pocket", PlaceKind.COMPARTMENT),
          Map.entry("compartment", PlaceKind.COMPARTMENT),
          Map.entry("divider", PlaceKind.COMPARTMENT),
          Map.entry("section", PlaceKind.COMPARTMENT),
          Map.entry("palette", PlaceKind.PALETTE),
          Map.entry("trailer", PlaceKind.TRAILER),
          Map.entry("station", PlaceKind.STATION),
          Map.entry("table", PlaceKind.STATION),
          Map.entry("room", PlaceKind.STORE),
          Map.entry("studio", PlaceKind.STORE),
          Map.entry("cupboard", PlaceKind.STORE),
          Map.entry("wardrobe", PlaceKind.STORE),
          Map.entry("cabinet", PlaceKind.STORE),
          Map.entry("drawer unit", PlaceKind.STORE),
          Map.entry("chest of drawers", PlaceKind.STORE),
          Map.entry("store", PlaceKind.STORE));

  private static final Pattern KIND =
      Pattern.compile(
          "\\b("
              + String.join(
                  "|",
                  KINDS.keySet().stream()
                      .sorted(Comparator.comparing(String::length).reversed())
                      .map(Pattern::quote)
                      .toList())
              + ")(e?s)?\\b",
          Pattern.CASE_INSENSITIVE);

  private static final List<String> NUMBERS =
      List.of(
          "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven",
          "twelve");

  private PlaceWords() {}

  /** The first word for a kind of place; the longer of two that begin alike. */
  static Optional<Named> kind(String text) {
    Matcher found = KIND.matcher(text);
    if (!found.find()) {
      return Optional.empty();
    }
    String word = found.group(1).toLowerCase(Locale.ROOT);
    return Optional.of(new Named(KINDS.get(word), found.start(), found.end(1), found.end()));
  }

  /**
   * A word for a kind in a text.
   *
   * @param singularEnd where it ends without the sign of several
   */
  record Named(PlaceKind kind, int from, int singularEnd, int to) {}

  /** What one lays out a place for: "lips", "lip". */
  static Optional<Section> section(String word) {
    String plain = word.strip().toLowerCase(Locale.ROOT);
    return Arrays.stream(Section.values())
        .filter(
            section ->
                section.code().equals(plain)
                    || section.code().equals(plain + "s")
                    || section.code().equals(plain + "es"))
        .findFirst();
  }

  /** "3", "three"; empty for any other word. */
  static Optional<Integer> number(String word) {
    if (word.matches("\\d{1,2}")) {
      return Optional.of(Integer.parseInt(word));
    }
    int at = NUMBERS.indexOf(word.toLowerCase(Locale.ROOT));
    return at < 0 ? Optional.empty() : Optional.of(at + 1);
  }
}
