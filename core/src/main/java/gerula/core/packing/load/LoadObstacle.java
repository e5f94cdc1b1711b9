package gerula.core.packing.load;

import gerula.core.rule.Code;

/** Why a piece cannot lie somewhere. The gravest first. */
public enum LoadObstacle implements Code {
  /** It has to lie somewhere else. */
  PINNED_ELSEWHERE,
  /** Its section is not kept here. */
  NOT_ALLOWED,
  /** It is kept for somebody else. */
  SOMEBODY_ELSES,
  /** It may leak, and this does not close. */
  NOT_SEALED,
  /** It does not go in by itself. */
  TOO_LARGE,
  /** The bag would weigh more than it may. */
  TOO_HEAVY,
  /** Something hot and something that melts. */
  BESIDE_HEAT,
  /** With what lies there more of the volume would be taken than may be. */
  TOO_FULL,
  /** There is volume enough, but no way to lay it was found. */
  NO_WAY_TO_LAY_IT,
  /** Others that are worth more, or have to come along, take the room. */
  ROOM_TAKEN
}
