package gerula.browser;

import org.junit.jupiter.api.Test;

class EveryViewAtTheDeskTest {

  @Test
  void axeFindsNothingAndNothingRunsOffTheSide() {
    EveryView.assertAxeFindsNothingAndNothingRunsOffTheSide(Person.Stance.DESK);
  }
}
