package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Keyboard;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A booking as it takes shape: a sentence that grows, faces quickly said, and what comes of it. */
class BookingTest extends WithTheDemo {

  BookingTest() {
    super(Person.Stance.DESK);
  }

  @Test
  void theSentenceGrowsWithWhatIsSaid() {
    artist.goTo("/bookings/new");
    assertThat(artist.sentence()).containsText("say when it is");
    artist.page.getByLabel("Title").fill("Season portraits");
    artist.page.getByLabel("Kind of work").selectOption("portraits");
    artist.press("Paste names").click();
    artist.page.getByLabel("One name a line").fill("Ines 4\nOdile Marsh, 6.5\n\nConductor\n");
    artist.press("Add these faces").click();
    assertThat(artist.page.getByText("Ines, depth 4")).isVisible();
    assertThat(artist.page.getByText("Odile Marsh, depth 6.5")).isVisible();
    assertThat(artist.page.getByText("Conductor, depth not said")).isVisible();
    assertThat(artist.sentence()).containsText("portraits, two faces, depth 4 to 6.5");
    assertThat(artist.sentence()).containsText("items");
    assertThat(artist.sentence()).containsText("comes too late if it is ordered");
  }

  @Test
  void aBookingIsCopiedToTheSameDayOfALaterWeek() {
    artist.goTo("/bookings");
    artist.page.getByLabel("Copy Election night").click();
    assertThat(artist.page.getByLabel("Title")).hasValue("Election night");
    assertThat(artist.page.getByLabel("First day")).hasValue("13 May 2031");
    artist.press("Save booking").click();
    assertThat(artist.sentence()).containsText("Election night, in 29 days, Tue 13 May");
    assertThat(artist.sentence()).containsText("four faces");
    artist.goTo("/bookings");
    assertThat(artist.page.getByLabel("Copy Election night")).hasCount(2);
  }

  /** One arrow down and two to the right: a depth and an undertone, and no mouse. */
  @Test
  void skinIsPickedWithTheArrowKeys() {
    artist.goTo("/bookings/new");
    artist.unfold("Face 1");
    artist.page.getByLabel("Depth 5, neutral").focus();
    Keyboard keys = artist.page.keyboard();
    keys.press("ArrowRight");
    keys.press("ArrowRight");
    keys.press("ArrowDown");
    Locator picked = artist.page.getByLabel("Depth 7, warm");
    assertThat(picked).isFocused();
    assertThat(picked).hasAttribute("aria-pressed", "true");
    assertThat(artist.page.getByLabel("Skin depth")).hasValue("7");
  }

  @Test
  void aGroupAndADayThatDiffersAreKept() {
    artist.goTo("/bookings/new");
    artist.page.getByLabel("Title").fill("Market scene");
    artist.page.getByLabel("Last day").fill("in 3 days");
    artist.page.getByLabel("First day").fill("tomorrow");
    artist.page.getByLabel("A day that differs").selectOption(new SelectOption().setIndex(2));
    artist.page.getByLabel("Call", new Page.GetByLabelOptions().setExact(true)).fill("4.50");
    artist.unfold("Face 1");
    artist.press("Leave face 1 out").click();
    artist.press("Add a group").click();
    artist.page.getByLabel("How many").fill("40");
    assertThat(artist.page.getByLabel("Lightest of them")).hasValue("2");
    artist.press("Save booking").click();
    assertThat(artist.sentence()).containsText("Market scene");
    assertThat(artist.sentence()).containsText("40 faces");
    assertThat(artist.page.getByText("Puffs").first()).isVisible();
    artist.page.getByText("Edit booking").first().click();
    assertThat(artist.page.getByText("Background, 40 people, depth 2 to 9")).isVisible();
    assertThat(artist.page.getByLabel("Call", new Page.GetByLabelOptions().setExact(true)))
        .hasValue("04:50");
  }

  @Test
  void aGapIsFilledWithWhatIsNearAndTheListSaysWhyNot() {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    Locator gap =
        artist.page.locator("#gaps li", new Page.LocatorOptions().setHasText("Brow colour, fair"));
    artist.page.getByText(Pattern.compile("^Show all \\d+ gaps$")).click();
    gap.locator("summary").click();
    assertThat(gap).containsText("is taupe");
    gap.getByText("Take it instead").first().click();
    assertThat(artist.page.getByText("goes along instead.")).isVisible();
    artist.undoByTheMessage();
    assertThat(gap).isVisible();
    assertThat(artist.page.getByText("ΔE").first()).isVisible();
    artist.page.getByLabel("Add an item").fill("brow press");
    artist.press("Why not Brow press taupe?").click();
    assertThat(artist.page.getByText("Brow colour, dark for Corin: it is taupe.")).isVisible();
  }
}
