package gerula.app.platform.errors;

import java.io.IOException;
import java.time.Duration;

/** What was sent did not arrive in time. */
public final class BodyTooSlow extends IOException {

  public BodyTooSlow(Duration time) {
    super(
        "Sending this took longer than "
            + time.toSeconds()
            + " seconds. Nothing was saved; try again over a better connection.");
  }
}
