package gerula.app.platform.errors;

/** What is asked was done and answered before: the same answer is given again. */
public final class AnsweredBefore extends RuntimeException {

  private final String json;

  public AnsweredBefore(String json) {
    super("This was done and answered before.", null, false, false);
    this.json = json;
  }

  public String json() {
    return json;
  }
}
