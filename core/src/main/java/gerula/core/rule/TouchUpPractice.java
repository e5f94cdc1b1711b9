package gerula.core.rule;

/** What lip colour a face takes home. */
public enum TouchUpPractice implements Code {
  /** A little of what was used, in a labelled jar. */
  LABELLED_JAR,
  /** The client brings or buys her own. */
  CLIENT_BRINGS,
  /** A small tube is given. */
  SMALL_TUBE
}
