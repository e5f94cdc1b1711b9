package gerula.app.platform.web;

import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.http.HttpHeaders;

/**
 * A file that is made whole before its first byte is sent: what fails on the way is told as a
 * failure, and what is sent announces its length, so that a part is never taken for the whole.
 */
public final class MadeFile implements AutoCloseable {

  private final Path file;

  private MadeFile(Path file) {
    this.file = file;
  }

  /** Whatever writes a file. */
  @FunctionalInterface
  public interface Maker {
    void write(OutputStream to) throws IOException;
  }

  public static MadeFile of(Maker maker) throws IOException {
    MadeFile made = new MadeFile(Files.createTempFile(Spool.folder(), "made", null));
    try (OutputStream to = new BufferedOutputStream(Files.newOutputStream(made.file), 1 << 16)) {
      maker.write(to);
      return made;
    } catch (IOException | RuntimeException failed) {
      made.close();
      throw failed;
    }
  }

  public Path path() {
    return file;
  }

  public void send(HttpServletResponse response, String type, String name) throws IOException {
    response.setContentType(type);
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"");
    response.setContentLengthLong(Files.size(file));
    Files.copy(file, response.getOutputStream());
  }

  @Override
  public void close() {
    try {
      Files.deleteIfExists(file);
    } catch (IOException stays) {
      Spool.LOG.warn("A made file could not be deleted: {}", stays.getMessage());
    }
  }
}
