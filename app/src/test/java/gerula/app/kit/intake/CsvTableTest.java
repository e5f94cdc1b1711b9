package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Deadline;
import gerula.app.platform.limits.Limit;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTableTest {

  private static final Deadline DEADLINE = Deadline.of(Limit.LOOK_SECONDS, "Reading");

  @ParameterizedTest
  @CsvSource({
    "'name,shade', ','",
    "'name;shade', ';'",
    "'name\tshade', '\t'",
    "'\"a,b,c\";shade', ';'",
    "'name', ','",
  })
  void theSeparatorIsSeenFromTheFirstLine(String header, String separator) {
    assertThat(read(header + "\nx")).extracting(CsvTable::separator).isEqualTo(separator.charAt(0));
  }

  @Test
  void quotesSeparatorsAndLineBreaksWithinACellStayInIt() {
    CsvTable table = read("name,note\r\n\"a, \"\"b\"\"\",\"two\nlines\"\r\nc,d\r\n");
    assertThat(table.rows()).hasSize(2);
    assertThat(table.rows().getFirst().cells()).containsExactly("a, \"b\"", "two\nlines");
    assertThat(table.rows().getFirst().line()).isEqualTo(2);
    assertThat(table.rows().get(1).line()).isEqualTo(4);
  }

  @Test
  void emptyLinesAndShortRowsDoNoHarm() {
    CsvTable table = read("name,shade\n\n,,\na\n\n");
    assertThat(table.rows()).hasSize(1);
    assertThat(table.rows().getFirst().cell(0)).isEqualTo("a");
    assertThat(table.rows().getFirst().cell(1)).isEmpty();
  }

  @Test
  void moreRowsThanAnyKitHasAreRefused() {
    String table = "name\n" + "x\n".repeat(CsvTable.MOST_ROWS + 1);
    assertThatThrownBy(() -> read(table))
        .isInstanceOf(Refused.class)
        .hasMessageContaining("at most " + CsvTable.MOST_ROWS);
  }

  @ParameterizedTest
  @ValueSource(strings = {"UTF-8", "windows-1252"})
  void accentsAreReadAsTheyWereMeant(String charset) {
    CsvTable table =
        CsvTable.read("name\nCrème brûlée".getBytes(Charset.forName(charset)), DEADLINE);
    assertThat(table.rows().getFirst().cell(0)).isEqualTo("Crème brûlée");
    assertThat(table.charset()).isEqualTo(Charset.forName(charset));
  }

  private static CsvTable read(String text) {
    return CsvTable.read(text.getBytes(StandardCharsets.UTF_8), DEADLINE);
  }
}
