package gerula.core.kit.count;

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
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class StocktakeTest {

  private final Place bag = Given.place(PlaceKind.SET_BAG, "bag").place();
  private final Place pouch = Given.place(PlaceKind.POUCH, "pouch").in(bag.id()).place();
  private final Place store = Given.place(PlaceKind.STORE, "store").place();
  private final PlaceTree places = new PlaceTree(List.of(bag, pouch, store));
  private final Item inThePouch = wands("a", pouch.id());
  private final Item missing = wands("b", bag.id());
  private final Item stranger = wands("c", store.id());
  private final Item nowhere = wands("d", null);
  private final List<Item> kit = List.of(inThePouch, missing, stranger, nowhere);

  @Test
  void whatIsThereIsHeldAgainstWhatShouldBe() {
    Stocktake count = count(inThePouch, stranger);
    assertThat(count.present()).containsExactly(inThePouch);
    assertThat(count.missing()).containsExactly(missing);
    assertThat(count.unexpected()).containsExactly(stranger);
  }

  @Test
  void settlingLeavesPresentThingsInTheirPouchAndMissingOnesNowhere() {
    Map<UUID, Quantity> numbers = Map.of(inThePouch.id(), Quantity.pieces(7));
    assertThat(count(inThePouch, stranger, nowhere).settled(bag.id(), numbers))
        .containsExactly(
            new Stocktake.Settled(inThePouch, Optional.of(pouch.id()), Quantity.pieces(7)),
            new Stocktake.Settled(missing, Optional.empty(), Quantity.pieces(10)),
            new Stocktake.Settled(stranger, Optional.of(bag.id()), Quantity.pieces(10)),
            new Stocktake.Settled(nowhere, Optional.of(bag.id()), Quantity.pieces(10)));
  }

  @Test
  void nothingSeenIsAllMissingAndDiscardedThingsAreNeitherMissingNorStrange() {
    Item gone = Given.thing(ProductClass.WAND, Form.SINGLE_USE).in(bag.id()).discarded(true).item();
    Stocktake count =
        Stocktake.of(bag.id(), places, List.of(inThePouch, missing, gone), Set.of(gone.id()));
    assertThat(count.present()).isEmpty();
    assertThat(count.missing()).containsExactly(inThePouch, missing);
    assertThat(count.unexpected()).isEmpty();
  }

  private Stocktake count(Item... seen) {
    Set<UUID> ids =
        java.util.Arrays.stream(seen).map(Item::id).collect(java.util.stream.Collectors.toSet());
    return Stocktake.of(bag.id(), places, kit, ids);
  }

  private static Item wands(String shade, UUID place) {
    return Given.thing(ProductClass.WAND, Form.SINGLE_USE)
        .called("wands", shade)
        .content(Quantity.pieces(10))
        .in(place)
        .item();
  }
}
