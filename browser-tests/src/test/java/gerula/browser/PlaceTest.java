package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Places are made, measured, given slots and performers, and taken away when they are empty. */
class PlaceTest extends WithTheDemo {

  PlaceTest() {
    super(Person.Stance.DESK);
  }

  @Override
  List<String> complaints() {
    return artist.complaintsBesideRefusals();
  }

  @Test
  void aPaletteWithSlotsIsMadeFilledAndTakenAway() {
    artist.goTo("/kit/places/form?in=" + Demo.place("Backpack"));
    artist.page.getByLabel("Name").fill("Travel palette");
    artist.page.getByLabel("Kind").selectOption("palette");
    artist.unfold("Slots");
    artist.page.getByLabel("How many").fill("0");
    artist.press("Add the place").click();
    assertThat(artist.page.getByText("A place has 1 to 500 slots").first()).isVisible();
    artist.page.getByLabel("How many").fill("6");
    artist.unfold("What for");
    artist.page.getByLabel("Section of").fill("Corin");
    artist.press("lips").click();
    artist.press("Add the place").click();
    assertThat(artist.sentence()).containsText("Backpack, Travel palette: no items");
    assertThat(artist.page.getByText("section of Corin")).isVisible();
    assertThat(artist.page.getByText("only for lips")).isVisible();
    CountTest.scan(artist, CountTest.code(artist, Demo.item("Scissors")));
    assertThat(artist.sentence()).containsText("one item");
    assertThat(artist.page.getByText("is kept for other items")).isVisible();
    artist.press("Remove this place").click();
    assertThat(artist.page.getByText("Something lies in this place")).isVisible();
  }

  @Test
  void aCaseIsDrawnWhileItIsTypedAndMadeInOneGo() {
    artist.goTo("/kit/places/new?in=" + Demo.place("Backpack"));
    artist.press("Set bag").click();
    Locator line = artist.page.getByLabel("Place what it is");
    assertThat(line).hasValue(Pattern.compile("^set bag about .*"));
    assertThat(artist.page.getByText("sizes estimated")).isVisible();
    line.fill("tin box 12x8x5, 2 trays 11x7x2 (base, lips), 90 pouches");
    assertThat(artist.page.getByText("One line makes at most 60 places.")).isVisible();
    line.fill("tin box 12x8x5, 2 trays 11x7x2 (base, lips), pouch");
    assertThat(artist.page.getByText("Four places; one place without a size")).isVisible();
    assertThat(
            artist.page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName("Inside Tin box")))
        .isVisible();
    artist.page.keyboard().press("Enter");
    assertThat(artist.sentence()).containsText("Backpack, Tin box: no items");
    artist.undoByTheMessage();
    assertThat(artist.page.getByText("Undone.")).isVisible();
    artist.goTo("/kit/places/" + Demo.place("Backpack"));
    assertThat(artist.page.getByText("Tin box")).hasCount(0);
  }

  @Test
  void whatWasLookedForAndLostStandsUpAndComesBack() {
    artist.goTo("/kit/places/form");
    artist.page.getByLabel("Name").fill("Lost at sea");
    artist.page.getByLabel("Kind").selectOption("lost");
    artist.press("Add the place").click();
    assertThat(artist.sentence()).containsText("Lost at sea");
    CountTest.scan(artist, CountTest.code(artist, Demo.item("Scissors")));
    assertThat(artist.sentence()).containsText("one item");
    artist.goTo("/kit/items/" + Demo.item("Scissors"));
    assertThat(artist.page.getByText("Lost: you looked for it and gave up.").first()).isVisible();
    artist.press("Put it away").click();
    assertThat(artist.sentence()).containsText("Scissors is in Rolling case, tools");
  }

  @Test
  void twoTabsThatChangeOnePlaceAreTold() {
    String path = "/kit/places/" + Demo.place("Backpack") + "/edit";
    artist.goTo(path);
    Page second = artist.anotherTab();
    second.navigate(artist.application.address() + path);
    Person.unfold(second, "What for");
    second.getByLabel("Note").fill("from the second");
    artist.unfold("What for");
    artist.page.getByLabel("Note").fill("from the first");
    artist.press("Save").click();
    assertThat(artist.page.getByText("from the first").first()).isVisible();
    second.getByRole(AriaRole.BUTTON, Person.button("Save")).click();
    assertThat(second.getByText("changed somewhere else while you were writing")).isVisible();
    second.getByRole(AriaRole.BUTTON, Person.button("Save mine over it")).click();
    assertThat(second.getByText("from the second").first()).isVisible();
  }

  @Test
  void countedStockIsTakenElsewhere() {
    artist.goTo("/kit/items/" + Demo.item("Blotting papers"));
    artist.press("Take some elsewhere").click();
    artist.page.getByLabel("How many").fill("30");
    artist
        .page
        .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("To").setExact(true))
        .selectOption(Demo.place("Backpack"));
    artist.press("Take there").click();
    assertThat(artist.sentence()).containsText("50 pieces of 100");
    assertThat(artist.page.getByText("The same in other places")).isVisible();
    assertThat(artist.page.getByText("80 pieces in all")).isVisible();
  }
}
