package gerula.core.cleandown.work;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.Practices;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** How long lies between two faces, by what is used on both. */
class UsualTurnoverTest {

  private static final Instant NOW = Instant.parse("2031-04-14T08:00:00Z");

  private static final int WORKTOP_AND_HANDS = 2;

  private static Item thing(ProductClass one, Form form) {
    return Given.thing(one, form).item();
  }

  private static int minutes(Item... both) {
    return UsualTurnover.minutes(List.of(both), Practices.USUAL, NOW);
  }

  @Test
  void theOnlyToolIsWaitedForAndOneOfTwoIsNot() {
    Item spatula = thing(ProductClass.SPATULA, Form.METAL_TOOL);
    Item another = thing(ProductClass.SPATULA, Form.METAL_TOOL);
    assertThat(minutes()).isEqualTo(WORKTOP_AND_HANDS);
    assertThat(minutes(spatula)).isGreaterThan(WORKTOP_AND_HANDS);
    assertThat(minutes(spatula, another)).isEqualTo(WORKTOP_AND_HANDS);
  }

  @Test
  void everyPencilThatBothAreMadeUpWithIsSharpened() {
    Item[] pencils = new Item[6];
    Arrays.setAll(pencils, _ -> thing(ProductClass.LIP_PENCIL, Form.SHARPENABLE_PENCIL));
    assertThat(minutes(pencils)).isGreaterThan(minutes(pencils[0]));
  }
}
