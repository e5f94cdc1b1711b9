package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
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
    String scissors = Demo.item("Scissors");
    Locator piece = artist.page.locator("[data-piece='" + scissors + "']");
    Locator pouch = compartment("Backpack", "disposables");
    drag(piece, pouch);
    assertThat(artist.page.getByText("Moved Scissors to Backpack, disposables.")).isVisible();
    assertThat(pouch.locator("[data-piece='" + scissors + "']")).hasCount(1);
    artist.press("Undo").click();
    assertThat(compartment("Rolling case", "tools").locator("[data-piece='" + scissors + "']"))
        .hasCount(1);
  }

  private Locator compartment(String bag, String name) {
    return artist
        .page
        .getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(bag + ", laid open"))
        .locator("g[data-place]")
        .filter(
            new Locator.FilterOptions()
                .setHas(
                    artist.page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Closer to " + name))));
  }

  private void drag(Locator piece, Locator to) {
    BoundingBox from = piece.boundingBox();
    artist.page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
    artist.page.mouse().down();
    BoundingBox goal = to.boundingBox();
    artist
        .page
        .mouse()
        .move(
            goal.x + goal.width / 2,
            goal.y + goal.height * 0.8,
            new Mouse.MoveOptions().setSteps(6));
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
    artist.press("Moved there").click();
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
    artist.press("The whole of it").click();
    assertThat(drawing).hasAttribute("viewBox", whole);
  }

  @Test
  void whatDoesNotMatchIsToldInWords() {
    artist.goTo("/kit/places/" + Demo.place("Rolling case"));
    assertThat(artist.page.getByText("Glow dust gilt lies open in")).isVisible();
    assertThat(artist.sentence()).containsText("do not match");
  }

  @Test
  void aPouchMovesWithAllItHolds() {
    artist.goTo("/kit/places/" + Demo.place("Twelve-pan palette"));
    artist.press("Move it").click();
    artist
        .page
        .getByLabel("Into", new Page.GetByLabelOptions().setExact(true))
        .selectOption(Demo.place("Backpack"));
    artist.press("Moved there").click();
    assertThat(artist.sentence()).containsText("Backpack, Twelve-pan palette: 11 things");
    artist.press("Put it away in Rolling case").click();
    assertThat(artist.sentence()).containsText("Rolling case, Twelve-pan palette");
  }
}
