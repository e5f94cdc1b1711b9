package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * The kit at the desk: dense rows, sorted by any column, several chosen with keys and moved at
 * once.
 */
class KitTableTest extends WithTheDemo {

  private static final int ROWS_IN_SIGHT = 18;

  KitTableTest() {
    super(Person.Stance.DESK);
  }

  private Locator row(int index) {
    return artist.page.locator("[data-row='" + index + "']");
  }

  private Locator head(String name) {
    return artist.page.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName(name));
  }

  @Test
  void eighteenRowsAreInSightSortedAsOneLikes() {
    artist.goTo("/kit");
    Locator last = row(ROWS_IN_SIGHT - 1);
    assertThat(last).isVisible();
    double bottom = last.boundingBox().y + last.boundingBox().height;
    assertThat(bottom).isLessThanOrEqualTo(800);
    artist.press("Use-by").click();
    assertThat(head("Use-by")).hasAttribute("aria-sort", "ascending");
    assertThat(row(0).locator(".text-stop")).isVisible();
    artist.press("Use-by").click();
    assertThat(head("Use-by")).hasAttribute("aria-sort", "descending");
    assertThat(row(0).locator(".text-stop")).hasCount(0);
    artist.page.reload();
    assertThat(head("Use-by")).hasAttribute("aria-sort", "descending");
  }

  @Test
  void columnsAreChosenAndStayChosen() {
    artist.goTo("/kit");
    assertThat(head("Opened")).hasCount(0);
    artist.press("Choose the columns").click();
    artist.press("Opened").click();
    artist.press("Depth").click();
    artist.press("Close").click();
    assertThat(head("Opened")).isVisible();
    artist.page.reload();
    assertThat(head("Depth")).isVisible();
  }

  @Test
  void severalAreChosenWithTheKeysMovedTogetherAndUndone() {
    artist.goTo("/kit?q=soft+base");
    row(0).focus();
    artist.page.keyboard().press("Space");
    artist.page.keyboard().press("Shift+ArrowDown");
    artist.page.keyboard().press("Shift+ArrowDown");
    assertThat(artist.page.getByText("Three items chosen")).isVisible();
    List<String> names = row(0).locator("a").allInnerTexts();
    artist.press("Move").click();
    artist
        .page
        .getByLabel("To", new Page.GetByLabelOptions().setExact(true))
        .selectOption(Demo.place("Backpack"));
    artist.press("Move three items").click();
    assertThat(artist.page.getByText("Moved three items to Backpack.")).isVisible();
    assertThat(row(0)).containsText("Backpack");
    assertThat(row(2)).containsText("Backpack");
    assertThat(row(0).locator("a")).hasText(names.getFirst());
    artist.undoByTheMessage();
    assertThat(row(0)).not().containsText("Backpack");
    assertThat(artist.page.getByText("items chosen")).hasCount(0);
  }

  @Test
  void whatIsChosenIsLabelledOrDiscardedInOneAct() {
    artist.goTo("/kit?q=soft+base");
    row(0).locator("[role=gridcell]").last().click();
    row(1).locator("[role=gridcell]").last().click();
    artist.page.getByRole(AriaRole.LINK, exactly("Labels")).last().click();
    assertThat(artist.sentence()).containsText("Two labels");
    artist.page.goBack();
    row(0).locator("[role=gridcell]").last().click();
    artist.press("Discard").click();
    artist.page.getByLabel("Because").selectOption("broken");
    artist.press("Discard one item").click();
    assertThat(artist.page.getByText("Discarded one item.")).isVisible();
    artist.undoByTheMessage();
    assertThat(artist.page.getByText("Undone.")).isVisible();
  }

  @Test
  void severalBrushesBecomeOneSet() {
    artist.goTo("/kit?q=brush&section=brushes");
    row(0).getByText("1 piece").click();
    row(1).getByText("1 piece").click();
    artist.page.getByRole(AriaRole.BUTTON, exactly("Brush set")).click();
    artist.page.getByLabel("Name of the set").fill("Second face");
    artist.press("Save").click();
    assertThat(artist.page.getByText("Second face is a set of two brushes.")).isVisible();
    artist.undoByTheMessage();
    assertThat(artist.page.getByText("Undone.")).isVisible();
  }

  private static Page.GetByRoleOptions exactly(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }
}
