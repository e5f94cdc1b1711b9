package gerula.core.packing;

import gerula.core.kit.product.Form;

/** What a shade is made of: only what is of one texture is mixed. Common practice. */
enum Texture {
  LIQUID,
  CREAM,
  POWDER;

  static Texture of(Form form) {
    return switch (form) {
      case PRESSED_POWDER, LOOSE_POWDER -> POWDER;
      case CREAM, SETTING_CREAM, STICK, BALM, LIPSTICK_BULLET, ALCOHOL_ACTIVATED_PALETTE -> CREAM;
      default -> LIQUID;
    };
  }
}
