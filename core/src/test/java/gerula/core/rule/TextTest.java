package gerula.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class TextTest {

  @ParameterizedTest
  @ValueSource(
      strings = {"", " ", "\u200B\u200D", "\u3164", "\u0301", "\u2800 \u00A0", "\u2066\u2069"})
  void aNameOfWhichNothingIsSeenIsNone(String name) {
    assertThat(Text.isVisible(name)).isFalse();
  }

  @ParameterizedTest
  @ValueSource(strings = {"a", "№ 5", "頬紅", "👩\u200D🎨", "\u200Ba", "-"})
  void oneSignThatIsSeenIsEnough(String name) {
    assertThat(Text.isVisible(name)).isTrue();
  }

  @Test
  void halfACharacterAndControlCharactersAreNoText() {
    assertThat(Text.fault("\uD83C")).hasValue("holds half a character");
    assertThat(Text.fault("a\uDC00b")).hasValue("holds half a character");
    assertThat(Text.fault("\u001B[31m")).hasValue("holds a control character");
    assertThat(Text.fault("\0")).isPresent();
    assertThat(Text.fault("🎨 two\nlines\tand a tab")).isEmpty();
  }

  @Test
  void lineEndsAreOneCharacter() {
    assertThat(Text.withPlainLineEnds("a\r\nb\rc\nd")).isEqualTo("a\nb\nc\nd");
  }
}
