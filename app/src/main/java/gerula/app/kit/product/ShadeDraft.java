package gerula.app.kit.product;

import gerula.core.kit.product.ProductShade;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * One of several shades in one pack.
 *
 * @param name as the maker calls it, without commas and semicolons
 * @param colour sRGB as #rrggbb, null when unknown
 * @param depth skin depth it suits, 1 to 10, null for any
 */
public record ShadeDraft(
    @NotNull(message = "A shade has a name or a number.") String name,
    @Nullable String colour,
    @Nullable Double depth) {

  public static List<ShadeDraft> of(List<ProductShade> shades) {
    return shades.stream()
        .map(one -> new ShadeDraft(one.name(), one.colour(), one.depth()))
        .toList();
  }

  ProductShade toShade() {
    return new ProductShade(
        name.strip(), colour == null ? null : colour.toLowerCase(Locale.ROOT), depth);
  }
}
