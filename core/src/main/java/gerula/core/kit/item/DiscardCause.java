package gerula.core.kit.item;

import gerula.core.rule.Code;

/** Why a thing left the kit for good. */
public enum DiscardCause implements Code {
  DATE,
  CHANGED,
  CONTAMINATED,
  BROKEN,
  EMPTY,
  LOST,
  GIVEN_AWAY,
  /** Sent back to where it was bought. */
  RETURNED
}
