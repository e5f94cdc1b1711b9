package gerula.core.kit.product;

import gerula.core.rule.Text;
import org.jspecify.annotations.Nullable;

/**
 * One of several shades that lie in one pack: of a wheel of correctors, a trio, a palette whose
 * pans do not come out.
 *
 * @param name as the maker calls it, 1 to 80 characters without commas and semicolons
 * @param colour sRGB as #rrggbb, null when nobody measured it
 * @param depth the skin depth it suits, 1 to 10; null when it suits any
 */
public record ProductShade(String name, @Nullable String colour, @Nullable Double depth) {

  /** One pack holds no more. */
  public static final int MOST = 60;

  public ProductShade {
    if (!Text.isVisible(name) || name.length() > 80 || name.matches(".*[,;\\n].*")) {
      throw new IllegalArgumentException(
          "A shade's name has 1 to 80 characters, and no comma or semicolon.");
    }
    if (colour != null && !colour.matches("#[0-9a-fA-F]{6}")) {
      throw new IllegalArgumentException("A colour is written like #c49a78.");
    }
    if (depth != null && !(depth >= 1 && depth <= 10)) {
      throw new IllegalArgumentException(
          "A skin depth lies between 1 and 10, but this is " + depth + ".");
    }
  }
}
