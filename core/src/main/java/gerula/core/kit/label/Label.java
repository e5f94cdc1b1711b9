package gerula.core.kit.label;

import gerula.core.dates.Clock;
import gerula.core.dates.UseBy;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Product;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What a label says. Common practice: product, shade, opened, use-by with its reason, batch,
 * sensitivity letters, code.
 *
 * @param title what it is
 * @param detail which one, empty when there is nothing to add
 * @param opened null while it is sealed, and for places
 * @param useBy null when no clock runs
 * @param batch empty when unknown
 * @param letters of what it contains, see {@link #LETTERS}
 * @param code as it is read out
 */
public record Label(
    String title,
    String detail,
    @Nullable LocalDate opened,
    @Nullable LocalDate useBy,
    @Nullable Clock reason,
    String batch,
    List<String> letters,
    String code) {

  /** Two letters each, so that nickel and nut oil are told apart; other words are marked "!!". */
  public static final Map<String, String> LETTERS =
      Map.of(
          "latex", "LX",
          "fragrance", "FR",
          "nut-oil", "NU",
          "lanolin", "LA",
          "carmine", "CA",
          "nickel", "NI",
          "acrylate", "AC",
          "skin-alcohol", "AL",
          "gluten", "GL");

  private static final String OTHER = "!!";

  /** No letters must not be taken for harmless: something is still to be looked for. */
  private static final String NOT_CHECKED = "?";

  public Label {
    letters = List.copyOf(letters);
  }

  public static Label of(Item item, String code, String batch, HouseRules house) {
    UseBy useBy = item.useBy(house);
    String maker = item.product().maker();
    return new Label(
        maker.isEmpty() ? item.product().name() : maker + " " + item.product().name(),
        item.product().shade(),
        item.dates().openedOn(),
        useBy.lastDay(),
        useBy.clocks().isEmpty() ? null : useBy.clocks().getFirst().clock(),
        batch,
        letters(item.product()),
        code);
  }

  private static List<String> letters(Product product) {
    Stream<String> contained =
        product.composition().contained().stream()
            .map(one -> LETTERS.getOrDefault(one.name(), OTHER));
    Stream<String> open = product.unchecked().isEmpty() ? Stream.empty() : Stream.of(NOT_CHECKED);
    return Stream.concat(contained.distinct().sorted(), open).toList();
  }

  /** A place bears its name, what it lies in, and its code. */
  public static Label ofPlace(String name, String within, String code) {
    return new Label(name, within, null, null, null, "", List.of(), code);
  }
}
