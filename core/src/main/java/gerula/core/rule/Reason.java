package gerula.core.rule;

/**
 * One reason or finding as data: a stable code here, the facts in the components of the record that
 * implements it. Turning it into words is the reader's business. Reasons of one kind are permitted
 * by one sealed interface, and no two records of them have the same name.
 */
public interface Reason {

  /** Lower case, words joined by hyphens; never changes once published. */
  default String code() {
    return codeOf(getClass());
  }

  /** The record's name in that spelling. */
  static String codeOf(Class<? extends Reason> reason) {
    StringBuilder code = new StringBuilder();
    for (char letter : reason.getSimpleName().toCharArray()) {
      if (Character.isUpperCase(letter) && !code.isEmpty()) {
        code.append('-');
      }
      code.append(Character.toLowerCase(letter));
    }
    return code.toString();
  }
}
