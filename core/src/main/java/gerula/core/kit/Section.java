package gerula.core.kit;

import gerula.core.rule.Code;

/** The part of the work a thing belongs to, in the order in which a station is laid out. */
public enum Section implements Code {
  SET_UP("set-up"),
  SKIN("skin"),
  BASE("base"),
  POWDER("powder"),
  BROWS("brows"),
  EYES("eyes"),
  MASCARA("mascara"),
  LASHES("lashes"),
  LIPS("lips"),
  BRUSHES("brushes"),
  TOOLS("tools"),
  DISPOSABLES("disposables"),
  COMFORT("comfort");

  private final String code;

  Section(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
