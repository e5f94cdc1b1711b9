package gerula.core.rule;

/** How a pressed powder is treated that touched skin. */
public enum PowderPractice implements Code {
  /** Sprayed until visibly wet, and left until the colour is back. */
  SPRAY_70,
  /** The top layer is wiped off with a tissue. */
  WIPE_TOP_LAYER,
  /** A sanitising mist for cosmetics, said not to harden the surface. */
  COSMETIC_MIST,
  /**
   * The pan is never touched: powder is lifted off first, and what touched it all the same counts
   * as double-dipped.
   */
  NEVER_TOUCH_PAN
}
