package gerula.core.kit;

import gerula.core.rule.Code;

/** Why a thing left the kit for good. */
public enum DiscardCause implements Code {
  DATE("date"),
  CHANGED("changed"),
  CONTAMINATED("contaminated"),
  BROKEN("broken"),
  EMPTY("empty"),
  LOST("lost"),
  GIVEN_AWAY("given-away");

  private final String code;

  DiscardCause(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
