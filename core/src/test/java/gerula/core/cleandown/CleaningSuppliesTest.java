package gerula.core.cleandown;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import java.util.List;
import org.junit.jupiter.api.Test;

class CleaningSuppliesTest {

  private final Place shelf = Given.place(PlaceKind.STORE, "loft").place();
  private final Place lent = Given.place(PlaceKind.LENT, "lent").place();

  private Item item(ProductClass of, Quantity left, Place at) {
    return Given.thing(of, Form.OTHER).content(left).left(left).now(at.id()).item();
  }

  @Test
  void wipesAndDetergentAreCountedWhereTheyAreAtHand() {
    Item gone =
        Given.thing(ProductClass.WIPE, Form.SINGLE_USE)
            .content(Quantity.pieces(9))
            .now(shelf.id())
            .discarded(true)
            .item();
    List<Item> kit =
        List.of(
            item(ProductClass.SURFACE_WIPE, Quantity.pieces(12), shelf),
            item(ProductClass.WIPE, Quantity.pieces(30), shelf),
            item(ProductClass.WIPE, Quantity.pieces(50), lent),
            item(ProductClass.REMOVER_WIPE, Quantity.pieces(70), shelf),
            item(ProductClass.BRUSH_CLEANER, Quantity.millilitres(80), shelf),
            item(ProductClass.BRUSH_CLEANER, Quantity.pieces(1), shelf),
            gone);
    assertThat(CleaningSupplies.of(kit, new PlaceTree(List.of(shelf, lent))))
        .isEqualTo(new CleaningSupplies(42, 80));
  }
}
