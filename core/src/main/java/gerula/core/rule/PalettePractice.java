package gerula.core.rule;

/** How palettes travel. */
public enum PalettePractice implements Code {
  /** A palette comes along whole, whatever of it is needed. */
  KEEP_WHOLE,
  /** Single pans are lifted into an empty palette where that saves mass. */
  LIFT_PANS
}
