package gerula.core.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.dates.DateOrder;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever way a table writes something, the same is read. Each seed is a table of its own. */
class WrittenPropertyTest {

  private static final List<DateTimeFormatter> BY_DAY =
      List.of(
          DateTimeFormatter.ISO_LOCAL_DATE,
          DateTimeFormatter.ofPattern("dd/MM/yyyy"),
          DateTimeFormatter.ofPattern("d.M.yyyy"),
          DateTimeFormatter.ofPattern("d-M-yy"),
          DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH),
          DateTimeFormatter.ofPattern("d. MMM yyyy", Locale.ENGLISH),
          DateTimeFormatter.ofPattern("yyyy/M/d"));

  private static final List<DateTimeFormatter> BY_MONTH =
      List.of(
          DateTimeFormatter.ofPattern("yyyy-MM"),
          DateTimeFormatter.ofPattern("MM/yyyy"),
          DateTimeFormatter.ofPattern("MMM yyyy", Locale.ENGLISH),
          DateTimeFormatter.ofPattern("MMMM yyyy", Locale.ENGLISH));

  static LongStream seeds() {
    return Seeds.upTo(30);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aDayIsReadFromEveryWayOfWritingIt(long seed) {
    Random random = new Random(seed);
    LocalDate day = LocalDate.of(2001, 1, 1).plusDays(random.nextInt(30_000));
    for (DateTimeFormatter way : BY_DAY) {
      assertThat(DateOrder.DAY_FIRST.read(way.format(day))).as(way.format(day)).contains(day);
    }
    String american = DateTimeFormatter.ofPattern("M/d/yyyy").format(day);
    assertThat(DateOrder.MONTH_FIRST.read(american)).contains(day);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aMonthMeansItsLastDay(long seed) {
    YearMonth month = YearMonth.of(2001, 1).plusMonths(new Random(seed).nextInt(1100));
    for (DateTimeFormatter way : BY_MONTH) {
      assertThat(DateOrder.DAY_FIRST.read(way.format(month)))
          .as(way.format(month))
          .contains(month.atEndOfMonth());
    }
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void theOrderIsSeenFromAllDatesTogether(long seed) {
    Random random = new Random(seed);
    List<String> american =
        random
            .ints(40, 0, 365)
            .mapToObj(day -> LocalDate.of(2031, 1, 1).plusDays(day))
            .map(DateTimeFormatter.ofPattern("MM/dd/yyyy")::format)
            .toList();
    boolean isTold =
        american.stream().anyMatch(date -> Integer.parseInt(date.substring(3, 5)) > 12);
    assertThat(DateOrder.of(american))
        .isEqualTo(isTold ? DateOrder.MONTH_FIRST : DateOrder.DAY_FIRST);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void aNumberIsReadWithPointAndWithComma(long seed) {
    Random random = new Random(seed);
    BigDecimal number = BigDecimal.valueOf(random.nextInt(99_999), 2);
    String point = number.toPlainString();
    String comma = point.replace('.', ',');
    for (String written : List.of(point, comma, " " + point + " ", comma + " ")) {
      assertThat(Written.number(written).orElseThrow()).as(written).isEqualByComparingTo(number);
    }
    assertThat(Written.amount(comma + " ml").orElseThrow().number()).isEqualByComparingTo(number);
    assertThat(Written.amount(point + "g").orElseThrow().number()).isEqualByComparingTo(number);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "-", "12.34.56", "1,2,3", "twelve", "12 34 5", "1e5", "--3", "NaN"})
  void whatIsNoNumberIsNotRead(String written) {
    assertThat(Written.number(written)).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(strings = {"yes", "Y", "TRUE", "x", "1", "✓"})
  void yesIsReadInManyWays(String yes) {
    assertThat(Written.flag(yes)).contains(true);
  }

  @ParameterizedTest
  @ValueSource(strings = {"maybe", "2", "yes please"})
  void whatIsNeitherYesNorNoIsNotRead(String neither) {
    assertThat(Written.flag(neither)).isEmpty();
  }

  @ParameterizedTest
  @EnumSource(ProductClass.class)
  void everyClassIsReadByItsOwnNameAndHasAUsualFormAndSize(ProductClass productClass) {
    for (String written :
        List.of(
            productClass.code(),
            productClass.code().replace('-', ' '),
            productClass.code().toUpperCase(Locale.ROOT))) {
      TradeWords.Guess guess = TradeWords.classOf(written).orElseThrow();
      assertThat(guess.productClass()).as(written).isEqualTo(productClass);
      assertThat(guess.usual().isNone()).isFalse();
    }
  }

  @ParameterizedTest
  @EnumSource(Form.class)
  void everyFormIsReadByItsOwnName(Form form) {
    assertThat(TradeWords.formOf(form.code())).contains(form);
    assertThat(TradeWords.formOf(form.code().replace('-', ' '))).contains(form);
  }

  @Test
  void severalWordsStandInOneCell() {
    assertThat(Written.list("latex | nut-oil;my cat, "))
        .containsExactly("latex", "nut-oil", "my cat");
    assertThat(Written.list("  ")).isEmpty();
  }
}
