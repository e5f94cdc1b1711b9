package gerula.core.restock.money;

import static gerula.core.restock.money.GivenMoney.EUR;
import static gerula.core.restock.money.GivenMoney.TODAY;
import static gerula.core.restock.money.GivenMoney.bought;
import static gerula.core.restock.money.GivenMoney.euros;
import static gerula.core.restock.money.GivenMoney.gone;
import static gerula.core.restock.money.GivenMoney.used;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.PackDates;
import gerula.core.kit.Given;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Section;
import gerula.core.quantity.Money;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KitValueTest {

  private static Given.Thing brush() {
    return Given.thing(ProductClass.LINER_BRUSH, Form.BRUSH_SYNTHETIC).content(Quantity.pieces(1));
  }

  private static PackDates printed(LocalDate bought, LocalDate expiry) {
    return new PackDates(null, bought, null, expiry, null);
  }

  private static Given.Thing base(LocalDate bought, LocalDate expiry, double left) {
    return Given.thing(ProductClass.FOUNDATION, Form.CREAM)
        .content(Quantity.millilitres(30))
        .left(Quantity.millilitres(left))
        .dates(printed(bought, expiry));
  }

  private static ItemValue value(Bought one) {
    return ItemValue.of(one, GivenMoney.prices(List.of(one)), HouseRules.USUAL, TODAY);
  }

  /** A straight line from the day it was bought to its last day, by what is left of it. */
  @ParameterizedTest
  @CsvSource({
    // Bought 100 days ago, ends in 100: half. Half is left: a quarter.
    "-100, 100, 15, 10.00",
    "-100, 100, 30, 20.00",
    // Its last day is today: nothing. Past it: nothing.
    "-100, 0, 30, 0.00",
    "-100, -1, 30, 0.00",
    // Bought today: all of it.
    "0, 100, 30, 40.00",
    // Nothing is left.
    "-100, 100, 0, 0.00"
  })
  void whatHasADateIsWorthLessDayByDay(int bought, int ends, double left, String worth) {
    ItemValue value =
        value(GivenMoney.bought(base(TODAY.plusDays(bought), TODAY.plusDays(ends), left), "40"));
    assertThat(value.value()).isEqualTo(euros(worth));
  }

  @Test
  void aBrushKeepsItsWorthAndMoreThanAPackIsNoMoreThanItsPrice() {
    assertThat(value(bought(brush(), "12.30")).value()).isEqualTo(euros("12.30"));
    Bought wands =
        bought(
            Given.thing(ProductClass.WAND, Form.SINGLE_USE)
                .content(Quantity.pieces(100))
                .left(Quantity.pieces(140)),
            "6");
    assertThat(value(wands).value()).isEqualTo(euros("6.00"));
    assertThat(value(bought(brush(), null)).value()).isNull();
  }

  @Test
  void withoutADayOfPurchaseTheLineBeginsWhereItIsKnownFrom() {
    Bought known =
        new Bought(
            base(null, TODAY.plusDays(30), 30).item(),
            euros("40"),
            TODAY.minusDays(10),
            null,
            0,
            null,
            null);
    assertThat(value(known).value()).isEqualTo(euros("30.00"));
    assertThat(value(bought(base(null, TODAY.plusDays(30), 30), "40")).value())
        .isEqualTo(euros("40.00"));
    Bought later = bought(base(TODAY.plusDays(3), TODAY.plusDays(30), 30), "40");
    assertThat(value(later).value()).isEqualTo(euros("40.00"));
  }

  @Test
  void theSumIsOfWhatIsThereAndKnown() {
    Bought one = bought(brush(), "12.305");
    Bought other = bought(brush(), "1.115");
    Bought lost = gone(bought(brush(), "99"), DiscardCause.LOST, TODAY);
    Bought untold = bought(brush(), null);
    List<Bought> all = List.of(one, other, lost, untold);
    KitValue kit = KitValue.of(all, GivenMoney.prices(all), HouseRules.USUAL, TODAY);
    assertThat(kit.items()).hasSize(3);
    assertThat(kit.total()).isEqualTo(euros("13.42"));
    assertThat(kit.bySection()).containsOnly(Map.entry(Section.BRUSHES, euros("13.42")));
    assertThat(kit.without(Prices.Source.NOT_TOLD)).isEqualTo(1);
    assertThat(kit.without(Prices.Source.NO_RATE)).isZero();
  }

  @Test
  void unusedIsWhatIsThereForLongAndWasNotUsedLately() {
    LocalDate year = TODAY.minusMonths(12);
    Given.Thing old = brush().dates(printed(TODAY.minusMonths(12), null)).id(new UUID(0, 1));
    Bought never = bought(old, "5");
    Bought onTheDay = used(bought(old.id(new UUID(0, 2)), "6"), 1, year);
    Bought after = used(bought(old.id(new UUID(0, 3)), "7"), 1, year.plusDays(1));
    Bought young = bought(brush().dates(printed(year.plusDays(1), null)).id(new UUID(0, 4)), "8");
    Bought unknown = bought(brush().id(new UUID(0, 5)), "9");
    Bought worthless = bought(old.id(new UUID(0, 6)), "0");
    List<Bought> all = List.of(never, onTheDay, after, young, unknown, worthless);
    KitValue kit = KitValue.of(all, GivenMoney.prices(all), HouseRules.USUAL, TODAY);
    assertThat(kit.unusedFor(12, TODAY))
        .extracting(one -> one.bought().item().id())
        .containsExactly(new UUID(0, 2), new UUID(0, 1));
    assertThat(kit.sum(kit.unusedFor(12, TODAY)))
        .isEqualTo(new Money(euros("11.00").amount(), EUR));
  }
}
