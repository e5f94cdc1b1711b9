package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Codes are read by the camera, by a scanner that types, and by hand. */
class ScanTest {

  @Test
  void theCameraReadsALabelAndOpensTheThing() throws IOException {
    Path film = Path.of("target", "label.mjpeg").toAbsolutePath();
    String code;
    try (Person artist = new Person(Person.Stance.HAND).asWren()) {
      code = CountTest.code(artist, Demo.item("Scissors"));
    }
    Film.of(code, film);
    try (Person artist = Person.withCamera(film).asWren()) {
      artist.press("Scan").click();
      artist.page.waitForURL(url -> url.contains("/kit/items/"));
      assertThat(artist.page.getByText("Read: ")).isVisible();
      artist.page.keyboard().press("Escape");
      assertThat(artist.page.getByText(code.substring(0, 3) + " " + code.substring(3))).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aPlaceIsScannedThenThingsAndTheyGoThere() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit");
      String bag =
          (String)
              artist.page.evaluate(
                  "async (id) => (await (await fetch('/api/places/' + id)).json()).place.code",
                  Demo.place("Backpack"));
      CountTest.scan(artist, bag);
      assertThat(artist.sentence()).containsText("Backpack");
      CountTest.scan(artist, CountTest.code(artist, Demo.item("Scissors")));
      assertThat(artist.page.getByText("Moved Scissors to Backpack.")).isVisible();
      artist.goTo("/kit/places/" + Demo.place("Set bag"));
      artist.page.getByRole(AriaRole.SEARCHBOX).fill("lamp");
      CountTest.scan(artist, CountTest.code(artist, Demo.item("Scissors")));
      assertThat(artist.page.getByText("Moved Scissors to Set bag.")).isVisible();
      assertThat(artist.page.getByRole(AriaRole.SEARCHBOX)).hasValue("lamp");
    }
  }

  /** A busy machine or an old phone makes a scanner as slow as a hand. */
  @Test
  void aScannerAsSlowAsAHandIsReadAllTheSame() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit/places/" + Demo.place("Set bag"));
      String code = CountTest.code(artist, Demo.item("Scissors"));
      artist.page.getByRole(AriaRole.SEARCHBOX).fill("lamp");
      artist.page.keyboard().type(code, new Keyboard.TypeOptions().setDelay(170));
      artist.page.keyboard().press("Enter");
      assertThat(artist.page.getByText("Moved Scissors to Set bag.")).isVisible();
      assertThat(artist.page.getByRole(AriaRole.SEARCHBOX)).hasValue("lamp");
    }
  }

  @Test
  void aWordTypedByHandIsNoScan() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit");
      artist.page.getByRole(AriaRole.SEARCHBOX).focus();
      artist.page.keyboard().type("SCISSORS", new Keyboard.TypeOptions().setDelay(170));
      artist.page.keyboard().press("Enter");
      assertThat(artist.page.getByRole(AriaRole.SEARCHBOX)).hasValue("SCISSORS");
    }
  }

  @Test
  void whatIsTypedIsReadAndAPackNobodyKnowsBeginsANewThing() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit");
      artist.press("Scan").click();
      assertThat(artist.page.getByText("There is no camera here.")).isVisible();
      artist.page.getByLabel("Or type the code").fill("ZZZ");
      artist.press("Read it").click();
      assertThat(artist.page.getByText("nothing in this kit has that code")).isVisible();
      artist.page.getByLabel("Or type the code").fill("4006381333931");
      artist.press("Read it").click();
      artist.page.waitForURL(url -> url.contains("/kit/new?pack=4006381333931"));
      artist.page.keyboard().press("Escape");
      artist.unfold("Pack and price");
      assertThat(artist.page.getByLabel("Pack code")).hasValue("4006381333931");
    }
  }

  @Test
  void whilePackingAScanTicksOff() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
      assertThat(artist.tick("Steel palette")).not().isChecked();
      CountTest.scan(artist, CountTest.code(artist, Demo.item("Steel palette")));
      assertThat(artist.tick("Steel palette")).isChecked();
    }
  }
}
