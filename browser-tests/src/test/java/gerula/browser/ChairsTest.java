package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Who sits in the chair when, on the ruler of the day. */
class ChairsTest extends WithTheDemo {

  ChairsTest() {
    super(Person.Stance.DESK);
  }

  private Locator face(String name) {
    return artist.page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name + ", ")));
  }

  private void open() {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    artist.page.getByText("Chairs").click();
    assertThat(artist.sentence()).containsText("six faces. All are ready in time");
  }

  @Test
  void aMorningIsToldAndWhoIsLateAndHowManyItTakes() {
    open();
    assertThat(artist.page.getByText("Cleaning what both")).isVisible();
    artist.page.getByLabel("Everybody ready by").fill("9.30");
    artist.press("Keep and seat them").click();
    assertThat(artist.sentence()).containsText("late by");
    assertThat(artist.sentence()).containsText("Two artists would do it.");
    artist.press("One artist more").click();
    artist.page.getByLabel("Artist 2").fill("Runa");
    artist.press("Keep and seat them").click();
    assertThat(artist.sentence()).containsText("two artists. All are ready in time.");
    assertThat(artist.page.getByText("Two brush sets at once")).isVisible();
    artist.page.getByLabel("Everybody ready by").fill("late");
    assertThat(artist.page.getByText("Write a time, like 5:40.")).isVisible();
    assertThat(artist.press("Keep and seat them")).isDisabled();
  }

  @Test
  void aFaceIsMovedWithTheArrowsAndItsConsequenceToldBeforeAnythingIsKept() {
    open();
    face("Isaura").click();
    artist.page.getByLabel("Ready by").last().fill("7:00");
    artist.press("Keep her times").click();
    assertThat(artist.page.getByText("Kept the times of Isaura.")).isVisible();
    face("Isaura").press("ArrowRight");
    assertThat(artist.page.getByText("As you laid it: late by")).isVisible();
    artist.press("Back to the best order").click();
    assertThat(artist.page.getByText("As you laid it")).isHidden();
    assertThat(artist.sentence()).containsText("All are ready in time");
  }

  @Override
  List<String> complaints() {
    return artist.complaintsBesideRefusals();
  }
}
