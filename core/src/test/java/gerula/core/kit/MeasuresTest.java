package gerula.core.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.dates.PackDates;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import java.util.Set;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class MeasuresTest {

  @ParameterizedTest
  @EnumSource(Form.class)
  void everyFormHasAnEstimateAndMoreContentIsNeverSmallerOrLighter(Form form) {
    Measures before = product(form, 1, null).measuresOrEstimate();
    for (double content : new double[] {2, 5, 30, 100, 500, 5000}) {
      Measures after = product(form, content, null).measuresOrEstimate();
      assertThat(after.widthMm()).isGreaterThanOrEqualTo(before.widthMm());
      assertThat(after.heightMm()).isGreaterThanOrEqualTo(before.heightMm());
      assertThat(after.mass()).isGreaterThanOrEqualTo(before.mass());
      before = after;
    }
  }

  @ParameterizedTest
  @ValueSource(doubles = {5, 30, 100, 250})
  void aBottleHoldsWhatItIsSaidToHold(double millilitres) {
    Measures bottle = product(Form.LIQUID_PUMP_OR_SQUEEZE, millilitres, null).measuresOrEstimate();
    double outerMillilitres =
        Math.PI / 4 * bottle.widthMm() * bottle.widthMm() * bottle.heightMm() / 1000;
    assertThat(outerMillilitres).isGreaterThan(millilitres);
    assertThat(bottle.outline()).isEqualTo(Outline.ROUND);
  }

  @Test
  void ownMeasuresGoBeforeTheEstimate() {
    Measures own = new Measures(Outline.FLAT, 10, 20, 5, new Mass(77));
    assertThat(product(Form.CREAM, 30, own).measuresOrEstimate()).isEqualTo(own);
  }

  @Test
  void whatIsUsedUpWeighsNoMore() {
    Measures own = new Measures(Outline.ROUND, 40, 40, 40, new Mass(50));
    assertThat(item(product(Form.CREAM, 30, own), 30).mass()).isEqualTo(new Mass(50));
    assertThat(item(product(Form.CREAM, 30, own), 10).mass()).isEqualTo(new Mass(30));
    assertThat(item(product(Form.CREAM, 30, own), 0).mass()).isEqualTo(new Mass(20));
  }

  @ParameterizedTest
  @ValueSource(ints = {0, -1, 3001})
  void aLengthOutsideTheRuleIsRefused(int millimetres) {
    Mass mass = new Mass(1);
    assertThatThrownBy(() -> new Measures(Outline.FLAT, millimetres, 1, 1, mass))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("width", "1 and 3000", String.valueOf(millimetres));
  }

  @Test
  void aMassIsNeverNegative() {
    assertThatThrownBy(() -> new Mass(-1)).isInstanceOf(IllegalArgumentException.class);
  }

  private static Product product(Form form, double content, @Nullable Measures own) {
    return new Product(
        new UUID(0, 1),
        "",
        "thing",
        "",
        ProductClass.PRIMER,
        form,
        Quantity.millilitres(content),
        null,
        Set.of(),
        Set.of(),
        own);
  }

  private static Item item(Product product, double left) {
    return new Item(
        new UUID(0, 2),
        product,
        PackDates.UNKNOWN,
        Quantity.millilitres(left),
        null,
        null,
        Cleanliness.CLEAN,
        false,
        false);
  }
}
