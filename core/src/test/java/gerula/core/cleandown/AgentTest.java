package gerula.core.cleandown;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import gerula.core.rule.HouseRulesBuilder;
import gerula.core.rule.PracticesBuilder;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Which bottle one sprays from. */
class AgentTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 17);

  private final Place shelf = Given.place(PlaceKind.STORE, "loft").place();
  private final Place lent = Given.place(PlaceKind.LENT, "lent").place();

  private Given.Thing bottle(ProductClass of, String name) {
    return Given.thing(of, Form.THIN_SPRAY)
        .called(name, "")
        .content(Quantity.millilitres(250))
        .now(shelf.id());
  }

  private Optional<Agent> chosen(int percent, List<Item> kit) {
    HouseRules house =
        HouseRulesBuilder.builder(HouseRules.USUAL)
            .practices(
                PracticesBuilder.builder(HouseRules.USUAL.practices())
                    .sprayPercent(percent)
                    .build())
            .build();
    return Agent.alcohol(kit, new PlaceTree(List.of(shelf, lent)), house, TODAY);
  }

  @Test
  void itIsOfTheStrengthTheHouseSprays() {
    Item seventy = bottle(ProductClass.ALCOHOL_70, "Spirit").item();
    Item strong = bottle(ProductClass.ALCOHOL_99, "Spirit").item();
    Item named = bottle(ProductClass.ALCOHOL_99, "Spirit 91 %").item();
    List<Item> kit = List.of(strong, named, seventy);
    assertThat(chosen(70, kit).orElseThrow().item()).isEqualTo(seventy);
    assertThat(chosen(99, kit).orElseThrow().item()).isEqualTo(strong);
    assertThat(chosen(91, kit).orElseThrow().item()).isEqualTo(named);
    assertThat(chosen(80, kit)).isEmpty();
  }

  @Test
  void anOpenOneComesFirstAndOneThatIsPastLast() {
    Item past =
        bottle(ProductClass.ALCOHOL_70, "a")
            .dates(new PackDates(null, null, TODAY, TODAY.minusDays(1), null))
            .item();
    Item open =
        bottle(ProductClass.ALCOHOL_70, "z").dates(PackDates.UNKNOWN.openedOn(TODAY)).item();
    Item full = bottle(ProductClass.ALCOHOL_70, "b").item();
    List<Item> kit = List.of(past, full, open);
    assertThat(chosen(70, kit)).contains(new Agent(open, 70, false));
    assertThat(chosen(70, kit.reversed())).contains(new Agent(open, 70, false));
    assertThat(chosen(70, List.of(past))).contains(new Agent(past, 70, true));
    assertThat(chosen(70, Collections.emptyList())).isEmpty();
  }

  @Test
  void whatIsEmptyLentOrGoneIsNotSprayedFrom() {
    assertThat(
            chosen(
                70,
                List.of(
                    bottle(ProductClass.ALCOHOL_70, "a").left(Quantity.millilitres(0)).item(),
                    bottle(ProductClass.ALCOHOL_70, "b").now(lent.id()).item(),
                    bottle(ProductClass.ALCOHOL_70, "c").now(null).item(),
                    bottle(ProductClass.ALCOHOL_70, "d").discarded(true).item(),
                    bottle(ProductClass.HAND_SANITISER, "e").item())))
        .isEmpty();
  }

  @Test
  void ofTwoAlikeTheOnePastSoonestIsSprayedFrom() {
    Item later =
        bottle(ProductClass.ALCOHOL_70, "a")
            .dates(new PackDates(null, null, null, TODAY.plusDays(90), null))
            .item();
    Item sooner =
        bottle(ProductClass.ALCOHOL_70, "z")
            .dates(new PackDates(null, null, null, TODAY.plusDays(9), null))
            .item();
    Item first = bottle(ProductClass.ALCOHOL_70, "b").item();
    Item second = bottle(ProductClass.ALCOHOL_70, "c").item();
    assertThat(chosen(70, List.of(later, sooner, first)).orElseThrow().item()).isEqualTo(sooner);
    assertThat(chosen(70, List.of(second, first)).orElseThrow().item()).isEqualTo(first);
  }

  @Test
  void whatIsSprayedIsReckonedOffWhatWasMeasured() {
    Agent bottle = chosen(70, List.of(bottle(ProductClass.ALCOHOL_70, "Spirit").item())).get();
    Quantity before = bottle.item().left();
    assertThat(bottle.leftAfter(12)).isEqualTo(before.minus(Quantity.millilitres(12)));
    assertThat(bottle.leftAfter(10_000).isNone()).isTrue();
    Item counted =
        Given.thing(ProductClass.ALCOHOL_70, Form.THIN_SPRAY)
            .content(Quantity.pieces(1))
            .now(shelf.id())
            .item();
    assertThat(chosen(70, List.of(counted)).get().leftAfter(5)).isEqualTo(counted.left());
  }
}
