package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A face's sheet in the hand: what must not touch her, her look, and what was used. */
class FaceSheetTest extends WithTheDemo {

  FaceSheetTest() {
    super(Person.Stance.HAND);
  }

  private void open() {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    artist.page.getByRole(AriaRole.NAVIGATION, named("Faces")).getByText("Isaura").click();
    assertThat(artist.page.getByText("Reacts to latex.")).isVisible();
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  @Test
  void whatWasUsedIsTappedAndAskedForAgain() {
    open();
    Locator used = artist.page.getByRole(AriaRole.REGION, named("What was used"));
    used.getByText("Lip bullet salt rose").click();
    used.getByText("Lid primer").click();
    artist.press("Use two items on her").click();
    assertThat(artist.page.getByText("Used two items on Isaura.")).isVisible();
    Locator earlier = artist.page.getByRole(AriaRole.REGION, named("Earlier looks"));
    earlier.locator("summary").first().click();
    earlier.getByText("Exactly this again").click();
    assertThat(artist.page.getByText("The list asks for it from now on.")).isVisible();
    Locator wanted = artist.page.getByRole(AriaRole.REGION, named("Every day, exactly this"));
    assertThat(wanted).containsText("Lip bullet salt rose");
    artist.undoByTheMessage();
    assertThat(wanted).hasCount(0);
  }

  /** Of a palette each pan by itself, and how it looked. */
  @Test
  void aPanIsRecordedAndTheLookPhotographed() throws IOException {
    open();
    Locator used = artist.page.getByRole(AriaRole.REGION, named("What was used"));
    used.getByText("Pan shadow kelp").click();
    artist.press("Use one item on her").click();
    Locator done =
        artist.page.getByRole(
            AriaRole.REGION,
            new Page.GetByRoleOptions().setName(Pattern.compile("^What was done")));
    assertThat(done).containsText("Pan shadow kelp");
    artist
        .page
        .getByLabel("Take a photograph")
        .setInputFiles(new FilePayload("face.png", "image/png", KitTest.onePixel()));
    Locator photograph = done.getByLabel("Photograph 1 of 1 of Isaura");
    photograph.click();
    artist.press("Remove this photograph").click();
    // Not by the photograph: behind the sheet it cannot be found by its name, removed or not.
    assertThat(artist.page.getByText("Removed the photograph.")).isVisible();
    assertThat(photograph).hasCount(0);
    artist.undoByTheMessage();
    assertThat(photograph).isVisible();
    assertThat(done).containsText("Pan shadow kelp");
  }

  @Test
  void aSheetOfAnotherArtistMakesAGapOfWhatIsNotOwned() {
    open();
    artist.press("Write a look").click();
    artist.page.getByText("From another artist’s sheet").click();
    artist
        .page
        .getByLabel("Paste it as a table")
        .fill("product,shade,class,colour,where\nQuay velvet,12,lip colour,#b5566a,lips\n");
    artist.press("Read the sheet").click();
    assertThat(artist.page.getByText("Read one product, 0 of them in your kit.")).isVisible();
    artist.page.getByLabel("Add a product").fill("lid primer");
    // With its maker in front: what one does not own stands there from the first letter on.
    artist
        .page
        .getByRole(AriaRole.DIALOG)
        .getByText(Pattern.compile("^\\w+ Lid primer"))
        .first()
        .click();
    artist.press("Save the look").click();
    assertThat(artist.page.getByText("The list asks for two products for Isaura.")).isVisible();
    assertThat(artist.page.getByText("not in your kit").first()).isVisible();
    artist.page.getByText("Tidal island block").last().click();
    artist.page.getByText("gaps").first().click();
    artist.page.getByText(Pattern.compile("Show all \\d+ gaps")).click();
    assertThat(artist.page.getByText("Lip colour, rose").first()).isVisible();
  }
}
