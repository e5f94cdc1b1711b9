package gerula.core.kit.product;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.DateClass;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class CompositionTest {

  private static final Sensitivity LATEX = new Sensitivity("latex");
  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);

  // Common practice: latex in adhesives, sponges and gloves; not in a comb.
  @ParameterizedTest
  @CsvSource({
    "LASH_ADHESIVE, latex, true",
    "WEDGE_SPONGE, latex, true",
    "GLOVES, latex, true",
    "COMB, latex, false",
    "FOUNDATION, latex, false",
    "TWEEZERS, nickel, true",
    "TWEEZERS, fragrance, false",
    "LIP_COLOUR, carmine, true",
    "LIP_COLOUR, lanolin, true",
    "MOISTURISER, nut-oil, true",
    "TONER, skin-alcohol, true",
    "MASCARA, acrylate, true",
    "FOUNDATION, an own word, true",
    "MIRROR, an own word, false",
  })
  void itIsAskedOnlyWhereTheClassCanContainIt(ProductClass one, String name, boolean asked) {
    Product product = Given.thing(one, Form.CREAM).product();
    assertThat(product.isUnchecked(new Sensitivity(name))).isEqualTo(asked);
  }

  @Test
  void notCheckedIsNotFreeOfAndTheNewerAnswerStands() {
    Composition none = Composition.NOT_CHECKED;
    assertThat(none.isFreeOf(LATEX)).isFalse();
    assertThat(none.contains(LATEX)).isFalse();
    Composition free = none.checked(Map.of(LATEX, Composition.Found.FREE_OF), DAY);
    assertThat(free.isFreeOf(LATEX)).isTrue();
    assertThat(free.answers().get(LATEX).checkedOn()).isEqualTo(DAY);
    Composition after = free.checked(Map.of(LATEX, Composition.Found.CONTAINS), DAY.plusDays(1));
    assertThat(after.contains(LATEX)).isTrue();
    assertThat(after.without(Set.of(LATEX))).isEqualTo(none);
  }

  @Test
  void liquidLatexIsLatexUntilItsLabelSaysOtherwise() {
    Given.Thing latex = Given.thing(ProductClass.LIQUID_LATEX, Form.ADHESIVE);
    assertThat(latex.product().contains(LATEX)).isTrue();
    assertThat(latex.product().isUnchecked(LATEX)).isFalse();
    assertThat(latex.freeOf(Set.of(LATEX)).product().contains(LATEX)).isFalse();
  }

  @Test
  void whatSaysFragranceFreeNeedsNoLookForFragrance() {
    Given.Thing cream = Given.thing(ProductClass.MOISTURISER, Form.CREAM);
    assertThat(cream.product().isUnchecked(Sensitivity.FRAGRANCE)).isTrue();
    assertThat(
            cream.traits(Set.of(Trait.FRAGRANCE_FREE)).product().isUnchecked(Sensitivity.FRAGRANCE))
        .isFalse();
  }

  @ParameterizedTest
  @EnumSource(ProductClass.class)
  void noClassIsAskedForNothingItWasNeverSaidToContain(ProductClass one) {
    Product product = Given.thing(one, Form.CREAM).product();
    assertThat(product.unchecked()).noneMatch(product::contains);
    Set<Sensitivity> all = product.unchecked();
    Map<Sensitivity, Composition.Found> found =
        all.stream()
            .collect(
                java.util.stream.Collectors.toMap(each -> each, _ -> Composition.Found.FREE_OF));
    Composition read = Composition.NOT_CHECKED.checked(found, DAY);
    assertThat(ProductBuilder.builder(product).composition(read).build().unchecked()).isEmpty();
  }

  // Three months for mascara, twelve for a lip colour: a usual house, common practice.
  @Test
  void ofSeveralClassesTheShortestDateClassWins() {
    PackDates opened = PackDates.UNKNOWN.openedOn(DAY);
    Given.Thing both =
        Given.thing(ProductClass.LIP_COLOUR, Form.LIQUID_DIP_APPLICATOR).dates(opened);
    LocalDate alone = both.item().useBy(HouseRules.USUAL).lastDay();
    assertThat(alone).isEqualTo(DAY.plusMonths(12));
    both.alsoServing(ProductClass.MASCARA);
    assertThat(both.product().dateClasses())
        .containsExactlyInAnyOrder(DateClass.LIP_COLOUR, DateClass.MASCARA);
    assertThat(both.item().useBy(HouseRules.USUAL).lastDay()).isEqualTo(DAY.plusMonths(3));
    assertThat(both.item().useBy(HouseRules.USUAL).replaceBy())
        .isEqualTo(DAY.plusMonths(3).minusDays(14));
  }
}
