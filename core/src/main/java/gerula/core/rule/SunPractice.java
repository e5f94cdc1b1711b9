package gerula.core.rule;

/** Where a sun filter is put on. */
public enum SunPractice implements Code {
  /** By day outdoors, and never where flash would bounce off it. */
  NOT_IN_FLASH,
  /** Under every base. */
  ALWAYS_UNDER_BASE
}
