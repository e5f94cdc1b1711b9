package gerula.browser;

import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;

@Order(1)
class EveryViewAtTheDeskTest {

  @Test
  void axeFindsNothingAndNothingRunsOffTheSide() {
    EveryView.assertAxeFindsNothingAndNothingRunsOffTheSide(Person.Stance.DESK);
  }
}
