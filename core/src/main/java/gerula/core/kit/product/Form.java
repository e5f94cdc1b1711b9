package gerula.core.kit.product;

import gerula.core.rule.Code;

/** What a thing physically is. It decides how it may be shared, decanted, dated and carried. */
public enum Form implements Code {
  PRESSED_POWDER,
  LOOSE_POWDER,
  CREAM,
  SETTING_CREAM,
  LIQUID_PUMP_OR_SQUEEZE,
  LIQUID_DIP_APPLICATOR,
  MASCARA,
  LIPSTICK_BULLET,
  STICK,
  SHARPENABLE_PENCIL,
  TWIST_UP_PENCIL,
  FELT_TIP_PEN,
  BALM,
  THIN_SPRAY,
  STICKY_SPRAY,
  AEROSOL,
  ALCOHOL_ACTIVATED_PALETTE,
  WATER_ACTIVATED_PAINT,
  ADHESIVE,
  LATEX_OR_SILICONE,
  LASHES,
  BRUSH_SYNTHETIC,
  BRUSH_NATURAL,
  BRUSH_DUO_FIBRE,
  FOAM_SPONGE,
  SINGLE_USE,
  FABRIC_PUFF,
  METAL_TOOL,
  SHARPENER,
  ELECTRICAL_TOOL,
  TEXTILE,
  MEDICATED_DROPS,
  OTHER;

  /** Whether it is dry, or nobody knows what it is. */
  boolean isPowder() {
    return this == PRESSED_POWDER || this == LOOSE_POWDER || this == OTHER;
  }
}
