package gerula.core.depot.bench;

import gerula.core.rule.Code;

/** Why a pack is decanted into so much, or stays as it is. */
public enum PlanReason implements Code {
  LASTS_AS_LONG_AS_WANTED,
  /** More would not be used up before its date. */
  ENDS_WITH_ITS_DATE,
  /** The house fills large ones, so as not to fill them again. */
  AS_LARGE_AS_THE_HOUSE_FILLS,
  /** All there is. */
  ALL_THAT_IS_LEFT,
  /** Larger ones are not at hand, or serve others better. */
  AS_MUCH_AS_FITS,

  /** The artist wants it so. */
  YOUR_CHOICE,
  /** The artist wants it so, but it will not be used up in time. */
  MORE_THAN_BEFORE_ITS_DATE,

  NO_EMPTY_AT_HAND,
  /** Neither lighter nor smaller than its pack. */
  SAVES_NOTHING,
  PAST_ITS_DATE,
  NOT_USED
}
