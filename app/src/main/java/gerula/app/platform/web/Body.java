package gerula.app.platform.web;

import gerula.app.platform.Sha256;
import gerula.app.platform.errors.BodyTooLarge;
import gerula.app.platform.errors.BodyTooSlow;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What was sent with a request, received to its end before anything is done with it: whoever sends
 * slowly holds up nobody but himself. What is long lies in a file of its own until it is closed.
 */
public final class Body implements AutoCloseable {

  /** Up to this many bytes lie in memory. */
  static final int SHORT = 1 << 20;

  /** Nobody has to say beforehand how much he sends: the room is looked at after so many bytes. */
  private static final long LOOKED_AFTER = 1L << 24;

  private static final String ATTRIBUTE = Body.class.getName();

  private final byte[] start;
  private final @Nullable Path file;
  private final byte[] digest;

  private Body(byte[] start, @Nullable Path file, byte[] digest) {
    this.start = start;
    this.file = file;
    this.digest = digest;
  }

  /**
   * @throws BodyTooLarge when more comes than may
   * @throws BodyTooSlow when it is not all there in time
   * @throws gerula.app.platform.errors.Refused when there is no room for it
   */
  static Body receive(InputStream from, BodyKind kind) throws IOException {
    ByteArrayOutputStream memory = new ByteArrayOutputStream();
    MessageDigest digest = Sha256.begun();
    long until = System.nanoTime() + kind.time().toNanos();
    Path file = null;
    OutputStream out = memory;
    try {
      byte[] some = new byte[1 << 16];
      long received = 0;
      for (int length = from.read(some); length >= 0; length = from.read(some)) {
        received += length;
        requireWithin(kind, received, until);
        if (received / LOOKED_AFTER > (received - length) / LOOKED_AFTER) {
          Spool.requireRoom(0);
        }
        if (file == null && received > SHORT) {
          file = Files.createTempFile(Spool.folder(), "received", null);
          out = Files.newOutputStream(file);
          memory.writeTo(out);
        }
        out.write(some, 0, length);
        digest.update(some, 0, length);
      }
      out.close();
      return new Body(file == null ? memory.toByteArray() : new byte[0], file, digest.digest());
    } catch (IOException | RuntimeException failed) {
      out.close();
      delete(file);
      throw failed;
    }
  }

  private static void requireWithin(BodyKind kind, long received, long until) throws IOException {
    if (received > kind.most()) {
      throw new BodyTooLarge(kind.most());
    }
    if (System.nanoTime() > until) {
      throw new BodyTooSlow(kind.time());
    }
  }

  void noteIn(HttpServletRequest request) {
    request.setAttribute(ATTRIBUTE, this);
  }

  static Optional<Body> of(HttpServletRequest request) {
    return Optional.ofNullable((Body) request.getAttribute(ATTRIBUTE));
  }

  boolean isShort() {
    return file == null;
  }

  /** SHA-256 of its bytes. */
  byte[] digest() {
    return digest.clone();
  }

  byte[] bytes() throws IOException {
    return file == null ? start : Files.readAllBytes(file);
  }

  InputStream open() throws IOException {
    return file == null ? new ByteArrayInputStream(start) : Files.newInputStream(file);
  }

  @Override
  public void close() {
    delete(file);
  }

  private static void delete(@Nullable Path file) {
    try {
      if (file != null) {
        Files.deleteIfExists(file);
      }
    } catch (IOException stays) {
      // The next start empties the folder.
      Spool.LOG.warn("A received file could not be deleted: {}", stays.getMessage());
    }
  }
}
