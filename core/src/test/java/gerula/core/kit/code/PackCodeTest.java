package gerula.core.kit.code;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class PackCodeTest {

  // The first two are in docs of GS1's check digit rule as commonly quoted; the others were worked
  // out
  // by hand from the rule: weights 3, 1, 3 ... from the right.
  @ParameterizedTest
  @CsvSource({
    "4006381333931, EAN_13, true, 1",
    "4006381333932, EAN_13, false, 1",
    "400 6381-333931, EAN_13, true, 1",
    "73513537, EAN_8, true, 7",
    "73513536, EAN_8, false, 7",
    "036000291452, UPC_A, true, 2",
    "10614141000415, GTIN_14, true, 5",
    "10614141000414, GTIN_14, false, 5",
  })
  void theCheckDigitFollowsTheRule(
      String code, PackCode.PackCodeKind kind, boolean valid, int expected) {
    PackCode read = PackCode.of(code);
    assertThat(read.kind()).isEqualTo(kind);
    assertThat(read.isValid()).isEqualTo(valid);
    assertThat(read.expectedCheckDigit()).isEqualTo(expected);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "12", "12345678901234567", "40063813339x1", "４００６３８１３３３９３１"})
  void whatIsNoPackCodeIsUnknown(String given) {
    assertThat(PackCode.of(given).kind()).isEqualTo(PackCode.PackCodeKind.UNKNOWN);
    assertThat(PackCode.of(given).isValid()).isFalse();
  }

  @Test
  void everyWrongDigitIsTold() {
    String code = "4006381333931";
    for (int at = 0; at < code.length(); at++) {
      for (char other = '0'; other <= '9'; other++) {
        if (other != code.charAt(at)) {
          String wrong = code.substring(0, at) + other + code.substring(at + 1);
          assertThat(PackCode.of(wrong).isValid()).as(wrong).isFalse();
        }
      }
    }
  }

  @Test
  void aTwelveDigitCodeIsTheThirteenDigitOneWithAZero() {
    assertThat(PackCode.of("036000291452").canonical()).isEqualTo("0036000291452");
    assertThat(PackCode.of("0036000291452").isValid()).isTrue();
  }
}
