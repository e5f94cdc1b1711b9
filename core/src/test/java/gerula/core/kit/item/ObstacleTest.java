package gerula.core.kit.item;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ObstacleTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private static final LocalDate MADE = LocalDate.of(2030, 9, 1);

  private static Item primer(LocalDate opened) {
    return Given.thing(ProductClass.PRIMER, Form.CREAM)
        .content(Quantity.millilitres(30))
        .left(Quantity.millilitres(12))
        .dates(new PackDates(MADE, null, opened, null, 12))
        .item();
  }

  @Test
  void noClockStartsByGuessing() {
    Item sealed = primer(null);
    assertThat(Obstacle.toOpening(sealed, null, TODAY)).containsExactly(Obstacle.SAY_WHEN);
    assertThat(Obstacle.toOpening(sealed, TODAY, TODAY)).isEmpty();
    assertThat(Obstacle.toOpening(sealed, MADE, TODAY)).isEmpty();
    assertThat(Obstacle.toOpening(sealed, TODAY.plusDays(1), TODAY))
        .containsExactly(Obstacle.IN_THE_FUTURE);
    assertThat(Obstacle.toOpening(sealed, MADE.minusDays(1), TODAY))
        .containsExactly(Obstacle.BEFORE_MADE);
  }

  @Test
  void whatIsOpenIsNotOpenedAgain() {
    assertThat(Obstacle.toOpening(primer(MADE), null, TODAY)).isEmpty();
    assertThat(Obstacle.toOpening(primer(MADE), TODAY.plusDays(1), TODAY))
        .containsExactly(Obstacle.OPENED_ALREADY, Obstacle.IN_THE_FUTURE);
  }

  @ParameterizedTest
  @CsvSource({
    "0, OUT_OF_RANGE",
    "-1, OUT_OF_RANGE",
    "0.0001, OUT_OF_RANGE",
    "12.001, MORE_THAN_LEFT",
    "12, ",
    "0.001, "
  })
  void noMoreIsPouredThanIsLeft(BigDecimal amount, Obstacle expected) {
    assertThat(Obstacle.toPouring(primer(MADE), amount).orElse(null)).isEqualTo(expected);
  }

  @Test
  void onlyCountedPiecesCanBeMoreThanAPack() {
    Quantity size = Quantity.millilitres(30);
    assertThat(Obstacle.toHolding(size, size)).isEmpty();
    assertThat(Obstacle.toHolding(size, Quantity.millilitres(30.001)))
        .contains(Obstacle.MORE_THAN_FULL);
    assertThat(Obstacle.toHolding(Quantity.pieces(20), Quantity.pieces(300))).isEmpty();
  }

  @Test
  void nothingIsTakenOutOfWhatIsPastContaminatedOrChanged() {
    Item fine = primer(TODAY.minusDays(3));
    HouseRules usual = HouseRules.USUAL;
    assertThat(Obstacle.toTakingFrom(fine, TODAY, usual)).isEmpty();
    assertThat(Obstacle.toTakingFrom(fine, TODAY.plusYears(3), usual))
        .contains(Obstacle.OUT_OF_USE);
    assertThat(
            Obstacle.toTakingFrom(
                fine.treated(CleanState.told(Cleanliness.CONTAMINATED)), TODAY, usual))
        .contains(Obstacle.OUT_OF_USE);
    assertThat(
            Obstacle.toTakingFrom(
                fine.reported(new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.LOOK))),
                TODAY,
                usual))
        .contains(Obstacle.OUT_OF_USE);
  }
}
