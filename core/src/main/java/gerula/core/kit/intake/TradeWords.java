package gerula.core.kit.intake;

import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What people call things, and what they usually come in: the table trade-words.txt beside this
 * class.
 */
public final class TradeWords {

  /**
   * What words mean.
   *
   * @param form what it usually comes in
   * @param usual what a full one usually holds
   * @param isSure false where the words may mean something else too
   * @param toldForm the form, where the words tell it; null where it is merely usual
   */
  public record Guess(
      ProductClass productClass,
      Form form,
      Quantity usual,
      boolean isSure,
      @Nullable Form toldForm) {}

  /** How much a word decides. */
  private enum Weight {
    /** Means it. */
    SURE,
    /** Means it as the last word of a name, but not which of several. */
    HEAD,
    /** May mean it where nothing else tells. */
    HINT
  }

  private record Meaning(
      ProductClass productClass,
      Form usualForm,
      @Nullable Form toldForm,
      Quantity usual,
      Weight weight) {

    Guess guess(boolean isSure) {
      Form form = toldForm != null ? toldForm : usualForm;
      return new Guess(productClass, form, usual, isSure, toldForm);
    }
  }

  /**
   * Words of a text that mean something.
   *
   * @param from the first of them, inclusive
   * @param to exclusive
   */
  private record Match(int from, int to, Meaning meaning) {

    int length() {
      return to - from;
    }

    boolean isWithin(Match other) {
      return other != this && from >= other.from && to <= other.to;
    }
  }

  /**
   * The class that words of a name mean.
   *
   * @param from position of the first of the words that mean it, inclusive
   * @param to exclusive
   */
  public record Found(int from, int to, Guess guess) {}

  /** What comes after these is not what the thing is, but what it is for, in or with. */
  private static final Set<String> AFTERWARDS = Set.of("for", "with", "in", "from", "incl", "by");

  private static final Map<String, Meaning> MEANINGS = new HashMap<>();
  private static final Map<ProductClass, Meaning> USUAL = new HashMap<>();
  private static final Set<String> ALL_WORDS = new HashSet<>();
  private static int longest;

  static {
    WordTable.lines("trade-words.txt").forEach(TradeWords::enter);
  }

  private TradeWords() {}

  private static void enter(List<String> line) {
    ProductClass productClass = Code.of(ProductClass.class, line.get(0));
    Form form = Code.of(Form.class, line.get(1));
    Quantity usual = usual(line.get(2));
    USUAL.put(productClass, new Meaning(productClass, form, null, usual, Weight.SURE));
    for (String told : parts(line.get(3))) {
      enter(told, productClass, form, usual, Weight.SURE);
    }
    for (String told : line.size() > 4 ? parts(line.get(4)) : List.<String>of()) {
      boolean isHead = told.startsWith("!");
      enter(
          isHead ? told.substring(1) : told,
          productClass,
          form,
          usual,
          isHead ? Weight.HEAD : Weight.HINT);
    }
  }

  private static List<String> parts(String cell) {
    return Written.list(cell);
  }

  private static Quantity usual(String size) {
    String[] parts = size.split(" ");
    return Quantity.of(new BigDecimal(parts[0]), Written.unit(parts[1]).orElseThrow());
  }

  private static void enter(
      String told, ProductClass productClass, Form form, Quantity usual, Weight weight) {
    String[] parts = told.split("=");
    Form own = parts.length > 1 ? Code.of(Form.class, parts[1].strip()) : null;
    List<String> words = PlainWords.of(parts[0]);
    MEANINGS.putIfAbsent(
        String.join(" ", words), new Meaning(productClass, form, own, usual, weight));
    ALL_WORDS.addAll(words);
    longest = Math.max(longest, words.size());
  }

  /** The class of these words: its own code, or what the words of a name mean. */
  public static Optional<Guess> classOf(String words) {
    return word(ProductClass.class, words)
        .map(TradeWords::guess)
        .or(() -> find(PlainWords.of(words)).map(Found::guess));
  }

  /** What a thing of this class usually comes in. */
  public static Guess guess(ProductClass productClass) {
    return USUAL.get(productClass).guess(true);
  }

  /** Whether a plain word stands in any of the trade's names. */
  public static boolean isTradeWord(String word) {
    return ALL_WORDS.contains(word);
  }

  /**
   * What a name means: of the words that mean something those that end last, of these the longest;
   * what stands after "for", "with" and the like counts only where nothing stands before. Not sure
   * where words beside them mean something else.
   *
   * @param words plain
   */
  public static Optional<Found> find(List<String> words) {
    int end = 0;
    while (end < words.size() && !AFTERWARDS.contains(words.get(end))) {
      end++;
    }
    List<Match> before = matches(words.subList(0, end));
    return best(before).or(() -> best(matches(words)));
  }

  private static List<Match> matches(List<String> words) {
    List<Match> all = new ArrayList<>();
    for (int from = 0; from < words.size(); from++) {
      for (int to = from + 1; to <= Math.min(words.size(), from + longest); to++) {
        Meaning meaning = MEANINGS.get(String.join(" ", words.subList(from, to)));
        if (meaning != null) {
          all.add(new Match(from, to, meaning));
        }
      }
    }
    return all.stream().filter(one -> all.stream().noneMatch(one::isWithin)).toList();
  }

  private static Optional<Found> best(List<Match> matches) {
    Match last = null;
    for (Match one : matches) {
      if (last == null || decides(one, last)) {
        last = one;
      }
    }
    if (last == null) {
      return Optional.empty();
    }
    Match chosen = last;
    boolean isSure =
        chosen.meaning().weight() == Weight.SURE
            && matches.stream().allMatch(other -> agrees(other, chosen));
    return Optional.of(new Found(chosen.from(), chosen.to(), chosen.meaning().guess(isSure)));
  }

  /** Whether a later match counts instead of an earlier one. */
  private static boolean decides(Match later, Match earlier) {
    return switch (later.meaning().weight()) {
      case SURE, HEAD -> true;
      case HINT -> earlier.meaning().weight() == Weight.HINT;
    };
  }

  /** A hint that something is like a powder says nothing against its being a blush. */
  private static boolean agrees(Match other, Match chosen) {
    return other.meaning().weight() != Weight.SURE
        || other.meaning().productClass() == chosen.meaning().productClass()
        || chosen.length() > 1 && other.to() > chosen.from();
  }

  /** A word of one of the trade's lists, however it is spaced or spelt in capitals. */
  public static <E extends Enum<E> & Code> Optional<E> word(Class<E> list, String words) {
    String bare = Headers.bare(words).replace(' ', '-');
    return Code.find(list, bare);
  }

  /** The form of these words: its own code, or a word that only one form has. */
  public static Optional<Form> formOf(String words) {
    String bare = Headers.bare(words).toLowerCase(Locale.ROOT);
    return word(Form.class, words)
        .or(
            () ->
                Optional.ofNullable(
                    switch (bare) {
                      case "powder", "pressed" -> Form.PRESSED_POWDER;
                      case "loose" -> Form.LOOSE_POWDER;
                      case "liquid", "pump", "squeeze", "gel", "lotion", "tube" ->
                          Form.LIQUID_PUMP_OR_SQUEEZE;
                      case "pot", "cream pot", "pan" -> Form.CREAM;
                      case "bullet", "lipstick" -> Form.LIPSTICK_BULLET;
                      case "pencil" -> Form.SHARPENABLE_PENCIL;
                      case "pen", "felt tip", "brush pen" -> Form.FELT_TIP_PEN;
                      case "spray", "mist" -> Form.THIN_SPRAY;
                      case "wand", "doe foot", "dip" -> Form.LIQUID_DIP_APPLICATOR;
                      case "disposable", "disposables", "single use" -> Form.SINGLE_USE;
                      case "tool", "metal" -> Form.METAL_TOOL;
                      case "electric", "electrical", "electronics" -> Form.ELECTRICAL_TOOL;
                      case "glue" -> Form.ADHESIVE;
                      default -> null;
                    }));
  }

  /** Every name of a class that is sure, plain: what the table is checked by. */
  static Map<String, ProductClass> sureNames() {
    return MEANINGS.entrySet().stream()
        .filter(entry -> entry.getValue().weight() == Weight.SURE)
        .collect(Collectors.toMap(Map.Entry::getKey, entry -> entry.getValue().productClass()));
  }
}
