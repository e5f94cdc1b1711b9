package gerula.core.kit.product;

import gerula.core.rule.Code;

/** How light lies on it once it is on skin. */
public enum Finish implements Code {
  MATTE,
  SOFT_MATTE,
  SATIN,
  NATURAL,
  DEWY,
  GLOSS,
  SHIMMER,
  METALLIC,
  GLITTER
}
