package gerula.core.booking;

import gerula.core.rule.Code;

/** What a face asks to be evened out or minded. */
public enum Concern implements Code {
  REDNESS("redness"),
  DARK_CIRCLES("dark-circles"),
  BEARD_SHADOW("beard-shadow");

  private final String code;

  Concern(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
