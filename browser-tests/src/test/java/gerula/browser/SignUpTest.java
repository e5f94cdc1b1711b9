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

      signOut(artist);
      door(artist, email, "Sign in");
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  /**
   * The passphrase is changed, other browsers are seen and ended, and in the end all is deleted.
   */
  @Test
  void anAccountIsLookedAfterAndLeftForGood() {
    String email = UUID.randomUUID() + "@example.test";
    try (Person laptop = new Person(Person.Stance.DESK);
        Person phone = new Person(Person.Stance.HAND)) {
      laptop.page.navigate(laptop.application.address());
      laptop.press("Create an account").click();
      door(laptop, email, "Create account");
      phone.page.navigate(phone.application.address());
      door(phone, email, "Sign in");

      phone.press("More").click();
      item(phone, "Account").click();
      assertThat(phone.sentence()).containsText("here and in one other browser");
      laptop.goTo("/account");
      laptop.page.getByLabel("Current passphrase").fill("not the one");
      laptop.page.getByLabel("New passphrase").fill("seven ropes of one strand");
      laptop.press("Change passphrase").click();
      assertThat(laptop.page.getByLabel("Current passphrase")).hasAttribute("aria-invalid", "true");
      laptop.page.getByLabel("Current passphrase").fill(PASSPHRASE);
      laptop.press("Change passphrase").click();
      assertThat(laptop.page.getByRole(AriaRole.STATUS)).containsText("Changed the passphrase");
      assertThat(laptop.sentence()).containsText("in this browser only");
      phone.page.reload();
      assertThat(phone.page.getByLabel("Passphrase")).isVisible();

      laptop.press("Delete the account…").click();
      laptop.page.getByLabel("Passphrase to be sure").fill("seven ropes of one strand");
      laptop.press("Delete everything for good").click();
      assertThat(laptop.press("Sign in")).isVisible();
      laptop.page.getByLabel("E-mail").fill(email);
      laptop.page.getByLabel("Passphrase").fill("seven ropes of one strand");
      laptop.press("Sign in").click();
      assertThat(laptop.page.getByRole(AriaRole.ALERT)).isVisible();
      assertThat(laptop.complaintsBesideRefusals()).isEmpty();
    }
  }

  @Test
  void theQuestionMarkShowsEveryKeyAndTheMenuTurnsTheLights() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit");
      artist.page.keyboard().press("?");
      assertThat(artist.page.getByText("find an item or a place")).isVisible();
      artist.page.keyboard().press("Escape");
      assertThat(artist.page.getByText("find an item or a place")).hasCount(0);
      artist.press("Account").click();
      item(artist, "Dark theme").click();
      assertThat(artist.page.locator("html")).hasAttribute("data-theme", "dark");
    }
  }

  private static void signOut(Person artist) {
    artist.press("Account").click();
    item(artist, "Sign out").click();
  }

  private static Locator item(Person artist, String name) {
    return artist.page.getByRole(
        AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name).setExact(true));
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

  @Test
  void datesAreWrittenAndReadAsTheDeviceDoesUntilItIsChanged() {
    try (Person artist = Person.writing("en-US")) {
      String email = UUID.randomUUID() + "@gerula.test";
      artist.page.navigate(artist.application.address());
      artist.press("Create an account").click();
      door(artist, email, "Create account");
      artist.goTo("/bookings/new");
      Locator first = artist.page.getByLabel("First day");
      assertThat(first).hasValue("Apr 14, 2031");
      first.fill("5/4");
      assertThat(artist.page.getByText("Sun, May 4").last()).isVisible();
      artist.goTo("/account");
      artist.page.waitForResponse(
          "**/api/workspace/date-order",
          () -> artist.page.getByLabel("Dates are written").selectOption("day-first"));
      artist.goTo("/bookings/new");
      assertThat(first).hasValue("14 Apr 2031");
      first.fill("5/4");
      assertThat(artist.page.getByText("5 Apr 2032").last()).isVisible();
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  private static Locator zone(Person artist) {
    return artist.page.getByLabel("Time zone");
  }
}
