package gerula.core.depot.bench;

import gerula.core.rule.Code;

/** What to be careful of at a step of the work. Local rules and licensed practice come first. */
public enum Caution implements Code {
  /** Alcohol and solvents: no flame, no hot tool, air. */
  KEEP_FROM_FLAME,
  /** Hot plates burn and plastic fumes: gloves, parchment, air. */
  HOT_PLATE,
  /** Nothing is heated while alcohol on it or around it is still wet. */
  ALCOHOL_DRY_FIRST,
  /** Fine dust is breathed in: pour low, a mask for long. */
  DUST,
  /** Its protection was tested in its own pack. */
  SUNSCREEN_IN_ITS_PACK
}
