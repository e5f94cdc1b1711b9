package gerula.core.kit.product;

import gerula.core.quantity.Quantity;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * One shade of one line, as a shop sells it.
 *
 * @param content what a full pack holds; more than nothing
 * @param depth the skin depth it suits, 1 (lightest) to 10 (deepest); null when it suits any
 * @param contains what sensitive skins must know about
 * @param measures own outer measures and mass, or null where they are to be estimated
 */
@RecordBuilder
public record Product(
    UUID id,
    String maker,
    String name,
    String shade,
    ProductClass productClass,
    Form form,
    Quantity content,
    @Nullable Double depth,
    Set<Trait> traits,
    Set<Sensitivity> contains,
    @Nullable Measures measures) {

  public Product {
    if (content.isNone()) {
      throw new IllegalArgumentException("A full pack holds more than nothing.");
    }
    if (depth != null && !(depth >= 1 && depth <= 10)) {
      throw new IllegalArgumentException(
          "A skin depth lies between 1 and 10, but this is " + depth + ".");
    }
    traits = Set.copyOf(traits);
    contains = Set.copyOf(contains);
  }

  /** Its own measures, or else what a pack of this form and size usually measures. */
  public Measures measuresOrEstimate() {
    return measures != null ? measures : Measures.estimate(form, content);
  }
}
