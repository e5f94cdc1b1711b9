package gerula.core.depot;

import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Density;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Volume;
import org.jspecify.annotations.Nullable;

/** What is known of a product as content. Strengths and densities are from memory. */
public final class Contents {

  private Contents() {}

  /** A product as far as its container is concerned. */
  public static Content of(Product product, @Nullable Finish finish) {
    Content usual = Content.usual(product.form());
    ProductClass what = product.productClass();
    return new Content(
        product.form(),
        thickness(usual.thickness(), what),
        what == ProductClass.GEL_LINER,
        finish == Finish.GLITTER,
        product.traits().contains(Trait.SPF) || what == ProductClass.SUNSCREEN,
        what == ProductClass.ADHESIVE_REMOVER || what == ProductClass.BRUSH_CLEANER,
        what == ProductClass.EYE_DROPS,
        alcoholPercent(what));
  }

  private static Thickness thickness(Thickness usual, ProductClass what) {
    return switch (what) {
      case TONER, REMOVER, ADHESIVE_REMOVER, ALCOHOL_70, ALCOHOL_99, BRUSH_CLEANER, MIXING_MEDIUM ->
          usual == Thickness.MEDIUM ? Thickness.THIN : usual;
      case HAND_CREAM, BODY -> usual == Thickness.MEDIUM ? Thickness.THICK : usual;
      default -> usual;
    };
  }

  private static @Nullable Double alcoholPercent(ProductClass what) {
    return switch (what) {
      case ALCOHOL_70, HAND_SANITISER -> 70.0;
      case ALCOHOL_99 -> 99.0;
      case BRUSH_CLEANER -> 60.0;
      default -> null;
    };
  }

  /**
   * The room that so much of it takes.
   *
   * @throws IllegalArgumentException for pieces
   */
  public static Volume volume(Quantity amount, Content content) {
    double told = amount.amount().doubleValue();
    return switch (amount.unit()) {
      case ML -> Volume.ofMl(told);
      case G -> density(content).volumeOf(Mass.ofGrams(told));
      case PIECE -> throw new IllegalArgumentException("Pieces are counted, not poured.");
    };
  }

  /** How heavy it is for the room it takes. */
  public static Density density(Content content) {
    Double alcohol = content.alcoholPercent();
    if (alcohol != null && alcohol > 50) {
      return new Density(0.85);
    }
    return content.texture() == Texture.LOOSE ? new Density(0.5) : Density.OF_WATER;
  }
}
