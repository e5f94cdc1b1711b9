package gerula.core.kit.opencase;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SlotOrderTest {

  private final UUID palette = UUID.randomUUID();

  private Given.Thing pan() {
    return Given.thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER).in(palette);
  }

  @Test
  void eachLiesInItsOwnSlotAndTheOthersInTheFreeOnes() {
    Item third = pan().slot(3).item();
    Item any = pan().item();
    Item alsoThird = pan().slot(3).item();
    Item first = pan().slot(1).item();
    Map<Item, Integer> spots = SlotOrder.of(List.of(third, any, alsoThird, first), 4);
    assertThat(spots)
        .containsEntry(third, 2)
        .containsEntry(first, 0)
        .containsEntry(any, 1)
        .containsEntry(alsoThird, 3);
  }

  @Test
  void whatIsTooMuchLiesOverTheLastOne() {
    Item one = pan().item();
    Item two = pan().item();
    Item three = pan().slot(9).item();
    assertThat(SlotOrder.of(List.of(one, two, three), 2))
        .containsEntry(one, 0)
        .containsEntry(two, 1)
        .containsEntry(three, 1);
  }

  @Test
  void aSlotIsOneOfItsHomes() {
    Item visitor = pan().slot(2).now(UUID.randomUUID()).item();
    assertThat(SlotOrder.of(List.of(visitor), 4)).containsEntry(visitor, 0);
    assertThat(visitor.slotItLiesIn()).isNull();
  }
}
