package gerula.core.depot;

import gerula.core.kit.product.Finish;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
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

  /** Grams in a millilitre of it. */
  public static double densityGPerMl(Content content) {
    Double alcohol = content.alcoholPercent();
    if (alcohol != null && alcohol > 50) {
      return 0.85;
    }
    return content.texture() == Texture.LOOSE ? 0.5 : 1;
  }
}
