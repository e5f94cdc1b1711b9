package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;

class FirstPageTest {

  private static final int MOST_BYTES = 160_000;

  /** A phone on a slow line waits for scripts; views that are not opened are not fetched. */
  @Test
  void theFirstPageFetchesFewScripts() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo();
        Person again = artist.withAnEmptyCache()) {
      List<Request> scripts = new ArrayList<>();
      again.page.onRequestFinished(
          request -> {
            if (request.url().endsWith(".js")) {
              scripts.add(request);
            }
          });
      again.goTo("/");
      assertThat(again.sentence()).containsText("Tidal island block");
      again.page.waitForLoadState(LoadState.NETWORKIDLE);
      // Compressed, as they travel.
      int bytes = scripts.stream().mapToInt(script -> script.sizes().responseBodySize).sum();
      System.out.println("Scripts of the first page: " + bytes + " bytes in " + scripts.size());
      assertThat(bytes).isBetween(50_000, MOST_BYTES);
    }
  }

  /** A tick changes what is packed: neither places nor people are asked for again. */
  @Test
  void onlyWhatAnActTouchedIsAskedForAgain() {
    try (Person artist = new Person(Person.Stance.DESK).forNobodyElse().withTheDemo()) {
      artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
      artist.tick("Steel palette").waitFor();
      artist.settled();
      List<String> asked = new CopyOnWriteArrayList<>();
      artist.page.onRequest(
          request -> asked.add(request.method() + request.url().replaceAll(".*/api|\\?.*", " ")));
      artist.tick("Steel palette").click();
      assertThat(artist.sentence()).containsText("1 of");
      artist.settled();
      String booking = "/bookings/" + Demo.booking("Tidal island block");
      assertThat(asked)
          .contains("POST " + booking + "/pack", "GET " + booking + "/packing-list")
          .doesNotContain("GET /places", "GET /people", "GET /session");
    }
  }
}
