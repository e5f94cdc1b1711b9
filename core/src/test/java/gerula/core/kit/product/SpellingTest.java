package gerula.core.kit.product;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SpellingTest {

  @ParameterizedTest
  @CsvSource({
    "soft, sfot, true", "soft, soft, true", "soft, sof, true", "soft, sofft, true",
    "soft, sift, true", "soft, oft, true", "soft, softer, false", "soft, sgit, false",
    "ab, ba, false", "mascara, mascraa, true", "mascara, msacraa, false",
  })
  void oneSlipOfTheFingersIsForgiven(String word, String typed, boolean isOne) {
    assertThat(Spelling.isOneSlip(word, typed, 3)).isEqualTo(isOne);
    assertThat(Spelling.isOneSlip(typed, word, 3)).isEqualTo(isOne);
  }

  @Test
  void theMeantWordIsTheKnownOne() {
    List<String> known = List.of("soft", "base", "loft", "powder");
    assertThat(Spelling.meant("sfot", known)).contains("soft");
    assertThat(Spelling.meant("pow", known)).contains("pow");
    assertThat(Spelling.meant("lampshade", known)).isEmpty();
  }
}
