package gerula.core.cleandown.treatment;

import gerula.core.rule.Code;

/** What becomes of a thing after it was used, the more lenient first. */
public enum Outcome implements Code {
  READY,
  /** It may be used again once it has been treated. */
  TREAT,
  /** From now on it is that person's. */
  ONE_PERSON,
  GIVE_AWAY,
  /** Somebody has to decide. */
  QUARANTINE,
  DISCARD;

  /** Whether others can be made up with it again. */
  public boolean isReusable() {
    return this == READY || this == TREAT;
  }
}
