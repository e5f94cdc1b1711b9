package gerula.core.kit;

import static gerula.core.kit.Mark.State.IN_ORDER;
import static gerula.core.kit.Mark.State.SOON;
import static gerula.core.kit.Mark.State.STOP;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.PackDates;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
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
    assertThat(mark.because().code()).isEqualTo(code);
  }

  @Test
  void thePlaceMarkTellsHomeFromAwayFromNowhere() {
    assertThat(marks(HOME, 5, Cleanliness.CLEAN, OPENED).place().state()).isEqualTo(IN_ORDER);
    assertThat(marks(ELSEWHERE, 5, Cleanliness.CLEAN, OPENED).place())
        .isEqualTo(new Mark(SOON, new Marks.Away(ELSEWHERE, HOME)));
    assertThat(marks(null, 5, Cleanliness.CLEAN, OPENED).place())
        .isEqualTo(new Mark(STOP, new Marks.Nowhere(HOME)));
  }

  @Test
  void aQuarterIsLowAndNothingIsStop() {
    assertThat(marks(HOME, 2.6, Cleanliness.CLEAN, OPENED).amount().state()).isEqualTo(IN_ORDER);
    assertThat(marks(HOME, 2.5, Cleanliness.CLEAN, OPENED).amount().state()).isEqualTo(SOON);
    assertThat(marks(HOME, 0, Cleanliness.CLEAN, OPENED).amount().state()).isEqualTo(STOP);
  }

  @Test
  void whatIsDueForCleaningWarnsAndWhatIsContaminatedStops() {
    assertThat(marks(HOME, 5, Cleanliness.DUE, OPENED).clean().state()).isEqualTo(SOON);
    assertThat(marks(HOME, 5, Cleanliness.CONTAMINATED, OPENED).clean().state()).isEqualTo(STOP);
  }

  private static Marks marks(
      @Nullable UUID now, double left, Cleanliness cleanliness, LocalDate today) {
    Product mascara =
        new Product(
            HOME,
            "",
            "mascara",
            "",
            ProductClass.MASCARA,
            Form.MASCARA,
            Quantity.millilitres(10),
            null,
            Set.of(),
            Set.of(),
            null);
    Item item =
        new Item(
            HOME,
            mascara,
            new PackDates(null, null, OPENED, null, null),
            Quantity.millilitres(left),
            HOME,
            now,
            cleanliness,
            false,
            false);
    return Marks.of(item, today, HouseRules.USUAL);
  }
}
