package gerula.core.rule;

/** How large a decant is. */
public enum RefillPractice implements Code {
  /** Small, and filled often: it stays fresh and light. */
  SMALL,
  /** 20 to 30 ml, so as not to fill it again. */
  LARGE
}
