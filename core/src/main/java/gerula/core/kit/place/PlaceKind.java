package gerula.core.kit.place;

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
  STATION,
  BELT,
  PALETTE,
  /** Somebody it was lent to; the place bears the person's name. */
  LENT,
  REPAIRER,
  /** Looked for and given up. */
  LOST,
  /** Nobody knows where. */
  UNKNOWN;

  /** Carried to a job: emptied and wiped, inside and out, when it is back. */
  public boolean isCarrier() {
    return switch (this) {
      case CASE, POUCH, BACKPACK, SET_BAG, BELT -> true;
      default -> false;
    };
  }

  /** Out of the artist's hands: what is there cannot be packed. */
  public boolean isElsewhere() {
    return switch (this) {
      case LENT, REPAIRER, LOST, UNKNOWN -> true;
      default -> false;
    };
  }
}
