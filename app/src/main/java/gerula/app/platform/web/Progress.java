package gerula.app.platform.web;

/** Hears how far long work has come. */
public interface Progress {

  /** Nobody listens. */
  Progress SILENT = (_, _) -> {};

  /**
   * @param done 0 to all
   * @throws Stopped when nobody wants the result any more: the work is then undone
   */
  void at(int done, int all);

  /** Whoever asked for it has gone. */
  final class Stopped extends RuntimeException {
    public Stopped(Throwable why) {
      super("The work was stopped.", why);
    }
  }
}
