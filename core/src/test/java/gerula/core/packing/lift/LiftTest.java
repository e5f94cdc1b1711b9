package gerula.core.packing.lift;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Against the equation as it stands in Waters, Putz-Anderson and Garg, "Applications Manual for the
 * Revised NIOSH Lifting Equation", DHHS (NIOSH) publication 94-110.
 */
class LiftTest {

  private static Lift lift(double mass, double h, double v, double d, double a) {
    return new Lift(mass, h, v, d, a, 1, Coupling.GOOD);
  }

  @Test
  void inTheBestPlaceTheLoadConstantIsLeft() {
    Lift best = lift(23, 25, 75, 25, 0);
    assertThat(best.limitKg()).isCloseTo(23.0, within(1e-9));
    assertThat(best.index()).isCloseTo(1.0, within(1e-9));
    assertThat(best.findings()).isEmpty();
    assertThat(lift(23.1, 25, 75, 25, 0).findings()).containsExactly(LiftFinding.ABOVE_LIMIT);
    // Nearer than a body lets it be, and a shorter way, is no better.
    assertThat(lift(23, 10, 75, 5, 0).limitKg()).isCloseTo(23.0, within(1e-9));
  }

  @ParameterizedTest
  @CsvSource({
    // distance, height, way, angle: factor of each
    "50, 75, 25, 0, 0.5, 1, 1, 1",
    "63, 75, 25, 0, 0.396825, 1, 1, 1",
    "63.1, 75, 25, 0, 0, 1, 1, 1",
    "25, 0, 25, 0, 1, 0.775, 1, 1",
    "25, 175, 25, 0, 1, 0.7, 1, 1",
    "25, 175.1, 25, 0, 1, 0, 1, 1",
    "25, 75, 100, 0, 1, 1, 0.865, 1",
    "25, 75, 175, 0, 1, 1, 0.845714, 1",
    "25, 75, 175.1, 0, 1, 1, 0, 1",
    "25, 75, 25, 45, 1, 1, 1, 0.856",
    "25, 75, 25, 135, 1, 1, 1, 0.568",
    "25, 75, 25, 135.1, 1, 1, 1, 0"
  })
  void eachFactorIsAsTheManualHasIt(
      double h, double v, double d, double a, double hm, double vm, double dm, double am) {
    Lift lift = lift(10, h, v, d, a);
    assertThat(lift.multipliers().hm()).isCloseTo(hm, within(1e-6));
    assertThat(lift.multipliers().vm()).isCloseTo(vm, within(1e-6));
    assertThat(lift.multipliers().dm()).isCloseTo(dm, within(1e-6));
    assertThat(lift.multipliers().am()).isCloseTo(am, within(1e-6));
    assertThat(lift.limitKg()).isCloseTo(23 * hm * vm * dm * am, within(1e-4));
    boolean isOut = hm * vm * dm * am == 0;
    assertThat(lift.findings().contains(LiftFinding.OUT_OF_REACH)).isEqualTo(isOut);
    assertThat(lift.index() == null).isEqualTo(isOut);
  }

  @ParameterizedTest
  @CsvSource({
    "1, GOOD, 100, 1, 1",
    "2, GOOD, 100, 0.95, 1",
    "8, GOOD, 100, 0.85, 1",
    "1, FAIR, 74, 1, 0.95",
    "1, FAIR, 75, 1, 1",
    "1, POOR, 100, 1, 0.9",
    "1, POOR, 10, 1, 0.9"
  })
  void hoursAndHandlesCount(int hours, Coupling coupling, double height, double fm, double cm) {
    Lift lift = new Lift(10, 25, height, 25, 0, hours, coupling);
    assertThat(lift.multipliers().fm()).isEqualTo(fm);
    assertThat(lift.multipliers().cm()).isEqualTo(cm);
  }

  /**
   * The manual's example of loading punch press stock, from memory and in its inches: 23 away, 15
   * high, 48 up, fair handles; 16.3 lb are recommended, and 44 lb are 2.7 times that. It rounds
   * each factor to two places.
   */
  @Test
  void aWorkedExampleOfTheManual() {
    double inch = 2.54;
    Lift stock = new Lift(44 * 0.4536, 23 * inch, 15 * inch, 48 * inch, 0, 1, Coupling.FAIR);
    assertThat(stock.limitKg()).isCloseTo(16.3 * 0.4536, within(0.3));
    assertThat(stock.index()).isCloseTo(2.7, within(0.12));
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatThrownBy(() -> lift(-1, 25, 75, 25, 0)).hasMessageContaining("mass");
    assertThatThrownBy(() -> lift(1, -25, 75, 25, 0)).hasMessageContaining("horizontal");
    assertThatThrownBy(() -> lift(1, 25, -75, 25, 0)).hasMessageContaining("height");
    assertThatThrownBy(() -> lift(1, 25, 75, -25, 0)).hasMessageContaining("way");
    assertThatThrownBy(() -> lift(1, 25, 75, 25, -1)).hasMessageContaining("angle");
    assertThatThrownBy(() -> new Lift(1, 25, 75, 25, 0, 3, Coupling.GOOD))
        .hasMessageContaining("1, 2 or 8");
  }
}
