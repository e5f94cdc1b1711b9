package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Response;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every view in both stances, light and dark. */
class EveryViewTest {

  static List<String> views() {
    return List.of(
        "/",
        "/bookings",
        "/bookings/new",
        "/bookings/" + Demo.booking("Tidal island block"),
        "/bookings/" + Demo.booking("Tidal island block") + "/edit",
        "/kit",
        "/kit/new",
        "/kit/items/" + Demo.item("Lash adhesive, latex-free"),
        "/kit/items/" + Demo.item("Scissors") + "/edit",
        "/kit/places/" + Demo.place("Rolling case"),
        "/kit/places/new",
        "/kit?q=soft&mark=place",
        "/kit/shades",
        "/kit/home",
        "/kit/bags",
        "/kit/labels",
        "/kit/tables",
        "/dates",
        "/house",
        "/bench",
        "/bench/empties",
        "/bench/dilution",
        "/bench/recall?item=" + Demo.item("Fine powder"),
        "/bench/palettes/" + Demo.place("Twelve-pan palette"),
        "/bench/palettes/" + Demo.place("Lash tray"),
        "/kit/places/" + Demo.place("Rolling case") + "/walk",
        "/bookings/calendar",
        "/kit/places/" + Demo.place("Rolling case") + "?close=" + Demo.place("Twelve-pan palette"),
        "/kit/places/" + Demo.place("Set bag") + "/count",
        "/kit/places/" + Demo.place("Brush belt") + "/edit",
        "/no/such/view");
  }

  static Stream<Arguments> stances() {
    return Stream.of(Person.Stance.values())
        .flatMap(stance -> Stream.of("light", "dark").map(theme -> Arguments.of(stance, theme)));
  }

  /**
   * WCAG 2.2 AA by axe-core, and nothing runs off the side. Each view is loaded once; in the dark
   * only colours differ.
   */
  @ParameterizedTest(name = "{0}")
  @EnumSource(Person.Stance.class)
  void axeFindsNothingAndNothingRunsOffTheSide(Person.Stance stance) {
    List<String> addresses = new ArrayList<>();
    try (Person artist = new Person(stance)) {
      artist.page.onRequest(request -> addresses.add(request.url()));
      artist.asWren();
      artist.page.evaluate("localStorage.setItem('gerula-theme', 'light')");
      List<String> views = new ArrayList<>(views());
      views.add(Bench.planned(artist, Bench.PACKS));
      views.add(Bench.begun(artist, Bench.PACKS));
      for (String view : views) {
        artist.goTo(view);
        artist.page.waitForLoadState(LoadState.NETWORKIDLE);
        assertNothing(
            axe(artist.page)
                .withTags(
                    List.of(
                        "wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice")),
            stance + " light " + view);
        Number tooWide =
            (Number)
                artist.page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
        assertThat(tooWide.intValue()).as(stance + " " + view).isLessThanOrEqualTo(0);
        artist.page.evaluate("document.documentElement.dataset.theme = 'dark'");
        assertNothing(
            axe(artist.page).withRules(List.of("color-contrast")), stance + " dark " + view);
      }
      assertThat(artist.complaints).isEmpty();
      assertThat(addresses)
          .allMatch(url -> url.startsWith(artist.application.address()) || url.startsWith("blob:"));
    }
  }

  /** Legacy mode looks at the page alone, which has no frames; the other opens a page each time. */
  private static AxeBuilder axe(Page page) {
    return new AxeBuilder(page).setLegacyMode(true);
  }

  private static void assertNothing(AxeBuilder axe, String where) {
    assertThat(axe.analyze().getViolations())
        .as(where)
        .extracting(
            violation -> violation.getId() + ": " + violation.getNodes().getFirst().getHtml())
        .isEmpty();
  }

  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("stances")
  void theDoorIsOpenToEverybody(Person.Stance stance, String theme) {
    try (Person stranger = new Person(stance)) {
      stranger.page.addInitScript("localStorage.setItem('gerula-theme', '" + theme + "')");
      Response page = stranger.page.navigate(stranger.application.address());
      assertThat(page.headers().get("content-security-policy"))
          .contains("script-src 'self' 'wasm-unsafe-eval';")
          .contains("default-src 'none'");
      stranger.page.getByLabel("Passphrase").waitFor();
      assertThat(axe(stranger.page).analyze().getViolations()).isEmpty();
    }
  }
}
