package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class PackingInTheHandTest extends WithTheDemo {

  PackingInTheHandTest() {
    super(Person.Stance.HAND);
  }

  @BeforeEach
  void aListToPack() {
    artist.goTo("/bookings/" + Demo.booking("Election night"));
  }

  /** Two who pack together: neither looks for what the other has in the bag already. */
  @Test
  void anotherPersonsTickIsSeenWithinTwoSeconds() {
    Locator headline = artist.page.locator("h1");
    assertThat(headline).containsText("in all");
    String before = headline.innerText();
    try (Person other = artist.withAnEmptyCache()) {
      other.goTo("/bookings/" + Demo.booking("Election night"));
      Locator theirs = other.page.locator("h1");
      assertThat(theirs).hasText(before);
      other.press("In the bag").click();
      assertThat(theirs).not().hasText(before);
      other.settled();
      assertThat(headline)
          .hasText(theirs.innerText(), new LocatorAssertions.HasTextOptions().setTimeout(5000));
    }
  }

  @Test
  void oneThingAtATimeGoesIntoTheBagAndComesHome() {
    for (int packed = 1; packed <= 3; packed++) {
      String before = thing().innerText();
      artist.press("In the bag").click();
      assertThat(progress()).hasAttribute("aria-valuenow", String.valueOf(packed));
      assertThat(thing()).not().hasText(before);
    }
    artist.page.evaluate("window.scrollTo(0, 0)");
    // The rest stays at home.
    departByApi();
    artist.page.reload();
    assertThat(artist.sentence()).containsText("3 still out");
    artist.press("It was used").click();
    artist.press("Put back").click();
    assertThat(artist.sentence()).containsText("2 still out");
    assertThat(artist.press("It was used")).hasAttribute("aria-pressed", "false");
    artist.page.getByText("It did not come back").click();
    artist.press("Missing").click();
    assertThat(artist.sentence()).containsText("1 still out");
    artist.press("All 1 at once").click();
    assertThat(artist.sentence()).containsText("everything is back home");
  }

  @Test
  void whatIsNotThereLeavesTheListAndCanBeTakenBack() {
    String missing = thing().innerText();
    artist.press("Not here").click();
    assertThat(thing()).not().hasText(missing);
    artist.undoByTheMessage();
    assertThat(thing()).hasText(missing);
  }

  @Test
  void laterComesLast() {
    String first = thing().innerText();
    artist.press("Later").click();
    assertThat(thing()).not().hasText(first);
    assertThat(artist.sentence()).containsText(Pattern.compile("\\d+ in all"));
  }

  @Test
  void thumbsHitWhatTheyAimAt() {
    for (String name : new String[] {"In the bag", "Not here", "Later"}) {
      BoundingBox box = artist.press(name).boundingBox();
      assertThat(box.height).as(name).isGreaterThanOrEqualTo(44);
      assertThat(box.y + box.height).as(name + " within reach").isLessThanOrEqualTo(844);
    }
    Number tooWide =
        (Number) artist.page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
    assertThat(tooWide.intValue()).isZero();
  }

  private void departByApi() {
    artist.page.evaluate(
        """
        async (booking) => {
          const token = document.cookie.split("XSRF-TOKEN=")[1].split(";")[0];
          await fetch(`/api/bookings/${booking}/depart`, {
            method: "POST",
            headers: {"Content-Type": "application/json", "X-XSRF-TOKEN": token},
            body: JSON.stringify({actId: crypto.randomUUID()}),
          });
        }
        """,
        Demo.booking("Election night"));
  }

  private Locator thing() {
    return artist.page.locator("article h2");
  }

  private Locator progress() {
    return artist.page.locator("[role=progressbar]");
  }
}
