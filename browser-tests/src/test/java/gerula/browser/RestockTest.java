package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What runs short, as it stands before the artist. */
class RestockTest extends WithTheDemo {

  RestockTest() {
    super(Person.Stance.DESK);
  }

  private Locator row(String product) {
    return artist
        .page
        .getByLabel("What runs short")
        .locator("li")
        .filter(new Locator.FilterOptions().setHasText(product))
        .first();
  }

  @Test
  void whatRunsShortForABookingGoesOntoTheBuyingListAndBack() {
    artist.goTo("/restock");
    assertThat(artist.sentence()).containsText("run short in the next eight weeks");
    Locator cotton = row("Cotton rounds");
    assertThat(cotton).containsText("short for Tidal island block");
    cotton.getByText(Pattern.compile("^put .* on the list$")).click();
    assertThat(cotton).containsText("on the buying list");
    assertThat(artist.page.getByLabel("To buy")).containsText("Cotton rounds");
    artist.press("Undo").click();
    assertThat(cotton.getByText(Pattern.compile("^put .* on the list$"))).isVisible();
  }

  @Test
  void aBlockThatComesOnceMoreIsThoughtThroughAndForgotten() {
    artist.goTo("/restock");
    String before = artist.sentence().innerText();
    Locator asked = artist.page.getByLabel("What if").getByText("Tidal island block");
    asked.click();
    assertThat(artist.page.getByLabel("Tidal island block, once more").first()).isVisible();
    assertThat(artist.page.getByText("Tidal island block, once more").first()).isVisible();
    asked.click();
    assertThat(artist.sentence()).hasText(before);
    artist.goTo("/bookings");
    assertThat(artist.page.getByText("once more")).hasCount(0);
  }
}
