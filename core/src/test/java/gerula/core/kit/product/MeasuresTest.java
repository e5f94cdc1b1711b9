package gerula.core.kit.product;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.core.kit.Given;
import gerula.core.kit.item.Container;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Vessel;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
    Measures own = new Measures(Outline.FLAT, 10, 20, 5, Mass.ofGrams(77));
    assertThat(product(Form.CREAM, 30, own).measuresOrEstimate()).isEqualTo(own);
  }

  @Test
  void whatIsUsedUpWeighsNoMore() {
    Measures own = new Measures(Outline.ROUND, 40, 40, 40, Mass.ofGrams(50));
    assertThat(thing(Form.CREAM, 30, own).left(Quantity.millilitres(30)).item().mass())
        .isEqualTo(Mass.ofGrams(50));
    assertThat(thing(Form.CREAM, 30, own).left(Quantity.millilitres(10)).item().mass())
        .isEqualTo(Mass.ofGrams(30));
    assertThat(thing(Form.CREAM, 30, own).left(Quantity.millilitres(0)).item().mass())
        .isEqualTo(Mass.ofGrams(20));
  }

  @Test
  void aBoxOfAHundredIsHeavierThanOneOfTen() {
    Measures own = new Measures(Outline.FLAT, 60, 60, 40, Mass.ofGrams(100));
    Given.Thing wands =
        Given.thing(ProductClass.WAND, Form.SINGLE_USE).content(Quantity.pieces(100)).measures(own);
    assertThat(wands.left(Quantity.pieces(200)).item().mass()).isEqualTo(Mass.ofGrams(200));
    assertThat(wands.left(Quantity.pieces(50)).item().mass()).isEqualTo(Mass.ofGrams(50));
  }

  @ParameterizedTest
  @EnumSource(Container.class)
  void aDecantIsSmallerAndLighterThanThePackItCameFrom(Container container) {
    Vessel five = new Vessel.Decant(container, Quantity.millilitres(5), null);
    Item pack = thing(Form.LIQUID_PUMP_OR_SQUEEZE, 50, null).item();
    Item decant =
        thing(Form.LIQUID_PUMP_OR_SQUEEZE, 50, null)
            .left(Quantity.millilitres(5))
            .vessel(five)
            .item();
    assertThat(decant.size()).isEqualTo(Quantity.millilitres(5));
    assertThat(decant.mass()).isLessThan(pack.mass());
    assertThat(decant.isEstimated()).isTrue();
    double outer =
        decant.measures().widthMm() * decant.measures().depthMm() * decant.measures().heightMm();
    assertThat(outer / 1000).isGreaterThan(5);
  }

  @ParameterizedTest
  @ValueSource(ints = {0, -1, 3001})
  void aLengthOutsideTheRuleIsRefused(int millimetres) {
    Mass mass = Mass.ofGrams(1);
    assertThatThrownBy(() -> new Measures(Outline.FLAT, millimetres, 1, 1, mass))
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContainingAll("width", "1 and 3000", String.valueOf(millimetres));
  }

  @Test
  void aMassIsNeverNegative() {
    assertThatThrownBy(() -> Mass.ofGrams(-1)).isInstanceOf(IllegalArgumentException.class);
  }

  private static Product product(Form form, double content, @Nullable Measures own) {
    return thing(form, content, own).product();
  }

  private static Given.Thing thing(Form form, double content, @Nullable Measures own) {
    return Given.thing(ProductClass.PRIMER, form)
        .content(Quantity.millilitres(content))
        .measures(own);
  }

  /** Worked out by hand from what the estimate says of itself: about twice as large as inside. */
  @ParameterizedTest
  @CsvSource({
    // 2.1 * 30 + 4 = 67 cm3, 2.4 times as high as wide: 32.88 mm.
    "LIQUID_PUMP_OR_SQUEEZE, 30, ML, 33, 33, 79, 47",
    "CREAM, 10, G, 38, 38, 23, 21",
    "PRESSED_POWDER, 9, G, 49, 49, 12, 20",
    "SINGLE_USE, 50, PIECE, 81, 57, 41, 50",
    "SINGLE_USE, 5, ML, 60, 42, 30, 20",
    "BRUSH_SYNTHETIC, 1, PIECE, 12, 180, 12, 12",
    "BRUSH_SYNTHETIC, 2, PIECE, 70, 200, 30, 24",
  })
  void estimatesFollowFromFormAndContent(
      Form form, int content, Unit unit, int width, int depth, int height, int grams) {
    Product product =
        Given.thing(ProductClass.OTHER, form)
            .content(new Quantity(content * Quantity.ONE, unit))
            .product();
    Measures estimate = product.measuresOrEstimate();
    assertThat(estimate.widthMm()).isEqualTo(width);
    assertThat(estimate.depthMm()).isEqualTo(depth);
    assertThat(estimate.heightMm()).isEqualTo(height);
    assertThat(estimate.mass()).isEqualTo(Mass.ofGrams(grams));
  }

  @Test
  void aJarIsAThirdLargerOutside() {
    // 1.35 * 10 + 0.6 = 14.1 cm3, 0.6 times as high as wide: 31.04 mm.
    Measures jar = Container.SCREW_JAR.estimate(Quantity.millilitres(10));
    assertThat(jar).isEqualTo(new Measures(Outline.ROUND, 31, 31, 19, Mass.ofGrams(16)));
  }
}
