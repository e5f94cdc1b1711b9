package gerula.core.kit.intake.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;

import gerula.core.dates.DateOrder;
import gerula.core.kit.intake.KitColumn;
import java.time.LocalDate;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** A line stands in the kit's table as if somebody had typed it there. */
class LineCellsTest {

  private static Map<KitColumn, String> cells(String line) {
    LocalDate today = LocalDate.of(2026, 11, 26);
    return LineCells.of(
        LineReader.read(line, today, DateOrder.DAY_FIRST, KnownWords.NONE).items().getFirst());
  }

  @Test
  void everythingThatIsToldStandsInItsColumn() {
    assertThat(
            cells("Tarnwell blush stick 3 rose 6.5 g opened 12.3.26 exp 3/28 1/4 12M £9.50 (gift)"))
        .containsOnly(
            entry(KitColumn.MAKER, "Tarnwell"),
            entry(KitColumn.NAME, "blush stick"),
            entry(KitColumn.SHADE, "3 rose"),
            entry(KitColumn.COLOUR, "#cf7182"),
            entry(KitColumn.CLASS, "blush"),
            entry(KitColumn.FORM, "stick"),
            entry(KitColumn.SIZE, "6.5"),
            entry(KitColumn.UNIT, "g"),
            entry(KitColumn.LEFT, "25%"),
            entry(KitColumn.OPENED, "2026-03-12"),
            entry(KitColumn.EXPIRY, "2028-03-31"),
            entry(KitColumn.MONTHS_AFTER_OPENING, "12"),
            entry(KitColumn.PRICE, "9.50"),
            entry(KitColumn.NOTE, "gift"));
  }

  @Test
  void whatIsNotToldAndAClassThatIsAGuessAreLeftOut() {
    assertThat(cells("base")).containsOnly(entry(KitColumn.NAME, "base"));
    assertThat(cells("mascara full")).containsEntry(KitColumn.LEFT, "100%");
    assertThat(cells("mascara a third")).containsEntry(KitColumn.LEFT, "33.3%");
  }
}
