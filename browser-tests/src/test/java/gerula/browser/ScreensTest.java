package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** One picture of each main view; with -Dscreens=true into docs/screenshots. */
class ScreensTest {

  private static final Path FOLDER =
      Path.of(Boolean.getBoolean("screens") ? "../docs/screenshots" : "target/screens");

  private record View(String name, Person.Stance stance, String path) {}

  private static List<View> views() {
    String island = "/bookings/" + Demo.booking("Tidal island block");
    return List.of(
        new View("next", Person.Stance.DESK, "/"),
        new View("packing-list", Person.Stance.DESK, island),
        new View("packing-hand", Person.Stance.HAND, island),
        new View("booking", Person.Stance.DESK, island + "/edit"),
        new View("kit", Person.Stance.DESK, "/kit"),
        new View("open-case", Person.Stance.DESK, "/kit/places/" + Demo.place("Rolling case")),
        new View("house-rules", Person.Stance.DESK, "/house"),
        new View(
            "face-sheet-hand",
            Person.Stance.HAND,
            island + "/faces/" + Demo.firstFace("Tidal island block")),
        new View("dates", Person.Stance.DESK, "/dates"),
        new View(
            "item", Person.Stance.DESK, "/kit/items/" + Demo.item("Lash adhesive, latex-free")));
  }

  @Test
  void everyMainViewIsPictured() throws IOException {
    Files.createDirectories(FOLDER);
    try (Person desk = new Person(Person.Stance.DESK).withTheDemo();
        Person hand = new Person(Person.Stance.HAND).withTheDemo()) {
      packSome(desk);
      for (View view : views()) {
        Person artist = view.stance() == Person.Stance.DESK ? desk : hand;
        artist.goTo(view.path());
        artist.settled();
        Path picture = FOLDER.resolve(view.name() + ".png");
        artist.page.screenshot(new Page.ScreenshotOptions().setPath(picture));
        assertThat(picture).isNotEmptyFile();
      }
      cleaning(desk, hand);
      restock(desk);
      bags(desk, hand);
      bench(desk, hand);
    }
  }

  private static void bags(Person desk, Person hand) {
    String island = "/bookings/" + Demo.booking("Tidal island block");
    for (Person artist : List.of(desk, hand)) {
      artist.goTo(island + "/load");
      artist.press("Plan the bags").click();
    }
    desk.page.getByText("have a place in").waitFor();
    desk.page
        .locator("[data-piece]")
        .filter(new Locator.FilterOptions().setHasText("Soft base 2"))
        .first()
        .click();
    picture(desk, "load-plan");
    desk.goTo(island + "/chairs");
    desk.page.getByLabel("Everybody ready by").fill("9:30");
    desk.press("Keep and seat them").click();
    desk.page.getByText("late by").first().waitFor();
    picture(desk, "chairs");
    desk.goTo(island + "/trailer");
    desk.page.getByText("What stands where").waitFor();
    picture(desk, "trailer");
  }

  private static void restock(Person artist) {
    artist.goTo("/restock");
    for (String product : List.of("Tissues", "Make-up remover", "Cotton rounds")) {
      artist
          .page
          .getByLabel(Pattern.compile("^Put .*" + product + " onto the buying list$"))
          .first()
          .click();
      artist.page.getByText(product + " is on the buying list.").first().waitFor();
    }
    artist.page.evaluate("scrollTo(0, 0)");
    picture(artist, "restock");
    artist.goTo("/restock/range?work=screen-drama&work=event&lightest=1&deepest=10");
    artist.page.getByText("How far the bases reach").waitFor();
    picture(artist, "range");
    artist.goTo("/restock/money");
    artist.page.getByText("Spent, month by month").waitFor();
    picture(artist, "money");
  }

  private static void cleaning(Person desk, Person hand) {
    for (Person artist : List.of(desk, hand)) {
      Wear.use(artist);
    }
    hand.goTo(Wear.turnover());
    hand.press("Both sprayed").waitFor();
    picture(hand, "turnover-hand");
    desk.goTo("/clean-down");
    desk.press("Something happened").waitFor();
    picture(desk, "clean-down");
  }

  private static void bench(Person desk, Person hand) {
    desk.goTo(Bench.planned(desk, Bench.PACKS));
    desk.page.getByLabel("The bench, in the order of work").getByText("Hold mist").click();
    picture(desk, "bench-plan");
  }

  private static void picture(Person artist, String name) {
    artist.settled();
    artist.page.screenshot(new Page.ScreenshotOptions().setPath(FOLDER.resolve(name + ".png")));
  }

  private static void packSome(Person artist) {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    for (String thing :
        List.of(
            "Surface alcohol",
            "Bin bags",
            "Table mat",
            "Soft base 4",
            "Steel palette",
            "Fine powder deep",
            "Corrector orange",
            "Mascara wands")) {
      artist.tick(thing).click();
      com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(artist.tick(thing))
          .isChecked();
    }
    artist.press("Close this message").click();
  }
}
