package gerula.core.cleandown;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.core.rule.BrushPractice;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.PracticesBuilder;
import gerula.core.rule.SpongePractice;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The card tells what this house does, and nothing it does not do. */
class CardLineTest {

  @Test
  void mostHousesDoThis() {
    assertThat(CardLine.of(Practices.USUAL))
        .containsExactly(
            CardLine.HANDS_WASHED,
            CardLine.PALETTE_CLEANED,
            CardLine.CLEAN_BRUSHES,
            CardLine.SCOOPED_ONLY,
            CardLine.ONE_DIP_EACH,
            CardLine.SPONGES_ONCE,
            CardLine.POWDER_SPRAYED,
            CardLine.PENCILS_SHARPENED);
  }

  @ParameterizedTest
  @CsvSource({
    "WIPE_TOP_LAYER, GIVE_AWAY, QUICK_DRY, POWDER_TOP_LAYER, SPONGE_YOURS_TO_KEEP",
    "COSMETIC_MIST, DEDICATED, QUICK_DRY, POWDER_MISTED, SPONGE_OF_YOUR_OWN",
    "NEVER_TOUCH_PAN, SINGLE_USE, QUICK_DRY, POWDER_LIFTED, SPONGES_ONCE"
  })
  void anotherHouseDoesOtherwise(
      PowderPractice powder,
      SpongePractice sponge,
      BrushPractice brushes,
      CardLine ofPowder,
      CardLine ofSponge) {
    assertThat(
            CardLine.of(
                PracticesBuilder.builder(Practices.USUAL)
                    .powder(powder)
                    .sponge(sponge)
                    .brushes(brushes)
                    .build()))
        .contains(ofPowder, ofSponge, CardLine.BRUSHES_CLEANED_BETWEEN)
        .doesNotContain(CardLine.CLEAN_BRUSHES, CardLine.POWDER_SPRAYED);
  }
}
