package gerula.core.depot.empties;

import gerula.core.rule.Code;

/** What a container is made of. */
public enum Material implements Code {
  POLYETHYLENE,
  GLASS,
  ACRYLIC,
  METAL;

  /** Whether strong alcohol and solvents leave it clear and whole. Common practice. */
  boolean withstandsSolvents() {
    return this == POLYETHYLENE || this == GLASS;
  }
}
