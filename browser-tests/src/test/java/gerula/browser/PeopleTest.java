package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** People are known from one booking to the next, merged, and erased when they wish it. */
class PeopleTest {

  @Test
  void whatIsKnownOfSomebodyIsThereWhenSheIsBookedAndGoneWhenSheIsErased() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/people");
      artist.page.getByLabel("Name").fill("Maren Tull");
      artist.press("Add person").click();
      artist.page.getByRole(AriaRole.LINK, named("Maren Tull")).click();
      assertThat(artist.sentence()).containsText("sensitivities not asked yet");
      artist.press("Carmine").click();
      artist.page.getByLabel("Other names").fill("Lady Tull");
      artist.press("Save").click();
      assertThat(artist.sentence()).containsText("carmine");

      artist.goTo("/bookings/new");
      artist.unfold("Face 1");
      artist.page.getByLabel("Name").fill("lady tull");
      assertThat(artist.press("Carmine")).hasAttribute("aria-pressed", "true");
      artist.page.getByLabel("Name").fill("lady tully");
      assertThat(artist.page.getByText("asked Mon, 14 Apr")).hasCount(0);

      artist.goTo("/people");
      artist.page.getByRole(AriaRole.LINK, named("Maren Tull")).click();
      artist.press("Erase").click();
      assertThat(artist.page.getByText("This cannot be undone.")).isVisible();
      artist.press("Erase for good").click();
      assertThat(artist.sentence()).containsText("was erased");
      artist.goTo("/people");
      assertThat(artist.page.getByRole(AriaRole.LINK, named("Maren Tull"))).hasCount(0);
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void twoThatAreOneAreMergedInTheHandAndPartedAgain() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/people");
      for (String name : new String[] {"Maren Tull", "M. Tull"}) {
        artist.page.getByLabel("Name").fill(name);
        artist.press("Add person").click();
        assertThat(artist.page.getByRole(AriaRole.LINK, named(name))).isVisible();
      }
      artist.page.getByRole(AriaRole.LINK, named("M. Tull")).click();
      artist.press("Merge").click();
      artist.page.getByLabel("The same person as").selectOption("Maren Tull");
      artist
          .page
          .getByRole(AriaRole.DIALOG)
          .getByRole(
              AriaRole.BUTTON,
              new com.microsoft.playwright.Locator.GetByRoleOptions().setName("Merge"))
          .click();
      assertThat(artist.sentence()).containsText("Maren Tull");
      assertThat(artist.page.getByLabel("Other names")).hasValue("M. Tull");
      artist.undoByTheMessage();
      assertThat(artist.page.getByLabel("Other names")).hasValue("");
      artist.goTo("/people");
      assertThat(artist.page.getByRole(AriaRole.LINK, named("M. Tull"))).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }
}
