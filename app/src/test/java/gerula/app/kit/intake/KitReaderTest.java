package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.kit.product.LabelAnswer;
import gerula.app.kit.product.ProductDraft;
import gerula.app.platform.errors.FieldFault;
import gerula.core.dates.DateOrder;
import gerula.core.kit.intake.KitColumn;
import gerula.core.kit.product.Composition;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import gerula.core.rule.Code;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One row at a time: what it says, what is guessed, what cannot be read. */
class KitReaderTest {

  private static final KitColumn[] COLUMNS = KitColumn.values();

  /** A row of these cells, told as column=text. */
  private static KitReader.Result read(String... cells) {
    Map<KitColumn, Integer> columns = new EnumMap<>(KitColumn.class);
    List<String> row = new ArrayList<>();
    for (String cell : cells) {
      String[] parts = cell.split("=", 2);
      columns.put(Code.of(KitColumn.class, parts[0]), row.size());
      row.add(parts[1]);
    }
    return new KitReader(columns, DateOrder.DAY_FIRST, Map.of("quorl", ProductClass.HIGHLIGHTER))
        .read(new CsvTable.Row(7, row));
  }

  private static KitReader.Read good(String... cells) {
    KitReader.Result result = read(cells);
    assertThat(result.bad()).isNull();
    return Objects.requireNonNull(result.read());
  }

  /** What was chosen for some words goes for every name with them, and is no guess any more. */
  @Test
  void aClassIsGuessedFromWordsThatAreSaidAndOneChoiceGoesForAllOfThem() {
    KitReader.Read lipstick = good("name=Velvet lipstick");
    assertThat(lipstick.guessedClass())
        .isEqualTo(new KitReader.GuessedClass("lipstick", true, false));
    KitReader.Read unknown = good("name=Quorl");
    assertThat(unknown.product().productClass()).isEqualTo(ProductClass.HIGHLIGHTER);
    assertThat(unknown.guessedClass().isChosen()).isTrue();
    assertThat(unknown.guessed()).doesNotContain(KitColumn.CLASS);
    assertThat(good("name=Quorl", "class=blush").guessedClass()).isNull();
    KitReader.Read nobodyKnows = good("name=Whatsit");
    assertThat(nobodyKnows.product().productClass()).isEqualTo(ProductClass.OTHER);
    assertThat(nobodyKnows.guessedClass())
        .isEqualTo(new KitReader.GuessedClass("whatsit", false, false));
  }

  @Test
  void aNameAloneIsEnoughAndTheRestIsGuessedAndSaid() {
    KitReader.Read read = good("name=Velvet lipstick");
    assertThat(read.product().productClass()).isEqualTo(ProductClass.LIP_COLOUR);
    assertThat(read.product().form()).isEqualTo(Form.LIPSTICK_BULLET);
    assertThat(read.product().unit()).isEqualTo(Unit.G);
    assertThat(read.item().left()).isEqualByComparingTo(read.product().content());
    assertThat(read.guessed())
        .containsExactlyInAnyOrder(KitColumn.CLASS, KitColumn.FORM, KitColumn.SIZE, KitColumn.LEFT);
    assertThat(read.line()).isEqualTo(7);
  }

  @Test
  void whatALabelSaysIsReadWithItsDay() {
    KitReader.Read read =
        good(
            "name=Tint",
            "contains=Carmine 2031-04-02|own word",
            "free-of=latex",
            "also-serves=lip-colour");
    assertThat(read.product().composition())
        .containsExactly(
            new LabelAnswer("Carmine", Composition.Found.CONTAINS, LocalDate.of(2031, 4, 2)),
            new LabelAnswer("own word", Composition.Found.CONTAINS, null),
            new LabelAnswer("latex", Composition.Found.FREE_OF, null));
    assertThat(read.product().alsoServes()).containsExactly(ProductClass.LIP_COLOUR);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "left=half | 15",
        "left=75 % | 22.5",
        "left=12,5 ml | 12.5",
        "left=last of it | 2.4",
        "left=empty | 0",
        "left= | 30",
      })
  void whatIsLeftIsReadAsItIsWritten(String left, BigDecimal millilitres) {
    KitReader.Read read = good("name=Base", "class=foundation", "size=30 ml", left);
    assertThat(read.item().left()).isEqualByComparingTo(millilitres);
  }

  @Test
  void aNumberOfLipsticksIsThatManyThingsAndOfWandsOneBox() {
    assertThat(good("name=Lips", "class=lipstick", "count=3").count()).isEqualTo(3);
    KitReader.Read wands = good("name=Wands", "class=wands", "size=50", "count=200");
    assertThat(wands.count()).isEqualTo(1);
    assertThat(wands.item().left()).isEqualByComparingTo("200");
    assertThat(faults("name=Lips", "class=lipstick", "count=201")).containsExactly("count");
  }

  @Test
  void aColourIsAColourOrElseTheShade() {
    assertThat(good("name=x", "colour=#C49A78").product().colour()).isEqualTo("#C49A78");
    assertThat(good("name=x", "colour=c49a78").product().colour()).isEqualTo("#c49a78");
    KitReader.Read ivory = good("name=x", "colour=Ivory");
    assertThat(ivory.product().shade()).isEqualTo("Ivory");
    assertThat(ivory.product().colour()).isNull();
    assertThat(good("name=x", "colour=Ivory", "shade=2").product().shade()).isEqualTo("2");
  }

  @ParameterizedTest
  @CsvSource({
    "'price=39,90 €', , 39.90, EUR",
    "'price=$12', , 12, USD",
    "'price=£7.5', , 7.5, GBP",
    "'price=100', currency=SEK, 100, SEK",
  })
  void aPriceBringsItsCurrency(String price, String currency, BigDecimal amount, String expected) {
    KitReader.Read read =
        currency == null ? good("name=x", price) : good("name=x", price, currency);
    assertThat(read.item().price()).isEqualByComparingTo(amount);
    assertThat(read.item().currency()).isEqualTo(expected);
  }

  @Test
  void whereItBelongsAndWhereItIsStandForEachOther() {
    assertThat(good("name=x", "now=Case").home()).isEqualTo("Case");
    assertThat(good("name=x", "home=Case").now()).isEqualTo("Case");
    KitReader.Read away = good("name=x", "home=Loft", "now=Case");
    assertThat(List.of(away.home(), away.now())).containsExactly("Loft", "Case");
    assertThat(good("name=x", "home=Loft", "now=").now()).isEmpty();
  }

  @Test
  void everyCellThatCannotBeReadIsToldAtItsColumn() {
    assertThat(
            faults(
                "name=",
                "form=cloud",
                "size=lots",
                "opened=31/02/2031",
                "spf=high",
                "favourite=perhaps",
                "traits=matte|sparkly",
                "container=screw-jar",
                "left=some",
                "cleanliness=spotless"))
        .containsExactlyInAnyOrder(
            "name",
            "form",
            "size",
            "opened",
            "spf",
            "favourite",
            "traits",
            "container-size",
            "left",
            "cleanliness");
  }

  private static List<String> faults(String... cells) {
    KitReader.Bad bad = Objects.requireNonNull(read(cells).bad());
    return bad.faults().stream().map(FieldFault::path).toList();
  }

  @Test
  void halfASetOfMeasuresIsLeftToTheEstimate() {
    assertThat(good("name=x", "pack-width-mm=30").product().measures()).isNull();
    assertThat(
            good(
                    "name=x",
                    "pack-outline=round",
                    "pack-width-mm=30",
                    "pack-depth-mm=30",
                    "pack-height-mm=90",
                    "pack-mass-g=60")
                .product()
                .measures())
        .isEqualTo(new ProductDraft.MeasuresDraft(Outline.ROUND, 30, 30, 90, 60));
  }

  @Test
  void everyColumnIsReadByItsOwnHeader() {
    assertThat(Arrays.stream(COLUMNS).map(KitColumn::header)).doesNotHaveDuplicates();
  }
}
