package gerula.app.platform.web;

import gerula.app.platform.errors.Refused;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.util.FileSystemUtils;

/**
 * The folder in which long files lie while they are received or made. Each process has its own, in
 * the machine's folder for what passes; what a killed one left there the next one takes away.
 */
public final class Spool {

  static final Logger LOG = LoggerFactory.getLogger(Spool.class);

  private static final long SPARE_BYTES = 1L << 30;

  private static final String PREFIX = "gerula-passing-";

  private static final Path FOLDER = make();

  private Spool() {}

  private static Path make() {
    try {
      Path passing = Path.of(System.getProperty("java.io.tmpdir"));
      deleteLeft(passing);
      return Files.createTempDirectory(passing, PREFIX + ProcessHandle.current().pid() + "-");
    } catch (IOException full) {
      throw new UncheckedIOException("No folder can be made for files that pass.", full);
    }
  }

  private static void deleteLeft(Path passing) throws IOException {
    try (Stream<Path> folders = Files.list(passing)) {
      for (Path folder : folders.filter(Spool::isLeft).toList()) {
        FileSystemUtils.deleteRecursively(folder);
      }
    }
  }

  private static boolean isLeft(Path folder) {
    Matcher name = Pattern.compile(PREFIX + "(\\d+)-\\d+").matcher(folder.getFileName().toString());
    return name.matches() && ProcessHandle.of(Long.parseLong(name.group(1))).isEmpty();
  }

  public static Path folder() {
    return FOLDER;
  }

  /**
   * @param bytes that are about to come
   * @throws Refused when others would find no room then
   */
  static void requireRoom(long bytes) {
    if (free() < bytes + SPARE_BYTES) {
      throw Refused.busy("There is no room for a file of that size just now.");
    }
  }

  private static long free() {
    try {
      return Files.getFileStore(FOLDER).getUsableSpace();
    } catch (IOException unknown) {
      throw new UncheckedIOException(unknown);
    }
  }
}
