package gerula.core.depot.bench;

import static gerula.core.depot.Bench.ml;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.depot.Bench;
import gerula.core.depot.Contents;
import gerula.core.depot.empties.Empty;
import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class CaseChangeTest {

  private static final LocalDate DAY = LocalDate.of(2031, 4, 14);
  private static final Empty BOTTLE = Bench.empty(Container.POINTED_SQUEEZE_BOTTLE, 10, 5, 16, 1);

  private static Item base(UUID place) {
    return Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
        .content(Quantity.millilitres(30))
        .measures(new Measures(Outline.FLAT, 30, 30, 100, Mass.ofGrams(90)))
        .in(place)
        .item();
  }

  @Test
  void packsGoToTheBackStockAndTheirPiecesComeIntoTheCase() {
    UUID id = UUID.randomUUID();
    Place bag = Given.place(PlaceKind.BACKPACK, "bag").id(id).weighing(800, null).place();
    Place tray = Given.place(PlaceKind.TRAY, "tray").in(id).weighing(100, null).place();
    Place drawer = Given.place(PlaceKind.DRAWER, "drawer").fixed().place();
    PlaceTree tree = new PlaceTree(List.of(bag, tray, drawer));
    Item decanted = base(tray.id());
    Item stays = base(tray.id());
    Item elsewhere = base(drawer.id());
    List<Item> packs = List.of(decanted, stays, elsewhere);
    DepotPlan plan =
        SessionPlanner.plan(
            DAY,
            3,
            List.of(BOTTLE),
            List.of(
                new ItemPack(decanted, Contents.of(decanted.product(), null))
                    .pack(UseRate.told(Quantity.millilitres(2)), HouseRules.USUAL)));
    List<CaseChange> changes = CaseChange.of(tree, packs, packs, plan, List.of(BOTTLE));
    assertThat(changes).hasSize(1);
    CaseChange change = changes.getFirst();
    assertThat(change.place()).isEqualTo(bag);
    assertThat(change.before().mass()).isEqualTo(Mass.ofGrams(900 + 2 * 90));
    assertThat(change.before().volume()).isEqualTo(ml(180));
    // The pack of 90 g and 90 ml goes; a bottle of 5 g with 6 ml and 16 ml outside comes.
    assertThat(change.after().mass()).isEqualTo(Mass.ofGrams(900 + 90 + 11));
    assertThat(change.after().volume()).isEqualTo(ml(90 + 16));
  }
}
