package gerula.core.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.kit.product.Form;
import gerula.core.kit.product.Product;
import gerula.core.kit.product.ProductClass;
import gerula.core.kit.product.Trait;
import gerula.core.quantity.Quantity;
import gerula.core.rule.Code;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What is useless without what: common practice, one row a rule. */
class CompanionsTest {

  @ParameterizedTest(name = "{0} as {1} brings {2}")
  @CsvSource({
    "mascara, mascara, wand",
    "brow-gel, mascara, wand",
    "lip-gloss, liquid-dip-applicator, lip-applicator",
    "lip-colour, liquid-dip-applicator, lip-applicator",
    "eye-pencil, sharpenable-pencil, sharpener",
    "strip-lashes, lashes, lash-adhesive + tweezers + scissors",
    "cluster-lashes, lashes, lash-adhesive + tweezers + liner-applicator",
    "skin-adhesive, adhesive, adhesive-remover",
    "eye-shadow, alcohol-activated-palette, alcohol-99 + brush-set",
    "gel-liner, setting-cream, liner-brush + working-palette + spatula",
    "foundation, liquid-pump-or-squeeze, working-palette",
    "foundation, stick, working-palette + spatula",
    "concealer, liquid-dip-applicator, working-palette + spatula",
    "lip-colour, lipstick-bullet, working-palette + spatula",
    "moisturiser, cream, working-palette + spatula",
    "face-powder, loose-powder, puff | brush-set",
    "razor, other, shaving-foam + sharps-box",
    "lash-curler, metal-tool, curler-pads",
    "brush-set, brush-synthetic, clean-holder + dirty-holder",
    "battery-light, electrical-tool, power-bank | charger | phone-charger",
    "liquid-latex, latex-or-silicone, face-powder + adhesive-remover",
    "airbrush-colour, other, airbrush-gun + compressor + airbrush-hose + airbrush-cleaner",
    "compressor, electrical-tool, extension-lead | mains-lead",
    "jewels-or-glitter, loose-powder, mixing-medium | lash-adhesive + puff | brush-set",
  })
  void eachBringsItsOwn(String productClass, String form, String brought) {
    Set<Set<String>> expected =
        Arrays.stream(brought.split(" \\+ "))
            .map(group -> (Set<String>) new TreeSet<>(List.of(group.split(" \\| "))))
            .collect(Collectors.toSet());
    assertThat(
            groups(product(Code.of(ProductClass.class, productClass), Code.of(Form.class, form))))
        .isEqualTo(expected);
  }

  @Test
  void aPowderWithShimmerNeedsAMediumToHold() {
    Product pigment = product(ProductClass.EYE_SHADOW, Form.LOOSE_POWDER, Set.of(Trait.SHIMMER));
    assertThat(groups(pigment)).contains(Set.of("mixing-medium"));
  }

  /** Water and sanitiser are sprayed or pumped into the hand, never scooped from a palette. */
  @ParameterizedTest
  @EnumSource(
      value = ProductClass.class,
      names = {
        "HAND_SANITISER",
        "ALCOHOL_70",
        "WATER_SPRAY",
        "BRUSH_CLEANER",
        "MOISTURISER",
        "CLEANSER"
      })
  void whatNeverTouchesThePaletteAsksForNone(ProductClass productClass) {
    assertThat(groups(product(productClass, Form.LIQUID_PUMP_OR_SQUEEZE))).isEmpty();
  }

  private static Set<Set<String>> groups(Product product) {
    return Companions.of(product).stream()
        .map(
            group ->
                (Set<String>)
                    group.anyOf().stream()
                        .map(ProductClass::code)
                        .collect(Collectors.toCollection(TreeSet::new)))
        .collect(Collectors.toSet());
  }

  private static Product product(ProductClass productClass, Form form) {
    return product(productClass, form, Set.of());
  }

  private static Product product(ProductClass productClass, Form form, Set<Trait> traits) {
    return Given.thing(productClass, form).content(Quantity.pieces(1)).traits(traits).product();
  }

  /** A circle of companions would make each wait for the other. */
  @Test
  void noThingIsInTheEndItsOwnCompanion() {
    for (ProductClass start : ProductClass.values()) {
      Set<ProductClass> reached = EnumSet.noneOf(ProductClass.class);
      reach(start, reached);
      assertThat(reached).as("companions of " + start).doesNotContain(start);
    }
  }

  private static void reach(ProductClass from, Set<ProductClass> reached) {
    for (Form form : Form.values()) {
      Product product =
          Given.thing(from, form)
              .content(Quantity.pieces(1))
              .traits(EnumSet.allOf(Trait.class))
              .product();
      boolean isUsual = form == usualForm(from);
      for (Companions.Group group :
          isUsual ? Companions.of(product) : List.<Companions.Group>of()) {
        group.anyOf().stream().filter(reached::add).forEach(next -> reach(next, reached));
      }
    }
  }

  private static Form usualForm(ProductClass productClass) {
    return switch (productClass) {
      case MASCARA, BROW_GEL -> Form.MASCARA;
      case FACE_POWDER -> Form.LOOSE_POWDER;
      case LIP_GLOSS -> Form.LIQUID_DIP_APPLICATOR;
      case EYE_PENCIL, BROW_PENCIL, LIP_PENCIL -> Form.SHARPENABLE_PENCIL;
      case FOUNDATION, CONCEALER, PRIMER, MOISTURISER, MIXING_MEDIUM -> Form.CREAM;
      default -> Form.OTHER;
    };
  }
}
