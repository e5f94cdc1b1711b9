package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A thing and what it was filled from, told, filled again and reported on its own sheet. */
class KinTest {

  @Test
  void aContainerIsFilledAgainFromThePackItCameFrom() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo("/kit/items/" + Demo.item("Fine powder"));
      Locator kin = artist.page.getByRole(AriaRole.REGION, named("Filled from and into"));
      assertThat(kin).containsText("into");
      assertThat(kin).containsText("Set bag, Corin");
      kin.getByRole(AriaRole.LINK, inside("sifter jar")).click();
      assertThat(artist.sentence()).containsText("2 g of 5");
      artist.press("Fill it again").click();
      Locator sheet = artist.page.getByRole(AriaRole.DIALOG);
      assertThat(sheet).containsText("Rolling case, powder");
      assertThat(sheet).containsText("the earliest date rules");
      sheet.getByLabel("Emptied and washed before").check();
      assertThat(sheet).containsText("as the pack is");
      sheet.getByLabel("What goes in").fill("4");
      artist.press("Washed and filled").click();
      assertThat(artist.sentence()).containsText("4 g of 5");
      artist.undoByTheMessage();
      assertThat(artist.sentence()).containsText("2 g of 5");
      artist.press("Wash it out").click();
      assertThat(artist.page.getByText("its container is an empty again")).isVisible();
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void whatSmellsWrongIsOutOfUseUntilItIsFoundFine() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/kit/items/" + Demo.item("Harbour cream"));
      artist.press("Report a problem").click();
      artist.press("smell").click();
      artist.press("Report it").click();
      assertThat(artist.page.getByText("Its smell has changed").first()).isVisible();
      artist.goTo("/");
      assertThat(artist.page.getByText("Its smell has changed").first()).isVisible();
      artist.goTo("/kit/items/" + Demo.item("Harbour cream"));
      artist.press("It is fine after all").click();
      assertThat(artist.page.getByText("Its smell has changed")).hasCount(0);
      artist.press("Buy it again").click();
      artist.page.getByLabel("Packs").fill("2");
      artist.press("Add to the buying list").click();
      assertThat(artist.page.getByText("is on the buying list")).isVisible();
      artist.goTo("/dates");
      assertThat(artist.page.getByLabel("To buy")).containsText("2 × Tarnwell Harbour cream");
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aPlanIsMadeAndChangedInTheHandToo() {
    try (Person artist = new Person(Person.Stance.HAND).withTheDemo()) {
      artist.goTo(Bench.planned(artist, List.of("Hold mist", "Make-up remover")));
      artist
          .page
          .getByLabel("The bench, in the order of work")
          .getByText("Make-up remover")
          .click();
      Locator editor = artist.page.getByRole(AriaRole.REGION, named("Cairnlowe Make-up remover"));
      editor.getByRole(AriaRole.BUTTON, inside("Squeeze bottle 10 ml")).click();
      assertThat(editor).containsText("your choice");
      editor.getByRole(AriaRole.BUTTON, inside("Suggest again")).click();
      assertThat(editor).not().containsText("your choice");
      artist.page.getByLabel("Packs go afterwards to").selectOption(Demo.place("Harbour loft"));
      assertThat(artist.page.getByText("Saved where packs go afterwards.")).isVisible();
      artist.page.getByLabel("Add another pack").fill("lip stain");
      artist.page.getByRole(AriaRole.BUTTON, named("Take Quillon Lip stain")).first().click();
      assertThat(artist.sentence()).containsText("Three packs into");
      artist.press("Clear the bench").click();
      assertThat(artist.sentence()).containsText("The bench is clear");
      assertThat(artist.complaints).isEmpty();
    }
  }

  @Test
  void aPanMovesIntoAnotherPaletteAndItsHistorySaysSo() {
    try (Person artist = new Person(Person.Stance.DESK).withTheDemo()) {
      artist.goTo("/bench/palettes/" + Demo.place("Twelve-pan palette"));
      artist
          .page
          .getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Slot 7:")))
          .click();
      artist.press("Move it").click();
      artist
          .page
          .getByRole(
              AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Slot 9:")))
          .click();
      assertThat(artist.page.getByText("rust lies in slot 9")).isVisible();
      artist.page.getByLabel("Into another").selectOption(Demo.place("Lash tray"));
      assertThat(artist.page.getByText("lies in slot 4 of Lash tray")).isVisible();
      assertThat(artist.sentence()).containsText("10 of 12");
      artist.undoByTheMessage();
      assertThat(artist.sentence()).containsText("11 of 12");
      assertThat(artist.complaints).isEmpty();
    }
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  private static Locator.GetByRoleOptions inside(String name) {
    return new Locator.GetByRoleOptions().setName(name);
  }
}
