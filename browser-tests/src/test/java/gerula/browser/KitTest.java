package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class KitTest {

  private Person artist;

  @BeforeEach
  void aKit() {
    artist = new Person(Person.Stance.DESK).withTheDemo();
  }

  @AfterEach
  void done() {
    artist.close();
    // A refusal is also a line in the browser's console.
    artist.complaints.removeIf(complaint -> complaint.contains("status of 4"));
    assertThat(artist.complaints).isEmpty();
  }

  @Test
  void aThingIsAddedFoundMovedAndDiscarded() {
    artist.goTo("/kit/new");
    artist.page.getByLabel("Name").fill("Sea mist");
    artist.press("Add it to the kit").click();
    assertThat(artist.page.getByText("Say how much a full pack holds.")).isVisible();
    artist.page.getByLabel("A full pack holds").fill("40");
    artist.page.getByLabel("Home").selectOption(Demo.place("Drawer 2, base"));
    artist.press("Add it to the kit").click();
    assertThat(artist.sentence())
        .containsText("Sea mist is in Harbour loft, Drawer 2, base, 40 ml of 40");
    artist.press("Move it").click();
    artist
        .page
        .getByLabel("To", new Page.GetByLabelOptions().setExact(true))
        .selectOption(Demo.place("Backpack"));
    artist.press("Moved there").click();
    assertThat(artist.sentence()).containsText("is in Backpack");
    artist.press("Bring it home").click();
    assertThat(artist.sentence()).containsText("Drawer 2, base");
    artist.press("Discard it").click();
    artist.page.getByLabel("Because of").selectOption("broken");
    artist.press("Discarded").click();
    assertThat(artist.sentence()).containsText("was discarded today because of broken");
    artist.press("Undo").first().click();
    assertThat(artist.sentence()).containsText("is in Harbour loft");
    artist.page.keyboard().press("/");
    artist.page.getByRole(AriaRole.SEARCHBOX).fill("mist sea");
    assertThat(artist.page.getByRole(AriaRole.LINK, link("Sea mist"))).isVisible();
    assertThat(artist.page.getByText("1 of 147")).isVisible();
  }

  @Test
  void theSecondOfTwoTabsIsToldAndKeepsWhatWasWritten() {
    String path = "/kit/items/" + Demo.item("Scissors") + "/edit";
    artist.goTo(path);
    Page second = artist.anotherTab();
    second.navigate(artist.application.address() + path);
    second.getByLabel("Note").fill("from the second tab");
    artist.page.getByLabel("Note").fill("from the first tab");
    artist.press("Save the changes").click();
    assertThat(artist.sentence()).containsText("Scissors is in");
    second.getByRole(AriaRole.BUTTON, Person.button("Save the changes")).click();
    assertThat(second.getByText("changed somewhere else while you were writing")).isVisible();
    assertThat(second.getByLabel("Note")).hasValue("from the second tab");
    second.getByRole(AriaRole.BUTTON, Person.button("Show what it is now")).click();
    assertThat(second.getByLabel("Note")).hasValue("from the first tab");
    second.getByLabel("Note").fill("from both");
    second.getByRole(AriaRole.BUTTON, Person.button("Save the changes")).click();
    assertThat(second.getByText("from both").first()).isVisible();
  }

  @Test
  void hostileTextIsShownAsText() {
    artist.goTo("/kit/items/" + Demo.item("Scissors") + "/edit");
    artist.page.getByLabel("Note").fill("<img src=x onerror=\"document.title='taken'\">");
    artist.press("Save the changes").click();
    assertThat(artist.page.getByText("<img src=x").first()).isVisible();
    assertThat(artist.page.title()).isEqualTo("Gerula");
  }

  @Test
  void aBookingIsTakenAndItsListMakesItself() {
    artist.goTo("/bookings/new");
    artist.page.getByLabel("Title").fill("Dance tour by air");
    artist.page.getByLabel("First day").fill("2031-05-20");
    artist.page.getByLabel("Last day").fill("2031-05-19");
    artist.page.getByLabel("Name").fill("Principal dancer");
    artist.press("Backpack").click();
    artist.press("Take it").click();
    assertThat(artist.page.getByText("lies before the first").first()).isVisible();
    artist.page.getByLabel("Last day").fill("2031-05-24");
    artist.press("Take it").click();
    assertThat(artist.sentence()).containsText("Dance tour by air");
    assertThat(artist.line("Soft base 5 neutral")).isVisible();
    assertThat(artist.page.getByRole(AriaRole.GROUP, group("Backpack, laid open"))).isVisible();
  }

  @Test
  void anOpenCaseShowsEveryPieceInIt() {
    artist.goTo("/kit/places/" + Demo.place("Rolling case"));
    assertThat(artist.sentence()).containsText("Rolling case");
    String counted = artist.sentence().locator("a").first().innerText().split(" ")[0];
    assertThat(artist.page.locator("[data-piece]")).hasCount(Integer.parseInt(counted));
  }

  private static Page.GetByRoleOptions link(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Page.GetByRoleOptions group(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
