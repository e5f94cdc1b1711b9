package gerula.core.kit.intake;

import gerula.core.kit.item.Level;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Numbers, amounts and yes or no as people write them in tables. */
public final class Written {

  private static final Set<String> YES = Set.of("yes", "y", "true", "1", "x", "✓", "✔");
  private static final Set<String> NO = Set.of("no", "n", "false", "0", "", "-");
  private static final Pattern NUMBER =
      Pattern.compile("(-?\\d{1,3}(?:[ ,.']\\d{3})+|-?\\d+)?(?:([.,])(\\d+))?");
  private static final Pattern WITH_UNIT = Pattern.compile("([-\\d.,' ]*\\d)\\s*([\\p{L}.%]*)");
  private static final BigDecimal MILLILITRES_IN_A_FLUID_OUNCE = new BigDecimal("29.57");
  private static final BigDecimal GRAMS_IN_AN_OUNCE = new BigDecimal("28.35");

  /**
   * An amount and the unit written beside it.
   *
   * @param unit empty when none was written
   */
  public record WrittenAmount(BigDecimal number, Optional<Unit> unit) {}

  private Written() {}

  /** "1,5", "1.5", "1 200", "1.200,50"; empty when it is no number. */
  public static Optional<BigDecimal> number(String text) {
    String bare = text.strip().replace('\u00a0', ' ');
    Matcher found = NUMBER.matcher(bare);
    if (bare.isEmpty() || !found.matches()) {
      return Optional.empty();
    }
    String whole = found.group(1) == null ? "0" : found.group(1);
    String rest = found.group(3);
    if (rest == null && whole.matches("-?\\d{1,3}[.,]\\d{3}")) {
      // "1.200" alone may be either; a kit has few things of more than a thousand.
      return Optional.of(new BigDecimal(whole.replace(',', '.')));
    }
    String figures = whole.replaceAll("[ ,.']", "") + (rest == null ? "" : "." + rest);
    return Optional.of(new BigDecimal(figures));
  }

  /** "30 ml", "1 fl oz", "7.4g", "100 pcs", "30"; empty when there is no number in front. */
  public static Optional<WrittenAmount> amount(String text) {
    Matcher found = WITH_UNIT.matcher(text.strip().toLowerCase(Locale.ROOT));
    if (!found.matches()) {
      return Optional.empty();
    }
    return number(found.group(1)).flatMap(number -> withUnit(number, found.group(2)));
  }

  private static Optional<WrittenAmount> withUnit(BigDecimal number, String unit) {
    return switch (unit) {
      case "" -> Optional.of(new WrittenAmount(number, Optional.empty()));
      case "ml", "millilitre", "millilitres", "milliliter", "milliliters" -> of(number, Unit.ML);
      case "cl" -> of(number.movePointRight(1), Unit.ML);
      case "l", "litre", "liter" -> of(number.movePointRight(3), Unit.ML);
      case "floz", "fl.oz", "fl" -> of(number.multiply(MILLILITRES_IN_A_FLUID_OUNCE), Unit.ML);
      case "g", "gr", "gram", "grams", "gramme" -> of(number, Unit.G);
      case "oz" -> of(number.multiply(GRAMS_IN_AN_OUNCE), Unit.G);
      case "mg" -> of(number.movePointLeft(3), Unit.G);
      case "kg" -> of(number.movePointRight(3), Unit.G);
      case "piece", "pieces", "pc", "pcs", "pcs.", "x", "pair", "pairs", "set" ->
          of(number, Unit.PIECE);
      default -> Optional.empty();
    };
  }

  private static Optional<WrittenAmount> of(BigDecimal number, Unit unit) {
    BigDecimal exact =
        number.setScale(Math.min(3, Math.max(0, number.scale())), java.math.RoundingMode.HALF_EVEN);
    return Optional.of(new WrittenAmount(exact, Optional.of(unit)));
  }

  /** A unit by itself, as in a column of its own. */
  public static Optional<Unit> unit(String text) {
    String bare = text.strip().toLowerCase(Locale.ROOT);
    return bare.isEmpty()
        ? Optional.empty()
        : withUnit(BigDecimal.ONE, bare).flatMap(WrittenAmount::unit);
  }

  /** How full, told in words or as a share: "half", "3/4", "75 %", "nearly empty". */
  public static Optional<BigDecimal> share(String text) {
    String bare = text.strip().toLowerCase(Locale.ROOT).replace('-', ' ');
    for (Level level : Level.values()) {
      if (bare.equals(level.code().replace('-', ' '))) {
        return Optional.of(
            BigDecimal.valueOf(
                level.of(new gerula.core.quantity.Quantity(1000, Unit.ML)).thousandths(), 3));
      }
    }
    if (bare.endsWith("%")) {
      return number(bare.substring(0, bare.length() - 1)).map(percent -> percent.movePointLeft(2));
    }
    return switch (bare) {
      case "new", "unopened", "sealed", "unused" -> Optional.of(BigDecimal.ONE);
      case "3/4", "¾" -> Optional.of(new BigDecimal("0.75"));
      case "1/2", "½" -> Optional.of(new BigDecimal("0.5"));
      case "1/4", "¼", "low" -> Optional.of(new BigDecimal("0.25"));
      case "nearly empty", "almost empty", "last" -> Optional.of(new BigDecimal("0.08"));
      default -> Optional.empty();
    };
  }

  /** Yes or no; empty when it is neither. */
  public static Optional<Boolean> flag(String text) {
    String bare = text.strip().toLowerCase(Locale.ROOT);
    if (YES.contains(bare)) {
      return Optional.of(true);
    }
    return NO.contains(bare) ? Optional.of(false) : Optional.empty();
  }

  /** Several words in one cell, parted by a bar, a semicolon or a comma. */
  public static List<String> list(String text) {
    return Arrays.stream(text.split("[|;,]"))
        .map(String::strip)
        .filter(one -> !one.isEmpty())
        .toList();
  }
}
