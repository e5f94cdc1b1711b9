package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Moving into the trailer, working from it, moving out. */
class TrailerTest extends WithTheDemo {

  private static final String BOOKING = "/bookings/" + Demo.booking("Tidal island block");

  TrailerTest() {
    super(Person.Stance.HAND);
  }

  /** Everything on the list is in the bags, and the bags are out. */
  private void departed() {
    @SuppressWarnings("unchecked")
    List<String> items =
        (List<String>)
            artist.page.evaluate(
                """
                async path => (await (await fetch('/api' + path + '/packing-list')).json())
                  .lines.map(line => line.item.id)
                """,
                BOOKING);
    String ids = items.stream().map("\"%s\""::formatted).collect(Collectors.joining(","));
    artist.send(
        "/api" + BOOKING + "/pack",
        "{\"actId\": \"%s\", \"items\": [%s]}".formatted(UUID.randomUUID(), ids));
    artist.send("/api" + BOOKING + "/depart", "{\"actId\": \"%s\"}".formatted(UUID.randomUUID()));
  }

  private Locator station(String name) {
    return artist
        .page
        .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What stands where"))
        .getByRole(AriaRole.LISTITEM)
        .filter(
            new Locator.FilterOptions()
                .setHas(
                    artist.page.getByRole(
                        AriaRole.HEADING,
                        new Page.GetByRoleOptions().setName(Pattern.compile(name + "$")))));
  }

  @Test
  void theKitIsSetUpStationByStationOrByScanAndCarriedOutAgain() {
    artist.goTo(BOOKING);
    artist.page.getByText("Trailer", new Page.GetByTextOptions().setExact(true)).click();
    assertThat(artist.page.getByText("The bags have not left yet")).isVisible();
    departed();
    artist.goTo(BOOKING + "/trailer");
    assertThat(artist.sentence()).containsText("nothing goes home");
    Locator drawer = station("Station one, bottom drawer");
    assertThat(drawer).containsText("0 of 9 in place.");
    CountTest.scan(artist, CountTest.code(artist, Demo.item("Lip stain")));
    assertThat(drawer).containsText("1 of 9 in place.");
    drawer.getByText("All 8 are in place").click();
    assertThat(drawer).containsText("9 of 9 in place.");
    artist.undoByTheMessage();
    assertThat(drawer).containsText("1 of 9 in place.");
    artist
        .page
        .getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Moving out"))
        .getByText("It is in the bag")
        .click();
    assertThat(drawer).containsText("0 of 9 in place.");
  }

  @Test
  void theLastDayEverythingGoesHome() {
    artist.goTo(BOOKING + "/trailer");
    artist
        .page
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Fri 25 Apr: ")))
        .click();
    assertThat(artist.sentence()).containsText("nothing to bring, no items stay for the night");
    assertThat(artist.page.getByText("Not needed again: ")).isVisible();
  }
}
