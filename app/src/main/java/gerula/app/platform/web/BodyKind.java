package gerula.app.platform.web;

import gerula.app.platform.limits.Limit;
import java.time.Duration;

/** What may be sent to an address, and how long sending it may take: docs/limits.md. */
enum BodyKind {
  USUAL(Limit.BODY_BYTES, Limit.BODY_SECONDS),
  PICTURE(Limit.PICTURE_BYTES, Limit.PICTURE_SECONDS),
  TABLE(Limit.TABLE_BYTES, Limit.TABLE_SECONDS),
  ARCHIVE(Limit.ARCHIVE_BYTES, Limit.ARCHIVE_SECONDS);

  private final long most;
  private final Duration time;

  BodyKind(Limit bytes, Limit seconds) {
    most = bytes.value();
    time = Duration.ofSeconds(seconds.value());
  }

  static BodyKind of(String address) {
    if (address.equals("/api/workspace/archive")) {
      return ARCHIVE;
    }
    if (address.startsWith("/api/kit/csv") || address.startsWith("/api/offers/csv")) {
      return TABLE;
    }
    return address.contains("/picture/") ? PICTURE : USUAL;
  }

  /** In bytes. */
  long most() {
    return most;
  }

  Duration time() {
    return time;
  }
}
