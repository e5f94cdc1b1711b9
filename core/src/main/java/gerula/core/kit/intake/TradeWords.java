package gerula.core.kit.intake;

import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What people call things, and what they usually come in. The words are common practice; usual
 * forms and sizes are estimates from memory.
 */
public final class TradeWords {

  /** A word, the class it means, and the form and size it usually has. */
  private record Meaning(String word, ProductClass productClass, Form form, Quantity usual) {}

  private static final List<Meaning> MEANINGS = new ArrayList<>();

  static {
    ml(30, Form.LIQUID_PUMP_OR_SQUEEZE, ProductClass.FOUNDATION, "foundation", "base", "skin tint");
    ml(30, Form.LIQUID_PUMP_OR_SQUEEZE, ProductClass.PRIMER, "primer", "make up base");
    ml(
        50,
        Form.LIQUID_PUMP_OR_SQUEEZE,
        ProductClass.MOISTURISER,
        "moisturiser",
        "moisturizer",
        "day cream",
        "face cream",
        "serum",
        "lotion");
    ml(50, Form.LIQUID_PUMP_OR_SQUEEZE, ProductClass.SUNSCREEN, "sunscreen", "sun cream", "spf");
    ml(15, Form.LIQUID_PUMP_OR_SQUEEZE, ProductClass.EYE_CREAM, "eye cream");
    ml(100, Form.THIN_SPRAY, ProductClass.TONER, "toner", "face mist", "facial mist");
    ml(
        100,
        Form.LIQUID_PUMP_OR_SQUEEZE,
        ProductClass.REMOVER,
        "remover",
        "micellar water",
        "make up remover",
        "cleanser",
        "cleansing oil");
    ml(100, Form.STICKY_SPRAY, ProductClass.SETTING_SPRAY, "setting spray", "fixing spray");
    ml(6, Form.LIQUID_DIP_APPLICATOR, ProductClass.CONCEALER, "concealer");
    g(3, Form.CREAM, ProductClass.CORRECTOR, "corrector", "colour corrector", "color corrector");
    g(
        4,
        Form.CREAM,
        ProductClass.CREAM_COLOUR,
        "cream blush",
        "cream contour",
        "cream bronzer",
        "cream highlighter",
        "stick blush");
    g(
        6,
        Form.PRESSED_POWDER,
        ProductClass.POWDER_COLOUR,
        "blush",
        "blusher",
        "bronzer",
        "highlighter",
        "contour",
        "contour powder",
        "rouge");
    g(
        10,
        Form.LOOSE_POWDER,
        ProductClass.FACE_POWDER,
        "loose powder",
        "setting powder",
        "translucent powder");
    g(
        9,
        Form.PRESSED_POWDER,
        ProductClass.FACE_POWDER,
        "powder",
        "face powder",
        "pressed powder",
        "compact");
    g(
        1.5,
        Form.PRESSED_POWDER,
        ProductClass.EYE_SHADOW,
        "eye shadow",
        "eyeshadow",
        "shadow",
        "pigment");
    g(
        4,
        Form.SETTING_CREAM,
        ProductClass.CREAM_SHADOW,
        "cream shadow",
        "cream eyeshadow",
        "cream eye shadow");
    g(
        1.2,
        Form.SHARPENABLE_PENCIL,
        ProductClass.EYE_PENCIL,
        "eye pencil",
        "eyeliner pencil",
        "kohl",
        "kajal");
    g(3, Form.SETTING_CREAM, ProductClass.GEL_LINER, "gel liner", "gel eyeliner");
    ml(
        2,
        Form.FELT_TIP_PEN,
        ProductClass.LIQUID_LINER,
        "liquid liner",
        "liquid eyeliner",
        "eyeliner",
        "liner",
        "pen liner");
    ml(9, Form.MASCARA, ProductClass.MASCARA, "mascara");
    g(
        1.2,
        Form.SHARPENABLE_PENCIL,
        ProductClass.BROW_PENCIL,
        "brow pencil",
        "eyebrow pencil",
        "brow");
    ml(5, Form.MASCARA, ProductClass.BROW_GEL, "brow gel", "eyebrow gel");
    g(3, Form.PRESSED_POWDER, ProductClass.BROW_POWDER, "brow powder", "eyebrow powder");
    g(3.5, Form.LIPSTICK_BULLET, ProductClass.LIP_COLOUR, "lipstick", "lip colour", "lip color");
    ml(
        5,
        Form.LIQUID_DIP_APPLICATOR,
        ProductClass.LIP_COLOUR,
        "liquid lipstick",
        "lip stain",
        "lip tint");
    ml(5, Form.LIQUID_DIP_APPLICATOR, ProductClass.LIP_GLOSS, "lip gloss", "gloss", "lipgloss");
    g(1.2, Form.SHARPENABLE_PENCIL, ProductClass.LIP_PENCIL, "lip pencil", "lip liner", "lipliner");
    g(10, Form.BALM, ProductClass.LIP_BALM, "lip balm", "balm");
    ml(5, Form.ADHESIVE, ProductClass.LASH_ADHESIVE, "lash glue", "lash adhesive", "eyelash glue");
    ml(
        12,
        Form.ADHESIVE,
        ProductClass.SKIN_ADHESIVE,
        "spirit gum",
        "skin adhesive",
        "prosthetic adhesive");
    piece(
        1,
        Form.LASHES,
        ProductClass.STRIP_LASHES,
        "lashes",
        "false lashes",
        "strip lashes",
        "strip lash");
    piece(60, Form.LASHES, ProductClass.CLUSTER_LASHES, "individual lashes", "cluster lashes");
    piece(1, Form.BRUSH_SYNTHETIC, ProductClass.BRUSH, "brush", "brushes", "make up brush");
    piece(
        50,
        Form.SINGLE_USE,
        ProductClass.WAND,
        "mascara wands",
        "wands",
        "wand",
        "spoolies",
        "disposable wands");
    piece(50, Form.SINGLE_USE, ProductClass.LIP_APPLICATOR, "lip applicators", "lip wands");
    piece(100, Form.SINGLE_USE, ProductClass.COTTON_BUD, "cotton buds", "cotton swabs", "buds");
    piece(80, Form.SINGLE_USE, ProductClass.COTTON_ROUND, "cotton rounds", "cotton pads");
    piece(
        20,
        Form.SINGLE_USE,
        ProductClass.WEDGE_SPONGE,
        "wedge sponges",
        "sponges",
        "wedges",
        "sponge");
    piece(10, Form.SINGLE_USE, ProductClass.PUFF, "puffs", "powder puffs", "puff");
    piece(100, Form.SINGLE_USE, ProductClass.TISSUE, "tissues", "tissue");
    piece(25, Form.SINGLE_USE, ProductClass.WIPE, "wipes", "wipe", "remover wipes");
    piece(1, Form.METAL_TOOL, ProductClass.TWEEZERS, "tweezers");
    piece(1, Form.METAL_TOOL, ProductClass.SCISSORS, "scissors");
    piece(1, Form.METAL_TOOL, ProductClass.LASH_CURLER, "lash curler", "eyelash curler");
    piece(1, Form.METAL_TOOL, ProductClass.SPATULA, "spatula");
    piece(
        1,
        Form.METAL_TOOL,
        ProductClass.WORKING_PALETTE,
        "mixing palette",
        "working palette",
        "steel palette");
    piece(1, Form.OTHER, ProductClass.PALETTE, "empty palette", "magnetic palette");
    piece(1, Form.SHARPENER, ProductClass.SHARPENER, "sharpener");
    piece(1, Form.ELECTRICAL_TOOL, ProductClass.AIRBRUSH, "airbrush", "compressor");
    piece(1, Form.ELECTRICAL_TOOL, ProductClass.POWER_BANK, "power bank");
    piece(1, Form.ELECTRICAL_TOOL, ProductClass.CLIP_LIGHT, "light", "clip light", "ring light");
    ml(
        100,
        Form.LIQUID_PUMP_OR_SQUEEZE,
        ProductClass.HAND_SANITISER,
        "hand sanitiser",
        "hand sanitizer");
    ml(250, Form.THIN_SPRAY, ProductClass.ALCOHOL_70, "alcohol", "isopropyl alcohol", "ipa 70");
    ml(
        100,
        Form.LIQUID_PUMP_OR_SQUEEZE,
        ProductClass.BRUSH_CLEANER,
        "brush cleaner",
        "brush cleanser");
    ml(75, Form.LIQUID_PUMP_OR_SQUEEZE, ProductClass.HAND_CREAM, "hand cream");
    ml(200, Form.LIQUID_PUMP_OR_SQUEEZE, ProductClass.BODY, "body lotion", "body make up");
    ml(10, Form.MEDICATED_DROPS, ProductClass.EYE_DROPS, "eye drops");
    piece(1, Form.TEXTILE, ProductClass.DRAPE, "cape", "drape", "towel");
  }

  /**
   * What something most likely is.
   *
   * @param form it usually has
   * @param usual size of a pack, in its usual unit
   */
  public record Guess(ProductClass productClass, Form form, Quantity usual) {}

  private TradeWords() {}

  /**
   * The class of these words: its own code, or the longest of the trade's words that is in them.
   */
  public static Optional<Guess> classOf(String words) {
    String bare = Headers.bare(words);
    if (bare.isEmpty()) {
      return Optional.empty();
    }
    for (ProductClass one : ProductClass.values()) {
      if (bare.equals(one.code().replace('-', ' '))) {
        return Optional.of(guess(one));
      }
    }
    return longestIn(bare);
  }

  private static Optional<Guess> longestIn(String bare) {
    String padded = " " + bare + " ";
    return MEANINGS.stream()
        .filter(
            one -> padded.contains(" " + one.word + " ") || padded.contains(" " + one.word + "s "))
        .max(java.util.Comparator.comparingInt(one -> one.word.length()))
        .map(one -> new Guess(one.productClass, one.form, one.usual));
  }

  /** What a thing of this class usually comes in. */
  public static Guess guess(ProductClass productClass) {
    return MEANINGS.stream()
        .filter(one -> one.productClass == productClass)
        .findFirst()
        .map(one -> new Guess(one.productClass, one.form, one.usual))
        .orElse(new Guess(productClass, Form.OTHER, Quantity.pieces(1)));
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

  private static void ml(double size, Form form, ProductClass productClass, String... words) {
    add(new Quantity(Math.round(size * Quantity.ONE), Unit.ML), form, productClass, words);
  }

  private static void g(double size, Form form, ProductClass productClass, String... words) {
    add(new Quantity(Math.round(size * Quantity.ONE), Unit.G), form, productClass, words);
  }

  private static void piece(int size, Form form, ProductClass productClass, String... words) {
    add(Quantity.pieces(size), form, productClass, words);
  }

  private static void add(Quantity usual, Form form, ProductClass one, String... words) {
    for (String word : words) {
      MEANINGS.add(new Meaning(word, one, form, usual));
    }
  }
}
