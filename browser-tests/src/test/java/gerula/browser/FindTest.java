package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** The one field: found while typing, with the keys alone, in both stances. */
class FindTest {

  @Test
  void oneFindsWalksAndOpensWithTheKeysAlone() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/bookings");
      artist.page.keyboard().press("/");
      assertThat(field(artist)).isFocused();
      artist.page.keyboard().type("neutral sfot");
      assertThat(artist.page.getByText("Tarnwell Soft base 2 neutral")).isVisible();
      // What is found for the first letters may be there already; the arrows go through the rest.
      artist.settled();
      artist.page.keyboard().press("ArrowDown");
      artist.page.keyboard().press("ArrowDown");
      artist.page.keyboard().press("ArrowUp");
      artist.page.keyboard().press("Enter");
      assertThat(artist.sentence()).containsText("Soft base 2 neutral is in Rolling case");
      artist.page.keyboard().press("/");
      artist.page.keyboard().type("x");
      artist.page.keyboard().press("Escape");
      assertThat(artist.page.getByText("All that are like it")).isHidden();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void placesAndWhatIsNotThereAreToldInWords() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/kit");
      field(artist).fill("brush belt");
      assertThat(artist.page.getByText("Brush belt place")).isVisible();
      field(artist).fill("harpsichord");
      assertThat(artist.page.getByText("Nothing matches “harpsichord”")).isVisible();
      field(artist).fill("emergency pouch");
      artist.press("Put Cairnlowe Emergency pouch away").click();
      assertThat(artist.page.getByText("Moved Emergency pouch to Rolling case")).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aThingIsUsedStraightFromTheAnswerAndASealedOneIsAskedWhenItWasOpened() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/kit");
      field(artist).fill("soft base 2 neutral");
      artist.press("Use Tarnwell Soft base 2 neutral").click();
      artist.press("half").click();
      assertThat(artist.page.getByText("Used Soft base 2 neutral: half.")).isVisible();
      artist.undoByTheMessage();
      assertThat(artist.page.getByText("Undone.")).isVisible();
      artist.goTo("/kit?state=sealed&q=mascara");
      artist.page.getByRole(AriaRole.LINK, link("Day mascara")).first().click();
      artist.press("Use it").click();
      assertThat(artist.page.getByLabel("Opened on")).hasValue("14 Apr 2031");
      artist.page.getByLabel("Opened on").fill("last thu");
      artist.press("Open and use").click();
      assertThat(artist.page.getByText("Day mascara black: opened 4 days ago, Thu 10 Apr."))
          .isVisible();
      assertThat(artist.sentence()).containsText("in date until Thu 10 Jul");
      assertThat(artist.complaints).isEmpty();
    }
  }

  private static Page.GetByRoleOptions link(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  @Test
  void theListIsNarrowedByTheAddressAndBackWorks() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit?productClass=eye-shadow");
      assertThat(artist.page.getByText("18 items").first()).isVisible();
      artist.page.getByLabel("Marks").selectOption("place");
      assertThat(artist.page.getByText("Nothing in the kit matches.")).isVisible();
      assertThat(artist.page.getByLabel("What it is for")).hasValue("eye-shadow");
      artist.page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("show all")).click();
      artist.page.locator("main a[href^='/kit/items/']").first().click();
      assertThat(artist.sentence()).containsText(" is in ");
      artist.page.goBack();
      assertThat(artist.page.getByText("194 items").first()).isVisible();
    }
  }

  private static Locator field(Person artist) {
    return artist.page.getByRole(AriaRole.SEARCHBOX);
  }
}
