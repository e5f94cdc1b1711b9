package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What ends when, with the bookings it meets, and what one does about it. */
class DatesTest {

  @Test
  void whatIsPastIsDiscardedAndWhatEndsDuringABookingIsSeenOnIt() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/dates");
      assertThat(artist.sentence()).containsText("out of date already");
      assertThat(artist.sentence()).containsText("Stricter limits would put");
      Locator line = line(artist, "Soft base 9 deep");
      assertThat(line).containsText("out of date since");
      line.getByRole(AriaRole.BUTTON, named("Discard Soft base 9 deep")).click();
      artist.press("Discard").click();
      assertThat(artist.page.getByText("Discarded Soft base 9 deep.")).isVisible();
      assertThat(line).isHidden();
      artist.undoByTheMessage();
      assertThat(line).isVisible();
      Locator later = line(artist, "Brow gel clear");
      later.getByRole(AriaRole.BUTTON, named("Use first: Brow gel clear")).click();
      assertThat(later).containsText("use first");
      artist.page.getByRole(AriaRole.LINK, link("two years")).click();
      assertThat(artist.page).hasURL(Pattern.compile("weeks=104"));
      assertThat(artist.page.getByText("use first").first()).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void theReasonOfADateIsOneTapAwayInTheHand() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/dates?weeks=26");
      Locator line = line(artist, "Brow gel clear");
      line.getByRole(AriaRole.BUTTON, named("because")).click();
      assertThat(artist.page.getByText("The earliest wins, by")).isVisible();
      artist.page.keyboard().press("Escape");
      line.getByRole(AriaRole.LINK, named("Umberline Brow gel clear")).click();
      assertThat(artist.sentence()).containsText("Brow gel clear is in");
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aPrivateAddressOfTheCalendarIsMadeAndClosedAgain() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/bookings");
      artist.press("Make a private address").click();
      Locator field = artist.page.getByLabel("Private address");
      assertThat(field).hasValue(Pattern.compile(".*/calendar/[\\w-]{43}\\.ics"));
      String ask = "async url => (await fetch(url, {credentials: 'omit'})).status";
      String address = field.inputValue();
      assertThat(artist.page.evaluate(ask, address)).isEqualTo(200);
      artist.press("Turn it off").click();
      assertThat(field).isHidden();
      assertThat(artist.page.evaluate(ask, address)).isEqualTo(404);
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  private static Locator line(Person artist, String name) {
    return artist
        .page
        .getByLabel("Timelines")
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(name));
  }

  private static Locator.GetByRoleOptions named(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }

  private static Page.GetByRoleOptions link(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
