package gerula.core.rule;

/** Whether the back of the hand serves as a palette. */
public enum HandPractice implements Code {
  NEVER,
  /** Once it was washed. */
  AFTER_WASHING
}
