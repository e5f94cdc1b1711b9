package gerula.core.packing.lift;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.place.PlaceKind;
import gerula.core.quantity.Mass;
import gerula.core.rule.LoadRules;
import org.junit.jupiter.api.Test;

/** What one person lifts, wears or carries. */
class BagLiftTest {

  private static BagLift of(PlaceKind kind, long grams, boolean isCarried) {
    return BagLift.of(kind, Mass.ofGrams(grams), isCarried, LoadRules.USUAL);
  }

  @Test
  void aCaseIsLiftedIntoABoot() {
    BagLift lift = of(PlaceKind.CASE, 14_000, false);
    assertThat(lift.how()).isEqualTo(BagLift.How.LIFTED);
    // 23 kg x 25/38 x (1 - 0.003 x 40) x (0.82 + 4.5/40), by the equation of NIOSH 94-110.
    assertThat(lift.limit()).isEqualTo(Mass.ofGrams(12_417L));
    assertThat(lift.over()).isEqualTo(Mass.ofGrams(1_583L));
    assertThat(of(PlaceKind.CASE, 12_000, false).over()).isEqualTo(Mass.NONE);
  }

  @Test
  void whatIsWornOrCarriedGoesByTheHouse() {
    BagLift worn = of(PlaceKind.SET_BAG, 4_300, false);
    assertThat(worn.how()).isEqualTo(BagLift.How.WORN);
    assertThat(worn.over()).isEqualTo(Mass.ofGrams(300L));
    assertThat(of(PlaceKind.BELT, 1_000, false).how()).isEqualTo(BagLift.How.WORN);
    BagLift carried = of(PlaceKind.BACKPACK, 11_400, false);
    assertThat(carried.how()).isEqualTo(BagLift.How.CARRIED);
    assertThat(carried.over()).isEqualTo(Mass.ofGrams(3_400L));
    // Where wheels do not roll a case is carried as well.
    assertThat(of(PlaceKind.CASE, 9_000, true).how()).isEqualTo(BagLift.How.CARRIED);
  }
}
