package gerula.app.platform.errors;

import java.io.IOException;

/** More was sent than this address takes. */
public final class BodyTooLarge extends IOException {

  public BodyTooLarge(long limitBytes) {
    super(
        "At most "
            + limitBytes / 1024
            + " kB can be sent here, and this is more. Nothing was saved; send less at once.");
  }
}
