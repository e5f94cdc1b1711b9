package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The depot bench: planned at the desk, worked through in the hand. */
class BenchTest {

  @Test
  void packsAreTakenPlannedChangedAndThePlanGoesRoundIt() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/bench");
      assertThat(artist.sentence()).containsText("worth decanting");
      taking(artist, "Vesperholt Hold mist").click();
      taking(artist, "Cairnlowe Make-up remover").click();
      artist.press("Plan with two packs").click();
      assertThat(artist.sentence()).containsText("Two packs into");
      assertThat(artist.page.getByText("Rolling case:")).isVisible();
      Locator mist = column(artist, "Hold mist");
      assertThat(mist).hasAttribute("aria-label", Pattern.compile("Mist bottle 30 ml, 25 ml"));
      mist.click();
      Locator editor = artist.page.getByRole(AriaRole.REGION, region("Vesperholt Hold mist"));
      assertThat(editor).containsText("may clog");
      editor.getByLabel("In each").fill("12");
      editor.getByLabel("In each").press("Enter");
      assertThat(column(artist, "Hold mist")).hasAttribute("aria-label", Pattern.compile("12 ml"));
      artist.undoByTheMessage();
      assertThat(column(artist, "Hold mist")).hasAttribute("aria-label", Pattern.compile("25 ml"));
      editor.getByRole(AriaRole.BUTTON, inside("Stays in its pack")).click();
      assertThat(column(artist, "Hold mist"))
          .hasAttribute("aria-label", Pattern.compile("stays in its pack"));
      assertThat(artist.sentence()).containsText("One pack into");
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aSessionIsWorkedThroughWithOneThumbAndPutAside() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo(Bench.begun(artist, List.of("Hold mist", "Lip bullet")));
      assertThat(artist.sentence()).containsText("0 of 2 filled");
      assertThat(artist.page.getByText("First a clean table")).isVisible();
      artist.press("Start").click();
      artist.press("Filled and labelled").click();
      assertThat(artist.sentence()).containsText("1 of 2 filled");
      // The lipstick comes last: it is softened with heat, once all alcohol is dry.
      assertThat(artist.page.getByText("The plate burns")).isVisible();
      assertThat(artist.page.getByText("before all alcohol on it has dried")).isVisible();
      artist.press("Pause for another day").click();
      assertThat(artist.page.getByText("the clocks have stopped")).isVisible();
      artist.page.reload();
      artist.press("Continue").click();
      artist.press("Start").click();
      assertThat(artist.page.getByRole(AriaRole.TIMER)).containsText("0:0");
      artist.press("Spill or break").click();
      artist.page.getByLabel("Spilt from the pack").fill("0,2");
      artist.press("Save").click();
      assertThat(artist.page.getByText("spilt", new Page.GetByTextOptions().setExact(true)))
          .isVisible();
      artist.press("Undo Hold mist").click();
      assertThat(artist.sentence()).containsText("0 of 2 filled");
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void whatIsDoneHasItsLabelsAsOneFile() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo(Bench.begun(artist, List.of("Make-up remover")));
      int containers = artist.page.getByText(Pattern.compile("into Squeeze bottle")).count() + 1;
      for (int i = 0; i < containers; i++) {
        artist.press("Start").click();
        artist.press("Filled and labelled").click();
        assertThat(artist.page.getByText("Filled Squeeze bottle").first()).isVisible();
      }
      artist.press("Cleared up").click();
      assertThat(artist.sentence()).containsText("filled in");
      artist
          .page
          .getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Labels for all of them"))
          .click();
      assertThat(artist.sentence()).containsText("label");
      assertThat(artist.page.getByText("Make-up remover").first()).isVisible();
      artist.page.waitForDownload(() -> artist.press("Make the labels").click());
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aPanIsLiftedOutAndItsSlotWaitsForIt() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/bench/palettes/" + Demo.place("Twelve-pan palette"));
      assertThat(artist.sentence()).containsText("11 of 12 slots filled, one free");
      slot(artist, 4).click();
      artist.press("Lift it out").click();
      artist.page.getByLabel("It goes to").selectOption(Demo.place("Set bag"));
      artist.page.getByLabel("For whom").fill("Isaura");
      artist.press("Lift out").click();
      assertThat(slot(artist, 4)).hasAttribute("aria-label", Pattern.compile("lifted out"));
      artist.press("Back into its slot").click();
      assertThat(slot(artist, 4)).hasAttribute("aria-label", Pattern.compile("driftwood$"));
      slot(artist, 9).click();
      artist.press("Pan something up").click();
      artist.page.getByLabel("From which pack").fill("corrector orange");
      artist
          .page
          .getByRole(AriaRole.DIALOG)
          .getByRole(AriaRole.BUTTON, inside("Corrector orange"))
          .first()
          .click();
      artist.press("Pan up").click();
      assertThat(slot(artist, 9)).hasAttribute("aria-label", Pattern.compile("orange"));
      assertThat(artist.sentence()).containsText("12 of 12");
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aRecallShowsWhereEverythingIs() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/bench/recall");
      artist.page.getByLabel("Find the pack").fill("fine powder light");
      artist.press("all of batch L 2207").first().click();
      assertThat(artist.sentence()).containsText("Two packs recalled");
      artist.goTo("/bench/recall?item=" + Demo.item("Fine powder"));
      assertThat(artist.sentence()).containsText("one container holds something of it");
      assertThat(artist.page.getByText("Set bag, Corin")).isVisible();
      artist.press("Take all 2 out of use").click();
      assertThat(artist.page.getByText("Marked two items contaminated")).isVisible();
      artist.undoByTheMessage();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void alcoholIsDilutedAndThePopularRuleIsShownForWhatItIs() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/bench/dilution");
      artist.page.getByLabel("The bottle says").fill("91");
      artist.page.getByLabel("In all").fill("1000");
      assertThat(artist.sentence()).containsText("769.2 ml of 91 % and 230.8 ml of water");
      assertThat(artist.page.getByText("would give 63.7 %")).isVisible();
      artist.page.getByLabel("Wanted").fill("95");
      assertThat(artist.page.getByRole(AriaRole.TEXTBOX).nth(1))
          .hasAttribute("aria-invalid", "true");
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  @Test
  void emptiesAreCountedOnTheirShelf() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/bench/empties");
      assertThat(artist.sentence()).containsText("39 empties of 12 kinds");
      artist.press("One Jar 5 ml more").click();
      assertThat(artist.sentence()).containsText("40 empties");
      artist.press("Add a kind of your own").click();
      artist.page.getByLabel("What you call it").fill("Ink vial");
      artist.press("Add it to the shelf").click();
      assertThat(artist.page.getByText("Say how much it holds.")).isVisible();
      artist.page.getByLabel("Holds").fill("8");
      artist.unfold("Size and weight");
      artist.page.getByLabel("Weighs empty").fill("11");
      for (String measure : List.of("Wide", "Deep", "High")) {
        artist.page.getByLabel(measure).fill("30");
      }
      artist.press("Add it to the shelf").click();
      assertThat(artist.page.getByText("Ink vial").first()).isVisible();
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  private static Locator taking(Person artist, String pack) {
    return artist
        .page
        .getByRole(AriaRole.LISTITEM)
        .filter(new Locator.FilterOptions().setHasText(pack))
        .getByRole(AriaRole.BUTTON)
        .first();
  }

  private static Locator column(Person artist, String pack) {
    return artist
        .page
        .getByLabel("The bench, in the order of work")
        .getByRole(AriaRole.BUTTON)
        .filter(new Locator.FilterOptions().setHasText(pack));
  }

  private static Locator slot(Person artist, int number) {
    return artist.page.getByRole(
        AriaRole.BUTTON,
        new Page.GetByRoleOptions().setName(Pattern.compile("^Slot " + number + ":")));
  }

  private static Page.GetByRoleOptions region(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Locator.GetByRoleOptions inside(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }
}
