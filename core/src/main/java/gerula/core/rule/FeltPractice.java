package gerula.core.rule;

/** Whether a felt-tip liner, whose reservoir cannot be cleaned, goes from face to face. */
public enum FeltPractice implements Code {
  NOT_SHARED,
  /** The tip is soaked in alcohol. */
  SOAK_TIP
}
