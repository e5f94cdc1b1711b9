package gerula.core.kit;

import gerula.core.rule.Code;

/** What a place is. The list is closed because each is drawn and asked about differently. */
public enum PlaceKind implements Code {
  STORE,
  DRAWER,
  SHELF,
  CASE,
  TRAY,
  POUCH,
  BACKPACK,
  SET_BAG,
  COMPARTMENT,
  TRAILER,
  STATION
}
