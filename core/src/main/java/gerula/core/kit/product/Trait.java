package gerula.core.kit.product;

import gerula.core.rule.Code;

/**
 * What a product is good at, or must be kept away from. Wanted or avoided by faces and conditions.
 */
public enum Trait implements Code {
  HYDRATING,
  RICH,
  OIL_CONTROL,
  MATTE,
  NO_FLASHBACK,
  /** Turns white in a flash. */
  FLASHBACK,
  FINE,
  SPF,
  WATERPROOF,
  LONG_WEAR,
  SEALING,
  GREEN_CORRECTOR,
  PEACH_CORRECTOR,
  ORANGE_CORRECTOR,
  SHIMMER,
  FRAGRANCE_FREE,
  NATURAL_LOOK,
  /** Burns: keep it from heat and out of hold baggage. */
  FLAMMABLE
}
