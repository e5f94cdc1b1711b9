package gerula.core.kit.place;

import gerula.core.rule.Code;

/** What a place serves for, where that is something else than the working kit. */
public enum PlaceUse implements Code {
  /** Sealed doubles and refills: nothing is worked from here. */
  BACK_STOCK,
  /** What clients and performers take home. */
  GIVEN_AWAY,
  /** The artist's own: the kit never lies among it. */
  MY_OWN,
  /** What was used and is not cleaned yet. */
  DIRTY;

  /** Whether what is worked with may be packed here before the job. */
  public boolean takesTheKit() {
    return switch (this) {
      case BACK_STOCK, GIVEN_AWAY -> true;
      case MY_OWN, DIRTY -> false;
    };
  }
}
