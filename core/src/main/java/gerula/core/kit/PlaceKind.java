package gerula.core.kit;

import gerula.core.rule.Code;

/** What a place is. The list is closed because each is drawn and asked about differently. */
public enum PlaceKind implements Code {
  STORE("store"),
  DRAWER("drawer"),
  SHELF("shelf"),
  CASE("case"),
  TRAY("tray"),
  POUCH("pouch"),
  BACKPACK("backpack"),
  SET_BAG("set-bag"),
  COMPARTMENT("compartment"),
  TRAILER("trailer"),
  STATION("station");

  private final String code;

  PlaceKind(String code) {
    this.code = code;
  }

  @Override
  public String code() {
    return code;
  }
}
