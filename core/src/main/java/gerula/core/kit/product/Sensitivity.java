package gerula.core.kit.product;

import java.util.Locale;
import java.util.Set;

/**
 * Something a skin reacts to, or a product contains.
 *
 * @param name lower case, 1 to 60 characters; one of {@link #KNOWN} or the artist's own word
 */
public record Sensitivity(String name) implements Comparable<Sensitivity> {

  /** The ones every artist asks about. */
  public static final Set<String> KNOWN =
      Set.of(
          "latex",
          "fragrance",
          "nut-oil",
          "lanolin",
          "carmine",
          "nickel",
          "acrylate",
          "skin-alcohol",
          "gluten");

  /** Also kept from skin that is called sensitive. */
  public static final Sensitivity FRAGRANCE = new Sensitivity("fragrance");

  public Sensitivity {
    name = name.strip().toLowerCase(Locale.ROOT);
    if (name.isEmpty() || name.length() > 60) {
      throw new IllegalArgumentException(
          "A sensitivity has 1 to 60 characters, but this has " + name.length() + ".");
    }
  }

  @Override
  public int compareTo(Sensitivity other) {
    return name.compareTo(other.name);
  }
}
