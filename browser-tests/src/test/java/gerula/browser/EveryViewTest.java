package gerula.browser;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Response;
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
        "/no/such/view");
  }

  static Stream<Arguments> stances() {
    return Stream.of(Person.Stance.values())
        .flatMap(stance -> Stream.of("light", "dark").map(theme -> Arguments.of(stance, theme)));
  }

  /** WCAG 2.2 AA by axe-core. */
  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("stances")
  void axeFindsNothing(Person.Stance stance, String theme) {
    try (Person artist = new Person(stance).asWren()) {
      artist.page.evaluate("theme => localStorage.setItem('gerula-theme', theme)", theme);
      for (String view : views()) {
        artist.goTo(view);
        artist.page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        assertThat(axe(artist, theme).analyze().getViolations())
            .as(stance + " " + theme + " " + view)
            .extracting(
                violation -> violation.getId() + ": " + violation.getNodes().getFirst().getHtml())
            .isEmpty();
      }
      assertThat(artist.complaints).isEmpty();
    }
  }

  /** Only colours differ in the dark: the rest was looked at in the light. */
  private static AxeBuilder axe(Person artist, String theme) {
    AxeBuilder axe = new AxeBuilder(artist.page);
    return theme.equals("dark")
        ? axe.withRules(List.of("color-contrast"))
        : axe.withTags(
            List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"));
  }

  @ParameterizedTest(name = "{0}, {1}")
  @MethodSource("stances")
  void theDoorIsOpenToEverybody(Person.Stance stance, String theme) {
    try (Person stranger = new Person(stance)) {
      stranger.page.addInitScript("localStorage.setItem('gerula-theme', '" + theme + "')");
      stranger.page.navigate(stranger.application.address());
      stranger.page.getByLabel("Passphrase").waitFor();
      assertThat(new AxeBuilder(stranger.page).analyze().getViolations()).isEmpty();
    }
  }

  @ParameterizedTest(name = "{0}")
  @EnumSource(Person.Stance.class)
  void nothingIsLoadedFromOutsideAndNothingRunsOffTheSide(Person.Stance stance) {
    List<String> addresses = new ArrayList<>();
    try (Person artist = new Person(stance)) {
      artist.page.onRequest(request -> addresses.add(request.url()));
      artist.asWren();
      for (String view : views()) {
        artist.goTo(view);
        Number tooWide =
            (Number)
                artist.page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
        assertThat(tooWide.intValue()).as(stance + " " + view).isLessThanOrEqualTo(0);
      }
      Response page = artist.page.navigate(artist.application.address());
      assertThat(page.headers().get("content-security-policy"))
          .contains("script-src 'self';")
          .contains("default-src 'none'");
      assertThat(addresses).allMatch(url -> url.startsWith(artist.application.address()));
    }
  }
}
