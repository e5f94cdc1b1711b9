package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Items typed one a line at a drawer, with the keys alone; a pasted list is looked at first. */
class LinesTest {

  private static Locator line(Person artist) {
    return artist.page.locator("#one-line");
  }

  private static Locator readAs(Person artist) {
    return artist.page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Read as"));
  }

  @Test
  void whatIsTypedIsReadCorrectedAddedAndTakenBackWithTheKeys() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit/lines?place=" + Demo.place("Rolling case"));
      assertThat(line(artist)).isFocused();
      artist.page.keyboard().type("Vesperholt glow stick 4 rose gold 6 g opened 3/31 half x2");
      assertThat(readAs(artist)).containsText("highlighter");
      assertThat(readAs(artist)).containsText("4 rose gold");
      assertThat(readAs(artist)).containsText("50 %, 3 g");
      // The fourth part is what it is: it is a blush to this artist.
      artist.page.keyboard().press("Alt+4");
      artist.page.getByLabel("Not highlighter, but").selectOption("blush");
      assertThat(readAs(artist)).containsText("blush");
      assertThat(line(artist)).isFocused();
      artist.page.keyboard().press("Enter");
      assertThat(artist.page.getByText("Added 2 × glow stick 4 rose gold to Rolling case."))
          .isVisible();
      assertThat(artist.sentence()).containsText("Two items added so far.");
      assertThat(line(artist)).hasValue("");
      artist.page.keyboard().type("Vesperholt glow stick 5-7");
      assertThat(readAs(artist)).containsText("3 shades: 5, 6, 7");
      // What the kit has of that name is like it: the class is suggested from it.
      assertThat(readAs(artist)).containsText("blush");
      artist.page.keyboard().press("Enter");
      assertThat(artist.sentence()).containsText("Five items added so far.");
      artist.page.keyboard().press("Control+z");
      assertThat(artist.page.getByText("Undone.")).isVisible();
      assertThat(artist.sentence()).containsText("Two items added so far.");
      artist.goTo("/kit?q=glow%20stick");
      assertThat(artist.page.getByText("glow stick 4 rose gold").first()).isVisible();
      assertThat(artist.page.getByText("glow stick 6")).hasCount(0);
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aPictureIsTakenNowAndNamedLater() throws java.io.IOException {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/kit/lines?place=" + Demo.place("Backpack"));
      artist
          .page
          .locator("#picture-for-later")
          .setInputFiles(new FilePayload("shelf.png", "image/png", KitTest.onePixel()));
      artist.page.getByText("One picture without a name").click();
      assertThat(artist.sentence()).containsText("One picture without a name. What is this?");
      assertThat(artist.page.getByAltText("What is to be named")).isVisible();
      assertThat(artist.page.getByLabel("It lies in")).hasValue(Demo.place("Backpack"));
      line(artist).fill("Vesperholt glow stick 9 full");
      assertThat(readAs(artist)).containsText("highlighter");
      artist.page.keyboard().press("Enter");
      assertThat(artist.sentence()).containsText("Every picture has a name.");
      artist.undoByTheMessage();
      assertThat(artist.sentence()).containsText("One picture without a name.");
      artist.goTo("/");
      assertThat(artist.page.getByText("One picture without a name")).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  /** One types on while a line is on its way, and gets back what was not added. */
  @Test
  void nothingThatIsTypedIsLostWhileALineIsOnItsWay() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit/lines");
      List<Route> held = new ArrayList<>();
      artist.page.route("**/api/kit/lines", held::add);
      line(artist).fill("Tweezers slanted");
      artist.page.keyboard().press("Enter");
      assertThat(line(artist)).hasValue("");
      line(artist).fill("Scissors curved");
      artist.page.keyboard().press("Enter");
      line(artist).fill("Lash curl");
      artist.page.waitForCondition(() -> held.size() == 2);
      held.get(1).abort();
      held.get(0).resume();
      assertThat(artist.page.getByText("Not added: Scissors curved")).isVisible();
      assertThat(artist.sentence()).containsText("One item added so far.");
      assertThat(line(artist)).hasValue("Lash curl");
      artist.page.unroute("**/api/kit/lines");
      artist.press("Change it").click();
      assertThat(line(artist)).hasValue("Scissors curved");
      assertThat(artist.page.getByText("Not added: Scissors curved")).hasCount(0);
      assertThat(artist.page.getByText("Not added: Lash curl")).isVisible();
    }
  }

  /** What the kit knows of a pack fills the line; a place says where one stands. */
  @Test
  void aScanFillsTheLine() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit/lines");
      CountTest.scan(artist, CountTest.code(artist, Demo.item("Scissors")));
      assertThat(line(artist)).hasValue(Pattern.compile(".*Scissors.* 1 pcs"));
      assertThat(artist.press("Add Scissors")).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aPastedListIsCheckedBeforeItIsAdded() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/kit/lines?place=" + Demo.place("Backpack"));
      paste(artist, "brow gel clear\nlash glue 5 ml exp 3/32\ngift bag x0");
      Locator list =
          artist.page.getByRole(
              AriaRole.REGION, new Page.GetByRoleOptions().setName("Lines to be added"));
      assertThat(list).containsText("lash adhesive");
      list.getByLabel("Line", new Locator.GetByLabelOptions().setExact(true))
          .nth(2)
          .fill("tweezers");
      assertThat(list).containsText("Three lines, three items.");
      artist.press("Add three items").click();
      assertThat(artist.page.getByText("Added three items to Backpack.")).isVisible();
      artist.goTo("/kit/places/" + Demo.place("Backpack"));
      assertThat(artist.page.locator("[data-piece][aria-label*='lash glue']")).hasCount(1);
      assertThat(artist.complaints).isEmpty();
    }
  }

  private static void paste(Person artist, String text) {
    line(artist)
        .evaluate(
            """
            (field, text) => {
              const data = new DataTransfer();
              data.setData("text", text);
              field.dispatchEvent(new ClipboardEvent("paste",
                { clipboardData: data, bubbles: true, cancelable: true }));
            }
            """,
            text);
  }
}
