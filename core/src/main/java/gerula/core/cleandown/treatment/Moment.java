package gerula.core.cleandown.treatment;

import gerula.core.rule.Code;

/** When a thing is treated: it decides how long it may take. */
public enum Moment implements Code {
  BETWEEN_FACES,
  AFTER_JOB
}
