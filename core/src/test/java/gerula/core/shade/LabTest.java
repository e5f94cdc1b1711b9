package gerula.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LabTest {

  /** IEC 61966-2-1 and CIE 15: white is exact by construction, the primaries as published. */
  @ParameterizedTest
  @CsvSource({
    "#ffffff, 100, 0, 0",
    "#000000, 0, 0, 0",
    "#ff0000, 53.24, 80.09, 67.20",
    "#00ff00, 87.73, -86.18, 83.18",
    "#0000ff, 32.30, 79.19, -107.86"
  })
  void aScreensColourIsAsPublished(String hex, double l, double a, double b) {
    Lab lab = Lab.ofSrgb(hex);
    assertThat(lab.l()).isCloseTo(l, within(0.02));
    assertThat(lab.a()).isCloseTo(a, within(0.03));
    assertThat(lab.b()).isCloseTo(b, within(0.03));
  }

  /** Vectors generated with the npm library culori 4, which has a matrix of more digits. */
  @ParameterizedTest
  @CsvSource({
    "#984c8a, 43.771, 40.358, -20.421, #fcac87, 42.800",
    "#deea13, 89.122, -24.997, 85.795, #ff3531, 63.312",
    "#fe0f62, 54.342, 81.376, 21.354, #0712ac, 44.880",
    "#eccfbd, 85.064, 7.338, 12.668, #109e7e, 38.724",
    "#34e411, 79.759, -75.144, 75.336, #cd2506, 79.432",
    "#b7bddc, 77.059, 4.233, -16.179, #d1d5be, 24.380",
    "#926a4c, 48.186, 12.118, 23.091, #d7995a, 19.545",
    "#c5331e, 44.708, 56.294, 46.293, #d99a9e, 29.201"
  })
  void anotherLibraryAgrees(
      String hex, double l, double a, double b, String other, double difference) {
    Lab lab = Lab.ofSrgb(hex);
    assertThat(ColourDifference.between(lab, new Lab(l, a, b))).isLessThan(0.02);
    assertThat(ColourDifference.between(lab, Lab.ofSrgb(other)))
        .isCloseTo(difference, within(0.02));
  }

  @RepeatedTest(100)
  void aScreensColourComesBack(RepetitionInfo repetition) {
    int all = new java.util.Random(repetition.getCurrentRepetition()).nextInt(1 << 24);
    String hex = String.format("#%06x", all);
    assertThat(Lab.ofSrgb(hex).toSrgb()).isEqualTo(hex);
  }

  @ParameterizedTest
  @ValueSource(strings = {"c49a78", "#c49a7", "#c49a789", "#c49a7g", ""})
  void whatIsNoHexIsRefused(String hex) {
    assertThatThrownBy(() -> Lab.ofSrgb(hex)).hasMessageContaining("is written like #c49a78");
  }

  @Test
  void whatLiesBeyondTheScaleIsRefused() {
    assertThatThrownBy(() -> new Lab(100.1, 0, 0)).hasMessageContaining("between 0 and 100");
    assertThatThrownBy(() -> new Lab(Double.NaN, 0, 0)).hasMessageContaining("between 0 and 100");
    assertThatThrownBy(() -> new Lab(50, 201, 0)).hasMessageContaining("between -200 and 200");
    assertThatThrownBy(() -> new Lab(50, 0, Double.NaN)).hasMessageContaining("-200 and 200");
  }
}
