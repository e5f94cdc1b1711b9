package gerula.app.depot.empties;

import gerula.app.platform.web.Visible;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.Material;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;

/**
 * A kind of empty container as somebody describes it.
 *
 * @param name its own, as the artist calls it
 * @param container what it behaves like; an own kind is one of these in another shape
 * @param sizeMl what it holds to the brim, in ml
 * @param tareG what it weighs empty, in g
 * @param stock how many are at hand
 */
public record EmptyDraft(
    @Visible(message = "A kind of empties has a name.")
        @Size(max = 80, message = "A name has at most 80 characters.")
        String name,
    @NotNull(message = "Say what it behaves like.") Container container,
    @NotNull(message = "Say what it is made of.") Material material,
    @NotNull(message = "Say how much it holds.")
        @DecimalMin(value = "0.1", message = "A container holds 0.1 to 2000 ml.")
        @DecimalMax(value = "2000", message = "A container holds 0.1 to 2000 ml.")
        BigDecimal sizeMl,
    @NotNull(message = "Say what it weighs empty.")
        @DecimalMin(value = "0", message = "An empty weighs 0 to 5000 g.")
        @DecimalMax(value = "5000", message = "An empty weighs 0 to 5000 g.")
        BigDecimal tareG,
    @Min(value = 1, message = "A width is 1 to 1000 mm.")
        @Max(value = 1000, message = "A width is 1 to 1000 mm.")
        int outerWidthMm,
    @Min(value = 1, message = "A depth is 1 to 1000 mm.")
        @Max(value = 1000, message = "A depth is 1 to 1000 mm.")
        int outerDepthMm,
    @Min(value = 1, message = "A height is 1 to 1000 mm.")
        @Max(value = 1000, message = "A height is 1 to 1000 mm.")
        int outerHeightMm,
    @Min(value = 0, message = "There are 0 to 9999 of them.")
        @Max(value = 9999, message = "There are 0 to 9999 of them.")
        int stock) {

  /** The core's kind. */
  public Empty toEmpty() {
    Measures outer = new Measures(outline(), outerWidthMm, outerDepthMm, outerHeightMm, Mass.NONE);
    return new Empty(
        container,
        material,
        Volume.ofMl(sizeMl.doubleValue()),
        Mass.ofGrams(tareG.doubleValue()),
        outer.volume(),
        stock);
  }

  /** As wide as it is deep is taken for round. */
  public Outline outline() {
    return outerWidthMm == outerDepthMm ? Outline.ROUND : Outline.FLAT;
  }

  EmptyDraft of(int otherStock) {
    return new EmptyDraft(
        name,
        container,
        material,
        sizeMl,
        tareG,
        outerWidthMm,
        outerDepthMm,
        outerHeightMm,
        otherStock);
  }
}
