package gerula.core.depot.lineage;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.dates.PackDates;
import gerula.core.depot.bench.UseRate;
import gerula.core.depot.lineage.Refill.WashReason;
import gerula.core.kit.Given;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.ItemBuilder;
import gerula.core.kit.item.SpoilageReport;
import gerula.core.kit.item.Vessel;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** Topping up and washing: common practice. */
class RefillTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);
  private static final UUID PRODUCT = UUID.randomUUID();

  private static PackDates opened(@Nullable LocalDate on) {
    return new PackDates(null, LocalDate.of(2031, 1, 2), on, null, null);
  }

  private static Given.Thing pack(@Nullable LocalDate openedOn, double left) {
    return Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
        .content(Quantity.millilitres(30))
        .left(Quantity.millilitres(left))
        .dates(opened(openedOn));
  }

  private static Given.Thing bottle(double left) {
    return pack(LocalDate.of(2031, 3, 1), left)
        .vessel(
            new Vessel.Decant(Container.POINTED_SQUEEZE_BOTTLE, Quantity.millilitres(10), null));
  }

  /** All of one product. */
  private static Item same(Given.Thing thing) {
    Item item = thing.item();
    return ItemBuilder.builder(item)
        .id(UUID.randomUUID())
        .product(
            Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
                .id(PRODUCT)
                .content(Quantity.millilitres(30))
                .product())
        .home(null)
        .now(null)
        .askBackOn(null)
        .slot(null)
        .isUsedFirst(false)
        .build();
  }

  private static Refill.RefillFacts facts(Item container, int fillings, double perMonth) {
    UseRate use = UseRate.told(Quantity.millilitres(perMonth));
    return new Refill.RefillFacts(container, fillings, use, TODAY, HouseRules.USUAL);
  }

  private static Refill refill(Item container, Item... kit) {
    return Refill.of(facts(container, 1, 0), Arrays.asList(kit)).orElseThrow();
  }

  @Test
  void theOpenPackThatEndsFirstIsUsedFirst() {
    Item container = same(bottle(2));
    Item sealed = same(pack(null, 30));
    Item later = same(pack(LocalDate.of(2031, 3, 20), 20));
    Item first = same(pack(LocalDate.of(2031, 3, 5), 20));
    assertThat(refill(container, sealed, later, first, container).source()).isEqualTo(first);
    assertThat(refill(container, sealed).source()).isEqualTo(sealed);
  }

  @Test
  void nothingIsFilledFromWhatIsOutOfUse() {
    Item container = same(bottle(2));
    Item past = same(pack(LocalDate.of(2030, 1, 1), 20));
    Item none = same(pack(TODAY, 0));
    Item dirty = same(pack(TODAY, 20).cleanliness(Cleanliness.CONTAMINATED));
    Item off =
        same(
            pack(TODAY, 20)
                .spoilage(new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.SMELL))));
    Item other = pack(TODAY, 20).item();
    assertThat(Refill.of(facts(container, 1, 0), List.of(past, none, dirty, off, other, container)))
        .isEmpty();
  }

  @Test
  void asMuchAsGoesInIsLeftAndIsUsedInTime() {
    Item container = same(bottle(2));
    Item source = same(pack(LocalDate.of(2031, 3, 5), 20));
    // 9.5 ml of the 10, less 2 that are in it.
    assertThat(refill(container, source).amount()).isEqualTo(Quantity.millilitres(7.5));
    Item low = same(pack(LocalDate.of(2031, 3, 5), 3));
    assertThat(refill(container, low).amount()).isEqualTo(Quantity.millilitres(3));
    // Ends on 1 March 2032: 323 days, 10.61 months of 0.5 ml, less 2 ml.
    Refill slow = Refill.of(facts(container, 1, 0.5), List.of(source)).orElseThrow();
    assertThat(slow.amount().amount().doubleValue()).isBetween(3.30, 3.31);
  }

  @Test
  void aToppedUpContainerKeepsTheEarliestDateAWashedOneGetsTheSources() {
    Item container = same(bottle(2));
    Item source = same(pack(LocalDate.of(2031, 3, 20), 20));
    Refill refill = refill(container, source);
    assertThat(refill.washFirst()).isEmpty();
    assertThat(refill.toppedUp().lastDay()).isEqualTo(LocalDate.of(2032, 3, 1));
    assertThat(refill.washed().lastDay()).isEqualTo(LocalDate.of(2032, 3, 20));
    // A sealed pack is opened by pouring from it.
    assertThat(refill(container, same(pack(null, 30))).washed().lastDay())
        .isEqualTo(TODAY.plusMonths(12));
  }

  @Test
  void washingIsDueWhenTheRestWouldSpoilWhatComesIn() {
    Item source = same(pack(LocalDate.of(2031, 4, 1), 20));
    assertThat(refill(same(bottle(2)), source).washFirst()).isEmpty();
    // 1 March against 1 April 2032: 31 days; one more is too many.
    assertThat(refill(same(bottle(2).dates(opened(LocalDate.of(2031, 2, 28)))), source).washFirst())
        .containsExactly(WashReason.REST_SHORTENS_IT);
    assertThat(refill(same(bottle(0)), source).washFirst()).containsExactly(WashReason.IS_EMPTY);
    assertThat(refill(same(bottle(2).dates(opened(LocalDate.of(2030, 4, 13)))), source).washFirst())
        .contains(WashReason.REST_IS_PAST);
    assertThat(refill(same(bottle(2).cleanliness(Cleanliness.CONTAMINATED)), source).washFirst())
        .containsExactly(WashReason.REST_IS_CONTAMINATED);
    assertThat(
            refill(
                    same(
                        bottle(2)
                            .spoilage(
                                new SpoilageReport(TODAY, Set.of(SpoilageReport.Sense.LOOK)))),
                    source)
                .washFirst())
        .containsExactly(WashReason.REST_HAS_CHANGED);
    assertThat(Refill.of(facts(same(bottle(2)), 3, 0), List.of(source)).orElseThrow().washFirst())
        .containsExactly(WashReason.TOPPED_UP_OFTEN);
    assertThat(Refill.of(facts(same(bottle(2)), 2, 0), List.of(source)).orElseThrow().washFirst())
        .isEmpty();
  }

  @Test
  void aWashedContainerHasAllItsRoom() {
    Item container = same(bottle(2).cleanliness(Cleanliness.CONTAMINATED));
    Item source = same(pack(LocalDate.of(2031, 3, 20), 20));
    assertThat(refill(container, source).amount()).isEqualTo(Quantity.millilitres(9.5));
  }
}
