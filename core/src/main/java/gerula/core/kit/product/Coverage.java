package gerula.core.kit.product;

import gerula.core.rule.Code;

/** How much of the skin it lets through. */
public enum Coverage implements Code {
  SHEER,
  LIGHT,
  MEDIUM,
  FULL
}
