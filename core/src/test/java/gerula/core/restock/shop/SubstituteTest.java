package gerula.core.restock.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.core.kit.Given;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Quantity;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SubstituteTest {

  private static Given.Thing lip(String shade, String colour) {
    return Given.thing(ProductClass.LIP_COLOUR, Form.LIPSTICK_BULLET)
        .called("Bullet", shade)
        .coloured(colour);
  }

  private static OptionalDouble distance(Product one, Product other) {
    return Substitute.distance(one, other, 2);
  }

  @Test
  void aColourWithinTheHousesDistanceDoes() {
    Product rose = lip("rose", "#c47a78").product();
    assertThat(distance(rose, lip("salt rose", "#c57b79").product()).orElseThrow())
        .isBetween(0.01, 2.0);
    assertThat(distance(rose, lip("brick", "#9c4033").product())).isEmpty();
    assertThat(Substitute.distance(rose, lip("brick", "#9c4033").product(), 200)).isPresent();
    assertThat(distance(rose, rose)).isEmpty();
  }

  /** Where a colour was not measured, what is called the same and lies at the same depth does. */
  @Test
  void withoutAColourTheWordsDecide() {
    Product told =
        Given.thing(ProductClass.FOUNDATION, Form.CREAM)
            .called("A", "3 ivory")
            .depth(3.0)
            .product();
    Given.Thing other = Given.thing(ProductClass.FOUNDATION, Form.CREAM).called("B", "3 Ivory");
    assertThat(distance(told, other.depth(3.0).product()).orElseThrow()).isCloseTo(0, within(0.0));
    assertThat(distance(told, other.depth(4.0).product())).isEmpty();
    assertThat(distance(told, other.depth(null).product())).isEmpty();
    assertThat(
            distance(
                told,
                Given.thing(ProductClass.FOUNDATION, Form.CREAM)
                    .called("B", "4 sand")
                    .depth(3.0)
                    .product()))
        .isEmpty();
  }

  @Test
  void theColourOfABottleSaysNothingOfACleanser() {
    Product milk =
        Given.thing(ProductClass.CLEANSER, Form.CREAM)
            .called("Milk", "")
            .coloured("#ffffff")
            .product();
    Product gel =
        Given.thing(ProductClass.CLEANSER, Form.CREAM)
            .called("Gel", "")
            .coloured("#000000")
            .product();
    assertThat(distance(milk, gel)).isPresent();
  }

  /** All are black: what tells them apart is what they are called. */
  @Test
  void theColourOfLashesIsNotTheirShade() {
    Product full = lashes("Strip", "full 8");
    assertThat(distance(full, lashes("Band", "natural 5"))).isEmpty();
    assertThat(distance(full, lashes("Band", "full 8"))).isPresent();
  }

  private static Product lashes(String name, String shade) {
    return Given.thing(ProductClass.STRIP_LASHES, Form.LASHES)
        .id(UUID.randomUUID())
        .called(name, shade)
        .coloured("#101010")
        .product();
  }

  @Test
  void classFormUnitTraitsAndFurtherUsesHaveToFit() {
    Product wanted = lip("rose", "#c47a78").traits(Set.of(Trait.MATTE)).product();
    assertThat(distance(wanted, lip("a", "#c47a78").product())).isEmpty();
    assertThat(distance(wanted, lip("a", "#c47a78").traits(Set.of(Trait.MATTE)).product()))
        .isPresent();
    Product plain = lip("rose", "#c47a78").product();
    assertThat(
            distance(
                plain,
                Given.thing(ProductClass.LIP_GLOSS, Form.LIPSTICK_BULLET)
                    .called("g", "a")
                    .coloured("#c47a78")
                    .product()))
        .isEmpty();
    assertThat(
            distance(
                plain,
                Given.thing(ProductClass.LIP_COLOUR, Form.CREAM)
                    .called("g", "a")
                    .coloured("#c47a78")
                    .product()))
        .isEmpty();
    assertThat(distance(plain, lip("a", "#c47a78").content(Quantity.pieces(1)).product()))
        .isEmpty();
    Product both = lip("rose", "#c47a78").alsoServing(ProductClass.BLUSH).product();
    assertThat(distance(both, plain)).isEmpty();
    assertThat(distance(plain, both)).isPresent();
    assertThat(distance(plain, lip("a", "#c47a78").shades(1.0, 2.0).product())).isEmpty();
  }
}
