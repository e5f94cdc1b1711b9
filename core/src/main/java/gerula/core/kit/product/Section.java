package gerula.core.kit.product;

import gerula.core.rule.Code;

/** The part of the work a thing belongs to, in the order in which a station is laid out. */
public enum Section implements Code {
  SET_UP,
  SKIN,
  BASE,
  POWDER,
  BROWS,
  EYES,
  MASCARA,
  LASHES,
  LIPS,
  BRUSHES,
  TOOLS,
  DISPOSABLES,
  COMFORT
}
