package gerula.core.kit;

import gerula.core.rule.Code;

/**
 * What a product is good at, or must be kept away from. Wanted or avoided by faces and conditions.
 */
public enum Trait implements Code {
  HYDRATING("hydrating"),
  RICH("rich"),
  OIL_CONTROL("oil-control"),
  MATTE("matte"),
  NO_FLASHBACK("no-flashback"),
  FINE("fine"),
  SPF("spf"),
  WATERPROOF("waterproof"),
  LONG_WEAR("long-wear"),
  SEALING("sealing"),
  GREEN_CORRECTOR("green-corrector"),
  PEACH_CORRECTOR("peach-corrector"),
  ORANGE_CORRECTOR("orange-corrector"),
  SHIMMER("shimmer"),
  FRAGRANCE_FREE("fragrance-free"),
  NATURAL_LOOK("natural-look");

  private final String code;

  Trait(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
