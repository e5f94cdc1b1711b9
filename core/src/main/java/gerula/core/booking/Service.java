package gerula.core.booking;

import gerula.core.rule.Code;

/** What is done to a face. */
public enum Service implements Code {
  SKIN_PREPARATION,
  BASE,
  POWDER,
  BROWS,
  EYES,
  MASCARA,
  LASHES,
  LIPS
}
