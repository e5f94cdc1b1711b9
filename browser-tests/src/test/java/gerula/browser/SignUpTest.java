package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import org.junit.jupiter.api.Test;

class SignUpTest {

  private static final String PASSPHRASE = "a rope of seven strands";

  /** The days of a new workspace are those of the device it was made at, until somebody says. */
  @Test
  void anAccountIsMadeAndItsWorkspaceKeepsTheTimeOfItsPlace() {
    String email = UUID.randomUUID() + "@example.test";
    try (Person artist = Person.in("Pacific/Auckland")) {
      artist.page.navigate(artist.application.address());
      artist.press("Create an account").click();
      door(artist, email, "Create account");
      artist.goTo("/house");
      assertThat(zone(artist)).hasValue("Pacific/Auckland");
      zone(artist).selectOption("Europe/Lisbon");
      assertThat(artist.page.getByText("Use this device's, Pacific/Auckland")).isVisible();
      artist.page.reload();
      assertThat(zone(artist)).hasValue("Europe/Lisbon");
      artist.page.getByText("Use this device's, Pacific/Auckland").click();
      assertThat(zone(artist)).hasValue("Pacific/Auckland");

      artist.press("Sign out").first().click();
      door(artist, email, "Sign in");
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  private static void door(Person artist, String email, String name) {
    artist.page.getByLabel("E-mail").fill(email);
    artist.page.getByLabel("Passphrase").fill(PASSPHRASE);
    artist.press(name).click();
    assertThat(
            artist.page.getByRole(
                AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Views")))
        .isVisible();
  }

  private static Locator zone(Person artist) {
    return artist.page.getByLabel("Time zone");
  }
}
