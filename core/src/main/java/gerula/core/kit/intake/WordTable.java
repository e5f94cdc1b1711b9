package gerula.core.kit.intake;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

/** A table of words beside the classes: a line an entry, its parts set apart by bars. */
final class WordTable {

  private WordTable() {}

  /** All lines but comments and empty ones. */
  static List<List<String>> lines(String name) {
    try (InputStream table = WordTable.class.getResourceAsStream(name)) {
      if (table == null) {
        throw new IllegalStateException("The table of words " + name + " is missing.");
      }
      return new String(table.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.isBlank() && !line.startsWith("#"))
          .map(line -> Arrays.stream(line.split("\\|", -1)).map(String::strip).toList())
          .toList();
    } catch (IOException unreadable) {
      throw new UncheckedIOException(unreadable);
    }
  }
}
