package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;

/** A bag is counted in one hand: ticked, typed, scanned, left, gone on with, settled. */
class CountTest extends WithTheDemo {

  CountTest() {
    super(Person.Stance.HAND);
  }

  @Test
  void aCountIsLeftGoneOnWithAndSettled() {
    String bag = Demo.place("Set bag");
    artist.goTo("/kit/places/" + bag);
    artist.goTo("/kit/places/" + bag + "/count");
    assertThat(artist.sentence()).containsText("Count what is in Set bag");
    artist.goTo("/kit/places/" + bag);
    artist.press("Count it").click();
    assertThat(artist.sentence()).containsText("0 of 8 seen");
    tick("Pocket mirror");
    assertThat(artist.sentence()).containsText("1 of 8 seen");
    artist.press("How many Blotting papers").click();
    for (String key : List.of("3", "4", "Delete the last digit", "3", "Save")) {
      artist.press(key).click();
    }
    assertThat(artist.sentence()).containsText("2 of 8 seen");
    scan(artist, code(artist, Demo.item("Scissors")));
    assertThat(artist.sentence()).containsText("one unexpected item");
    artist.press("Continue later").click();
    artist
        .page
        .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Continue counting"))
        .click();
    assertThat(artist.sentence()).containsText("2 of 8 seen, 6 not seen, one unexpected item");
    artist.press("Finish: 2 there, 6 missing, 1 unexpected").click();
    assertThat(artist.sentence()).containsText("Set bag: three items");
    // Looking at a count that is settled begins no new one.
    artist.page.goBack();
    assertThat(artist.sentence()).containsText("Count what is in Set bag");
    artist.goTo("/kit/items/" + Demo.item("Blotting papers"));
    assertThat(artist.sentence()).containsText("33 pieces of 100");
    assertThat(artist.page.getByText("Counted").first()).isVisible();
  }

  /** Begins counting a place, or goes on; the path of the view. */
  static String begun(Person artist, String place) {
    String path = "/kit/places/" + place;
    artist.send("/api/places/" + place + "/counts", "{\"id\": \"" + UUID.randomUUID() + "\"}");
    return path + "/count";
  }

  private void tick(String thing) {
    artist.page.getByLabel(thing + " is there").click();
  }

  /** The code on the label of a thing. */
  static String code(Person artist, String item) {
    return (String)
        artist.page.evaluate(
            "async (id) => (await (await fetch('/api/items/' + id)).json()).item.code", item);
  }

  /**
   * As a scanner that types does it: in one burst, then Enter. The keys go in from within the page,
   * because those sent from outside come no faster than a person's when the machine is busy.
   */
  static void scan(Person artist, String code) {
    artist.page.evaluate(
        """
        (code) => {
          const target = document.activeElement ?? document.body;
          for (const key of [...code, "Enter"]) {
            const go = target.dispatchEvent(
              new KeyboardEvent("keydown", {key, bubbles: true, cancelable: true}));
            if (go && key.length === 1 && target instanceof HTMLInputElement) {
              const set = Object.getOwnPropertyDescriptor(
                HTMLInputElement.prototype, "value").set;
              set.call(target, target.value + key);
              target.dispatchEvent(new Event("input", {bubbles: true}));
            }
          }
        }
        """,
        code);
  }
}
