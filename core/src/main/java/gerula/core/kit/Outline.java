package gerula.core.kit;

import gerula.core.rule.Code;

/** How a thing looks from above. */
public enum Outline implements Code {
  /** Pots, pans and standing bottles. */
  ROUND("round"),
  /** Pencils, tubes and brushes lying down. */
  LONG("long"),
  /** Palettes, boxes, pouches. */
  FLAT("flat");

  private final String code;

  Outline(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
