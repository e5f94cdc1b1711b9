package gerula.app.platform.errors;

import java.io.IOException;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** More was sent than this address takes. */
public final class BodyTooLarge extends IOException {

  public BodyTooLarge(long limitBytes) {
    super(
        "At most "
            + limitBytes / 1024
            + " kB can be sent here, and this is more. Nothing was saved; send less at once.");
  }

  static Optional<BodyTooLarge> in(@Nullable Throwable thrown) {
    for (Throwable cause = thrown; cause != null; cause = cause.getCause()) {
      if (cause instanceof BodyTooLarge found) {
        return Optional.of(found);
      }
    }
    return Optional.empty();
  }
}
