package gerula.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gerula.core.shade.Mixing.Ingredient;
import gerula.core.shade.Mixing.Part;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MixingTest {

  /** Kubelka and Munk 1931 by hand for a grey: of 0.5 and 0.1 linear light half and half. */
  @Test
  void kAndSAddUp() {
    double one = (1 - 0.5) * (1 - 0.5) / (2 * 0.5);
    double other = (1 - 0.1) * (1 - 0.1) / (2 * 0.1);
    double both = (one + other) / 2;
    double light = 1 + both - Math.sqrt(both * both + 2 * both);
    Lab mixed = Mixing.of(List.of(new Part(grey(0.5), 5), new Part(grey(0.1), 5)));
    assertThat(mixed.l()).isCloseTo(grey(light).l(), within(1e-6));
    assertThat(mixed.chroma()).isCloseTo(0, within(1e-6));
  }

  private static Lab grey(double light) {
    return new Srgb(light, light, light).toLab();
  }

  @RepeatedTest(100)
  void goesFromOneToTheOtherAndNeverTurnsBack(RepetitionInfo repetition) {
    Colours random = new Colours(repetition.getCurrentRepetition());
    Lab one = random.skin();
    Lab other = random.skin();
    assertThat(Mixing.of(List.of(new Part(one, 10)))).isEqualTo(one);
    double before = other.l();
    for (int tenths = 1; tenths < 10; tenths++) {
      Lab mixed = Mixing.of(List.of(new Part(one, tenths), new Part(other, 10 - tenths)));
      if (one.l() - other.l() > 5) {
        assertThat(mixed.l()).isGreaterThan(before);
      }
      before = mixed.l();
    }
    assertThat(Mixing.of(List.of(new Part(one, 4), new Part(one, 6))).toSrgb())
        .isEqualTo(one.toSrgb());
  }

  @Test
  void threePartsInAnyOrderAreTheSame() {
    Part one = new Part(Lab.ofSrgb("#e0b090"), 5);
    Part two = new Part(Lab.ofSrgb("#a06040"), 3);
    Part three = new Part(Lab.ofSrgb("#f0d040"), 2);
    Lab first = Mixing.of(List.of(one, two, three));
    Lab last = Mixing.of(List.of(three, one, two));
    assertThat(ColourDifference.between(first, last)).isCloseTo(0, within(1e-9));
  }

  /**
   * spectral.js 3 mixes by Kubelka and Munk over whole spectra, and gives light parts more weight
   * than their share. So the pace differs, but the colours met on the way are the same: each of its
   * mixes lies near one of ours. The eye would not call a difference of 3 another shade.
   */
  @ParameterizedTest
  @CsvSource({
    "#f0d3bd, #8a5a3c, #a37251",
    "#f0d3bd, #8a5a3c, #c59b78",
    "#f0d3bd, #8a5a3c, #e0bfa3",
    "#e6bfa3, #5a3826, #835a41",
    "#e6bfa3, #5a3826, #b2886b",
    "#e6bfa3, #5a3826, #d4ad90",
    "#d7a27f, #a06840, #be875e",
    "#f0d3bd, #f4f4f0, #f2e0d0",
    "#c68e66, #b0552e, #be7146",
    "#e0b090, #c8a860, #d3ac73"
  })
  void anotherWayOfMixingMeetsTheSameColours(String one, String other, String theirs) {
    Ingredient light = Ingredient.of(Lab.ofSrgb(one));
    Ingredient dark = Ingredient.of(Lab.ofSrgb(other));
    double nearest =
        IntStream.rangeClosed(0, 200)
            .mapToObj(step -> light.with(dark, step / 200.0))
            .mapToDouble(mixed -> ColourDifference.between(mixed, Lab.ofSrgb(theirs)))
            .min()
            .orElseThrow();
    assertThat(nearest).isLessThan(3);
  }

  @Test
  void whatIsNotTenTenthsIsRefused() {
    Lab colour = new Lab(60, 10, 20);
    assertThatThrownBy(() -> Mixing.of(List.of(new Part(colour, 4), new Part(colour, 5))))
        .hasMessageContaining("these are 9");
    assertThatThrownBy(() -> new Part(colour, 0)).hasMessageContaining("this has 0");
    assertThatThrownBy(() -> Mixing.of(List.of())).hasMessageContaining("one to three parts");
  }
}
