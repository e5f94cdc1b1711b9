package gerula.app.platform.errors;

/**
 * One fault in what was sent.
 *
 * @param path where, as in {@code faces[2].depth}
 * @param code lower case, words joined by hyphens
 * @param message the rule, the value that broke it, what to do
 */
public record FieldFault(String path, String code, String message) {

  /** The same fault as seen from further out. */
  public FieldFault within(String outer) {
    return new FieldFault(outer + path, code, message);
  }
}
