package gerula.core.packing.lift;

import gerula.core.rule.Code;

/** How well it can be held. */
public enum Coupling implements Code {
  /** Handles that fit the hand. */
  GOOD,
  /** Handles that are less than that, or none where fingers bend under it. */
  FAIR,
  /** Bulky, soft, or with edges. */
  POOR
}
