package gerula.core.kit;

import gerula.core.rule.Code;

/** Whether a thing may touch the next face. */
public enum Cleanliness implements Code {
  CLEAN("clean"),
  DUE("due"),
  CONTAMINATED("contaminated");

  private final String code;

  Cleanliness(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
