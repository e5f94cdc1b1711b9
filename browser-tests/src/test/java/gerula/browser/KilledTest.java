package gerula.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.List;
import org.junit.jupiter.api.Test;

class KilledTest {

  @Test
  void everyTickThatWasConfirmedOutlivesTheApplication() {
    Packaged application = Packaged.fresh("gerula_killed");
    try (Person artist = new Person(Person.Stance.DESK, application).asWren()) {
      artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
      Locator ticks = artist.page.locator("[id^=line-] [role=checkbox]");
      ticks.first().waitFor();
      for (int i = 0; i < 12; i++) {
        ticks.nth(i).click();
      }
      artist.page.waitForCondition(() -> confirmed(artist).size() >= 4);
      application.kill();
      List<String> confirmed = confirmed(artist);
      application.start();
      artist.page.reload();
      ticks.first().waitFor();
      assertThat(confirmed).hasSizeGreaterThanOrEqualTo(4);
      assertThat(confirmed(artist)).containsAll(confirmed);
    } finally {
      application.kill();
    }
  }

  private static List<String> confirmed(Person artist) {
    return artist.page.locator("[id^=line-]:has([role=checkbox][aria-checked=true])").all().stream()
        .map(line -> line.getAttribute("id"))
        .toList();
  }
}
