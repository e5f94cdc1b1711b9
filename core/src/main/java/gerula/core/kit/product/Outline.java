package gerula.core.kit.product;

import gerula.core.rule.Code;

/** How a thing looks from above. */
public enum Outline implements Code {
  /** Pots, pans and standing bottles. */
  ROUND,
  /** Pencils, tubes and brushes lying down. */
  LONG,
  /** Palettes, boxes, pouches. */
  FLAT
}
