package gerula.core.restock.money;

import static gerula.core.restock.money.GivenMoney.EUR;
import static gerula.core.restock.money.GivenMoney.RATES;
import static gerula.core.restock.money.GivenMoney.SEK;
import static gerula.core.restock.money.GivenMoney.TODAY;
import static gerula.core.restock.money.GivenMoney.bought;
import static gerula.core.restock.money.GivenMoney.euros;
import static gerula.core.restock.money.GivenMoney.gone;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.Seeds;
import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Money;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class SpendAndWasteTest {

  private static final LocalDate FROM = TODAY.minusMonths(11).withDayOfMonth(1);
  private static final ProductClass[] SOLD = {
    ProductClass.FOUNDATION, ProductClass.LIP_COLOUR, ProductClass.WAND, ProductClass.MOISTURISER
  };

  private static Given.Thing pack(LocalDate on) {
    return Given.thing(ProductClass.FOUNDATION, Form.CREAM)
        .content(Quantity.millilitres(30))
        .dates(new PackDates(null, on, null, null, null));
  }

  private static Spend spend(Bought... some) {
    return Spend.of(List.of(some), RATES, FROM, TODAY);
  }

  @Test
  void bothEndsOfTheTimeCountAndWhatWasSentBackDoesNot() {
    Spend spend =
        spend(
            bought(pack(FROM), "1"),
            bought(pack(TODAY), "2"),
            bought(pack(FROM.minusDays(1)), "4"),
            bought(pack(TODAY.plusDays(1)), "8"),
            gone(bought(pack(TODAY), "16"), DiscardCause.RETURNED, TODAY),
            gone(bought(pack(TODAY), "32"), DiscardCause.DATE, TODAY),
            bought(pack(null), "64"),
            bought(pack(TODAY), null));
    assertThat(spend.total()).isEqualTo(euros("35.00"));
    assertThat(spend.withoutDay()).isEqualTo(1);
    assertThat(spend.withoutRate()).isZero();
    assertThat(spend.in(YearMonth.from(TODAY)))
        .containsExactly(Map.entry(ProductClass.FOUNDATION, euros("34.00")));
    assertThat(spend.in(YearMonth.from(FROM)))
        .containsExactly(Map.entry(ProductClass.FOUNDATION, euros("1.00")));
    assertThat(spend.in(YearMonth.from(TODAY.plusMonths(1)))).isEmpty();
  }

  @Test
  void aJarFilledFromAPackWasNotBoughtAndOtherMoneyNeedsARate() {
    Bought jar =
        bought(
            pack(TODAY)
                .left(Quantity.millilitres(3))
                .vessel(new Vessel.Decant(Container.SCREW_JAR, Quantity.millilitres(5), null)),
            "3");
    Bought krona =
        new Bought(
            pack(TODAY).item(), new Money(new BigDecimal("100"), SEK), null, null, 0, null, null);
    assertThat(spend(jar, krona).total()).isEqualTo(euros("8.80"));
    Spend without = Spend.of(List.of(krona), Rates.of(EUR), FROM, TODAY);
    assertThat(without.withoutRate()).isEqualTo(1);
    assertThat(without.total().isNone()).isTrue();
  }

  /** Half of it was used: a pack half as large. A quarter or less: one a quarter as large. */
  @ParameterizedTest
  @CsvSource({
    "DATE, 30, 40.00, 7.5, 30.00",
    "DATE, 22.5, 30.00, 7.5, 30.00",
    "DATE, 22.4, 29.87, 15, 20.00",
    "DATE, 15, 20.00, 15, 20.00",
    "DATE, 14.9, 19.87, , ",
    "CONTAMINATED, 22.5, 30.00, , ",
    "CHANGED, 22.5, 30.00, , ",
    "LOST, 3, 4.00, , "
  })
  void whatIsLeftInItIsLostAndASmallerPackWouldHaveDone(
      DiscardCause cause, double left, String lost, String smaller, String saved) {
    Bought one = gone(bought(pack(FROM).left(Quantity.millilitres(left)), "40"), cause, TODAY);
    Waste waste = Waste.of(List.of(one), GivenMoney.prices(List.of(one)), FROM, TODAY);
    assertThat(waste.total()).isEqualTo(euros(lost));
    assertThat(waste.by(cause)).isEqualTo(euros(lost));
    assertThat(waste.items(cause)).isEqualTo(1);
    Waste.Smaller pack = waste.rows().getFirst().smaller();
    if (smaller == null) {
      assertThat(pack).isNull();
      assertThat(waste.saved().isNone()).isTrue();
    } else {
      assertThat(pack.content()).isEqualByComparingTo(smaller);
      assertThat(pack.saved()).isEqualTo(euros(saved));
      assertThat(waste.saved()).isEqualTo(euros(saved));
    }
  }

  @Test
  void whatIsUsedUpGivenAwaySentBackOrStillThereIsNoWaste() {
    List<Bought> some =
        List.of(
            gone(bought(pack(FROM), "40"), DiscardCause.GIVEN_AWAY, TODAY),
            gone(bought(pack(FROM), "40"), DiscardCause.RETURNED, TODAY),
            gone(bought(pack(FROM), "40"), DiscardCause.EMPTY, TODAY),
            gone(bought(pack(FROM).left(Quantity.millilitres(0)), "40"), DiscardCause.DATE, TODAY),
            bought(pack(FROM), "40"));
    Waste waste = Waste.of(some, GivenMoney.prices(some), FROM, TODAY);
    assertThat(waste.rows()).isEmpty();
    assertThat(waste.unpriced()).isZero();
    assertThat(GivenAway.of(some, GivenMoney.prices(some), FROM, TODAY)).isEqualTo(euros("40.00"));
    assertThat(GivenAway.of(some, GivenMoney.prices(some), FROM, TODAY.minusDays(1)).isNone())
        .isTrue();
  }

  @Test
  void aBrushIsNotBoughtByHalvesAndAnUnknownPriceIsTold() {
    Bought brush =
        gone(
            bought(
                Given.thing(ProductClass.LINER_BRUSH, Form.BRUSH_SYNTHETIC)
                    .content(Quantity.pieces(1)),
                "7"),
            DiscardCause.DATE,
            TODAY);
    Bought untold = gone(bought(pack(FROM), null), DiscardCause.BROKEN, TODAY);
    Bought before = gone(bought(pack(FROM), "40"), DiscardCause.BROKEN, FROM.minusDays(1));
    List<Bought> some = List.of(brush, untold, before);
    Waste waste = Waste.of(some, GivenMoney.prices(some), FROM, TODAY);
    assertThat(waste.rows()).singleElement().satisfies(row -> assertThat(row.smaller()).isNull());
    assertThat(waste.total()).isEqualTo(euros("7.00"));
    assertThat(waste.unpriced()).isEqualTo(1);
    assertThat(waste.bySection(_ -> Section.BRUSHES)).containsKey(Section.BRUSHES).hasSize(1);
  }

  static LongStream seeds() {
    return Seeds.upTo(60);
  }

  private static List<Bought> drawn(Random chance) {
    List<Bought> some = new ArrayList<>();
    for (int at = 0; at < 60; at++) {
      int size = 1 + chance.nextInt(60);
      LocalDate on = chance.nextInt(8) == 0 ? null : TODAY.minusDays(chance.nextInt(500));
      Given.Thing thing =
          Given.thing(SOLD[chance.nextInt(SOLD.length)], Form.CREAM)
              .id(new UUID(1, at))
              .content(Quantity.millilitres(size))
              .left(Quantity.millilitres(chance.nextInt(size + 1)))
              .dates(new PackDates(null, on, null, null, null));
      Bought one = bought(thing, BigDecimal.valueOf(chance.nextInt(90_000), 3).toString());
      DiscardCause[] causes = DiscardCause.values();
      some.add(
          chance.nextInt(3) == 0
              ? gone(
                  one, causes[chance.nextInt(causes.length)], TODAY.minusDays(chance.nextInt(300)))
              : one);
    }
    return some;
  }

  /** Whatever was bought and discarded: the parts add up to the whole, to the cent. */
  @ParameterizedTest
  @MethodSource("seeds")
  void everySumAddsUpToTheCent(long seed) {
    List<Bought> some = drawn(new Random(seed));
    Prices prices = GivenMoney.prices(some);
    Spend spend = Spend.of(some, RATES, FROM, TODAY);
    List<Money> cells = new ArrayList<>();
    for (YearMonth month = YearMonth.from(FROM);
        !month.isAfter(YearMonth.from(TODAY));
        month = month.plusMonths(1)) {
      cells.addAll(spend.in(month).values());
    }
    assertThat(Money.sum(cells, EUR)).isEqualTo(spend.total());
    Waste waste = Waste.of(some, prices, FROM, TODAY);
    assertThat(Money.sum(Arrays.stream(DiscardCause.values()).map(waste::by).toList(), EUR))
        .isEqualTo(waste.total());
    assertThat(Money.sum(waste.bySection(id -> section(some, id)).values(), EUR))
        .isEqualTo(waste.total());
    KitValue value = KitValue.of(some, prices, HouseRules.USUAL, TODAY);
    assertThat(Money.sum(value.bySection().values(), EUR)).isEqualTo(value.total());
    BookingCost cost =
        BookingCost.of(
            some.stream()
                .map(one -> new BookingCost.Taken(one.item(), new BigDecimal("0.37")))
                .toList(),
            new BookingCost.Besides(euros("1.005"), euros("2.335"), new BigDecimal("0.0471")),
            prices);
    assertThat(Money.sum(cost.parts().values(), EUR)).isEqualTo(cost.total());
    Money lines = Money.sum(cost.lines().stream().map(BookingCost.Line::cost).toList(), EUR);
    Money products =
        cost.parts()
            .getOrDefault(BookingCost.Part.PRODUCTS, Money.none(EUR))
            .plus(cost.parts().getOrDefault(BookingCost.Part.DISPOSABLES, Money.none(EUR)));
    assertThat(lines).isEqualTo(products);
  }

  private static Section section(List<Bought> some, UUID id) {
    return some.stream()
        .filter(one -> one.item().id().equals(id))
        .findFirst()
        .orElseThrow()
        .item()
        .product()
        .productClass()
        .section();
  }
}
