package gerula.core.shade;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** How shades are called: common practice. */
class UndertoneTest {

  @ParameterizedTest
  @CsvSource({
    "4 warm, WARM",
    "Golden sand, WARM",
    "3W, WARM",
    "W 3, WARM",
    "2.5 C, COOL",
    "C12, COOL",
    "Rose beige, COOL",
    "120n, NEUTRAL",
    "Deep neutral, NEUTRAL",
    "Olive 6, OLIVE"
  })
  void aShadeSaysToWhichSideItLeans(String shade, Undertone told) {
    assertThat(Undertone.told(shade)).contains(told);
  }

  /** Nothing is read into a name that says nothing, nor into one that says two things. */
  @ParameterizedTest
  @ValueSource(strings = {"", "4", "Sand", "Warmth", "Cool to warm", "4 CW", "Copper 12", "Cn"})
  void whatDoesNotSayIsNotGuessed(String shade) {
    assertThat(Undertone.told(shade)).isEqualTo(Optional.empty());
  }

  @Test
  void neutralGoesWithAllAndTheOthersWithThemselves() {
    for (Undertone one : Undertone.values()) {
      for (Undertone other : Undertone.values()) {
        boolean isNeutral = one == Undertone.NEUTRAL || other == Undertone.NEUTRAL;
        assertThat(one.goesWith(other)).isEqualTo(one == other || isNeutral);
      }
    }
  }
}
