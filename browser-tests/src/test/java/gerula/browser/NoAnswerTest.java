package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Route;
import java.util.List;
import org.junit.jupiter.api.Test;

/** When nothing is answered: what is known stays, what is typed stays, and nothing is made up. */
class NoAnswerTest extends WithTheDemo {

  private static final String ANYTHING = "**/api/**";

  NoAnswerTest() {
    super(Person.Stance.DESK);
  }

  /** Here the console has every reason to complain. */
  @Override
  List<String> complaints() {
    return List.of();
  }

  /** As the page does by itself when one comes back to it. */
  private void comeBack() {
    artist.page.evaluate("window.dispatchEvent(new Event('visibilitychange'))");
  }

  @Test
  void aHalfFilledFormStaysAndWhatIsShownIsSaidToBeOld() {
    artist.forNobodyElse().page.clock().install();
    artist.goTo("/kit/items/" + Demo.item("Scissors") + "/edit");
    artist.unfold("Note");
    Locator note = artist.page.getByLabel("Note");
    note.fill("half a thought");
    artist.page.route(ANYTHING, Route::abort);
    // Older than five seconds it is asked for again.
    artist.page.clock().fastForward(6_000);
    comeBack();
    assertThat(artist.page.getByText("may be out of date")).isVisible();
    assertThat(note).hasValue("half a thought");
    artist.page.unroute(ANYTHING);
    artist.press("Retry").click();
    assertThat(artist.page.getByText("may be out of date")).hasCount(0);
    artist.press("Save").click();
    assertThat(artist.page.getByText("half a thought").first()).isVisible();
  }

  @Test
  void noAnswerIsNotNoBooking() {
    artist.goTo("/kit");
    artist.page.route("**/api/bookings", Route::abort);
    artist.page.navigate(artist.application.address() + "/");
    assertThat(artist.press("Retry")).isVisible();
    assertThat(artist.page.getByText("No bookings ahead")).hasCount(0);
    artist.page.unroute("**/api/bookings");
    artist.press("Retry").click();
    assertThat(artist.sentence()).containsText("Tidal island block");
  }

  @Test
  void bagsThatCannotBeOpenedLeaveTheListAndSaySo() {
    artist.page.route("**/bags", Route::abort);
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    assertThat(artist.press("Retry")).isVisible();
    assertThat(artist.line("Steel palette")).isVisible();
    artist.page.unroute("**/bags");
    artist.press("Retry").click();
    assertThat(artist.page.locator("[data-piece]").first()).isVisible();
  }

  @Test
  void aSecondMessageLeavesTheFirstRefusalAndItsSendAgain() {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    artist.page.route("**/pack", Route::abort);
    artist.tick("Steel palette").click();
    assertThat(artist.press("Send again")).isVisible();
    artist.page.unroute("**/pack");
    artist.tick("Corrector orange").click();
    assertThat(artist.page.getByText("Packed Corrector orange.")).isVisible();
    assertThat(artist.press("Send again")).isVisible();
    artist.press("Send again").click();
    assertThat(artist.page.getByText("Packed Steel palette.")).isVisible();
    assertThat(artist.press("Send again")).hasCount(0);
    assertThat(artist.tick("Steel palette")).isChecked();
  }
}
