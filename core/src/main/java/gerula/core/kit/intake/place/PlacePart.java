package gerula.core.kit.intake.place;

import gerula.core.kit.place.Inside;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.product.Section;
import gerula.core.rule.Text;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** One part of a line between two commas: "3 trays 30x20x6 (base, eyes, lips)". */
final class PlacePart {

  /** Where among its neighbours one comes upon it. */
  enum Reach {
    FIRST,
    BETWEEN,
    LAST
  }

  private static final String NUMBER = "(\\d{1,4}(?:[.,]\\d{1,2})?)";

  private static final Pattern NAMES = Pattern.compile("\\(([^)]*)\\)");
  private static final Pattern MEASURES =
      Pattern.compile(
          "(?:\\b(about|approx\\.?|ca\\.?|circa|roughly)\\s*|(~)\\s*)?"
              + NUMBER
              + "\\s*[x×*]\\s*"
              + NUMBER
              + "(?:\\s*[x×*]\\s*"
              + NUMBER
              + ")?\\s*(mm|cm|inches|inch|in\\b|\")?",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern SLOTS =
      Pattern.compile(
          "\\b(\\d{1,3})\\s*(?:slots?|pans?|loops?|holes?|wells?)\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern MASS =
      Pattern.compile(
          "\\b(?:(up to|at most|max\\.?|holds|carries)\\s*)?"
              + NUMBER
              + "\\s*(kg|g|lbs?|pounds?)\\b",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern SEALED =
      Pattern.compile(
          "\\b(?:airtight|watertight|closes tightly|tight lid)\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern CLEAR =
      Pattern.compile("\\b(?:clear|transparent|see-through)\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern LAST =
      Pattern.compile(
          "\\b(?:below|beneath|underneath|(?:at|in) the bottom)\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern FIRST =
      Pattern.compile("\\b(?:on top|above|in the lid)\\b", Pattern.CASE_INSENSITIVE);
  private static final Pattern FOR =
      Pattern.compile("\\bfor (?:the )?([a-z-]+)\\b", Pattern.CASE_INSENSITIVE);

  /** Millimetres of an inch, grams of a pound: exact by definition. */
  private static final double INCH_MM = 25.4;

  private static final double POUND_G = 453.59237;

  /** No tray is wider than this, so that larger figures without a unit are millimetres. */
  private static final double WIDEST_CM = 150;

  private String rest;
  private int count = 1;
  private List<String> names = List.of();
  private @Nullable Integer widthMm;
  private @Nullable Integer depthMm;
  private @Nullable Integer heightMm;
  private @Nullable Integer slots;
  private boolean isEstimated;
  private int ownMassG;
  private @Nullable Integer greatestMassG;
  private boolean isSealed;
  private boolean isWindowed;
  private @Nullable Section section;
  private Reach reach = Reach.BETWEEN;

  private PlacePart(String text) {
    rest = text;
  }

  static PlacePart of(String text) {
    PlacePart part = new PlacePart(text);
    part.take(NAMES, found -> part.names = PlacePart.listed(found.group(1)));
    part.take(MEASURES, part::measured);
    part.take(SLOTS, found -> part.slots = Integer.parseInt(found.group(1)));
    part.takeAll(MASS, part::weighed);
    part.take(SEALED, _ -> part.isSealed = true);
    part.isWindowed = CLEAR.matcher(part.rest).find();
    part.take(LAST, _ -> part.reach = Reach.LAST);
    part.take(FIRST, _ -> part.reach = Reach.FIRST);
    part.counted();
    part.laidOutFor();
    return part;
  }

  Reach reach() {
    return reach;
  }

  int count() {
    return Math.max(count, names.size());
  }

  /** As many places as it tells of, each with what lies in it. */
  List<PlaceSketch> sketches(List<PlaceSketch> insides) {
    return IntStream.range(0, count()).mapToObj(at -> sketch(at, insides)).toList();
  }

  private PlaceSketch sketch(int at, List<PlaceSketch> insides) {
    Optional<PlaceWords.Named> word = PlaceWords.kind(rest);
    boolean isNamed = at < names.size();
    String name = isNamed ? names.get(at) : count() == 1 ? rest : numbered(word, at + 1);
    PlaceKind kind =
        word.map(PlaceWords.Named::kind)
            .orElse(insides.isEmpty() ? PlaceKind.COMPARTMENT : PlaceKind.CASE);
    return PlaceSketchBuilder.stagedBuilder()
        .name(capital(!Text.isVisible(name) ? kind.code().replace('-', ' ') : name))
        .kind(kind)
        .inside(inside())
        .isEstimated(isEstimated)
        .isWindowed(isWindowed)
        .ownMassG(ownMassG)
        .greatestMassG(greatestMassG)
        .section(isNamed ? PlaceWords.section(names.get(at)).orElse(section) : section)
        .insides(insides)
        .build();
  }

  private Inside inside() {
    Inside.Slots grid = slots == null ? null : new Inside.Slots(slots, null, null, null);
    return new Inside(widthMm, depthMm, heightMm, grid, isSealed);
  }

  /** "Tray 2" of "trays": of several each has a number. */
  private String numbered(Optional<PlaceWords.Named> word, int number) {
    String one =
        word.map(found -> rest.substring(0, found.singularEnd()) + rest.substring(found.to()))
            .orElse(rest);
    return (one + " " + number).strip();
  }

  private void measured(Matcher found) {
    double mm = millimetres(found);
    isEstimated = found.group(1) != null || found.group(2) != null;
    widthMm = length(found.group(3), mm);
    depthMm = length(found.group(4), mm);
    heightMm = found.group(5) == null ? null : (Integer) length(found.group(5), mm);
  }

  private static double millimetres(Matcher found) {
    String unit = found.group(6) == null ? "" : found.group(6).toLowerCase(Locale.ROOT);
    return switch (unit) {
      case "mm" -> 1;
      case "cm" -> 10;
      case "" -> largest(found) > WIDEST_CM ? 1 : 10;
      default -> INCH_MM;
    };
  }

  private static double largest(Matcher found) {
    return IntStream.rangeClosed(3, 5)
        .mapToObj(found::group)
        .filter(told -> told != null)
        .mapToDouble(PlacePart::figure)
        .max()
        .orElse(0);
  }

  private static int length(String told, double mm) {
    return (int) Math.clamp(Math.round(figure(told) * mm), 1, 10_000);
  }

  private static double figure(String told) {
    return Double.parseDouble(told.replace(',', '.'));
  }

  private void weighed(Matcher found) {
    double grams =
        figure(found.group(2))
            * switch (found.group(3).toLowerCase(Locale.ROOT)) {
              case "kg" -> 1000;
              case "g" -> 1;
              default -> POUND_G;
            };
    int told = (int) Math.clamp(Math.round(grams), 1, 500_000);
    if (found.group(1) != null) {
      greatestMassG = told;
    } else {
      ownMassG = told;
    }
  }

  private void counted() {
    String[] words = rest.split("[ ]+", 2);
    String first = words[0].replaceAll("(?<=\\d)[x×]$", "");
    PlaceWords.number(first)
        .filter(_ -> words.length == 2 || !names.isEmpty())
        .ifPresent(
            many -> {
              count = Math.clamp(many, 1, PlaceLine.MOST_PLACES);
              rest = words.length == 2 ? words[1] : "";
            });
    rest = rest.replaceFirst("(?i)^(?:an?|the|with) ", "");
  }

  /** "lip tray", "pouch for brushes". */
  private void laidOutFor() {
    Matcher told = FOR.matcher(rest);
    section =
        told.find()
            ? PlaceWords.section(told.group(1)).orElse(null)
            : PlaceWords.section(rest.split(" ", 2)[0]).orElse(null);
  }

  private static List<String> listed(String text) {
    return Arrays.stream(text.split("[,;/]|\\band\\b"))
        .map(String::strip)
        .filter(name -> !name.isEmpty())
        .toList();
  }

  private void take(Pattern pattern, Consumer<Matcher> tell) {
    Matcher found = pattern.matcher(rest);
    if (found.find()) {
      tell.accept(found);
      rest = tidy(rest.substring(0, found.start()) + " " + rest.substring(found.end()));
    }
  }

  private void takeAll(Pattern pattern, Consumer<Matcher> tell) {
    List<String> before = new ArrayList<>();
    while (!before.contains(rest)) {
      before.add(rest);
      take(pattern, tell);
    }
  }

  private static String tidy(String text) {
    return text.strip().replaceAll("\\s+", " ");
  }

  private static String capital(String text) {
    String bare = text.strip();
    return bare.isEmpty() ? bare : Character.toUpperCase(bare.charAt(0)) + bare.substring(1);
  }
}
