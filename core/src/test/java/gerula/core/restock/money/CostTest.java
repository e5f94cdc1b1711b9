package gerula.core.restock.money;

import static gerula.core.restock.money.GivenMoney.bought;
import static gerula.core.restock.money.GivenMoney.euros;
import static gerula.core.restock.money.GivenMoney.used;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Money;
import gerula.core.quantity.Quantity;
import gerula.core.restock.money.BookingCost.Besides;
import gerula.core.restock.money.BookingCost.Part;
import gerula.core.restock.money.BookingCost.Taken;
import gerula.core.restock.money.Prices.Filled;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class CostTest {

  private static final Besides NOTHING = new Besides(euros("0"), euros("0"), BigDecimal.ZERO);

  private static Given.Thing base() {
    return Given.thing(ProductClass.FOUNDATION, Form.CREAM).content(Quantity.millilitres(30));
  }

  private static Given.Thing wands() {
    return Given.thing(ProductClass.WAND, Form.SINGLE_USE).content(Quantity.pieces(200));
  }

  private static Taken taken(Bought one, String amount) {
    return new Taken(one.item(), new BigDecimal(amount));
  }

  /** Two hundred wands at 5.99 are 0.02995 each: twenty of them 0.599. */
  @Test
  void whatIsUsedCostsItsShareOfThePack() {
    Bought foundation = bought(base(), "24");
    Bought box = bought(wands(), "5.99");
    Bought untold = bought(base(), null);
    Prices prices = GivenMoney.prices(List.of(foundation, box, untold));
    BookingCost cost =
        BookingCost.of(
            List.of(
                taken(box, "20"),
                taken(foundation, "3.5"),
                taken(untold, "1"),
                // More was left than was thought: nothing was used.
                taken(foundation, "-1")),
            NOTHING,
            prices);
    assertThat(cost.parts())
        .isEqualTo(Map.of(Part.PRODUCTS, euros("2.80"), Part.DISPOSABLES, euros("0.60")));
    assertThat(cost.lines())
        .extracting(line -> line.item().id())
        .containsExactly(foundation.item().id(), box.item().id());
    assertThat(cost.unpriced()).isEqualTo(1);
    assertThat(cost.total()).isEqualTo(euros("3.40"));
    assertThat(cost.perFace(6)).isEqualTo(euros("0.57"));
    assertThat(cost.perFace(1)).isEqualTo(euros("3.40"));
    assertThat(cost.perFace(0)).isNull();
  }

  /** What is sent for is a share of everything else. */
  @Test
  void whatComesBesideIsPartOfTheFee() {
    Bought foundation = bought(base(), "30");
    BookingCost cost =
        BookingCost.of(
            List.of(taken(foundation, "10")),
            new Besides(euros("2"), euros("3"), new BigDecimal("0.1")),
            GivenMoney.prices(List.of(foundation)));
    assertThat(cost.parts())
        .isEqualTo(
            Map.of(
                Part.PRODUCTS, euros("10.00"),
                Part.GIVEN_AWAY, euros("2.00"),
                Part.WRITTEN_OFF, euros("3.00"),
                Part.SHIPPING, euros("1.50")));
    assertThat(cost.total()).isEqualTo(euros("16.50"));
  }

  /** A palette at 40 with four pans of 7.4 g is 1.3514 a gram. */
  @Test
  void aGramOfAPaletteCostsItsPart() {
    Bought palette =
        bought(
            Given.thing(ProductClass.EYE_SHADOW, Form.PRESSED_POWDER)
                .content(Quantity.millilitres(29.6)),
            "40");
    ProductCost cost = ProductCost.of(List.of(palette), GivenMoney.prices(List.of(palette)), 0);
    assertThat(cost.perUnit())
        .isCloseTo(new BigDecimal("1.3514"), within(new BigDecimal("0.00005")));
    assertThat(cost.perFace()).isNull();
    assertThat(cost.perUse()).isNull();
  }

  @Test
  void aUseCostsWhatWentAndAToolItsWholePrice() {
    Bought half = used(bought(base().left(Quantity.millilitres(15)), "30"), 5, null);
    Bought full = used(bought(base(), "33"), 1, null);
    List<Bought> packs = List.of(half, full);
    ProductCost cost = ProductCost.of(packs, GivenMoney.prices(packs), 0.6);
    // 63 for 60 ml; half of 30 is gone in six uses.
    assertThat(cost.perUnit()).isEqualByComparingTo("1.05");
    assertThat(cost.perFace()).isEqualTo(euros("0.63"));
    assertThat(cost.perUse()).isEqualTo(euros("2.50"));
    assertThat(cost.uses()).isEqualTo(6);
    Bought brush =
        used(
            bought(
                Given.thing(ProductClass.LINER_BRUSH, Form.BRUSH_SYNTHETIC)
                    .content(Quantity.pieces(1)),
                "9"),
            4,
            null);
    ProductCost tool = ProductCost.of(List.of(brush), GivenMoney.prices(List.of(brush)), 0);
    assertThat(tool.perUse()).isEqualTo(euros("2.25"));
    Bought untold = bought(base(), null);
    assertThat(ProductCost.of(List.of(untold), GivenMoney.prices(List.of(untold)), 1)).isNull();
  }

  /** What was filled into a jar and lies there is not used. */
  @Test
  void decantingIsNoUse() {
    UUID pack = new UUID(0, 1);
    UUID jar = new UUID(0, 2);
    Bought poured = used(bought(base().id(pack).left(Quantity.millilitres(20)), "30"), 1, null);
    Bought filled =
        used(
            bought(
                base()
                    .id(jar)
                    .left(Quantity.millilitres(8))
                    .vessel(new Vessel.Decant(Container.SCREW_JAR, Quantity.millilitres(10), null)),
                null),
            1,
            null);
    List<Bought> both = List.of(poured, filled);
    Prices prices =
        new Prices(both, List.of(new Filled(jar, pack, BigDecimal.TEN)), GivenMoney.RATES);
    ProductCost cost = ProductCost.of(both, prices, 0);
    // Two of thirty millilitres are gone, in two uses.
    assertThat(cost.perUse()).isEqualTo(new Money(new BigDecimal("1.00"), GivenMoney.EUR));
  }
}
