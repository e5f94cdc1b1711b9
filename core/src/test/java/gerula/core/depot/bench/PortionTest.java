package gerula.core.depot.bench;

import static gerula.core.depot.Bench.ml;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.depot.Amounts;
import gerula.core.depot.Bench;
import gerula.core.depot.Content;
import gerula.core.depot.empties.ContainerFit;
import gerula.core.depot.empties.Empty;
import gerula.core.depot.empties.FitReason;
import gerula.core.depot.empties.FitReason.Verdict;
import gerula.core.kit.item.Container;
import gerula.core.kit.product.Form;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Volume;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a portion gains by a container, as docs/decisions tells it. */
class PortionTest {

  private static final ContainerFit FITS =
      new ContainerFit(Verdict.FITS, List.of(FitReason.MADE_FOR_IT));
  private static final ContainerFit CAUTION =
      new ContainerFit(Verdict.CAUTION, List.of(FitReason.SLOW_TO_FILL));
  private static final ContainerFit NO = new ContainerFit(Verdict.NO, List.of(FitReason.TOO_THICK));

  /** 40 ml of 1 g/ml in a pack of 60 g that takes 100 ml: 100 g and 100 ml carried. */
  private static Pack pack() {
    return Bench.pack("pack", Content.usual(Form.LIQUID_PUMP_OR_SQUEEZE), 40, 60, 100, 10, null);
  }

  private static Empty empty(double sizeMl, double tareG, double outerMl) {
    return Bench.empty(Container.POINTED_SQUEEZE_BOTTLE, sizeMl, tareG, outerMl, 1);
  }

  @Test
  void aContainerThatFitsLastsAndIsFullGainsMost() {
    // 19 ml wanted of 19 that go in; 25 of 100 ml, 19 + 6 of 100 g: three quarters saved of each.
    Portion portion = new Portion(0, 1, ml(19));
    assertThat(portion.value(pack(), empty(20, 6, 25), FITS))
        .isEqualTo(10_000 + 4_000 + 1_500 + 750);
    assertThat(portion.value(pack(), empty(20, 6, 25), CAUTION))
        .isEqualTo(6_000 + 4_000 + 1_500 + 750);
    assertThat(portion.value(pack(), empty(20, 6, 25), NO)).isZero();
  }

  @Test
  void whatIsTooSmallGainsByWhatItHoldsAndWhatIsTooLargeLosesByWhatStaysEmpty() {
    // Half of the 38 ml wanted goes in: 2,000; 25 of 100 ml and g.
    assertThat(new Portion(0, 1, ml(38)).value(pack(), empty(20, 6, 25), FITS))
        .isEqualTo(10_000 + 2_000 + 1_500 + 750);
    // A quarter full: 2,250 are lost; 4.75 + 6 of 100 g are 89.25 % less.
    assertThat(new Portion(0, 1, ml(4.75)).value(pack(), empty(20, 6, 25), FITS))
        .isEqualTo(Math.round(10_000 + 4_000 + 1_500 + 892.5 - 2_250));
  }

  @Test
  void ofSeveralPortionsEachIsHeldAgainstItsShareOfThePack() {
    // Two of 25 ml take 50 of 100 ml; two of 25 g weigh 50 of 100 g.
    assertThat(new Portion(0, 2, ml(19)).value(pack(), empty(20, 6, 25), FITS))
        .isEqualTo(10_000 + 4_000 + 1_000 + 500);
  }

  @ParameterizedTest
  @CsvSource({
    // sizeMl 20 holds 19: with tare and room, is less carried than 100 g and 100 ml?
    "81, 100, false",
    "80.9, 100, true",
    "81, 99.9, true",
    "200, 99.9, true",
    "80.9, 300, true",
    "200, 300, false",
  })
  void nothingIsMovedThatSavesNeitherRoomNorMass(double tareG, double outerMl, boolean saves) {
    Portion portion = new Portion(0, 1, ml(19));
    assertThat(portion.saves(pack(), empty(20, tareG, outerMl))).isEqualTo(saves);
    assertThat(portion.value(pack(), empty(20, tareG, outerMl), FITS) > 0).isEqualTo(saves);
  }

  @Test
  void whatIsHeavierOrLargerGainsNothingByIt() {
    // Larger than the pack, lighter by half: 19 + 31 of 100 g.
    assertThat(new Portion(0, 1, ml(19)).value(pack(), empty(20, 31, 150), FITS))
        .isEqualTo(10_000 + 4_000 + 500);
    // Heavier than the pack, smaller by half.
    assertThat(new Portion(0, 1, ml(19)).value(pack(), empty(20, 120, 50), FITS))
        .isEqualTo(10_000 + 4_000 + 1_000);
  }

  @Test
  void bounds() {
    assertThat(Amounts.volume("x", 100_000)).isEqualTo(ml(100_000));
    assertThat(Amounts.volume("x", 7.5)).isEqualTo(ml(7.5));
    assertThat(Amounts.volumeOrNone("x", 0)).isEqualTo(Volume.NONE);
    assertThat(Amounts.volumeOrNone("x", 100_000)).isEqualTo(ml(100_000));
    assertThat(Amounts.massOrNone("x", 100_000)).isEqualTo(Mass.ofGrams(100_000));
    assertThatThrownBy(() -> Amounts.volume("room", 0)).hasMessageContaining("room lies above 0");
    // So little that nothing of it is left once it is exact to a millionth.
    assertThatThrownBy(() -> Amounts.volume("room", 1e-9)).hasMessageContaining("above 0");
    assertThatThrownBy(() -> Amounts.volume("room", 100_001)).hasMessageContaining("100,000 ml");
    assertThatThrownBy(() -> Amounts.volumeOrNone("room", -0.1)).hasMessageContaining("room");
    assertThatThrownBy(() -> Amounts.volumeOrNone("room", Double.NaN)).hasMessageContaining("room");
    assertThatThrownBy(() -> Amounts.massOrNone("load", 100_001)).hasMessageContaining("100,000 g");
    assertThatThrownBy(() -> Amounts.massOrNone("load", Double.NaN)).hasMessageContaining("load");
  }
}
