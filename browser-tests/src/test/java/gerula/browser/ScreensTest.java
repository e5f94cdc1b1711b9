package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
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
        new View("kit-hand", Person.Stance.HAND, "/kit"),
        new View("open-case", Person.Stance.DESK, "/kit/places/" + Demo.place("Rolling case")),
        new View(
            "bags",
            Person.Stance.DESK,
            "/kit/bags?place=" + Demo.place("Rolling case") + "&place=" + Demo.place("Set bag")),
        new View(
            "palette",
            Person.Stance.DESK,
            "/kit/places/"
                + Demo.place("Rolling case")
                + "?close="
                + Demo.place("Twelve-pan palette")),
        new View("count", Person.Stance.DESK, "/kit/places/" + Demo.place("Set bag") + "/count"),
        new View("bring-home", Person.Stance.HAND, "/kit/home"),
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
        artist.page.waitForLoadState(com.microsoft.playwright.options.LoadState.NETWORKIDLE);
        Path picture = FOLDER.resolve(view.name() + ".png");
        artist.page.screenshot(new Page.ScreenshotOptions().setPath(picture));
        assertThat(picture).isNotEmptyFile();
      }
    }
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
