package gerula.core.rule;

/** How a pencil is treated that can be sharpened. */
public enum PencilPractice implements Code {
  SPRAY_SHARPEN_SPRAY,
  /** The sharpener is dirty, so alcohol comes last. */
  SHARPEN_SPRAY_WIPE
}
