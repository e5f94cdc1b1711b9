package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What goes where: planned, looked at, changed by hand, packed by. */
class LoadPlanTest extends WithTheDemo {

  LoadPlanTest() {
    super(Person.Stance.DESK);
  }

  private Locator drawn(String bag) {
    return artist.page.getByRole(
        AriaRole.GROUP, new Page.GetByRoleOptions().setName("Plan of " + bag));
  }

  private Locator piece(String name) {
    return artist
        .page
        .getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^\\d+\\. " + name)))
        .first();
  }

  private void plan() {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block"));
    artist.page.getByText("Load plan").click();
    artist.press("Plan the bags").click();
    assertThat(artist.sentence()).containsText("have a place in two bags");
  }

  @Test
  void theBagsArePlannedAndEveryPieceIsDrawnInsideItsCompartment() {
    plan();
    assertThat(drawn("Set bag")).isVisible();
    assertThat(drawn("Rolling case").locator("[data-piece]").count()).isGreaterThan(80);
    for (Locator room : artist.page.locator("svg [data-place]").all()) {
      BoundingBox outer = room.locator("> rect").first().boundingBox();
      for (Locator piece : room.locator("[data-piece] > rect").all()) {
        BoundingBox inner = piece.boundingBox();
        assertThat(inner.x).isGreaterThanOrEqualTo(outer.x - 1.5);
        assertThat(inner.x + inner.width).isLessThanOrEqualTo(outer.x + outer.width + 1.5);
        assertThat(inner.y + inner.height).isLessThanOrEqualTo(outer.y + outer.height + 1.5);
      }
    }
  }

  @Test
  void aPieceTellsWhereItLiesAndWhyAndIsLaidElsewhere() {
    plan();
    artist.press("Step through").click();
    artist.press("Then").click();
    assertThat(artist.page.getByText(Pattern.compile("^2 of \\d+$"))).isVisible();
    piece("Soft base 2 neutral").click();
    assertThat(artist.page.getByText("lies here usually").first()).isVisible();
    artist.page.getByLabel("Lay it elsewhere").selectOption("Rolling case, powder");
    assertThat(artist.page.getByText("Soft base 2 neutral goes into powder.")).isVisible();
    assertThat(artist.page.getByText("Usually in base: it would fit there now.")).isVisible();
    assertThat(artist.sentence()).containsText("elsewhere than usual.");
    artist.press("Let it lie anywhere").click();
    artist.press("Plan the bags again").click();
    assertThat(artist.press("Plan the bags again")).isVisible();
    artist
        .page
        .locator("[data-tone=done]")
        .filter(new Locator.FilterOptions().setHasText("Planned all"))
        .last()
        .getByText("Undo")
        .click();
    assertThat(artist.page.getByText("Undone.")).isVisible();
  }

  @Test
  void whatDoesNotFitIsToldWithItsReasonAndStays() {
    plan();
    piece("Surface alcohol 70 %").click();
    artist.page.getByLabel("Lay it elsewhere").selectOption("Rolling case, mascara");
    assertThat(artist.page.getByText("It is larger than this compartment.")).isVisible();
    artist
        .page
        .getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^light and comfort, ")))
        .click();
    artist.press("Leave it alone").click();
    assertThat(artist.page.getByText("light and comfort is left alone.")).isVisible();
    artist.press("Plan the bags again").click();
    assertThat(artist.sentence()).containsText("elsewhere than usual");
    artist.press("Which bags do I need?").click();
    assertThat(artist.page.getByText("Rolling case is enough.")).isVisible();
  }

  /** A pouch comes off with all it holds; what does not go in tells why. */
  @Test
  void aPouchGoesIntoAnotherBagAsAWholeAndBack() {
    plan();
    Locator parts = artist.page.getByLabel("Parts that come off");
    parts.getByText("3 more").click();
    assertThat(parts).containsText("Not into Set bag: larger than every compartment");
    Locator brows =
        parts.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("Brows"));
    brows.getByText("Into Set bag").click();
    assertThat(brows).containsText("Back into Rolling case");
    assertThat(
            drawn("Set bag")
                .getByRole(
                    AriaRole.BUTTON,
                    new Locator.GetByRoleOptions().setName(Pattern.compile("^brows, "))))
        .isVisible();
    brows.getByText("Back into Rolling case").click();
    assertThat(brows).containsText("Into Set bag");
    artist.undoByTheMessage();
    assertThat(brows).containsText("Back into Rolling case");
  }

  @Override
  List<String> complaints() {
    return artist.complaintsBesideRefusals();
  }

  @Test
  void inTheHandOnePacksByThePlan() {
    plan();
    try (Person packs = artist.withAnEmptyCache()) {
      packs.goTo("/bookings/" + Demo.booking("Tidal island block") + "/load");
      assertThat(packs.sentence()).containsText("0 of ");
      String first = packs.page.locator("p b").first().innerText();
      packs.press("In the bag").click();
      assertThat(packs.page.getByText("Packed " + first)).isVisible();
      assertThat(packs.sentence()).containsText("1 of ");
      packs.press("Set bag").click();
      assertThat(packs.sentence()).containsText("Set bag: 0 of");
      assertThat(packs.page.locator("svg [aria-pressed=true]")).hasCount(1);
      packs.press("Lay it elsewhere").click();
      packs.page.getByLabel(Pattern.compile("^Lay .* into .*light and comfort")).first().click();
      assertThat(packs.page.getByText(Pattern.compile(" goes into light and comfort\\.$")))
          .isVisible();
      assertThat(packs.complaints).isEmpty();
    }
  }
}
