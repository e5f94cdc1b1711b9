package gerula.core.packing.travel;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.item.Item;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.packing.travel.BaggageCheck.Checked;
import gerula.core.packing.travel.BaggageCheck.Packed;
import gerula.core.packing.travel.TravelPiece.Measure;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.Code;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A kit as a carrier sees it, packed into cabin and hold. */
class BaggageCheckTest {

  private static Item item(ProductClass of, Form form, double ml) {
    return Given.thing(of, form).content(Quantity.millilitres(ml)).item();
  }

  private static Checked check(Item item, @Nullable Double wattHours, boolean isInHold) {
    return BaggageCheck.of(List.of(new Packed(TravelPieces.of(item, wattHours), isInHold)))
        .pieces()
        .getFirst();
  }

  @ParameterizedTest
  @CsvSource({
    "foundation, liquid-pump-or-squeeze, liquid, true",
    "mascara, mascara, liquid, true",
    "lip-gloss, liquid-dip-applicator, liquid, true",
    "concealer, cream, cream, true",
    "lip-colour, lipstick-bullet, other, false",
    "eye-pencil, sharpenable-pencil, other, false",
    "face-powder, loose-powder, powder, false",
    "hair-spray, aerosol, aerosol, true",
    "airbrush-cleaner, aerosol, aerosol, false",
    "alcohol-70, thin-spray, liquid, true",
    "alcohol-99, thin-spray, flammable-liquid, true",
    "adhesive-remover, liquid-pump-or-squeeze, flammable-liquid, true",
    "razor, metal-tool, blade, false",
    "tweezers, metal-tool, tool, false",
    "scissors, metal-tool, scissors, false",
    "power-bank, electrical-tool, lithium-spare, false"
  })
  void thingsAreSeenAsACarrierSeesThem(String of, String form, String kind, boolean isToiletry) {
    TravelPiece piece =
        TravelPieces.of(item(Code.of(ProductClass.class, of), Code.of(Form.class, form), 30), null);
    assertThat(piece.kind().code()).isEqualTo(kind);
    if (piece.kind() != TravelKind.FLAMMABLE_LIQUID) {
      assertThat(piece.isToiletry()).isEqualTo(isToiletry);
    }
  }

  /** A solvent is none, whatever part of the work it belongs to. */
  @Test
  void whatBurnsAndIsNoToiletryStaysAtHome() {
    for (Item item :
        List.of(
            item(ProductClass.ALCOHOL_99, Form.THIN_SPRAY, 30),
            Given.thing(ProductClass.SKIN_ADHESIVE, Form.ADHESIVE)
                .content(Quantity.millilitres(10))
                .traits(Set.of(Trait.FLAMMABLE))
                .item())) {
      for (boolean isInHold : new boolean[] {false, true}) {
        Checked checked = check(item, null, isInHold);
        assertThat(checked.here()).isEqualTo(Verdict.NO);
        assertThat(checked.advice()).containsExactly(TravelAdvice.BUY_THERE);
      }
    }
  }

  @Test
  void aLargeBottleIsDecantedOrGoesIntoTheHold() {
    Item half =
        Given.thing(ProductClass.MOISTURISER, Form.LIQUID_PUMP_OR_SQUEEZE)
            .content(Quantity.millilitres(150))
            .left(Quantity.millilitres(60))
            .item();
    Checked cabin = check(half, null, false);
    assertThat(cabin.here()).isEqualTo(Verdict.NO);
    assertThat(cabin.advice())
        .containsExactly(TravelAdvice.DECANT_TO_100_ML, TravelAdvice.HOLD_INSTEAD);
    assertThat(cabin.isTold()).isTrue();
    Checked hold = check(half, null, true);
    assertThat(hold.here()).isEqualTo(Verdict.YES);
    assertThat(hold.advice()).isEmpty();
    Checked small = check(item(ProductClass.PRIMER, Form.LIQUID_PUMP_OR_SQUEEZE, 30), null, false);
    assertThat(small.isTold()).isFalse();
  }

  @Test
  void aPowerBankGoesIntoTheCabinAndOneThatSaysNothingIsToBeLookedAt() {
    Item bank = Given.thing(ProductClass.POWER_BANK, Form.ELECTRICAL_TOOL).item();
    // 20,000 mAh at 3.7 V.
    Checked hold = check(bank, 74.0, true);
    assertThat(hold.here()).isEqualTo(Verdict.NO);
    assertThat(hold.advice()).containsExactly(TravelAdvice.CABIN_INSTEAD);
    assertThat(check(bank, 74.0, false).here()).isEqualTo(Verdict.YES);
    assertThat(check(bank, 120.0, false).advice()).containsExactly(TravelAdvice.ASK_THE_CARRIER);
    assertThat(check(bank, 200.0, false).advice()).containsExactly(TravelAdvice.BUY_THERE);
    Checked unknown = check(bank, null, false);
    assertThat(unknown.here()).isEqualTo(Verdict.ASK);
    assertThat(unknown.missing()).containsExactly(Measure.WATT_HOURS);
    assertThat(unknown.advice()).containsExactly(TravelAdvice.MEASURE_IT);
    Item light = Given.thing(ProductClass.BATTERY_LIGHT, Form.ELECTRICAL_TOOL).item();
    assertThat(TravelPieces.of(light, 20.0).kind()).isEqualTo(TravelKind.LITHIUM_INSTALLED);
  }

  @Test
  void scissorsGoByTheirBladesWhereTheyWereMeasured() {
    Given.Thing scissors = Given.thing(ProductClass.SCISSORS, Form.METAL_TOOL);
    assertThat(check(scissors.item(), null, false).missing()).containsExactly(Measure.BLADE_MM);
    Item small =
        scissors.measures(new Measures(Outline.LONG, 50, 110, 8, Mass.ofGrams(30L))).item();
    assertThat(check(small, null, false).here()).isEqualTo(Verdict.YES);
    Item large =
        scissors.measures(new Measures(Outline.LONG, 70, 160, 8, Mass.ofGrams(60L))).item();
    assertThat(check(large, null, false).advice()).containsExactly(TravelAdvice.HOLD_INSTEAD);
  }

  @Test
  void onlyWhatGoesIntoTheCabinFillsTheBagOfLiquids() {
    Item base = item(ProductClass.FOUNDATION, Form.LIQUID_PUMP_OR_SQUEEZE, 30);
    Item spray = item(ProductClass.WATER_SPRAY, Form.THIN_SPRAY, 80);
    BaggageCheck check =
        BaggageCheck.of(
            List.of(
                new Packed(TravelPieces.of(base, null), false),
                new Packed(TravelPieces.of(spray, null), true)));
    assertThat(check.liquids().ml()).isEqualTo(30);
    assertThat(check.toiletries().volumeMl()).isEqualTo(110);
    assertThat(check.spares().fits()).isTrue();
  }
}
