package gerula.core.kit.code;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ShortCodeTest {

  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2, 3})
  void everyWrongCharacterAndEveryTwoChangedOverAreTold(long seed) {
    Random random = new Random(seed);
    for (int i = 0; i < 300; i++) {
      String code = ShortCode.ofItem(random).text();
      for (int at = 0; at < code.length(); at++) {
        for (char other : ShortCode.ALPHABET.toCharArray()) {
          if (other != code.charAt(at)) {
            refused(code.substring(0, at) + other + code.substring(at + 1));
          }
        }
      }
      for (int at = 0; at + 1 < code.length(); at++) {
        if (code.charAt(at) != code.charAt(at + 1)) {
          char[] changed = code.toCharArray();
          changed[at] = code.charAt(at + 1);
          changed[at + 1] = code.charAt(at);
          refused(new String(changed));
        }
      }
    }
  }

  private static void refused(String code) {
    assertThatThrownBy(() -> ShortCode.read(code))
        .as(code)
        .isInstanceOf(IllegalArgumentException.class)
        .hasMessageContaining("does not check out");
  }

  @Test
  void noTwoCharactersLookAlike() {
    for (String alike : new String[] {"0OQD", "1IL", "2Z", "5S", "6G", "8B", "UV"}) {
      // Of each family at most one may stand in a code; Q and D are told apart from each other.
      long there = alike.chars().filter(c -> ShortCode.ALPHABET.indexOf(c) >= 0).count();
      assertThat(there).as(alike).isLessThanOrEqualTo(alike.startsWith("0") ? 2 : 1);
    }
    assertThat(ShortCode.ALPHABET).doesNotContain("0").doesNotContain("O").hasSize(23);
  }

  @Test
  void spacesHyphensAndSmallLettersDoNotMatter() {
    ShortCode code = ShortCode.ofItem(new Random(5));
    assertThat(ShortCode.read(" " + code.spaced().toLowerCase() + " ")).isEqualTo(code);
    assertThat(ShortCode.read(code.text().substring(0, 2) + "-" + code.text().substring(2)))
        .isEqualTo(code);
    assertThat(ShortCode.looksLike("no code")).isFalse();
  }

  @Test
  void aCodeTellsWhetherItIsOfAPlace() {
    Random random = new Random(9);
    for (int i = 0; i < 500; i++) {
      assertThat(ShortCode.ofPlace(random).isOfPlace()).isTrue();
      assertThat(ShortCode.ofItem(random).isOfPlace()).isFalse();
    }
  }
}
