package gerula.core.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.DateOrder;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Unit;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class IntakeTest {

  @Test
  void somebodyElsesHeadersAreRecognised() {
    Headers headers =
        Headers.match(
            List.of(
                "Brand",
                "Product Name",
                "Colour",
                "Category",
                "Qty (pcs)",
                "Expiry date",
                "Location",
                "Openned",
                "Barcode",
                "Favourite colour of my cat"));
    assertThat(headers.columns())
        .containsExactly(
            KitColumn.MAKER,
            KitColumn.NAME,
            KitColumn.COLOUR,
            KitColumn.CLASS,
            KitColumn.COUNT,
            KitColumn.EXPIRY,
            KitColumn.NOW,
            KitColumn.OPENED,
            KitColumn.PACK_CODE,
            null);
  }

  @Test
  void theKitsOwnHeadersAreRecognisedAndNoColumnTwice() {
    List<String> own = Arrays.stream(KitColumn.values()).map(KitColumn::header).toList();
    assertThat(Headers.match(own).columns()).containsExactly(KitColumn.values());
    assertThat(Headers.match(List.of("Name", "Product")).columns())
        .containsExactly(KitColumn.NAME, null);
    // A column of shades tells one a row, however it is called; those of one pack are told apart.
    assertThat(Headers.match(List.of("Shades", "Shades in it")).columns())
        .containsExactly(KitColumn.SHADE, KitColumn.SHADES_IN_PACK);
  }

  @ParameterizedTest
  @EnumSource(KitColumn.class)
  void noWordMeansTwoColumns(KitColumn column) {
    for (String synonym : column.synonyms()) {
      assertThat(Headers.match(List.of(synonym)).columns()).as(synonym).containsExactly(column);
    }
  }

  @ParameterizedTest
  @CsvSource({
    "2031-04-09, DAY_FIRST, 2031-04-09",
    "2031-04, DAY_FIRST, 2031-04-30",
    "9/4/2031, DAY_FIRST, 2031-04-09",
    "4/9/2031, MONTH_FIRST, 2031-04-09",
    "09.04.31, DAY_FIRST, 2031-04-09",
    "02/2031, DAY_FIRST, 2031-02-28",
    "9 April 2031, MONTH_FIRST, 2031-04-09",
    "Apr-31, DAY_FIRST, 2031-04-30",
    "31/02/2031, DAY_FIRST, ",
    "13/13/2031, DAY_FIRST, ",
    "soon, DAY_FIRST, ",
  })
  void datesAreReadAsPeopleWriteThem(String written, DateOrder order, LocalDate date) {
    assertThat(order.read(written)).isEqualTo(Optional.ofNullable(date));
  }

  @Test
  void oneDateThatOnlyMakesSenseMonthFirstDecidesForAll() {
    assertThat(DateOrder.of(List.of("04/09/2031", "04/25/2031"))).isEqualTo(DateOrder.MONTH_FIRST);
    assertThat(DateOrder.of(List.of("04/09/2031", "2031-12-25"))).isEqualTo(DateOrder.DAY_FIRST);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "30 ml; 30; ML",
        "1 fl.oz; 29.57; ML",
        "7,4g; 7.4; G",
        "100 pcs; 100; PIECE",
        "12; 12; ",
        "1.200,50 ml; 1200.50; ML",
        "0.5L; 500; ML",
        "lots; ; ",
        "3 barrels; ; ",
      })
  void amountsAreReadWithTheirUnits(String written, BigDecimal number, Unit unit) {
    Optional<Written.WrittenAmount> read = Written.amount(written);
    if (number == null) {
      assertThat(read).isEmpty();
    } else {
      assertThat(read.orElseThrow().number()).isEqualByComparingTo(number);
      assertThat(read.orElseThrow().unit()).isEqualTo(Optional.ofNullable(unit));
    }
  }

  @ParameterizedTest
  @CsvSource({"half, 0.5", "75 %, 0.75", "Last of it, 0.08", "unopened, 1", "¾, 0.75", "empty, 0"})
  void howFullIsReadFromWords(String written, BigDecimal share) {
    assertThat(Written.share(written).orElseThrow()).isEqualByComparingTo(share);
  }

  @ParameterizedTest
  @CsvSource({
    "Lipstick, LIP_COLOUR, LIPSTICK_BULLET",
    "liquid lipstick, LIP_COLOUR, LIQUID_DIP_APPLICATOR",
    "Eyeshadow, EYE_SHADOW, PRESSED_POWDER",
    "face-powder, FACE_POWDER, LOOSE_POWDER",
    "Velvet Setting Spray 12h, SETTING_SPRAY, STICKY_SPRAY",
    "Cream blush stick, BLUSH, STICK",
    "Mascara wands, WAND, SINGLE_USE",
    "mascara, MASCARA, MASCARA",
  })
  void theTradesWordsAreRead(String words, ProductClass productClass, Form form) {
    TradeWords.Guess guess = TradeWords.classOf(words).orElseThrow();
    assertThat(guess.productClass()).isEqualTo(productClass);
    assertThat(guess.form()).isEqualTo(form);
  }

  @Test
  void whatIsNoWordOfTheTradeIsNotGuessed() {
    assertThat(TradeWords.classOf("harbour song")).isEmpty();
    assertThat(TradeWords.classOf("")).isEmpty();
    assertThat(TradeWords.formOf("Pressed powder")).contains(Form.PRESSED_POWDER);
    assertThat(TradeWords.formOf("lamp")).isEmpty();
  }
}
