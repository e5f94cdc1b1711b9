package gerula.core.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Code;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What names mean. */
class TradeWordsTest {

  /** Of what is called sure at least 95 of a hundred are right, and at least 70 are sure. */
  @Test
  void namesInTablesAreRead() {
    int sure = 0;
    int all = 0;
    List<String> wrong = new ArrayList<>();
    for (List<String> line : WordTable.lines("names-in-tables.txt")) {
      String told = line.get(0);
      boolean isUnclear = told.endsWith("?");
      ProductClass meant = Code.of(ProductClass.class, told.replace("?", ""));
      Optional<TradeWords.Guess> read = TradeWords.classOf(line.get(1));
      all++;
      if (read.isPresent() && read.get().isSure()) {
        sure++;
      }
      boolean isRight = read.isPresent() && read.get().productClass() == meant;
      if (!isRight || isUnclear && read.get().isSure()) {
        wrong.add(line.get(1) + " -> " + read);
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(sure).isGreaterThanOrEqualTo(all * 9 / 10);
  }

  @ParameterizedTest
  @CsvSource({
    "remover for lashes, REMOVER",
    "pouch with blush, BLUSH",
    "foundation brush, BASE_BRUSH",
    "brow gel brush, BRUSH",
    "lip balm spf 30, LIP_BALM",
    "powder foundation, FOUNDATION",
    "lash glue remover, ADHESIVE_REMOVER",
    "EYEBROW PENCILS, BROW_PENCIL",
  })
  void theLastWordsSayWhatItIs(String name, ProductClass meant) {
    assertThat(TradeWords.classOf(name).orElseThrow().productClass()).isEqualTo(meant);
  }

  @Test
  void whatMayBeTwoThingsIsNotSure() {
    assertThat(TradeWords.classOf("brow gel brush").orElseThrow().isSure()).isFalse();
    assertThat(TradeWords.classOf("foundation primer").orElseThrow().isSure()).isFalse();
    assertThat(TradeWords.classOf("base").orElseThrow().isSure()).isFalse();
    assertThat(TradeWords.classOf("wipes").orElseThrow().isSure()).isFalse();
    assertThat(TradeWords.classOf("powder puff").orElseThrow().isSure()).isTrue();
  }

  @ParameterizedTest
  @EnumSource(ProductClass.class)
  void everyClassStandsInTheTable(ProductClass productClass) {
    assertThat(TradeWords.guess(productClass).productClass()).isEqualTo(productClass);
    assertThat(TradeWords.guess(productClass).usual().isNone()).isFalse();
  }

  @Test
  void noNameIsToldOfTwoClasses() {
    Map<String, String> told = new HashMap<>();
    for (List<String> line : WordTable.lines("trade-words.txt")) {
      for (String name : Written.list(line.get(3))) {
        String plain = String.join(" ", PlainWords.of(name.split("=")[0]));
        String before = told.put(plain, line.get(0));
        assertThat(before == null || before.equals(line.get(0)))
            .as("%s stands at %s and %s", plain, before, line.get(0))
            .isTrue();
      }
    }
    assertThat(TradeWords.sureNames()).hasSizeGreaterThan(1000);
  }

  @ParameterizedTest
  @CsvSource({
    "POWDER_COLOUR, Blush, Dune, BLUSH",
    "POWDER_COLOUR, Matte bronzer, '', BRONZER",
    "POWDER_COLOUR, Cheek press, dusk, BLUSH",
    "POWDER_COLOUR, Silk veil, dusk, POWDER_COLOUR",
    "CREAM_COLOUR, Contour stick, 3, CONTOUR",
    "CREAM_COLOUR, Liquid illuminator, moon, HIGHLIGHTER",
    "BRUSH, Brush, fan, FAN_BRUSH",
    "BRUSH, Foundation brush, 4, BASE_BRUSH",
    "BRUSH, Brush, 217, BRUSH",
    "WIPE, Make-up wipes, '', REMOVER_WIPE",
    "WIPE, Wipes, '', WIPE",
    "TISSUE, Kitchen roll, '', PAPER_TOWEL",
    "CHARGER, Plug, '', PHONE_CHARGER",
    "FOUNDATION, Blush, '', FOUNDATION",
  })
  void anOldClassBecomesWhatTheNameSays(
      ProductClass told, String name, String shade, ProductClass meant) {
    assertThat(FormerClass.clear(told, name, shade)).isEqualTo(meant);
  }

  @Test
  void coloursAreKnownByTheirNames() {
    assertThat(ColourNames.of("3 dusty rose")).contains("#b97a7c");
    assertThat(ColourNames.of("rose")).contains("#cf7182");
    assertThat(ColourNames.of("Deep Brown 9")).contains("#3a261d");
    assertThat(ColourNames.of("tide")).isEmpty();
    assertThat(ColourNames.tellsShade("warm")).isTrue();
    assertThat(WordTable.lines("colours.txt"))
        .allSatisfy(line -> assertThat(line.get(1)).matches("#[0-9a-f]{6}"));
  }

  @ParameterizedTest
  @CsvSource({
    "powder, PRESSED_POWDER",
    "pressed, PRESSED_POWDER",
    "Loose, LOOSE_POWDER",
    "liquid, LIQUID_PUMP_OR_SQUEEZE",
    "tube, LIQUID_PUMP_OR_SQUEEZE",
    "pot, CREAM",
    "Cream pot, CREAM",
    "bullet, LIPSTICK_BULLET",
    "pencil, SHARPENABLE_PENCIL",
    "felt tip, FELT_TIP_PEN",
    "brush pen, FELT_TIP_PEN",
    "mist, THIN_SPRAY",
    "doe-foot, LIQUID_DIP_APPLICATOR",
    "disposables, SINGLE_USE",
    "metal, METAL_TOOL",
    "electrical, ELECTRICAL_TOOL",
    "glue, ADHESIVE",
  })
  void aFormIsToldInMoreWaysThanOne(String told, Form form) {
    assertThat(TradeWords.formOf(told)).contains(form);
  }

  @Test
  void formsComeWithTheWords() {
    assertThat(TradeWords.classOf("loose powder").orElseThrow().toldForm())
        .isEqualTo(Form.LOOSE_POWDER);
    assertThat(TradeWords.classOf("powder compact").orElseThrow().toldForm())
        .isEqualTo(Form.PRESSED_POWDER);
    assertThat(TradeWords.classOf("primer").orElseThrow().toldForm()).isNull();
    assertThat(TradeWords.classOf("primer").orElseThrow().form())
        .isEqualTo(Form.LIQUID_PUMP_OR_SQUEEZE);
  }
}
