package gerula.core.packing.travel;

import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Unit;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Things of a kit as a carrier looks at them. */
public final class TravelPieces {

  private static final Set<ProductClass> SPARE = EnumSet.of(ProductClass.POWER_BANK);

  /** What burns and is no toiletry, whatever its label says. */
  private static final Set<ProductClass> SOLVENTS =
      EnumSet.of(ProductClass.ALCOHOL_99, ProductClass.ADHESIVE_REMOVER);

  private TravelPieces() {}

  /**
   * @param wattHours of its battery, null where it has none or nobody said it
   */
  public static TravelPiece of(Item item, @Nullable Double wattHours) {
    TravelKind kind = kind(item.product(), wattHours);
    return TravelPieceBuilder.builder()
        .id(item.id().toString())
        .kind(kind)
        .containerMl(containerMl(item))
        .massG((double) item.mass().grams())
        .wattHours(wattHours)
        .bladeMm(kind == TravelKind.SCISSORS ? blade(item.product()) : null)
        .isToiletry(isToiletry(item.product(), kind))
        .build();
  }

  private static TravelKind kind(Product product, @Nullable Double wattHours) {
    ProductClass what = product.productClass();
    if (SPARE.contains(what)) {
      return TravelKind.LITHIUM_SPARE;
    }
    if (wattHours != null) {
      return TravelKind.LITHIUM_INSTALLED;
    }
    boolean isWet = isLiquid(product.form()) || product.form() == Form.AEROSOL;
    if (isWet && (SOLVENTS.contains(what) || product.has(Trait.FLAMMABLE))) {
      return product.form() == Form.AEROSOL ? TravelKind.AEROSOL : TravelKind.FLAMMABLE_LIQUID;
    }
    return switch (what) {
      case SCISSORS -> TravelKind.SCISSORS;
      case RAZOR -> TravelKind.BLADE;
      default -> kind(product.form());
    };
  }

  private static TravelKind kind(Form form) {
    if (isLiquid(form)) {
      return TravelKind.LIQUID;
    }
    return switch (form) {
      case CREAM, SETTING_CREAM, BALM -> TravelKind.CREAM;
      case AEROSOL -> TravelKind.AEROSOL;
      case PRESSED_POWDER, LOOSE_POWDER -> TravelKind.POWDER;
      case METAL_TOOL, SHARPENER, ELECTRICAL_TOOL -> TravelKind.TOOL;
      default -> TravelKind.OTHER;
    };
  }

  /** Mascara, gloss and liquid colour count as liquids; bullets, sticks and pencils do not. */
  private static boolean isLiquid(Form form) {
    return switch (form) {
      case LIQUID_PUMP_OR_SQUEEZE,
          LIQUID_DIP_APPLICATOR,
          MASCARA,
          THIN_SPRAY,
          STICKY_SPRAY,
          ADHESIVE,
          LATEX_OR_SILICONE,
          MEDICATED_DROPS ->
          true;
      default -> false;
    };
  }

  /** What it holds when full, however much is in it; a gram counts as a millilitre. */
  private static @Nullable Double containerMl(Item item) {
    return item.size().unit() == Unit.PIECE ? null : item.size().amount().doubleValue();
  }

  /** From the pivot about half of them; nothing is known where nobody measured them. */
  private static @Nullable Double blade(Product product) {
    Measures own = product.measures();
    return own == null
        ? null
        : Math.max(own.widthMm(), Math.max(own.depthMm(), own.heightMm())) / 2.0;
  }

  private static boolean isToiletry(Product product, TravelKind kind) {
    boolean isSubstance =
        kind == TravelKind.LIQUID || kind == TravelKind.CREAM || kind == TravelKind.AEROSOL;
    ProductClass what = product.productClass();
    return isSubstance
        && (what.section() != Section.TOOLS
            || what == ProductClass.HAIR_SPRAY
            || what == ProductClass.DRY_SHAMPOO
            || what == ProductClass.SHAVING_FOAM);
  }
}
