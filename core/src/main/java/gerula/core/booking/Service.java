package gerula.core.booking;

import gerula.core.rule.Code;

/** What is done to a face. */
public enum Service implements Code {
  SKIN_PREPARATION("skin-preparation"),
  BASE("base"),
  POWDER("powder"),
  BROWS("brows"),
  EYES("eyes"),
  MASCARA("mascara"),
  LASHES("lashes"),
  LIPS("lips");

  private final String code;

  Service(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
