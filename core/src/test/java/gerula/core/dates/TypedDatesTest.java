package gerula.core.dates;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.TypedDates.Meant;
import gerula.core.rule.Code;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Today is Thursday, 17 April 2031. */
class TypedDatesTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 17);

  /** How a field shows a day in each order, and so what stands there when somebody edits it. */
  private static final Map<DateOrder, DateTimeFormatter> SHOWN =
      Map.of(
          DateOrder.DAY_FIRST, DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.US),
          DateOrder.MONTH_FIRST, DateTimeFormatter.ofPattern("EEE, MMM d, yyyy", Locale.US),
          DateOrder.YEAR_FIRST, DateTimeFormatter.ofPattern("yyyy-MM-dd", Locale.US));

  @ParameterizedTest
  @CsvSource({
    "3/31, began, 2031-03-01",
    "mar 31, began, 2031-03-01",
    "mar 31, ends, 2031-03-31",
    "last month, began, 2031-03-01",
    "thu, began, 2031-04-17",
    "last thu, began, 2031-04-10",
    "tuesday, began, 2031-04-15",
    "tue, ends, 2031-04-22",
    "next thursday, day, 2031-04-24",
    "this sat, day, 2031-04-19",
    "in 3 days, day, 2031-04-20",
    "in two weeks, ends, 2031-05-01",
    "yesterday, began, 2031-04-16",
    // A day of work is a day: two figures are no month, and the year is the one to come.
    "4/12, day, 2031-12-04",
    "3/4, day, 2032-04-03",
    "12 dec, day, 2031-12-12",
    "dec 30, day, 2031-12-30",
    "dec 30, ends, 2030-12-31",
    "Fri 18 Apr 2031, day, 2031-04-18",
  })
  void aDateIsReadByWhatItIsFor(String typed, String meant, LocalDate day) {
    // "dec 30" on the last day of something is a month only where 2030 is not long past.
    assertThat(read(typed, DateOrder.DAY_FIRST, Code.of(Meant.class, meant))).contains(day);
  }

  @ParameterizedTest
  @CsvSource({
    "5/4, day-first, 2032-04-05",
    "5/4, month-first, 2031-05-04",
    "25/4, month-first, 2031-04-25",
    "4/25, day-first, 2031-04-25",
    "5/4/32, month-first, 2032-05-04",
    "32-05-04, year-first, 2032-05-04",
  })
  void figuresAreReadInTheOrderOfTheWorkspace(String typed, String order, LocalDate day) {
    assertThat(read(typed, Code.of(DateOrder.class, order), Meant.DAY)).contains(day);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "soon", "31 feb", "32/1", "april", "2031", "4/31", "sat night", "x"})
  void whatIsNoDayOfWorkIsNotTakenForOne(String typed) {
    assertThat(read(typed, DateOrder.DAY_FIRST, Meant.DAY)).isEmpty();
  }

  @RepeatedTest(60)
  void whatAFieldShowsIsReadBackInEveryOrder(RepetitionInfo repetition) {
    Random random = new Random(repetition.getCurrentRepetition());
    LocalDate day = TODAY.plusDays(random.nextInt(-3_000, 2_500));
    for (DateOrder order : DateOrder.values()) {
      for (Meant meant : Meant.values()) {
        assertThat(read(SHOWN.get(order).format(day), order, meant))
            .as("%s %s %s", day, order, meant)
            .contains(day);
      }
    }
  }

  private static Optional<LocalDate> read(String typed, DateOrder order, Meant meant) {
    return new TypedDates(TODAY, order, meant).readAlone(typed);
  }
}
