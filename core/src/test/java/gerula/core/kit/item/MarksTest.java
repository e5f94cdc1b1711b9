package gerula.core.kit.item;

import static gerula.core.kit.item.Mark.State.IN_ORDER;
import static gerula.core.kit.item.Mark.State.SOON;
import static gerula.core.kit.item.Mark.State.STOP;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarksTest {

  private static final LocalDate OPENED = LocalDate.of(2031, 1, 10);
  private static final UUID HOME = new UUID(0, 1);
  private static final UUID ELSEWHERE = new UUID(0, 2);
  private static final UUID FRIEND = new UUID(0, 3);
  private static final UUID LOST = new UUID(0, 4);
  private static final PlaceTree PLACES =
      new PlaceTree(
          List.of(
              Given.place(PlaceKind.STORE, "store").id(HOME).place(),
              Given.place(PlaceKind.SET_BAG, "bag").id(ELSEWHERE).place(),
              Given.place(PlaceKind.LENT, "Odile").id(FRIEND).place(),
              Given.place(PlaceKind.LOST, "lost").id(LOST).place()));

  // A mascara opened on 10 January ends on 10 April in a usual house, 14 days of margin before it.
  @ParameterizedTest
  @CsvSource({
    "2031-03-10, IN_ORDER, good-until",
    "2031-03-11, SOON, good-until",
    "2031-03-27, SOON, good-until",
    "2031-03-28, SOON, replace-by",
    "2031-04-10, SOON, replace-by",
    "2031-04-11, STOP, past-date",
  })
  void theDateMarkRisesAsTheLastDayComes(LocalDate today, Mark.State state, String code) {
    Mark mark = marks(HOME, 5, Cleanliness.CLEAN, today).date();
    assertThat(mark.state()).isEqualTo(state);
    assertThat(mark.reason().code()).isEqualTo(code);
  }

  @Test
  void thePlaceMarkTellsHomeFromAwayFromNowhere() {
    assertThat(marks(HOME, 5, Cleanliness.CLEAN, OPENED).place().state()).isEqualTo(IN_ORDER);
    assertThat(marks(ELSEWHERE, 5, Cleanliness.CLEAN, OPENED).place())
        .isEqualTo(new Mark(SOON, new Marks.Away(ELSEWHERE, HOME)));
    assertThat(marks(null, 5, Cleanliness.CLEAN, OPENED).place())
        .isEqualTo(new Mark(STOP, new Marks.LocationUnknown(HOME)));
  }

  @Test
  void whatIsLentStandsUpOnTheDayToAskForIt() {
    LocalDate ask = LocalDate.of(2031, 5, 2);
    assertThat(lent(ask, ask.minusDays(1)))
        .isEqualTo(new Mark(SOON, new Marks.LentTo(FRIEND, ask)));
    assertThat(lent(ask, ask).state()).isEqualTo(STOP);
    assertThat(marks(FRIEND, 5, Cleanliness.CLEAN, OPENED).place())
        .isEqualTo(new Mark(SOON, new Marks.LentTo(FRIEND, null)));
    assertThat(marks(LOST, 5, Cleanliness.CLEAN, OPENED).place())
        .isEqualTo(new Mark(STOP, new Marks.GivenUp(LOST)));
  }

  private static Mark lent(LocalDate ask, LocalDate today) {
    Item item =
        Given.thing(ProductClass.SCISSORS, Form.METAL_TOOL)
            .in(HOME)
            .now(FRIEND)
            .askBackOn(ask)
            .item();
    return Marks.of(item, PLACES, today, HouseRules.USUAL).place();
  }

  @Test
  void aQuarterIsLowAndNothingIsStop() {
    assertThat(marks(HOME, 2.6, Cleanliness.CLEAN, OPENED).amount().state()).isEqualTo(IN_ORDER);
    assertThat(marks(HOME, 2.5, Cleanliness.CLEAN, OPENED).amount().state()).isEqualTo(SOON);
    assertThat(marks(HOME, 0, Cleanliness.CLEAN, OPENED).amount().state()).isEqualTo(STOP);
  }

  @Test
  void whatIsDueForCleaningWarnsAndWhatIsContaminatedStops() {
    for (Cleanliness soon : List.of(Cleanliness.USED, Cleanliness.IN_USE, Cleanliness.DRYING)) {
      assertThat(marks(HOME, 5, soon, OPENED).clean().state()).isEqualTo(SOON);
    }
    assertThat(marks(HOME, 5, Cleanliness.CONTAMINATED, OPENED).clean().state()).isEqualTo(STOP);
    assertThat(marks(HOME, 5, Cleanliness.QUARANTINED, OPENED).clean().state()).isEqualTo(STOP);
  }

  private static Marks marks(
      @Nullable UUID now, double left, Cleanliness cleanliness, LocalDate today) {
    Item mascara =
        Given.thing(ProductClass.MASCARA, Form.MASCARA)
            .dates(new PackDates(null, null, OPENED, null, null))
            .left(Quantity.millilitres(left))
            .in(HOME)
            .now(now)
            .cleanliness(cleanliness)
            .item();
    return Marks.of(mascara, PLACES, today, HouseRules.USUAL);
  }

  @Test
  void aReportOverridesEveryDate() {
    Item item =
        Given.thing(ProductClass.MASCARA, Form.MASCARA)
            .spoilage(
                new SpoilageReport(LocalDate.of(2031, 4, 1), Set.of(SpoilageReport.Sense.SMELL)))
            .item();
    LocalDate today = LocalDate.of(2031, 4, 14);
    Mark date = Marks.of(item, new PlaceTree(List.of()), today, HouseRules.USUAL).date();
    assertThat(date.state()).isEqualTo(Mark.State.STOP);
    assertThat(date.reason())
        .isEqualTo(
            new Marks.SpoilageReported(
                LocalDate.of(2031, 4, 1), Set.of(SpoilageReport.Sense.SMELL)));
    assertThat(item.isGoodOn(today, HouseRules.USUAL)).isFalse();
    assertThatThrownBy(() -> new SpoilageReport(today, Set.of())).hasMessageContaining("its smell");
  }

  @Test
  void whatAUseHasCost() {
    assertThat(CostPerUse.of(new BigDecimal("24.00"), 5)).isEqualByComparingTo("4.80");
    assertThat(CostPerUse.of(new BigDecimal("10"), 0)).isEqualByComparingTo("10");
    assertThat(CostPerUse.of(new BigDecimal("0.25"), 2)).isEqualByComparingTo("0.12");
    assertThatThrownBy(() -> CostPerUse.of(BigDecimal.ONE, -1)).hasMessageContaining("-1");
  }
}
