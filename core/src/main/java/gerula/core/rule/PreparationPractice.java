package gerula.core.rule;

/** Who prepares the skin. */
public enum PreparationPractice implements Code {
  BY_THE_ARTIST,
  /** The client comes with her skin prepared. */
  CLIENT_PREPARED
}
