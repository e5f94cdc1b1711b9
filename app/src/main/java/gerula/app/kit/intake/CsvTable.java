package gerula.app.kit.intake;

import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.FieldFault;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * A table as a spreadsheet program writes it (RFC 4180, and what is written in practice).
 *
 * @param charset in which it was read: UTF-8, or what old programs write
 * @param separator between two cells
 * @param header names of the columns
 * @param rows below it, empty lines left out
 */
public record CsvTable(Charset charset, char separator, List<String> header, List<Row> rows) {

  static final int MOST_ROWS = Limit.TABLE_ROWS.whole();

  private static final int MOST_COLUMNS = Limit.TABLE_COLUMNS.whole();

  private static final Charset OLD = Charset.forName("windows-1252");

  /**
   * @param line of the file where the row begins, from 1
   * @param cells as many as there are; short rows end early
   */
  public record Row(int line, List<String> cells) {
    public String cell(int column) {
      return column < cells.size() ? cells.get(column).strip() : "";
    }
  }

  /**
   * @throws gerula.app.platform.errors.Refused when it is no table
   */
  public static CsvTable read(byte[] file, Deadline deadline) {
    Charset charset = isUtf8(file) ? StandardCharsets.UTF_8 : OLD;
    String text = new String(file, charset);
    if (text.startsWith("\uFEFF")) {
      text = text.substring(1);
    }
    require(text.indexOf('\0') < 0, "This is no text: it holds NUL characters. Save it as CSV.");
    char separator = separator(text);
    require(
        !isWider(text, separator),
        "A table has at most "
            + MOST_COLUMNS
            + " columns, and a line of this one has more. Remove the columns you don't need.");
    try (CSVParser parser =
        CSVFormat.RFC4180
            .builder()
            .setDelimiter(separator)
            .setIgnoreEmptyLines(true)
            .get()
            .parse(new StringReader(text))) {
      return read(charset, separator, parser, deadline);
    } catch (IOException | UncheckedIOException | IllegalStateException broken) {
      throw Refused.faulty(
          List.of(
              new FieldFault(
                  "",
                  "not-a-table",
                  "The file cannot be read as a table: a quotation mark is not closed. Nothing was"
                      + " changed.")));
    }
  }

  private static CsvTable read(
      Charset charset, char separator, CSVParser parser, Deadline deadline) {
    List<String> header = null;
    List<Row> rows = new ArrayList<>();
    long line = 1;
    for (CSVRecord record : parser) {
      deadline.check();
      List<String> cells = record.toList();
      if (header == null) {
        header = cells;
      } else if (cells.stream().anyMatch(cell -> !cell.isBlank())) {
        rows.add(new Row((int) line, cells));
      }
      require(
          rows.size() <= MOST_ROWS,
          "A table has at most " + MOST_ROWS + " rows. Part it and read one after the other.");
      line = parser.getCurrentLineNumber() + 1;
    }
    require(header != null, "The file is empty. Write a line of column names first.");
    return new CsvTable(charset, separator, header, rows);
  }

  /** Looked for before anything is read: each cell of a line costs far more than its separator. */
  private static boolean isWider(String text, char separator) {
    int cells = 1;
    boolean isQuoted = false;
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if (one == '"') {
        isQuoted = !isQuoted;
      } else if (one == '\n' && !isQuoted) {
        cells = 1;
      } else if (one == separator && !isQuoted && ++cells > MOST_COLUMNS) {
        return true;
      }
    }
    return false;
  }

  private static boolean isUtf8(byte[] file) {
    try {
      StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file));
      return true;
    } catch (CharacterCodingException old) {
      return false;
    }
  }

  /** Whatever parts the most cells in the first line, outside of quotation marks. */
  private static char separator(String text) {
    char best = ',';
    int most = 0;
    for (char one : new char[] {',', ';', '\t'}) {
      int count = 0;
      boolean isQuoted = false;
      for (int i = 0; i < text.length() && (isQuoted || text.charAt(i) != '\n'); i++) {
        if (text.charAt(i) == '"') {
          isQuoted = !isQuoted;
        } else if (text.charAt(i) == one && !isQuoted) {
          count++;
        }
      }
      if (count > most) {
        most = count;
        best = one;
      }
    }
    return best;
  }

  private static void require(boolean kept, String message) {
    new Faults().unless(kept, "", "not-a-table", message).refuseIfAny();
  }
}
