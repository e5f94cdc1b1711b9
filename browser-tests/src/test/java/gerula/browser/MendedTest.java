package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A kit that could not be as it was says what was corrected, until somebody has read it. */
class MendedTest {

  @Test
  void whatWasCorrectedIsSaidOnce() {
    try (Person artist = new Person(Person.Stance.HAND).with(Demo.leftByAnOlderVersion())) {
      artist.goTo("/");
      Locator notice =
          artist.page.getByRole(
              AriaRole.REGION, new Page.GetByRoleOptions().setName("Corrected in your kit"));
      assertThat(notice).containsText("was discarded but still packed for Tidal island block");
      notice.getByText("Dismiss").click();
      assertThat(notice).isHidden();
      artist.goTo("/");
      assertThat(notice).isHidden();
      assertThat(artist.sentence()).containsText("0 of");
    }
  }
}
