package gerula.core.cleandown.work;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Practices;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What comes new from a shop. Common practice. */
class ArrivalTest {

  @ParameterizedTest
  @CsvSource({
    "MASCARA, MASCARA, USED",
    "FOUNDATION, LIQUID_PUMP_OR_SQUEEZE, USED",
    "BRUSH_SET, BRUSH_SYNTHETIC, USED",
    "SPATULA, METAL_TOOL, USED",
    "LIQUID_LINER, FELT_TIP_PEN, CLEAN",
    "FACE_TISSUE, SINGLE_USE, CLEAN",
    "STRIP_LASHES, LASHES, CLEAN"
  })
  void whatCanBeWipedOrWashedIsAndTheRestComesCleanInItsWrapper(
      ProductClass one, Form form, Cleanliness state) {
    Item like = Given.thing(one, form).item();
    assertThat(UsedThing.onArrival(like, Practices.USUAL)).isEqualTo(state);
  }
}
