package gerula.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

/** What holds for every view, light and dark. */
final class EveryView {

  private EveryView() {}

  private static List<String> views() {
    return List.of(
        "/",
        "/bookings",
        "/bookings/new",
        "/bookings/" + Demo.booking("Tidal island block"),
        "/bookings/" + Demo.booking("Tidal island block") + "/edit",
        "/bookings/"
            + Demo.booking("Tidal island block")
            + "/faces/"
            + Demo.firstFace("Tidal island block"),
        "/bookings/" + Demo.booking("Tidal island block") + "/load",
        "/bookings/" + Demo.booking("Tidal island block") + "/chairs",
        "/bookings/" + Demo.booking("Tidal island block") + "/trailer",
        "/kit",
        "/kit/new",
        "/kit/lines?place=" + Demo.place("Rolling case"),
        "/kit/items/" + Demo.item("Lash adhesive, latex-free"),
        "/kit/items/" + Demo.item("Scissors") + "/edit",
        "/kit/places/" + Demo.place("Rolling case"),
        "/kit/places/new",
        "/kit/places/form",
        "/kit/unnamed",
        "/kit?q=soft&mark=place",
        "/kit/usual?work=event",
        "/kit/shades",
        "/kit/home",
        "/kit/bags",
        "/kit/labels",
        "/kit/tables",
        "/dates",
        "/restock",
        "/restock/shops",
        "/restock/money",
        "/restock/range?work=event&lightest=1&deepest=10",
        "/bookings/" + Demo.booking("Tidal island block") + "/cost",
        "/restock?weeks=26&again=" + Demo.booking("Tidal island block"),
        "/house",
        "/account",
        "/bench",
        "/bench/empties",
        "/bench/dilution",
        "/bench/recall?item=" + Demo.item("Fine powder"),
        "/bench/palettes/" + Demo.place("Twelve-pan palette"),
        "/bench/palettes/" + Demo.place("Lash tray"),
        "/kit/places/" + Demo.place("Rolling case") + "/walk",
        "/bookings/calendar",
        "/people",
        "/kit/places/" + Demo.place("Rolling case") + "?close=" + Demo.place("Twelve-pan palette"),
        "/kit/places/" + Demo.place("Set bag") + "/count",
        "/kit/places/" + Demo.place("Brush belt") + "/edit");
  }

  /**
   * WCAG 2.2 AA by axe-core, and nothing runs off the side. The page is loaded once, at an address
   * without a view; in the dark only colours differ.
   */
  static void assertAxeFindsNothingAndNothingRunsOffTheSide(Person.Stance stance) {
    List<String> addresses = new ArrayList<>();
    try (Person artist = new Person(stance).forNobodyElse()) {
      artist.page.onRequest(request -> addresses.add(request.url()));
      artist.asWren();
      artist.page.evaluate("localStorage.setItem('gerula-theme', 'light')");
      List<String> views = new ArrayList<>(views());
      views.add(Bench.planned(artist, Bench.PACKS));
      views.add(Bench.begun(artist, Bench.PACKS));
      views.add(CountTest.begun(artist, Demo.place("Brush belt")));
      Wear.use(artist);
      views.addAll(List.of(Wear.turnover(), "/clean-down", Wear.reach()));
      Axe.inEveryPageOf(artist.page);
      artist.goTo("/no/such/view");
      assertHolds(artist, stance, "/no/such/view");
      for (String view : views) {
        assertHolds(artist.goOnTo(view), stance, view);
      }
      assertThat(artist.complaints).isEmpty();
      assertThat(addresses)
          .allMatch(url -> url.startsWith(artist.application.address()) || url.startsWith("blob:"));
    }
  }

  private static void assertHolds(Person artist, Person.Stance stance, String view) {
    artist.page.evaluate("document.documentElement.dataset.theme = 'light'");
    artist.settled();
    assertThat(Axe.violations(artist.page, Axe.GUIDELINES)).as(stance + " light " + view).isEmpty();
    Number tooWide =
        (Number) artist.page.evaluate("document.documentElement.scrollWidth - window.innerWidth");
    assertThat(tooWide.intValue()).as(stance + " " + view).isLessThanOrEqualTo(0);
    artist.page.evaluate("document.documentElement.dataset.theme = 'dark'");
    assertThat(Axe.violations(artist.page, Axe.CONTRAST)).as(stance + " dark " + view).isEmpty();
  }
}
