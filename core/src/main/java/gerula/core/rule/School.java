package gerula.core.rule;

/** How strict a house is where the trade disagrees about limits. */
public enum School implements Code {
  CAUTIOUS,
  USUAL
}
