package gerula.core.restock.money;

import static gerula.core.restock.money.GivenMoney.EUR;
import static gerula.core.restock.money.GivenMoney.RATES;
import static gerula.core.restock.money.GivenMoney.SEK;
import static gerula.core.restock.money.GivenMoney.TODAY;
import static gerula.core.restock.money.GivenMoney.bought;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Money;
import gerula.core.quantity.Quantity;
import gerula.core.restock.money.Prices.Filled;
import gerula.core.restock.money.Prices.Source;
import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class PricesTest {

  private static final UUID JAR = new UUID(0, 9);

  private static Given.Thing cream(int number, double millilitres) {
    return Given.thing(ProductClass.MOISTURISER, Form.CREAM)
        .id(new UUID(0, number))
        .content(Quantity.millilitres(millilitres));
  }

  private static Bought jar() {
    return bought(
        cream(9, 50)
            .left(Quantity.millilitres(3))
            .vessel(new Vessel.Decant(Container.SCREW_JAR, Quantity.millilitres(5), null)),
        null);
  }

  @Test
  void aPackTellsWhatAMillilitreCosts() {
    Prices prices =
        GivenMoney.prices(List.of(bought(cream(1, 50), "12.50"), bought(cream(2, 50), null)));
    assertThat(prices.of(new UUID(0, 1)).perUnit()).isEqualByComparingTo("0.25");
    assertThat(prices.of(new UUID(0, 1)).source()).isEqualTo(Source.PAID);
    assertThat(prices.of(new UUID(0, 1), new BigDecimal("3")).amount())
        .isEqualByComparingTo("0.75");
    assertThat(prices.of(new UUID(0, 2))).isEqualTo(new Prices.UnitPrice(Source.NOT_TOLD, null));
    assertThat(prices.of(new UUID(0, 2), BigDecimal.ONE)).isNull();
    assertThat(prices.of(new UUID(0, 77)).source()).isEqualTo(Source.NOT_TOLD);
  }

  /** 2 ml at 0.25 and 1 ml at 0.40 make 0.30 a millilitre. */
  @Test
  void aJarCostsWhatWentIntoIt() {
    List<Bought> some =
        List.of(bought(cream(1, 50), "12.50"), bought(cream(2, 50), "20.00"), jar());
    Prices prices =
        new Prices(
            some,
            List.of(
                new Filled(JAR, new UUID(0, 1), new BigDecimal("2")),
                new Filled(JAR, new UUID(0, 2), BigDecimal.ONE)),
            RATES);
    assertThat(prices.of(JAR).source()).isEqualTo(Source.FROM_ITS_PACK);
    assertThat(prices.of(JAR).perUnit()).isEqualByComparingTo("0.30");
  }

  @Test
  void aJarFilledFromAJarIsFollowedToThePackAndNeverInCircles() {
    List<Bought> some = List.of(bought(cream(1, 50), "12.50"), jar());
    UUID second = new UUID(0, 10);
    Prices prices =
        new Prices(
            some,
            List.of(
                new Filled(JAR, new UUID(0, 1), BigDecimal.ONE),
                new Filled(second, JAR, BigDecimal.ONE)),
            RATES);
    assertThat(prices.of(second).perUnit()).isEqualByComparingTo("0.25");
    Prices circle =
        new Prices(
            some,
            List.of(
                new Filled(JAR, second, BigDecimal.ONE), new Filled(second, JAR, BigDecimal.ONE)),
            RATES);
    assertThat(circle.of(JAR).perUnit()).isNull();
  }

  @Test
  void onePartOfUnknownPriceLeavesTheJarsUnknown() {
    Prices prices =
        new Prices(
            List.of(bought(cream(1, 50), "12.50"), bought(cream(2, 50), null), jar()),
            List.of(
                new Filled(JAR, new UUID(0, 1), BigDecimal.ONE),
                new Filled(JAR, new UUID(0, 2), BigDecimal.ONE)),
            RATES);
    assertThat(prices.of(JAR).source()).isEqualTo(Source.NOT_TOLD);
  }

  @Test
  void otherMoneyCountsByItsTypedRate() {
    Bought krona =
        new Bought(
            cream(1, 50).item(), new Money(new BigDecimal("250"), SEK), null, null, 0, null, null);
    Prices prices = new Prices(List.of(krona), List.of(), RATES);
    assertThat(prices.of(new UUID(0, 1)).perUnit()).isEqualByComparingTo("0.44");
    Prices without = new Prices(List.of(krona), List.of(), Rates.of(EUR));
    assertThat(without.of(new UUID(0, 1)).source()).isEqualTo(Source.NO_RATE);
  }

  @Test
  void aRateIsAboveNothing() {
    assertThatThrownBy(() -> new Rates.Rate(BigDecimal.ZERO, TODAY)).hasMessageContaining("0");
    assertThatThrownBy(() -> Rates.worth(new BigDecimal("1000000.1")))
        .hasMessageContaining("1,000,000");
    assertThatThrownBy(() -> Rates.worth(new BigDecimal("0.123456789")))
        .hasMessageContaining("eight");
    assertThat(Rates.worth(new BigDecimal("0.12345678"))).isEqualByComparingTo("0.12345678");
    assertThat(Rates.worth(new BigDecimal("1000000"))).isEqualByComparingTo("1000000");
    assertThat(new Rates(EUR, Map.of()).inOwn(GivenMoney.euros("2")))
        .contains(GivenMoney.euros("2"));
  }
}
