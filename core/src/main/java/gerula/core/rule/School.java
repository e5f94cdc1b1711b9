package gerula.core.rule;

/** How strict a house is where the trade disagrees about limits. */
public enum School implements Code {
  CAUTIOUS("cautious"),
  USUAL("usual");

  private final String code;

  School(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
