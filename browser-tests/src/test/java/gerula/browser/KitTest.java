package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;

class KitTest extends WithTheDemo {

  KitTest() {
    super(Person.Stance.DESK);
  }

  @Override
  List<String> complaints() {
    return artist.complaintsBesideRefusals();
  }

  @Test
  void aThingIsAddedFoundMovedAndDiscarded() {
    artist.goTo("/kit/new");
    field("Name").fill("Sea mist");
    artist.press("Add it to the kit").click();
    assertThat(artist.page.getByText("Say how much a full pack holds.")).isVisible();
    assertThat(artist.page.getByText("Choose what it is for.")).isVisible();
    field("A full pack holds").fill("40");
    field("What it is for").selectOption("setting-spray");
    field("Form").selectOption("thin-spray");
    artist.unfold("Where and whose");
    assertThat(field("A full pack holds")).hasCount(0);
    field("Home").selectOption(Demo.place("Drawer 2, base"));
    artist.press("Add it to the kit").click();
    assertThat(artist.sentence())
        .containsText("Sea mist is in Harbour loft, Drawer 2, base, 40 ml of 40");
    artist.press("Move it").click();
    to().selectOption(Demo.place("Backpack"));
    artist.press("Move there").click();
    assertThat(artist.sentence()).containsText("is in Backpack");
    artist.press("Put it away").click();
    assertThat(artist.sentence()).containsText("Drawer 2, base");
    artist.press("Discard it").click();
    artist.page.getByLabel("Because of").selectOption("broken");
    artist.press("Discard").click();
    assertThat(artist.sentence()).containsText("was discarded today because of broken");
    artist.undoByTheMessage();
    assertThat(artist.sentence()).containsText("is in Harbour loft");
    artist.page.keyboard().press("/");
    artist.page.getByRole(AriaRole.SEARCHBOX).fill("mist sae");
    assertThat(artist.page.getByText("Sea mist").first()).isVisible();
    artist.page.keyboard().press("Enter");
    assertThat(artist.page.getByText("matching “mist sae”")).isVisible();
    assertThat(artist.page.locator("[data-row] a").first()).containsText("Sea mist");
  }

  @Test
  void inTheHandAHistoryIsReadInWholeLines() {
    try (Person hand = new Person(Person.Stance.HAND).withTheDemo()) {
      hand.goTo("/kit/items/" + Demo.item("Scissors"));
      hand.press("Move it").click();
      to(hand).selectOption(Demo.place("Set bag"));
      hand.press("Move there").click();
      Locator change = hand.page.getByText("now in").last();
      assertThat(change).isVisible();
      assertThat(change.boundingBox().width).isGreaterThan(250);
    }
  }

  @Test
  void theSecondOfTwoTabsIsToldAndKeepsWhatWasWritten() {
    String path = "/kit/items/" + Demo.item("Scissors") + "/edit";
    artist.goTo(path);
    Page second = artist.anotherTab();
    second.navigate(artist.application.address() + path);
    Person.unfold(second, "Note");
    second.getByLabel("Note").fill("from the second tab");
    artist.unfold("Note");
    field("Note").fill("from the first tab");
    artist.press("Save").click();
    assertThat(artist.sentence()).containsText("Scissors is in");
    second.getByRole(AriaRole.BUTTON, Person.button("Save")).click();
    assertThat(second.getByText("changed somewhere else while you were writing")).isVisible();
    assertThat(second.getByLabel("Note")).hasValue("from the second tab");
    second.getByRole(AriaRole.BUTTON, Person.button("Show what it is now")).click();
    assertThat(second.getByLabel("Note")).hasValue("from the first tab");
    second.getByLabel("Note").fill("from both");
    second.getByRole(AriaRole.BUTTON, Person.button("Save")).click();
    assertThat(second.getByText("from both").first()).isVisible();
  }

  @Test
  void theFormDescribesAThingAndItsStateIsCorrectedOnItsSheet() {
    String scissors = "/kit/items/" + Demo.item("Scissors");
    artist.goTo(scissors + "/edit");
    assertThat(artist.page.getByText("Where and whose")).isVisible();
    assertThat(artist.page.getByText("Now", new Page.GetByTextOptions().setExact(true)))
        .hasCount(0);
    artist.goTo(scissors);
    artist.press("Correct it").click();
    artist.page.getByLabel("Cleanliness").selectOption("quarantined");
    artist.press("Save cleanliness").click();
    assertThat(artist.page.getByText("Quarantined: it touches nobody until you decide."))
        .isVisible();
    artist.undoByTheMessage();
    assertThat(artist.page.getByText("Quarantined: it touches nobody until you decide."))
        .hasCount(0);
  }

  @Test
  void hostileTextIsShownAsText() {
    artist.goTo("/kit/items/" + Demo.item("Scissors") + "/edit");
    artist.unfold("Note");
    field("Note").fill("<img src=x onerror=\"document.title='taken'\">");
    artist.press("Save").click();
    assertThat(artist.page.getByText("<img src=x").first()).isVisible();
    assertThat(artist.page.title()).isEqualTo("Gerula");
  }

  @Test
  void aBookingIsTakenAndItsListMakesItself() {
    artist.goTo("/bookings/new");
    artist.page.getByLabel("Title").fill("Dance tour by air");
    artist.page.getByLabel("First day").fill("20/5");
    assertThat(artist.page.getByText("Tue 20 May").last()).isVisible();
    artist.page.getByLabel("Last day").fill("soonish");
    artist.unfold("Conditions and bags");
    artist.press("Backpack").click();
    artist.unfold("Face 1");
    field("Name").fill("Principal dancer");
    artist.press("Save booking").click();
    // What is wrong opens by itself.
    assertThat(artist.page.getByText("Say the skin depth, 1 light to 10 deep.")).isVisible();
    artist.page.getByLabel("Depth 5, neutral").click();
    artist.press("Save booking").click();
    assertThat(artist.page.getByText("This is no date.")).isVisible();
    artist.page.getByLabel("Last day").fill("19 may");
    artist.press("Save booking").click();
    assertThat(artist.page.getByText("lies before the first").first()).isVisible();
    artist.page.getByLabel("Last day").fill("24 may");
    artist.press("Save booking").click();
    assertThat(artist.sentence()).containsText("Dance tour by air");
    assertThat(artist.line("Soft base 5 neutral")).isVisible();
    assertThat(artist.page.getByRole(AriaRole.GROUP, group("Inside Backpack"))).isVisible();
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

  @Test
  void whatWasTypedBeforeIsFilledInAndAnotherOfTheSameIsOnePress() {
    artist.goTo("/kit/new");
    field("Name").fill("Soft b");
    artist.press("Tarnwell Soft base").click();
    assertThat(field("Maker")).hasValue("Tarnwell");
    assertThat(field("A full pack holds")).hasValue("30");
    artist.goTo("/kit/items/" + Demo.item("Scissors"));
    artist.press("Add another").click();
    assertThat(artist.page.getByText("The same in other places")).isVisible();
    assertThat(artist.sentence()).containsText("Scissors is in");
  }

  @Test
  void manyShadesAreAddedInOneGo() {
    artist.goTo("/kit/shades");
    field("Name").fill("Velvet line");
    field("A full pack holds").fill("5");
    field("What it is for").selectOption("lip-colour");
    field("Form").selectOption("lipstick-bullet");
    field("The shades").fill("1 ivory, #f2d6c0, 1\n2 sand, #e3bd9b, 12\n3 clay");
    artist.press("Add three shades to the kit").click();
    assertThat(artist.page.getByText("2 sand: A skin depth lies between")).isVisible();
    field("The shades").fill("1 ivory, #f2d6c0, 1\n2 sand, #e3bd9b, 2.5\n3 clay");
    artist.press("Add three shades to the kit").click();
    assertThat(artist.page.getByText("three items matching")).isVisible();
  }

  @Test
  void aThingIsLentMeasuredAndPictured() throws IOException {
    artist.goTo("/kit/items/" + Demo.item("Rose cream"));
    artist.press("quarter").click();
    assertThat(artist.sentence()).containsText("12.5 ml of 50");
    artist.press("Lend it").click();
    field("To whom").fill("Maelle");
    field("Ask for it on").fill("2031-04-14");
    artist.press("Lend").click();
    assertThat(artist.sentence()).containsText("is in Maelle");
    assertThat(artist.page.getByText("Maelle has it; ask for it today.").first()).isVisible();
    artist
        .page
        .getByLabel("Add a picture")
        .setInputFiles(new FilePayload("rose.png", "image/png", onePixel()));
    assertThat(artist.page.getByRole(AriaRole.IMG)).isVisible();
    artist
        .page
        .getByLabel("Another picture")
        .setInputFiles(
            new FilePayload("x.png", "image/png", "none".getBytes(StandardCharsets.UTF_8)));
    assertThat(artist.page.getByText("neither a JPEG nor a PNG").first()).isVisible();
  }

  static byte[] onePixel() throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(8, 8, BufferedImage.TYPE_INT_RGB), "png", bytes);
    return bytes.toByteArray();
  }

  @Test
  void whatIsOutOfPlaceIsPutAwayOneByOneAndAllAtOnce() {
    artist.goTo("/kit/items/" + Demo.item("Scissors"));
    artist.press("Move it").click();
    to().selectOption(Demo.place("Backpack"));
    artist.press("Move there").click();
    assertThat(artist.sentence()).containsText("is in Backpack");
    artist.goTo("/kit/home");
    assertThat(artist.sentence()).containsText("Two items to put away");
    artist.press("It is back").first().click();
    assertThat(artist.sentence()).containsText("two more not with you");
    artist.press("Put all 2 away").click();
    assertThat(artist.sentence()).containsText("No items to put away");
    artist.undoByTheMessage();
    assertThat(artist.sentence()).containsText("Two items to put away");
  }

  private Locator to() {
    return to(artist);
  }

  private static Locator to(Person person) {
    return person.page.getByRole(
        AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("To").setExact(true));
  }

  private Locator field(String label) {
    return artist.page.getByLabel(label, new Page.GetByLabelOptions().setExact(false)).first();
  }
}
