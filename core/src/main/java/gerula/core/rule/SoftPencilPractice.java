package gerula.core.rule;

/** Whether a soft twist-up pencil, which cannot be renewed, goes from face to face. */
public enum SoftPencilPractice implements Code {
  NOT_SHARED,
  SPRAY_AND_WIPE
}
