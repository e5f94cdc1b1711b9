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
  /** Nothing of it comes off on a mask, a collar or another face. */
  TRANSFER_PROOF,
  /** Comes off the lashes as little tubes: for lids that smudge everything else. */
  TUBING,
  SEALING,
  GREEN_CORRECTOR,
  PEACH_CORRECTOR,
  ORANGE_CORRECTOR,
  RED_CORRECTOR,
  LAVENDER_CORRECTOR,
  YELLOW_CORRECTOR,
  SHIMMER,
  FRAGRANCE_FREE,
  NATURAL_LOOK,
  /** Moves with the skin: for under the eyes and for mature skin. */
  THIN,
  /** Hides everything below it. */
  FULL_COVER,
  SATIN,
  DEWY,
  /** May come into the mouth. */
  MOUTH_SAFE,
  /** Densely bound: a brush that takes a day to dry. */
  DENSE,
  /** Burns: keep it from heat and out of hold baggage. */
  FLAMMABLE
}
