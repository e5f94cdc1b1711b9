package gerula.core.depot;

import gerula.core.kit.product.Form;

/** How a form behaves once it is out of its pack. Forms that are never moved have none. */
public enum Texture {
  /** Lifted out or pressed anew. */
  PRESSED,
  LOOSE,
  /** Scooped, pressed or melted; keeps its shape. */
  SOLID,
  /** Softens in warmth until it runs. */
  MELTING,
  /** Dries out wherever air gets at it. */
  SETTING,
  LIQUID,
  /** A thin liquid that is sprayed. */
  THIN_SPRAY,
  /** A liquid that clogs what it is sprayed through. */
  STICKY_SPRAY,
  /** Paint that is worked up from its well with alcohol or water. */
  PAINT,
  /** Separate pieces. */
  PIECES,
  /** Nobody knows. */
  UNKNOWN,
  /** Stays in its own pack, or is no content at all. */
  STAYS;

  static Texture of(Form form) {
    return switch (form) {
      case PRESSED_POWDER -> PRESSED;
      case LOOSE_POWDER -> LOOSE;
      case CREAM, STICK, LIPSTICK_BULLET -> SOLID;
      case BALM -> MELTING;
      case SETTING_CREAM -> SETTING;
      case LIQUID_PUMP_OR_SQUEEZE, LIQUID_DIP_APPLICATOR -> LIQUID;
      case THIN_SPRAY -> THIN_SPRAY;
      case STICKY_SPRAY -> STICKY_SPRAY;
      case ALCOHOL_ACTIVATED_PALETTE, WATER_ACTIVATED_PAINT -> PAINT;
      case LASHES, SINGLE_USE -> PIECES;
      case OTHER -> UNKNOWN;
      case MASCARA,
          SHARPENABLE_PENCIL,
          TWIST_UP_PENCIL,
          FELT_TIP_PEN,
          AEROSOL,
          ADHESIVE,
          LATEX_OR_SILICONE,
          BRUSH_SYNTHETIC,
          BRUSH_NATURAL,
          BRUSH_DUO_FIBRE,
          FOAM_SPONGE,
          FABRIC_PUFF,
          METAL_TOOL,
          SHARPENER,
          ELECTRICAL_TOOL,
          TEXTILE,
          MEDICATED_DROPS ->
          STAYS;
    };
  }

  /** Whether it runs out of whatever does not close. */
  public boolean runs() {
    return this == LIQUID || this == THIN_SPRAY || this == STICKY_SPRAY;
  }
}
