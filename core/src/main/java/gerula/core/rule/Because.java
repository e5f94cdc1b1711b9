package gerula.core.rule;

/**
 * One reason or finding as data: a stable code here, the facts in the components of the record that
 * implements it. Turning it into words is the reader's business.
 */
public interface Because {

  /** Lower case, words joined by hyphens; never changes once published. */
  String code();
}
