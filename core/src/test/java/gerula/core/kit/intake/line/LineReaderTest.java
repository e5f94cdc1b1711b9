package gerula.core.kit.intake.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.Seeds;
import gerula.core.dates.DateOrder;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines as somebody types them at a drawer. Ways of writing: common practice. */
class LineReaderTest {

  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private static LineRead read(String line) {
    return LineReader.read(line, TODAY, DateOrder.DAY_FIRST, KnownWords.NONE);
  }

  private static LineItem item(String line) {
    return read(line).items().getFirst();
  }

  /** What each part was taken for, as {@code text:field}. */
  private static List<String> parts(String line) {
    return read(line).tokens().stream()
        .map(token -> line.substring(token.from(), token.to()) + ":" + token.as().field())
        .toList();
  }

  @Test
  void aWholeLine() {
    String line = "Tarnwell Soft base 3 ivory 30 ml opened 3/26 half x2";
    LineItem item = item(line);
    assertThat(item.maker()).isEqualTo("Tarnwell");
    assertThat(item.name()).isEqualTo("Soft base");
    assertThat(item.shade()).isEqualTo("3 ivory");
    assertThat(item.productClass()).isEqualTo(ProductClass.FOUNDATION);
    assertThat(item.content()).isEqualByComparingTo("30");
    assertThat(item.unit()).isEqualTo(Unit.ML);
    assertThat(item.openedOn()).isEqualTo(LocalDate.of(2026, 3, 1));
    assertThat(item.leftShare()).isEqualByComparingTo("0.5");
    assertThat(item.count()).isEqualTo(2);
    assertThat(item.colour()).isEqualTo("#f0e0ca");
    assertThat(item.printedExpiry()).isNull();
    assertThat(item.note()).isNull();
    assertThat(parts(line))
        .containsExactly(
            "Tarnwell:maker",
            "Soft:name",
            "base:productClass",
            "3 ivory:shade",
            "30 ml:content",
            "opened 3/26:openedOn",
            "half:leftShare",
            "x2:count");
  }

  @ParameterizedTest
  @CsvSource(
      nullValues = "-",
      value = {
        "'Soft base 1-6, 8, 9', -, Soft base, FOUNDATION, 1|2|3|4|5|6|8|9",
        "'Quillon Velvet lips 101-103', Quillon, Velvet lips, LIP_COLOUR, 101|102|103",
        "'Quillon concealer N1-N3 and N5', Quillon, concealer, CONCEALER, N1|N2|N3|N5",
        "'Brindlewick blush 01-03', Brindlewick, blush, BLUSH, 01|02|03",
        "'Quillon mascara black', Quillon, mascara, MASCARA, black",
        "'lipstick Ruby tide', -, lipstick, LIP_COLOUR, Ruby tide",
        "'Foundation Silk veil 12', -, Foundation Silk veil, FOUNDATION, 12",
        "'Vesperholt 05 rose lip balm', Vesperholt, lip balm, LIP_BALM, 05 rose",
        "'Marrowby rose lip balm', Marrowby, rose lip balm, LIP_BALM, -",
        "'tweezers', -, tweezers, TWEEZERS, -",
        "'Umberline', -, Umberline, -, -",
        "'Harbour 7', -, Harbour, -, 7",
        "'Cairnlowe eye shadow warm taupe', Cairnlowe, eye shadow, EYE_SHADOW, warm taupe",
        "'powder brush large', -, powder brush large, POWDER_BRUSH, -",
        "'Quillon peach corrector 4 g', Quillon, corrector, CORRECTOR, peach",
        "'black gel liner', -, gel liner, GEL_LINER, black",
        "'rose water', -, rose water, TONER, -",
        "'lipstick classic red', -, lipstick, LIP_COLOUR, classic red",
        "'Quillon strip lashes 110', Quillon, strip lashes, STRIP_LASHES, 110",
        "'cotton buds 300', -, cotton buds, COTTON_BUD, -",
      })
  void makerNameClassAndShades(
      String line, String maker, String name, ProductClass productClass, String shades) {
    List<LineItem> items = read(line).items();
    assertThat(items)
        .allSatisfy(
            item -> {
              assertThat(item.maker()).isEqualTo(maker);
              assertThat(item.name()).isEqualTo(name);
              assertThat(item.productClass()).isEqualTo(productClass);
            });
    assertThat(
            items.stream()
                .map(LineItem::shade)
                .map(String::valueOf)
                .collect(Collectors.joining("|")))
        .isEqualTo(String.valueOf(shades));
  }

  /** Of what is counted a bare figure is how many there are; nobody has buds of shade 300. */
  @ParameterizedTest
  @CsvSource({
    "cotton buds 300, 300",
    "Quillon cotton pads 120, 120",
    "mascara wands 50, 50",
    "200 puffs, 200",
    "500 hair pins, 500"
  })
  void aFigureBehindWhatIsCountedSaysHowMany(String line, String content) {
    assertThat(item(line).content()).isEqualByComparingTo(content);
    assertThat(item(line).unit()).isEqualTo(Unit.PIECE);
    assertThat(parts(line)).contains(content + ":content");
  }

  @ParameterizedTest
  @CsvSource({
    "opened 3/26, 2026-03-01",
    "opened 03/2026, 2026-03-01",
    "opened 12.3.26, 2026-03-12",
    "opened 12/3/2026, 2026-03-12",
    "opened 2026-03-12, 2026-03-12",
    "opened 2026-03, 2026-03-01",
    "opened mar 26, 2026-03-01",
    "opened march 2026, 2026-03-01",
    "opened 12 march, 2026-03-12",
    "opened 12th march 2025, 2025-03-12",
    "opened march 12 2025, 2025-03-12",
    "opened march, 2026-03-01",
    "opened in december, 2025-12-01",
    "opened 28 nov, 2025-11-28",
    "opened last month, 2026-10-01",
    "opened yesterday, 2026-11-25",
    "opened 2 weeks ago, 2026-11-12",
    "opened three months ago, 2026-08-26",
    "opened 2025, 2025-01-01",
    "open since 5/26, 2026-05-01",
    "op 4/26, 2026-04-01",
    "opened on 26/3, 2026-03-26",
    "opened: 3/4, 2026-04-03",
  })
  void openedIsReadAsPeopleWriteIt(String told, LocalDate day) {
    LineItem item = item("Quillon mascara " + told + " 9 ml");
    assertThat(item.openedOn()).isEqualTo(day);
    assertThat(item.name()).isEqualTo("mascara");
    assertThat(item.content()).isEqualByComparingTo("9");
  }

  @ParameterizedTest
  @CsvSource({
    "exp 3/27, 2027-03-31",
    "expires 02/2028, 2028-02-29",
    "EXP: 12/26, 2026-12-31",
    "use by 1.2.27, 2027-02-01",
    "best before march, 2027-03-31",
    "exp december, 2026-12-31",
    "bb 2027, 2027-12-31",
    "expiry date 30 nov, 2026-11-30",
    "expires 20 nov, 2027-11-20",
    "exp next month, 2026-12-31",
  })
  void whatIsPrintedEndsWithItsMonth(String told, LocalDate day) {
    LineItem item = item("Tarnwell primer " + told);
    assertThat(item.printedExpiry()).isEqualTo(day);
    assertThat(item.openedOn()).isNull();
  }

  @Test
  void figuresAreReadInTheOrderOneWritesThem() {
    assertThat(
            LineReader.read("primer opened 3/12/26", TODAY, DateOrder.MONTH_FIRST, KnownWords.NONE)
                .items()
                .getFirst()
                .openedOn())
        .isEqualTo(LocalDate.of(2026, 3, 12));
    assertThat(
            LineReader.read("primer opened 26-3-12", TODAY, DateOrder.YEAR_FIRST, KnownWords.NONE)
                .items()
                .getFirst()
                .openedOn())
        .isEqualTo(LocalDate.of(2026, 3, 12));
  }

  @ParameterizedTest
  @CsvSource({
    "half, 0.5",
    "1/4, 0.25",
    "full, 1",
    "almost empty, 0.1",
    "3/4 full, 0.75",
    "60%, 0.6",
    "40 % left, 0.4",
    "a third, 0.333",
    "quarter, 0.25",
  })
  void levels(String told, double share) {
    assertThat(item("Tarnwell primer " + told).leftShare())
        .isEqualByComparingTo(java.math.BigDecimal.valueOf(share));
    assertThat(item("Tarnwell primer " + told).name()).isEqualTo("primer");
  }

  @Test
  void sealedIsFullAndNotOpened() {
    LineItem item = item("Quillon mascara sealed opened 3/26");
    assertThat(item.leftShare()).isEqualByComparingTo("1");
    assertThat(item.openedOn()).isNull();
    assertThat(item("new primer").leftShare()).isEqualByComparingTo("1");
  }

  @Test
  void whatBelongsToANameIsNoLevel() {
    assertThat(item("full brush set").leftShare()).isNull();
    assertThat(item("half lashes").productClass()).isEqualTo(ProductClass.STRIP_LASHES);
    assertThat(item("half lashes").leftShare()).isNull();
    assertThat(item("empty palette").productClass()).isEqualTo(ProductClass.PALETTE);
  }

  @ParameterizedTest
  @CsvSource({
    "x3, 3, COUNT",
    "3x, 3, COUNT",
    "3 x, 3, COUNT",
    "×12, 12, COUNT",
    "12M, 12, MONTHS",
    "pao 6, 6, MONTHS",
    "24 months, 24, MONTHS",
    "£12.50, 12.50, PRICE",
    "€ 9, 9, PRICE",
    "14.95 eur, 14.95, PRICE",
    "paid 8, 8, PRICE",
    "'1,5 g', 1.5, CONTENT",
    "30ml, 30, CONTENT",
    "50 pcs, 50, CONTENT",
    "1 fl oz, 29.57, CONTENT",
  })
  void figures(String told, java.math.BigDecimal figure, String what) {
    LineItem item = item("Tarnwell primer " + told);
    Number read =
        switch (what) {
          case "COUNT" -> item.count();
          case "MONTHS" -> item.periodAfterOpening();
          case "PRICE" -> item.price();
          default -> item.content();
        };
    assertThat(new java.math.BigDecimal(String.valueOf(read))).isEqualByComparingTo(figure);
    assertThat(item.name()).isEqualTo("primer");
    assertThat(item.shade()).isNull();
  }

  @Test
  void bracketsAndNotesAreKeptAsTheyStand() {
    LineItem item = item("Tarnwell primer (from the island job) 30 ml note: lid is cracked");
    assertThat(item.note()).isEqualTo("from the island job note lid is cracked");
    assertThat(item.name()).isEqualTo("primer");
  }

  @Test
  void theKitsOwnWordsComeFirst() {
    KnownWords known =
        new KnownWords(List.of("Salt & Reed", "Tarnwell"), List.of("Second skin", "Skin"));
    LineItem item =
        LineReader.read("salt & reed second skin porcelain 2", TODAY, DateOrder.DAY_FIRST, known)
            .items()
            .getFirst();
    assertThat(item.maker()).isEqualTo("Salt & Reed");
    assertThat(item.name()).isEqualTo("Second skin");
    assertThat(item.shade()).isEqualTo("porcelain 2");
  }

  @ParameterizedTest
  @CsvSource({
    "cream blush, BLUSH, CREAM",
    "blush stick, BLUSH, STICK",
    "loose setting powder, FACE_POWDER, LOOSE_POWDER",
    "lipstick, LIP_COLOUR, LIPSTICK_BULLET",
    "lip liner pencil, LIP_PENCIL, SHARPENABLE_PENCIL",
    "foundation stick, FOUNDATION, STICK",
  })
  void aWordMayTellTheFormToo(String line, ProductClass productClass, Form form) {
    assertThat(item(line).productClass()).isEqualTo(productClass);
    assertThat(item(line).form()).isEqualTo(form);
  }

  @Test
  void aFormThatIsMerelyUsualIsNotTold() {
    assertThat(item("foundation").form()).isNull();
    assertThat(item("foundation").content()).isNull();
    assertThat(item("base").sure()).isFalse();
    assertThat(item("foundation").sure()).isTrue();
    assertThat(item("harbour song").productClass()).isNull();
  }

  @Test
  void aLineThatIsTooLongIsRefused() {
    assertThatThrownBy(() -> read("x".repeat(501))).hasMessageContaining("500");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {"", "   ", ",", "(", ")", "( (", "x", "½", "opened", "exp", "1-", "#", "3"})
  void nothingMuchIsReadWithoutAFault(String line) {
    assertCovers(line);
  }

  static LongStream seeds() {
    return Seeds.upTo(400);
  }

  private static final List<String> BITS =
      List.of(
          "Tarnwell",
          "soft",
          "base",
          "3",
          "ivory",
          "30",
          "ml",
          "opened",
          "3/26",
          "half",
          "x2",
          "exp",
          "31.2.26",
          "(",
          "gift)",
          "1-6,",
          "8,",
          "£",
          "9,99",
          "12M",
          "empty",
          "full",
          "🙂",
          "Öl",
          "ﬁx",
          "–",
          "note:",
          "lash",
          "glue",
          "remover",
          "99/99/99",
          "0",
          "#ff00aa",
          "N1-N9",
          "1/4",
          "for",
          "with",
          "and",
          "&",
          "\u00a0",
          "\t",
          "%",
          "100%",
          "mascara.",
          "\"",
          "'");

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void everyCharacterOfALineIsAccountedFor(long seed) {
    Random random = new Random(seed);
    StringBuilder line = new StringBuilder();
    for (int i = random.nextInt(25); i > 0; i--) {
      line.append(BITS.get(random.nextInt(BITS.size())));
      if (random.nextInt(6) > 0) {
        line.append(" ".repeat(1 + random.nextInt(2)));
      }
    }
    assertCovers(line.toString());
  }

  private static void assertCovers(String line) {
    LineRead read = read(line);
    assertThat(read.items()).isNotEmpty();
    int at = 0;
    for (LineToken token : read.tokens()) {
      assertThat(line.substring(at, token.from()).replace('\u00a0', ' '))
          .as("before %s in %s", token, line)
          .isBlank();
      assertThat(token.to()).isGreaterThan(token.from());
      at = token.to();
    }
    assertThat(line.substring(at).replace('\u00a0', ' '))
        .as("after the last of %s", line)
        .isBlank();
  }
}
