package gerula.core.kit.product;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.kit.Given;
import gerula.core.rule.Code;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Swatches are invented, their families as an artist would sort them: common practice. */
class RolesTest {

  @ParameterizedTest(name = "{0} {1} is {2}")
  @CsvSource({
    "eye-shadow, #f1e4d8, eyes:matte-light",
    "eye-shadow, #b08d74, eyes:matte-mid",
    "eye-shadow, #3f2a22, eyes:matte-deep",
    "eye-shadow, #1f6f8b, eyes:bold",
    "eye-shadow, #c2185b, eyes:bold",
    "eye-pencil, #15120f, liner:black",
    "gel-liner, #4b2e20, liner:brown",
    "blush, #e8a0a8, blush:pink",
    "blush, #f0a884, blush:peach",
    "blush, #8e3b46, blush:berry",
    "contour, #b79c86, contour:light",
    "contour, #8a6d58, contour:mid",
    "contour, #4d3527, contour:deep",
    "bronzer, #c99a6b, bronzer:light",
    "bronzer, #6b4226, bronzer:deep",
    "highlighter, #f3e6da, highlighter:pale",
    "highlighter, #d9a441, highlighter:gold",
    "brow-pencil, #b09a7c, brows:fair",
    "brow-pencil, #847365, brows:taupe",
    "brow-pencil, #5e4a3a, brows:mid-brown",
    "brow-powder, #2e241e, brows:dark",
    "brow-pencil, #8a4b2c, brows:auburn",
    "brow-pencil, #8c8c8a, brows:grey",
    "lip-colour, #c99a86, lips:nude-light",
    "lip-colour, #9a6a58, lips:nude-mid",
    "lip-colour, #5d3a2e, lips:nude-deep",
    "lip-colour, #b5566a, lips:rose",
    "lip-colour, #b3121d, lips:red",
    "lip-colour, #6b1730, lips:red",
    "lip-pencil, #b5566a, lip-pencil:rose",
    "corrector, #b9d3a4, correct:green",
    "corrector, #f0b896, correct:peach",
    "corrector, #d9782d, correct:orange",
    "corrector, #c9493a, correct:red",
    "corrector, #c9b8dd, correct:lavender",
    "corrector, #f0dc8a, correct:yellow",
    "primer, #bcd6b0, correct:green",
  })
  void aColourTellsWhatItIsFor(String productClass, String hex, String role) {
    Product product =
        Given.thing(Code.of(ProductClass.class, productClass), Form.OTHER).coloured(hex).product();
    Roles roles = Roles.of(product);
    assertThat(codes(roles)).containsExactly(role);
    assertThat(roles.by()).isEqualTo(Roles.Source.COLOUR);
  }

  /** A base of the colour of skin corrects nothing, and a concealer is no corrector. */
  @ParameterizedTest
  @CsvSource({"primer, #f2e3d3", "concealer, #e3b98f", "concealer, #f0b896", "foundation, #c58c5c"})
  void skinIsNoCorrector(String productClass, String hex) {
    Product product =
        Given.thing(Code.of(ProductClass.class, productClass), Form.CREAM).coloured(hex).product();
    assertThat(Roles.of(product).are()).isEmpty();
  }

  @ParameterizedTest(name = "{0} {1} may be {2}")
  @CsvSource(
      delimiter = '|',
      value = {
        "eye-shadow | neutral palette | eyes:matte-light eyes:matte-mid eyes:matte-deep eyes:shimmer",
        "eye-pencil | jet black | liner:black",
        "lip-colour | deep nude | lips:nude-deep",
        "lip-colour | cherry | lips:red",
        "lip-pencil | rose | lip-pencil:rose",
        "strip-lashes | wispy | lashes:natural",
        "strip-lashes | volume | lashes:full",
        "corrector | peach | correct:peach",
        "primer | green | correct:green",
        "brow-pencil | ash taupe | brows:taupe",
      })
  void theWordsOfAShadeAreAGuess(String productClass, String shade, String roles) {
    Product product =
        Given.thing(Code.of(ProductClass.class, productClass), Form.OTHER)
            .called("thing", shade)
            .product();
    assertThat(codes(Roles.of(product))).containsExactlyInAnyOrder(roles.split(" "));
    assertThat(Roles.of(product).by()).isEqualTo(Roles.Source.WORDS);
  }

  @Test
  void whatSomebodySaidCountsBeforeTheColourAndTheColourBeforeTheWords() {
    Product red =
        Given.thing(ProductClass.LIP_COLOUR, Form.OTHER)
            .called("thing", "nude")
            .coloured("#b3121d")
            .product();
    assertThat(codes(Roles.of(red))).containsExactly("lips:red");
    Product told = ProductBuilder.builder(red).roles(Set.of(Role.LIPS_ROSE)).build();
    assertThat(Roles.of(told).by()).isEqualTo(Roles.Source.TOLD);
    assertThat(codes(Roles.of(told))).containsExactly("lips:rose");
  }

  @Test
  void aWheelIsForEachOfItsShades() {
    Product wheel =
        ProductBuilder.builder(Given.thing(ProductClass.CORRECTOR, Form.CREAM).product())
            .shades(
                List.of(
                    new ProductShade("one", "#b9d3a4", null),
                    new ProductShade("two", "#f0b896", null)))
            .build();
    assertThat(codes(Roles.of(wheel))).containsExactlyInAnyOrder("correct:green", "correct:peach");
  }

  @Test
  void nobodyKnowsWhatHasNeitherColourNorWords() {
    Roles roles =
        Roles.of(Given.thing(ProductClass.BLUSH, Form.CREAM).called("thing", "07").product());
    assertThat(roles.are()).isEmpty();
    assertThat(roles.by()).isEqualTo(Roles.Source.NOTHING);
  }

  /** Files, database and API rely on the spelling. */
  @ParameterizedTest
  @EnumSource(Role.class)
  void aRoleIsFoundByItsCode(Role role) {
    assertThat(role.code()).matches("[a-z-]+:[a-z-]+").startsWith(role.family() + ":");
    assertThat(Code.of(Role.class, role.code())).isEqualTo(role);
    assertThat(Arrays.stream(Role.values()).map(Role::code)).doesNotHaveDuplicates();
  }

  private static Set<String> codes(Roles roles) {
    return roles.are().stream().map(Role::code).collect(Collectors.toSet());
  }
}
