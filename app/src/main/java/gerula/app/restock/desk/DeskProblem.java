package gerula.app.restock.desk;

/** The desk did not answer, or nothing one could use. */
public final class DeskProblem extends RuntimeException {

  /** What went wrong. */
  public enum Kind {
    NOT_THERE,
    SILENT,
    REFUSED,
    NOT_KNOWN,
    NONSENSE
  }

  private final Kind kind;

  DeskProblem(Kind kind, String detail) {
    super(detail);
    this.kind = kind;
  }

  public Kind kind() {
    return kind;
  }
}
