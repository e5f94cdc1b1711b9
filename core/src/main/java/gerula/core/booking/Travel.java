package gerula.core.booking;

import gerula.core.rule.Code;

/** How the bags get there. */
public enum Travel implements Code {
  CAR,
  TRAIN,
  FLIGHT_CABIN,
  FLIGHT_HOLD,
  ON_FOOT,
  PUBLIC_TRANSPORT;

  /** Whether the limits for bags in the air hold. */
  public boolean isByAir() {
    return this == FLIGHT_CABIN || this == FLIGHT_HOLD;
  }

  /** Whether everything is carried by hand all the way. */
  public boolean isCarried() {
    return this == ON_FOOT || this == PUBLIC_TRANSPORT;
  }
}
