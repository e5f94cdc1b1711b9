package gerula.core.kit.label;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.Clock;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Sensitivity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LabelTest {

  private static final LocalDate OPENED = LocalDate.of(2031, 1, 10);

  // A foundation keeps a usual house twelve months; a pack may say less, or print a date.
  @ParameterizedTest
  @CsvSource({
    ", , HOUSE_LIMIT, 2032-01-10",
    "6, , PERIOD_AFTER_OPENING, 2031-07-10",
    "6, 2031-03-31, PRINTED_EXPIRY, 2031-03-31",
    "24, , HOUSE_LIMIT, 2032-01-10",
  })
  void theLabelSaysTheDateAndWhichClockWon(
      Integer months, LocalDate printed, Clock clock, LocalDate useBy) {
    Label label = label(new PackDates(null, null, OPENED, printed, months));
    assertThat(label.opened()).isEqualTo(OPENED);
    assertThat(label.useBy()).isEqualTo(useBy);
    assertThat(label.reason()).isEqualTo(clock);
  }

  @Test
  void whatNoClockRunsOnSaysNoDate() {
    Item scissors = Given.thing(ProductClass.SCISSORS, Form.METAL_TOOL).item();
    Label label = Label.of(scissors, "4AAAAC", "", HouseRules.USUAL);
    assertThat(label.useBy()).isNull();
    assertThat(label.reason()).isNull();
    assertThat(label.opened()).isNull();
    assertThat(label.title()).isEqualTo("maker thing");
  }

  @Test
  void everyKnownSensitivityHasLettersOfItsOwnAndOwnWordsAreMarked() {
    assertThat(Label.LETTERS.keySet()).isEqualTo(Sensitivity.KNOWN);
    assertThat(Label.LETTERS.values()).doesNotHaveDuplicates().allMatch(two -> two.length() == 2);
    assertThat(letters("nickel", "nut-oil")).containsExactly("NI", "NU", "?");
    assertThat(letters("my cat", "the sea")).containsExactly("!!", "?");
  }

  @Test
  void aLabelNobodyReadIsMarkedAndAToolIsNot() {
    assertThat(letters()).containsExactly("?");
    Item read =
        Given.thing(ProductClass.TWEEZERS, Form.METAL_TOOL)
            .freeOf(Set.of(new Sensitivity("nickel")))
            .item();
    Item comb = Given.thing(ProductClass.COMB, Form.METAL_TOOL).item();
    assertThat(Label.of(read, "4AAAAC", "", HouseRules.USUAL).letters()).isEmpty();
    assertThat(Label.of(comb, "4AAAAC", "", HouseRules.USUAL).letters()).isEmpty();
  }

  private static java.util.List<String> letters(String... names) {
    Set<Sensitivity> contains =
        Arrays.stream(names).map(Sensitivity::new).collect(Collectors.toSet());
    Item item = Given.thing(ProductClass.PRIMER, Form.CREAM).contains(contains).item();
    return Label.of(item, "4AAAAC", "", HouseRules.USUAL).letters();
  }

  private static Label label(PackDates dates) {
    Item base = Given.thing(ProductClass.FOUNDATION, Form.CREAM).dates(dates).item();
    return Label.of(base, "4AAAAC", "B-1", HouseRules.USUAL);
  }
}
