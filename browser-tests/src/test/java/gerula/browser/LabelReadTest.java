package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A label has three answers, and what nobody read is asked for where it would touch somebody. */
class LabelReadTest {

  @Test
  void aLabelIsReadOnTheItemsPageAndTakenBackFromTheMessage() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/kit/items/" + Demo.item("Tweezers, coated"));
      Locator label =
          artist.page.locator("section", new Page.LocatorOptions().setHasText("Its label"));
      assertThat(label).containsText("Not checked: nickel");
      artist.press("Read the label").click();
      Locator sheet = artist.page.getByRole(AriaRole.DIALOG);
      Locator nickel =
          sheet
              .getByRole(AriaRole.LISTITEM)
              .filter(new Locator.FilterOptions().setHasText("Nickel"));
      nickel.getByText("free of it").click();
      sheet.getByLabel("Something else it contains").fill("Cobalt");
      sheet.getByLabel("Something else it contains").press("Enter");
      artist.press("Save").click();
      assertThat(label).containsText("Contains cobalt. Free of nickel.");
      assertThat(label).containsText("Last read today");
      artist.undoByTheMessage();
      assertThat(label).containsText("Not checked: nickel");
      assertThat(artist.complaints).isEmpty();
    }
  }
}
