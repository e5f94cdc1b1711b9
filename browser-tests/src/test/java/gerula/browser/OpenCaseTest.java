package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Bags laid open: pieces are chosen, looked at closely, and moved by hand, by key and by command.
 */
class OpenCaseTest extends WithTheDemo {

  OpenCaseTest() {
    super(Person.Stance.DESK);
  }

  @Test
  void aPieceIsDraggedFromOneBagIntoAnotherAndBack() {
    artist.goTo(
        "/kit/bags?place=" + Demo.place("Rolling case") + "&place=" + Demo.place("Backpack"));
    Locator pouch = compartment("Backpack", "disposables");
    drag(piece("Scissors"), pouch);
    assertThat(artist.page.getByText("Moved Scissors to Backpack, disposables.")).isVisible();
    assertThat(in(pouch, "Scissors")).hasCount(1);
    artist.undoByTheMessage();
    assertThat(in(compartment("Rolling case", "tools"), "Scissors")).hasCount(1);
  }

  /**
   * All of it before the page can draw anything, as on a machine that is busy with other things.
   */
  @Test
  void aPieceThatIsFlungLandsToo() {
    artist.goTo(
        "/kit/bags?place=" + Demo.place("Rolling case") + "&place=" + Demo.place("Backpack"));
    artist.settled();
    BoundingBox from = piece("Scissors").boundingBox();
    BoundingBox goal = compartment("Backpack", "disposables").boundingBox();
    artist.page.evaluate(
        """
        ([from, to]) => {
          const act = (kind, at) =>
            document
              .elementFromPoint(at[0], at[1])
              .dispatchEvent(new MouseEvent(kind, {
                bubbles: true, cancelable: true, button: 0, clientX: at[0], clientY: at[1],
              }));
          act("mousedown", from);
          act("mousemove", [from[0] + 30, from[1]]);
          act("mousemove", to);
          act("mouseup", to);
        }""",
        List.of(middle(from, 0.5), middle(goal, 0.8)));
    assertThat(artist.page.getByText("Moved Scissors to Backpack, disposables.")).isVisible();
  }

  private static List<Double> middle(BoundingBox box, double down) {
    return List.of(box.x + box.width / 2, box.y + box.height * down);
  }

  private Locator piece(String name) {
    return artist.page.locator(pieceOf(name));
  }

  private static Locator in(Locator place, String name) {
    return place.locator(pieceOf(name));
  }

  private static String pieceOf(String name) {
    return "[data-piece='" + Demo.item(name) + "']";
  }

  private Locator compartment(String bag, String name) {
    return artist
        .page
        .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Inside " + bag))
        .locator("g[data-place]")
        .filter(
            new Locator.FilterOptions()
                .setHas(
                    artist.page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Closer to " + name))));
  }

  private void drag(Locator piece, Locator to) {
    artist.settled();
    List<Double> from = middle(piece.boundingBox(), 0.5);
    List<Double> goal = middle(to.boundingBox(), 0.8);
    artist.page.mouse().move(from.get(0), from.get(1));
    artist.page.mouse().down();
    artist.page.mouse().move(goal.get(0), goal.get(1), new Mouse.MoveOptions().setSteps(6));
    artist.page.mouse().up();
  }

  @Test
  void everythingIsDoneWithTheKeysAlone() {
    artist.goTo("/kit/places/" + Demo.place("Rolling case"));
    artist.page.locator("[data-piece][tabindex='0']").focus();
    String first = focused();
    artist.page.keyboard().press("ArrowRight");
    assertThat(focused()).isNotEqualTo(first);
    artist.page.keyboard().press("ArrowDown");
    String chosen = focused();
    artist.page.keyboard().press("Enter");
    assertThat(artist.page.locator("[data-piece='" + chosen + "']"))
        .hasAttribute("aria-pressed", "true");
    artist.page.getByLabel("Move it to").selectOption(Demo.place("Backpack"));
    artist.press("Move there").click();
    assertThat(artist.page.getByText("to Backpack.").first()).isVisible();
    assertThat(artist.page.locator("[data-piece='" + chosen + "']")).hasCount(0);
  }

  private String focused() {
    return (String) artist.page.evaluate("document.activeElement.dataset.piece");
  }

  @Test
  void oneLooksCloserAndAwayAgainAndTheAddressKeepsIt() {
    String palette = Demo.place("Twelve-pan palette");
    artist.goTo("/kit/places/" + Demo.place("Rolling case"));
    Locator drawing = artist.page.locator("svg[data-place]").first();
    String whole = drawing.getAttribute("viewBox");
    artist
        .page
        .getByRole(
            AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Closer to Twelve-pan palette"))
        .click();
    assertThat(drawing).not().hasAttribute("viewBox", whole);
    assertThat(artist.page.locator("svg text").getByText("kelp")).isVisible();
    assertThat(artist.page.url()).contains("close=" + palette);
    artist.press("Show all of it").click();
    assertThat(drawing).hasAttribute("viewBox", whole);
  }

  @Test
  void whatDoesNotMatchIsToldInWords() {
    artist.goTo("/kit/places/" + Demo.place("Rolling case"));
    assertThat(artist.page.getByText("Glow dust gilt lies open in")).isVisible();
    assertThat(artist.sentence()).containsText("don’t match");
  }

  @Test
  void aPouchMovesWithAllItHolds() {
    artist.goTo("/kit/places/" + Demo.place("Twelve-pan palette"));
    artist.press("Move it").click();
    artist
        .page
        .getByLabel("Into", new Page.GetByLabelOptions().setExact(true))
        .selectOption(Demo.place("Backpack"));
    artist.press("Move there").click();
    assertThat(artist.sentence()).containsText("Backpack, Twelve-pan palette: 11 items");
    artist.press("Put it away in Rolling case").click();
    assertThat(artist.sentence()).containsText("Rolling case, Twelve-pan palette");
  }
}
