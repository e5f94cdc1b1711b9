package gerula.core.booking;

import gerula.core.rule.Code;

/** How skin behaves over a day. */
public enum SkinType implements Code {
  NORMAL("normal"),
  OILY("oily"),
  DRY("dry"),
  COMBINATION("combination"),
  MATURE("mature"),
  SENSITIVE("sensitive");

  private final String code;

  SkinType(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
