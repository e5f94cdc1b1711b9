package gerula.core.booking;

import gerula.core.rule.Code;

/** What the place and the day of a booking are like, as far as it changes what is carried. */
public enum Condition implements Code {
  FLASH,
  DAYLIGHT,
  DRY_COLD,
  HEAT,
  /** Rain or spray. */
  WET,
  SNOW,
  TEARS,
  SWEAT,
  NO_POWER,
  NO_WATER,
  DIM,
  NO_TABLE,
  LONG_CARRY,
  FLIGHT,
  CLOSE_UP,
  LONG_DAY,
  UNKNOWN_CATERING,
  CRAMPED,
  REMOTE,
  MASKS_OR_HELMETS,
  NIGHT,
  SMOKE_OR_DUST,
  CHILDREN,
  POOL_OR_SEA,
  STROBE,
  SHARED_ROOM,
  VEHICLE_HEAT_OR_FROST,
  EARLY_CALL
}
