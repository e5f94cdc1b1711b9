package gerula.core.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Classes after Chardon, Cretois, Hourseau 1991; the bounds from memory. */
class SkinClassTest {

  @ParameterizedTest
  @CsvSource({
    "55.01, VERY_LIGHT",
    "54.99, LIGHT",
    "41.01, LIGHT",
    "40.99, INTERMEDIATE",
    "28.01, INTERMEDIATE",
    "27.99, TAN",
    "10.01, TAN",
    "9.99, BROWN",
    "-29.99, BROWN",
    "-30.01, DARK"
  })
  void dependsOnTheAngleAlone(double degrees, SkinClass wanted) {
    double b = 20;
    Lab colour = new Lab(50 + b * Math.tan(Math.toRadians(degrees)), 10, b);
    assertThat(SkinClass.angleOf(colour)).isCloseTo(degrees, within(1e-6));
    assertThat(SkinClass.of(colour)).isEqualTo(wanted);
  }

  @Test
  void aBoundBelongsToTheDarkerClass() {
    assertThat(SkinClass.of(new Lab(50 + 15 * Math.tan(Math.toRadians(28)), 10, 15)))
        .isIn(SkinClass.TAN, SkinClass.INTERMEDIATE);
    assertThat(SkinClass.of(new Lab(50, 10, 15))).isEqualTo(SkinClass.BROWN);
  }

  @Test
  void whatIsNotYellowAtAllIsNoSkin() {
    assertThatThrownBy(() -> SkinClass.of(new Lab(60, 10, 0))).hasMessageContaining("its b is 0.0");
  }
}
