package gerula.core.cleandown.treatment;

import gerula.core.rule.Code;

/** What is worth knowing of a treatment. */
public enum TreatmentFinding implements Code {
  /** It takes the risk away from its surface only: whom it touched stays traced. */
  CHAIN_STAYS_OPEN,
  /** Alcohol of this strength disinfects less well: 60 to 90 % do (CDC 2008). */
  OUTSIDE_EFFECTIVE_RANGE
}
