package gerula.app.platform.limits;

import gerula.app.platform.errors.Refused;

/** Ends work that takes too long, from within: whoever does it asks every now and then. */
public final class Deadline {

  private final long until;
  private final String what;

  private Deadline(long until, String what) {
    this.until = until;
    this.what = what;
  }

  /**
   * @param what takes so long, as the beginning of a sentence
   */
  public static Deadline of(Limit seconds, String what) {
    return new Deadline(System.nanoTime() + seconds.value() * 1_000_000_000L, what);
  }

  /**
   * @throws Refused when the time is over, or whoever asked has gone
   */
  public void check() {
    if (System.nanoTime() - until > 0 || Thread.currentThread().isInterrupted()) {
      throw Refused.tookTooLong(what);
    }
  }
}
