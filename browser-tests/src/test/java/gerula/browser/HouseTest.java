package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

/** The house's rules, going through a place, the buying list, and a calendar that is read. */
class HouseTest {

  @Test
  void oneSeesWhatAStricterHouseThrowsOutBeforeOneSwitches() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/house");
      assertThat(artist.sentence()).containsText("use the usual shelf-life limits");
      artist.press("stricter").click();
      assertThat(artist.sentence()).containsText("would put 18 items out of date today");
      artist.press("Save").click();
      assertThat(artist.sentence()).containsText("use the stricter shelf-life limits");
      artist.undoByTheMessage();
      assertThat(artist.sentence()).containsText("use the usual shelf-life limits");
      artist.press("Change your own limit of mascara").click();
      artist.page.getByLabel("Own limit of mascara, months").fill("130");
      artist.press("Save").click();
      assertThat(artist.page.getByText("between 1 and 120 months").first()).isVisible();
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  /** With what each would mean for one's own kit, before one chooses. */
  @Test
  void oneChoosesHowThingsAreTreatedBetweenTwoFaces() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/house");
      Locator section =
          artist.page.getByRole(
              AriaRole.REGION, new Page.GetByRoleOptions().setName("Where artists disagree"));
      assertThat(section.getByText("you share 24 pressed powders")).isVisible();
      Locator wipe = section.getByText("Wipe the top layer off", exactly());
      assertThat(section.getByText("Outside 60 to 90 %")).hasCount(0);
      artist.page.getByLabel("Alcohol you spray").fill("95");
      assertThat(section.getByText("Outside 60 to 90 %").first()).isVisible();
      wipe.click();
      artist.press("Save").click();
      assertThat(artist.page.getByText("Saved the house rules.")).isVisible();
      artist.page.reload();
      Locator chosen = section.locator("[aria-pressed=true]");
      assertThat(chosen.first()).containsText("Wipe the top layer off");
      assertThat(artist.page.getByLabel("Alcohol you spray")).hasValue("95");
      artist.page.getByLabel("Alcohol you spray").fill("195");
      artist.press("Save").click();
      assertThat(artist.page.getByText("A strength lies between 1 and 100 %").first()).isVisible();
      assertThat(artist.complaintsBesideRefusals()).isEmpty();
    }
  }

  private static Locator.GetByTextOptions exactly() {
    return new Locator.GetByTextOptions().setExact(true);
  }

  @Test
  void aPlaceIsGoneThroughInTheHandThingByThing() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/kit/places/" + Demo.place("lips") + "/walk");
      String first = artist.page.getByRole(AriaRole.HEADING, level2()).first().innerText();
      artist.press("Keep it").click();
      assertThat(artist.page.getByRole(AriaRole.HEADING, level2()).first()).not().hasText(first);
      artist.press("Discard it").click();
      artist.page.getByRole(AriaRole.DIALOG).waitFor();
      artist.page.keyboard().press("Escape");
      artist.press("Later").click();
      artist.press("Retire it").click();
      assertThat(artist.page.getByText("to Harbour loft.")).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void whatEndsTooSoonGoesOntoTheBuyingListAndItsOrderOntoTheRuler() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/dates");
      artist.press("Replace Eye cream").click();
      artist.press("Add to the buying list").click();
      assertThat(artist.page.getByText("Eye cream is on the buying list.")).isVisible();
      assertThat(artist.page.locator("nav[aria-label='Eight weeks'] a[aria-label^='Order by']"))
          .hasCount(2);
      artist.press("Eye cream has arrived").click();
      assertThat(artist.page.getByText("Eye cream is in the kit, sealed.")).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aCalendarFileIsLookedAtBeforeItsBookingsAreKept() {
    String file =
        String.join(
            "\r\n",
            "BEGIN:VCALENDAR",
            "VERSION:2.0",
            "PRODID:-//Harbour office//Plan//EN",
            "BEGIN:VEVENT",
            "UID:tour@harbour.invalid",
            "DTSTAMP:20310401T120000Z",
            "DTSTART;VALUE=DATE:20990610",
            "DTEND;VALUE=DATE:20990612",
            "SUMMARY:Lantern parade",
            "END:VEVENT",
            "END:VCALENDAR",
            "");
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/bookings/calendar");
      artist
          .page
          .getByLabel("A calendar file, .ics")
          .setInputFiles(
              new FilePayload("plan.ics", "text/calendar", file.getBytes(StandardCharsets.UTF_8)));
      assertThat(artist.sentence()).containsText("One event in the file, one of them new");
      artist.press("Keep one booking").click();
      assertThat(artist.page.getByText("Lantern parade").first()).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  private static Page.GetByRoleOptions level2() {
    return new Page.GetByRoleOptions().setLevel(2);
  }
}
