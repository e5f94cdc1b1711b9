package gerula.core.depot;

import gerula.core.rule.Code;

/** How readily something flows. */
public enum Thickness implements Code {
  THIN,
  MEDIUM,
  THICK
}
