package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Between two faces, in the hand. */
class TurnoverTest extends WithTheDemo {

  /** Twelve of them, as an artist uses them on one face. */
  private static final List<String> USED =
      List.of(
          "Lid primer",
          "Pan shadow kelp",
          "Pan shadow bone",
          "Lip bullet salt rose",
          "Lip pencil salt rose",
          "Tide mascara, waterproof",
          "Brush set C",
          "Steel palette",
          "Stage stick 3",
          "Fine powder light",
          "Spatula",
          "Lash curler");

  TurnoverTest() {
    super(Person.Stance.HAND);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private Locator used() {
    return artist.page.getByRole(AriaRole.REGION, named("What was used"));
  }

  private void useAll() {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    artist.page.getByRole(AriaRole.NAVIGATION, named("Faces")).getByText("Isaura").click();
    for (String one : USED) {
      used().getByRole(AriaRole.BUTTON).filter(hasText(one)).first().click();
    }
    artist.press("Use 12 items on her").click();
    assertThat(artist.page.getByText("Used 12 items on Isaura.")).isVisible();
  }

  private static Locator.FilterOptions hasText(String text) {
    return new Locator.FilterOptions().setHasText(text);
  }

  @Test
  void twelveUsedThingsAreReadyAfterAtMostEightTaps() {
    useAll();
    artist.press("She is done: clean up").click();
    assertThat(artist.sentence()).containsText("Isaura is done. The turnover takes");
    Locator thumb = artist.page.locator("button.min-h-14");
    int taps = 0;
    while (thumb.count() > 0) {
      Locator dry = artist.press("It is dry already");
      if (dry.count() > 0) {
        dry.click();
      } else {
        thumb.click();
        taps++;
      }
      artist.settled();
      assertThat(taps).isLessThanOrEqualTo(8);
    }
    assertThat(artist.sentence()).containsText("still dry");
    assertThat(artist.page.getByRole(AriaRole.REGION, named("Drying"))).containsText("clean at");
    artist.undoByTheMessage();
    assertThat(thumb).isVisible();
  }

  @Test
  void aWaitGoesOnWhileThePageIsReloaded() {
    useAll();
    artist.press("She is done: clean up").click();
    assertThat(artist.page.getByText("until wet all over").first()).isVisible();
    while (artist.page.getByLabel("What waits").count() == 0) {
      artist.page.locator("button.min-h-14").click();
      artist.settled();
    }
    Locator left = artist.page.getByLabel("What waits").locator("b").first();
    int before = seconds(left.innerText());
    artist.page.reload();
    assertThat(left).isVisible();
    assertThat(seconds(left.innerText())).isBetween(1, before);
    artist.page.getByLabel("Next is").selectOption(new SelectOption().setLabel("Corin"));
    assertThat(artist.sentence()).containsText("Corin is next");
    artist.page.getByLabel("In how many minutes").fill("1");
    artist.page.getByLabel("In how many minutes").blur();
    assertThat(artist.sentence()).containsText("too long");
  }

  @Test
  void aScanTicksWhatIsDoneNow() {
    useAll();
    artist.press("She is done: clean up").click();
    Locator card = artist.page.locator("article");
    assertThat(card).containsText("Lip pencil salt rose");
    artist.page.locator("button.min-h-14").click();
    assertThat(card).containsText("Steel palette");
    CountTest.scan(artist, CountTest.code(artist, Demo.item("Steel palette")));
    assertThat(artist.page.getByText("One item wiped off")).isVisible();
    assertThat(card.getByText("Steel palette")).hasCount(0);
  }

  private static int seconds(String told) {
    String[] parts = told.split(":");
    return 60 * Integer.parseInt(parts[0]) + Integer.parseInt(parts[1]);
  }

  @Test
  void whatHappensIsToldBeforeItIsReported() {
    useAll();
    artist.goTo("/clean-down");
    artist.press("Something happened").click();
    Locator sheet = artist.page.getByRole(AriaRole.DIALOG);
    sheet.getByText("Cold sore").click();
    sheet.getByText("Lip pencil salt rose").click();
    assertThat(sheet.getByLabel("What becomes of it")).containsText("discarded");
    assertThat(sheet).containsText("Advise her to see a professional");
    sheet.getByText("Report it for one item").click();
    assertThat(artist.page.getByText("Reported: Cold sore, one item.")).isVisible();
    assertThat(artist.page.getByRole(AriaRole.REGION, named("To decide")))
        .containsText("Lip pencil salt rose");
  }
}
