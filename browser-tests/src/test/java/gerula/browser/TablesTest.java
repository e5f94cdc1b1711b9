package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;

/** Somebody's own table goes in after a look at it, labels and tables come out. */
class TablesTest extends WithTheDemo {

  private static final String SOMEBODYS =
      "Brand;Product;Colour;Category;Where;Opened\n"
          + "Ambervale;Glow veil;Ivory;Foundation;Case / Top;05/03/2031\n"
          + "Ambervale;Night lips;Berry;Lipstick;Case / Lips;31/02/2031\n";

  TablesTest() {
    super(Person.Stance.DESK);
  }

  @Test
  void aTableIsPreviewedCorrectedAddedAndUndone() {
    artist.goTo("/kit/tables");
    choose(SOMEBODYS);
    assertThat(artist.page.getByText("line 3")).isVisible();
    assertThat(artist.page.getByText("\"31/02/2031\" cannot be read as a date")).isVisible();
    assertThat(artist.press("Add one item to the kit")).isDisabled();
    artist.page.getByLabel("Meaning of Opened").selectOption("");
    assertThat(artist.sentence()).containsText("Two items to be added. Three places");
    artist.press("Add two items to the kit").click();
    assertThat(artist.page.getByText("Added two items.")).isVisible();
    artist.page.getByRole(AriaRole.SEARCHBOX).fill("nihgt lips");
    assertThat(artist.page.getByText("Ambervale Night lips Berry").first()).isVisible();
    artist.page.getByRole(AriaRole.SEARCHBOX).fill("");
    artist.press("Undo").click();
    assertThat(artist.page.getByText("Everything from the table was removed again.")).isVisible();
    artist.goTo("/kit?q=ambervale");
    assertThat(artist.page.getByText("Nothing in the kit matches.")).isVisible();
  }

  /** Names only: what is not sure is asked, and one answer goes for every row with these words. */
  @Test
  void whatTheNamesMeanIsSuggestedAndChosenOnce() {
    artist.goTo("/kit/tables");
    choose("Item\nQuorl dawn\nQuorl dawn\nVelvet lipstick\n");
    artist.page.getByLabel("Meaning of Item").selectOption("name");
    assertThat(artist.page.getByText("One suggestion not sure")).isVisible();
    artist.press("Change what “quorl dawn” is").click();
    artist.page.getByLabel("What “quorl dawn” is").selectOption("highlighter");
    assertThat(artist.page.getByText("One suggestion not sure")).hasCount(0);
    artist.press("Add three items to the kit").click();
    assertThat(artist.page.getByText("Added three items.")).isVisible();
    artist.goTo("/kit?productClass=highlighter&q=quorl");
    assertThat(artist.page.getByText("two items matching “quorl”")).isVisible();
  }

  private void choose(String table) {
    artist
        .page
        .getByLabel("Import CSV")
        .setInputFiles(
            new FilePayload("kit.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)));
  }

  @Test
  void theKitAndTheWorkspaceAreWrittenOut() throws IOException {
    artist.goTo("/kit/tables");
    Download table =
        artist.page.waitForDownload(
            () -> artist.page.getByRole(AriaRole.LINK, named("Export CSV")).click());
    assertThat(Files.readString(table.path())).startsWith("code,maker,name").contains("Glow dust");
    Download archive =
        artist.page.waitForDownload(
            () -> artist.page.getByRole(AriaRole.LINK, named("Export the workspace")).click());
    assertThat(Files.readString(archive.path())).contains("\"gerula-workspace\"");
  }

  @Test
  void labelsForAPlaceAreMadeAsOneFile() throws IOException {
    artist.goTo("/kit/labels?inside=" + Demo.place("Set bag"));
    assertThat(artist.sentence()).containsText("12 labels on one sheet");
    artist.page.getByLabel("Labels already used").fill("20");
    assertThat(artist.sentence()).containsText("12 labels on two sheets");
    Download labels = artist.page.waitForDownload(() -> artist.press("Make the labels").click());
    assertThat(new String(Files.readAllBytes(labels.path()), StandardCharsets.ISO_8859_1))
        .startsWith("%PDF");
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }
}
