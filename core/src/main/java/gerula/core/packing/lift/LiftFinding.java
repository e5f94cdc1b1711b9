package gerula.core.packing.lift;

import gerula.core.rule.Code;

/** What is to be said about a lift. */
public enum LiftFinding implements Code {
  /** It weighs more than is recommended: two trips, two people, or less in it. */
  ABOVE_LIMIT,
  /** It lies so far away, so high, or so much to the side that nothing is recommended. */
  OUT_OF_REACH
}
