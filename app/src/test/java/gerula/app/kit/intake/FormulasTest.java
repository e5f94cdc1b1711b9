package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Csv;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

/** OWASP, "CSV Injection": cells that begin with = + - @ tab or a line end. */
@ExtendWith(Running.class)
class FormulasTest {

  @ParameterizedTest
  @ValueSource(
      strings = {"=cmd|' /C calc'!A0", "+1", "-2", "@SUM(A1)", "\t=1", "\r=1", "'=1", "''-x"})
  void whatBeginsLikeAFormulaIsATextForSpreadsheets(String text) {
    assertThat(Formulas.safe(text)).startsWith("'");
    assertThat(Formulas.read(Formulas.safe(text))).isEqualTo(text);
  }

  @Test
  void everyTextComesBackAsItWas() {
    Random random = new Random(4);
    String letters = "'=+-@\t\n ab";
    for (int i = 0; i < 2000; i++) {
      StringBuilder text = new StringBuilder();
      for (int j = random.nextInt(6); j >= 0; j--) {
        text.append(letters.charAt(random.nextInt(letters.length())));
      }
      String told = text.toString();
      assertThat(Formulas.read(Formulas.safe(told))).isEqualTo(told);
    }
    assertThat(List.of(Formulas.safe("Soft base"), Formulas.safe("'n roll")))
        .containsExactly("Soft base", "'n roll");
  }

  @Test
  void aKitWithFormulasInItComesBackFromItsTable(Client one, Client other) {
    one.signedUp();
    String drawer = Kits.addPlace(one, "=1+1", "drawer");
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked
        .withObject("product")
        .put("name", "=cmd|' /C calc'!A0")
        .put("shade", "-3")
        .put("maker", "@x");
    asked.withObject("item").put("note", "'+already").put("batch", "+4711");
    one.post("/api/items", asked).expect(201);
    String table = one.get("/api/kit/csv").expect(200).raw().body();
    assertThat(table).contains("'=cmd", "'-3", "'@x", "''+already", "'+4711");
    assertThat(table).doesNotContainPattern("(^|[,\n\"])[=+@-]");
    other.signedUp();
    Csv.read(other, table);
    assertThat(other.get("/api/kit/csv").raw().body()).isEqualTo(table);
  }
}
