package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Response;
import java.util.stream.Stream;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

@Order(1)
class EveryViewInTheHandTest {

  @Test
  void axeFindsNothingAndNothingRunsOffTheSide() {
    EveryView.assertAxeFindsNothingAndNothingRunsOffTheSide(Person.Stance.HAND);
  }

  static Stream<Arguments> stances() {
    return Stream.of(Person.Stance.values())
        .flatMap(stance -> Stream.of("light", "dark").map(theme -> Arguments.of(stance, theme)));
  }

  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("stances")
  void theDoorIsOpenToEverybody(Person.Stance stance, String theme) {
    try (Person stranger = new Person(stance).forNobodyElse()) {
      stranger.page.addInitScript("localStorage.setItem('gerula-theme', '" + theme + "')");
      Axe.inEveryPageOf(stranger.page);
      Response page = stranger.page.navigate(stranger.application.address());
      assertThat(page.headers().get("content-security-policy"))
          .contains("script-src 'self' 'wasm-unsafe-eval';")
          .contains("default-src 'none'");
      stranger.page.getByLabel("Passphrase").waitFor();
      assertThat(Axe.violations(stranger.page, Axe.ALL)).isEmpty();
    }
  }
}
