package gerula.core.kit;

import gerula.core.rule.Code;

/** Whether a thing may touch the next face. */
public enum Cleanliness implements Code {
  CLEAN,
  DUE,
  CONTAMINATED
}
