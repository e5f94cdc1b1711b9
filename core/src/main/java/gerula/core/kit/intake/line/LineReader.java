package gerula.core.kit.intake.line;

import gerula.core.dates.DateOrder;
import gerula.core.kit.intake.ColourNames;
import gerula.core.kit.intake.PlainWords;
import gerula.core.kit.intake.TradeWords;
import gerula.core.kit.intake.line.LineToken.Part;
import gerula.core.kit.intake.line.LineWords.Plain;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * Reads a line as somebody types it while standing at a drawer: {@code Tarnwell Soft base 3 ivory
 * 30 ml opened 3/26 half x2}. First what is told in figures and fixed words, then the kit's own
 * words, then maker, class and shade; what is left is the name and never lost.
 */
public final class LineReader {

  /** As long as a line may be, in UTF-16 units. */
  public static final int LONGEST = 500;

  private static final Pattern SHADE_CODE =
      Pattern.compile(
          "(?:no\\.?|nr\\.?|#)?\\d{1,3}(?:[.,]\\d{1,2})?[A-Z]{0,2}|[A-Z]{1,3}[-.]?\\d{1,3}(?:\\.\\d)?[A-Z]?",
          Pattern.CASE_INSENSITIVE);

  /** Say how something is, and begin the name of a product rather than name its maker. */
  private static final Set<String> DESCRIBING =
      Set.of(
          "soft",
          "matte",
          "matt",
          "satin",
          "dewy",
          "sheer",
          "velvet",
          "fine",
          "natural",
          "glow",
          "radiant",
          "luminous",
          "creamy",
          "silky",
          "silk",
          "long",
          "mini",
          "big",
          "small",
          "large",
          "travel",
          "black",
          "old",
          "new",
          "full",
          "waterproof",
          "ultra",
          "super",
          "micro",
          "hd",
          "high",
          "hydrating",
          "mattifying",
          "tinted",
          "clear",
          "white",
          "red",
          "nude",
          "my",
          "the",
          "a",
          "two",
          "three",
          "empty",
          "disposable",
          "professional",
          "pro");

  private static final Map<String, Form> FORM_WORDS =
      Map.ofEntries(
          Map.entry("stick", Form.STICK),
          Map.entry("loose", Form.LOOSE_POWDER),
          Map.entry("pressed", Form.PRESSED_POWDER),
          Map.entry("bullet", Form.LIPSTICK_BULLET),
          Map.entry("pencil", Form.SHARPENABLE_PENCIL),
          Map.entry("retractable", Form.TWIST_UP_PENCIL),
          Map.entry("twist", Form.TWIST_UP_PENCIL),
          Map.entry("aerosol", Form.AEROSOL),
          Map.entry("synthetic", Form.BRUSH_SYNTHETIC),
          Map.entry("felt", Form.FELT_TIP_PEN));

  /** What is told apart by its colour; a balm by its scent. */
  private static final Set<Section> COLOURED =
      EnumSet.of(
          Section.BASE, Section.POWDER, Section.BROWS, Section.EYES, Section.MASCARA, Section.LIPS);

  private final LineWords words;
  private final LineFacts facts;
  private final KnownWords known;
  private TradeWords.@Nullable Guess guess;
  private List<String> shades = List.of();
  private Spelt spelt = new Spelt(null, null);

  /** Maker and name as the kit spells them, where they are its own. */
  private record Spelt(@Nullable String maker, @Nullable String name) {}

  private LineReader(String line, LocalDate today, DateOrder order, KnownWords known) {
    words = new LineWords(line);
    facts = new LineFacts(words, today, order);
    this.known = known;
  }

  /**
   * @param today the day from which months and "last week" are counted
   * @param order in which dates in figures are written
   * @throws IllegalArgumentException when it is longer than {@value #LONGEST}
   */
  public static LineRead read(String line, LocalDate today, DateOrder order, KnownWords known) {
    if (line.length() > LONGEST) {
      throw new IllegalArgumentException(
          "A line has at most " + LONGEST + " characters, but this has " + line.length() + ".");
    }
    return new LineReader(line, today, order, known).read();
  }

  private LineRead read() {
    facts.read(namedTogether());
    OwnWord name = OwnWord.longest(known.names(), words).orElse(null);
    take(name, Part.NAME);
    OwnWord maker = OwnWord.longest(known.makers(), words).orElse(null);
    take(maker, Part.MAKER);
    spelt = new Spelt(maker == null ? null : maker.spelt(), name == null ? null : name.spelt());
    Set<Integer> own = name == null ? Set.of() : name.at();
    range();
    if (maker == null) {
      maker();
    }
    List<Integer> named = new ArrayList<>(words.free());
    named.addAll(own);
    named.sort(Comparator.naturalOrder());
    TradeWords.Found found = TradeWords.find(plainOf(named)).orElse(null);
    guess = found == null ? null : found.guess();
    Set<Integer> ofClass = found == null ? Set.of() : positions(named, found);
    new LinePieces(words, facts).read(guess, ofClass);
    if (shades.isEmpty()) {
      shade(own, ofClass);
    }
    if (shades.isEmpty() && own.isEmpty()) {
      colourInFront(ofClass);
    }
    ofClass.stream()
        .filter(words::isFree)
        .forEach(at -> words.take(at, at + 1, Part.PRODUCT_CLASS));
    return new LineRead(items(), words.tokens());
  }

  /**
   * "black gel liner", "peach corrector": the colour stands before what it is. Where it belongs to
   * the words of the class, only a corrector is told apart by it: rose water is no shade.
   */
  private void colourInFront(Set<Integer> ofClass) {
    OptionalInt first = ofClass.stream().mapToInt(Integer::intValue).min();
    if (first.isEmpty()
        || !COLOURED.contains(guess.productClass().section())
        || guess.productClass() == ProductClass.LIP_BALM) {
      return;
    }
    int within = first.getAsInt();
    boolean isOfClass = guess.productClass() == ProductClass.CORRECTOR && isColour(within);
    int at = isOfClass ? within : within - 1;
    if (at < 0 || !words.isFree(at) || !isColour(at) || (isOfClass && ofClass.size() == 1)) {
      return;
    }
    shades = List.of(words.text(at));
    words.take(at, at + 1, Part.SHADE);
  }

  private boolean isColour(int at) {
    return ColourNames.of(words.text(at)).isPresent();
  }

  /** Positions of words that tell a class only together. */
  private Set<Integer> namedTogether() {
    List<Integer> all = words.free();
    return TradeWords.find(plainOf(all))
        .filter(found -> found.to() - found.from() > 1)
        .map(found -> positions(all, found))
        .orElse(Set.of());
  }

  private List<String> plainOf(List<Integer> positions) {
    return words.plain(positions).stream().map(Plain::word).toList();
  }

  private Set<Integer> positions(List<Integer> of, TradeWords.Found found) {
    Set<Integer> positions = new HashSet<>();
    words.plain(of).subList(found.from(), found.to()).forEach(one -> positions.add(one.at()));
    return positions;
  }

  private void take(@Nullable OwnWord own, Part as) {
    if (own != null) {
      own.at().forEach(at -> words.take(at, at + 1, as));
    }
  }

  /** The first word, when it is capitalised, no word of the trade, and a name is left. */
  private void maker() {
    List<Integer> free = words.free();
    if (free.isEmpty() || free.getFirst() != 0 || !isCapitalised(words.text(0))) {
      return;
    }
    boolean hasName = free.size() > 1 || !words.taken(Part.NAME).isEmpty();
    boolean isWordOfTheTrade =
        PlainWords.of(words.text(0)).stream()
            .anyMatch(
                word ->
                    TradeWords.isTradeWord(word)
                        || DESCRIBING.contains(word)
                        || ColourNames.tellsShade(word));
    if (hasName && !isWordOfTheTrade && !onlyShadesFollow(free)) {
      words.take(0, 1, Part.MAKER);
    }
  }

  /** "Ivorine 3" has a name and a shade, but no maker. */
  private boolean onlyShadesFollow(List<Integer> free) {
    return words.taken(Part.NAME).isEmpty()
        && free.stream().skip(1).allMatch(at -> isShadeCode(at));
  }

  private static boolean isCapitalised(String word) {
    return !word.isEmpty() && Character.isUpperCase(word.codePointAt(0));
  }

  private void range() {
    for (int at : words.free()) {
      if (at == 0) {
        continue;
      }
      Optional<ShadeRange.Range> range = ShadeRange.at(words, at).stream().findFirst();
      if (range.isPresent()) {
        shades = range.get().shades();
        words.take(at, range.get().to(), Part.SHADE);
        return;
      }
    }
  }

  /**
   * After a name of the kit's own all that is left; else from the first word on that tells a shade
   * after a name, up to the words of the class.
   */
  private void shade(Set<Integer> own, Set<Integer> ofClass) {
    List<Integer> free = words.free().stream().filter(at -> !ofClass.contains(at)).toList();
    List<Integer> shade = own.isEmpty() ? shadeOf(free, ofClass) : after(free, own);
    words.joined(shade).ifPresent(text -> shades = List.of(text));
    shade.forEach(at -> words.take(at, at + 1, Part.SHADE));
  }

  private static List<Integer> after(List<Integer> free, Set<Integer> name) {
    int last = name.stream().mapToInt(Integer::intValue).max().orElseThrow();
    return free.stream().filter(at -> at > last).toList();
  }

  private List<Integer> shadeOf(List<Integer> free, Set<Integer> ofClass) {
    int lastOfClass = ofClass.stream().mapToInt(Integer::intValue).max().orElse(-1);
    for (int at : free) {
      boolean hasName = free.getFirst() < at || ofClass.stream().anyMatch(one -> one < at);
      boolean isCode = isShadeCode(at);
      boolean isWord = at > lastOfClass && tellsShade(at);
      if (isCode && (hasName || lastOfClass > at) || isWord && hasName) {
        int end = at < lastOfClass ? firstAfter(ofClass, at) : words.count();
        return free.stream().filter(one -> one >= at && one < end).toList();
      }
    }
    return List.of();
  }

  private static int firstAfter(Set<Integer> positions, int at) {
    return positions.stream()
        .mapToInt(Integer::intValue)
        .filter(one -> one > at)
        .min()
        .orElseThrow();
  }

  private boolean isShadeCode(int at) {
    return SHADE_CODE.matcher(words.text(at)).matches();
  }

  private boolean tellsShade(int at) {
    List<String> plain = PlainWords.of(words.text(at));
    return !plain.isEmpty() && plain.stream().allMatch(ColourNames::tellsShade);
  }

  private List<LineItem> items() {
    return shades.isEmpty() ? List.of(item(null)) : shades.stream().map(this::item).toList();
  }

  private LineItem item(@Nullable String shade) {
    List<Integer> name = new ArrayList<>(words.free());
    name.addAll(words.taken(Part.NAME));
    name.addAll(words.taken(Part.PRODUCT_CLASS));
    name.sort(Comparator.naturalOrder());
    return LineItemBuilder.stagedBuilder()
        .maker(
            spelt.maker() != null
                ? spelt.maker()
                : words.joined(words.taken(Part.MAKER)).orElse(null))
        .name(spelt.name() != null ? spelt.name() : words.joined(name).orElse(""))
        .shade(shade)
        .productClass(guess == null ? null : guess.productClass())
        .sure(guess != null && guess.isSure())
        .form(form(name))
        .content(facts.content)
        .unit(facts.unit)
        .count(facts.count)
        .leftShare(facts.left)
        .openedOn(facts.openedOn)
        .printedExpiry(facts.printedExpiry)
        .periodAfterOpening(facts.months)
        .price(facts.price)
        .colour(colour(shade))
        .note(facts.note)
        .build();
  }

  private @Nullable String colour(@Nullable String shade) {
    if (facts.colour != null) {
      return facts.colour;
    }
    return shade == null ? null : ColourNames.of(shade).orElse(null);
  }

  /** As the words of its class tell it, else a word that tells nothing but a form. */
  private @Nullable Form form(List<Integer> name) {
    if (guess != null && guess.toldForm() != null) {
      return guess.toldForm();
    }
    return plainOf(name).stream()
        .map(FORM_WORDS::get)
        .filter(Objects::nonNull)
        .findFirst()
        .or(() -> Code.find(Form.class, String.join("-", plainOf(name))))
        .orElse(null);
  }
}
