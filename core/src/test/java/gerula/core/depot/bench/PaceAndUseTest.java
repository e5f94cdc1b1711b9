package gerula.core.depot.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import gerula.core.depot.Content;
import gerula.core.depot.Thickness;
import gerula.core.depot.bench.Pace.Timed;
import gerula.core.depot.bench.UseRate.Used;
import gerula.core.kit.product.Form;
import gerula.core.quantity.Quantity;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Usual times and densities: from memory, replaced by the artist's own. */
class PaceAndUseTest {

  private static final LocalDate TODAY = LocalDate.of(2031, 4, 14);

  @Test
  void thePaceIsLearntOnceThreePiecesWereTimed() {
    Timed quick = new Timed(Handling.POUR, 60);
    Timed slow = new Timed(Handling.POUR, 180);
    Timed unfinished = new Timed(Handling.POUR, 0);
    assertThat(Pace.learnt(List.of(quick, slow, unfinished)).of(Handling.POUR)).isEqualTo(4);
    Pace learnt = Pace.learnt(List.of(quick, slow, slow, new Timed(Handling.SCOOP, 600)));
    assertThat(learnt.of(Handling.POUR)).isCloseTo(140 / 60.0, within(1e-9));
    assertThat(learnt.of(Handling.SCOOP)).isEqualTo(4);
    assertThat(Pace.USUAL.of(Handling.POUR_SLOWLY)).isEqualTo(12);
    assertThat(Pace.USUAL.of(Handling.LIFT_COLD)).isEqualTo(2);
    assertThat(Pace.USUAL.of(Handling.SOFTEN_WITH_HEAT)).isEqualTo(6);
  }

  @Test
  void useIsLearntFromTheLastHalfYear() {
    Quantity pack = Quantity.millilitres(30);
    assertThat(UseRate.of(List.of(), pack, TODAY))
        .isEqualTo(new UseRate(pack, 12, UseRate.Basis.ASSUMED));
    assertThat(UseRate.of(List.of(), pack, TODAY).perMonth()).isEqualTo(2.5);
    Used once = new Used(TODAY.minusDays(61), 1, 4000);
    assertThat(UseRate.of(List.of(once), pack, TODAY).basis()).isEqualTo(UseRate.Basis.ASSUMED);
    // 6 ml in 61 days, a little more than two months.
    UseRate learnt = UseRate.of(List.of(once, new Used(TODAY, 1, 2000)), pack, TODAY);
    assertThat(learnt.basis()).isEqualTo(UseRate.Basis.LEARNT);
    assertThat(learnt.perMonth()).isCloseTo(6 / (61 / (365.25 / 12)), within(1e-9));
    // Taken twice on one day is twice.
    assertThat(UseRate.of(List.of(new Used(TODAY, 2, 3000)), pack, TODAY).basis())
        .isEqualTo(UseRate.Basis.LEARNT);
    // Uses of one day count as those of a month.
    Used today = new Used(TODAY, 1, 1500);
    assertThat(UseRate.of(List.of(today, today), pack, TODAY).perMonth()).isEqualTo(3);
    Used old = new Used(TODAY.minusDays(184), 1, 9000);
    Used justRecent = new Used(TODAY.minusDays(183), 1, 9000);
    assertThat(UseRate.of(List.of(once, old), pack, TODAY).basis())
        .isEqualTo(UseRate.Basis.ASSUMED);
    assertThat(UseRate.of(List.of(once, justRecent), pack, TODAY).basis())
        .isEqualTo(UseRate.Basis.LEARNT);
    Used ahead = new Used(TODAY.plusDays(1), 1, 9000);
    assertThat(UseRate.of(List.of(once, ahead), pack, TODAY).basis())
        .isEqualTo(UseRate.Basis.ASSUMED);
  }

  @Test
  void whatIsUsedInAWhileIsRoundedDown() {
    UseRate rate = new UseRate(Quantity.millilitres(1), 3, UseRate.Basis.LEARNT);
    assertThat(rate.in(2)).isEqualTo(Quantity.millilitres(0.666));
    assertThat(rate.in(3)).isEqualTo(Quantity.millilitres(1));
    assertThat(rate.in(-1)).isEqualTo(Quantity.millilitres(0));
    assertThatThrownBy(() -> new UseRate(Quantity.millilitres(1), 0, UseRate.Basis.LEARNT))
        .hasMessageContaining("more than 0 months");
  }

  private static Content content(Form form, Double alcohol, boolean solvent, boolean glitter) {
    return new Content(form, Thickness.THIN, false, glitter, false, solvent, false, alcohol);
  }

  @Test
  void cautionsStandWhereTheHandWouldBeHurt() {
    assertThat(Handling.cautions(content(Form.THIN_SPRAY, 70.0, false, false)))
        .containsExactly(Caution.KEEP_FROM_FLAME);
    assertThat(Handling.cautions(content(Form.THIN_SPRAY, 50.0, false, false)))
        .containsExactly(Caution.KEEP_FROM_FLAME);
    assertThat(Handling.cautions(content(Form.THIN_SPRAY, 49.9, false, false))).isEmpty();
    assertThat(Handling.cautions(content(Form.LIQUID_PUMP_OR_SQUEEZE, null, true, false)))
        .containsExactly(Caution.KEEP_FROM_FLAME);
    assertThat(Handling.cautions(Content.usual(Form.STICK)))
        .containsExactly(Caution.HOT_PLATE, Caution.ALCOHOL_DRY_FIRST);
    assertThat(Handling.cautions(Content.usual(Form.LOOSE_POWDER))).containsExactly(Caution.DUST);
    assertThat(Handling.cautions(content(Form.CREAM, null, false, true)))
        .containsExactly(Caution.DUST);
    assertThat(Handling.cautions(Content.usual(Form.CREAM))).isEqualTo(Set.of());
    Content sunscreen =
        new Content(
            Form.LIQUID_PUMP_OR_SQUEEZE, Thickness.MEDIUM, false, false, true, false, false, null);
    assertThat(Handling.cautions(sunscreen)).containsExactly(Caution.SUNSCREEN_IN_ITS_PACK);
  }

  @ParameterizedTest
  @CsvSource({
    "PRESSED_POWDER, LIFT_COLD",
    "LOOSE_POWDER, SCOOP",
    "CREAM, SCOOP",
    "LIPSTICK_BULLET, SOFTEN_WITH_HEAT",
    "STICK, SOFTEN_WITH_HEAT",
    "BALM, SCOOP",
    "SETTING_CREAM, SCOOP",
    "LIQUID_PUMP_OR_SQUEEZE, POUR",
    "LIQUID_DIP_APPLICATOR, POUR",
    "THIN_SPRAY, POUR",
    "STICKY_SPRAY, POUR",
    "WATER_ACTIVATED_PAINT, SCOOP",
  })
  void everyFormIsHandledInItsWay(Form form, Handling handling) {
    assertThat(Handling.of(Content.usual(form))).isEqualTo(handling);
  }

  @Test
  void aThickLiquidIsPouredSlowly() {
    Content thick =
        new Content(
            Form.LIQUID_PUMP_OR_SQUEEZE, Thickness.THICK, false, false, false, false, false, null);
    assertThat(Handling.of(thick)).isEqualTo(Handling.POUR_SLOWLY);
  }
}
