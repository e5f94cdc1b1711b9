package gerula.core.rule;

/** How one comes by clean brushes between two faces. */
public enum BrushPractice implements Code {
  /** Another set; the used one goes into the dirty holder. */
  SECOND_SET,
  /** The same set, cleaned with a quick-drying solution. */
  QUICK_DRY
}
