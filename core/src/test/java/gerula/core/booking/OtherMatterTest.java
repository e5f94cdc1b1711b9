package gerula.core.booking;

import static gerula.core.booking.GivenBooking.booking;
import static gerula.core.booking.GivenBooking.face;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.ProductClass;
import gerula.core.rule.HouseRules;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Where artists disagree beside cleaning: what each way takes of the bookings ahead. */
class OtherMatterTest {

  private static final Booking DAY =
      booking(
          1,
          Set.of(Condition.DAYLIGHT),
          face(5, Service.SKIN_PREPARATION, Service.BASE, Service.MASCARA, Service.TOUCH_UP_KIT));

  private static OtherMatter.OtherMatterOfHouse told(OtherMatter matter, Item... kit) {
    return matter.told(List.of(kit), List.of(DAY, DAY), HouseRules.USUAL);
  }

  @Test
  void wandsJarsFilterAndPreparationAreCountedOverTheBookings() {
    assertThat(told(OtherMatter.WANDS).ways())
        .extracting(OtherMatter.OtherWay::code, OtherMatter.OtherWay::pieces)
        .containsExactly(
            org.assertj.core.groups.Tuple.tuple("three", 6),
            org.assertj.core.groups.Tuple.tuple("two", 4),
            org.assertj.core.groups.Tuple.tuple("five", 10),
            org.assertj.core.groups.Tuple.tuple("eight", 16));
    assertThat(told(OtherMatter.TOUCH_UP).ways())
        .extracting(OtherMatter.OtherWay::pieces)
        .containsExactly(2, 0, 0);
    assertThat(told(OtherMatter.SUN_FILTER).ways())
        .extracting(OtherMatter.OtherWay::ml)
        .containsExactly(2.0, 2.0);
    assertThat(told(OtherMatter.PREPARATION).ways().getFirst().ml()).isGreaterThan(10);
    assertThat(told(OtherMatter.PREPARATION).ways().getLast())
        .isEqualTo(new OtherMatter.OtherWay("client-prepared", 0, 0));
  }

  @Test
  void aFilterUnderEveryBaseGoesIndoorsTooAndNeverWhereFlashIsUsed() {
    Booking inside = booking(1, Set.of(), face(5, Service.BASE));
    Booking flash = booking(1, Set.of(Condition.FLASH), face(5, Service.BASE));
    List<OtherMatter.OtherWay> ways =
        OtherMatter.SUN_FILTER.told(List.of(), List.of(inside, flash), HouseRules.USUAL).ways();
    assertThat(ways).extracting(OtherMatter.OtherWay::ml).containsExactly(0.0, 1.0);
  }

  @Test
  void tubesAndRangesAreCountedInTheKit() {
    Item tube = Given.thing(ProductClass.CONCEALER, Form.LIQUID_DIP_APPLICATOR).item();
    Item gone =
        Given.thing(ProductClass.CONCEALER, Form.LIQUID_DIP_APPLICATOR).discarded(true).item();
    assertThat(told(OtherMatter.DIPS, tube, gone).things()).isOne();
    assertThat(
            told(
                    OtherMatter.RANGE,
                    base("line", "1"),
                    base("line", "2"),
                    base("line", "2"),
                    base("other", "9"))
                .things())
        .isEqualTo(2);
    assertThat(told(OtherMatter.REFILL, tube).things()).isZero();
  }

  private static Item base(String name, String shade) {
    return Given.thing(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE)
        .called(name, shade)
        .item();
  }

  @ParameterizedTest
  @EnumSource
  void theWayTheHouseGoesIsOneOfThoseThereAre(OtherMatter matter) {
    OtherMatter.OtherMatterOfHouse told = told(matter);
    assertThat(told.ways()).extracting(OtherMatter.OtherWay::code).contains(told.holds());
    assertThat(told.holds()).isEqualTo(told.ways().getFirst().code());
  }
}
