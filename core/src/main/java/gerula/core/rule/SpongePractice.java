package gerula.core.rule;

/** What becomes of a foam sponge once it touched a face. */
public enum SpongePractice implements Code {
  SINGLE_USE,
  GIVE_AWAY,
  /** Kept for that one face as long as the run lasts. */
  DEDICATED
}
