package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** After the job, at the desk: everything used, the bags it came back in, and pouches. */
class CleanDownTest extends WithTheDemo {

  CleanDownTest() {
    super(Person.Stance.DESK);
  }

  private void isUsed(String place) {
    artist.send(
        "/api/places/" + Demo.place(place) + "/used",
        "{\"actId\": \"%s\"}".formatted(UUID.randomUUID()));
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  @Test
  void everythingUsedAndItsBagsAreCleanAfterAtMostFortyTaps() {
    Wear.use(artist);
    List.of("Rolling case", "Set bag").forEach(this::isUsed);
    artist.goTo("/clean-down");
    assertThat(artist.sentence()).containsText("and two bags to clean");
    Locator thumb = artist.page.locator("button.min-h-14");
    int taps = 0;
    boolean bags = false;
    while (thumb.count() > 0) {
      Locator dry = artist.press("It is dry already");
      if (dry.count() > 0) {
        dry.click();
      } else {
        bags |= artist.page.locator("article").innerText().contains("Empty two bags");
        thumb.click();
        taps++;
      }
      artist.settled();
      assertThat(taps).isLessThanOrEqualTo(40);
    }
    assertThat(bags).isTrue();
    assertThat(artist.page.getByRole(AriaRole.REGION, named("Drying")))
        .containsText("Rolling case");
  }

  @Test
  void aPouchIsRefilledFromStockAndSaysWhatItIsToHold() {
    artist.goTo("/clean-down");
    Locator pouches = artist.page.getByRole(AriaRole.REGION, named("Ready pouches"));
    pouches
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText("Put in"))
        .click();
    assertThat(artist.page.getByText("Refilled disposables.")).isVisible();
    artist.undoByTheMessage();
    assertThat(pouches).containsText("Put in");
    pouches.getByRole(AriaRole.LINK).first().click();
    Locator ready = artist.page.getByRole(AriaRole.REGION, named("Set contents"));
    assertThat(ready).containsText("of 30");
    ready.getByText("Change").click();
    artist.page.getByLabel("Pieces of wand").fill("5");
    artist.press("Save").click();
    assertThat(ready).containsText("of 5");
  }

  @Test
  void whatIsSuspectedIsDecidedWithAReason() {
    artist.goTo("/kit/items/" + Demo.item("Fine powder"));
    artist.press("Quarantine it").click();
    Locator sheet = artist.page.getByRole(AriaRole.DIALOG);
    sheet.getByText("Quarantine it").click();
    assertThat(sheet).containsText("Say why");
    sheet.getByLabel("Because").fill("left open on set");
    sheet.getByText("Quarantine it").click();
    assertThat(artist.page.getByText("Quarantined Fine powder")).isVisible();
    artist.goTo("/clean-down");
    Locator decide = artist.page.getByRole(AriaRole.REGION, named("To decide"));
    decide.getByLabel("Because").fill("top layer off");
    decide.getByText("Release it").click();
    assertThat(artist.page.getByText("Released Fine powder")).isVisible();
    assertThat(decide).hasCount(0);
  }

  @Test
  void aCardForClientsIsInOnesOwnWordsAndKeepsThem() {
    artist.goTo("/clean-down");
    artist.press("Card for clients").click();
    artist.page.getByLabel("In your own words").fill("Clean hands, clean brushes.");
    artist.press("Keep these words").click();
    assertThat(artist.page.getByText("Kept your words for the card.")).isVisible();
    artist.page.reload();
    artist.press("Card for clients").click();
    assertThat(artist.page.getByLabel("In your own words")).hasValue("Clean hands, clean brushes.");
    assertThat(artist.page.getByText("Print it")).hasAttribute("href", "/api/client-card");
  }
}
