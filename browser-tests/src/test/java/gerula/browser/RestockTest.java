package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** What runs short, as it stands before the artist. */
class RestockTest extends WithTheDemo {

  private static final Page.GetByLabelOptions EXACT = new Page.GetByLabelOptions().setExact(true);

  RestockTest() {
    super(Person.Stance.DESK);
  }

  private Locator row(String product) {
    return artist
        .page
        .getByLabel("What runs short")
        .locator("li")
        .filter(new Locator.FilterOptions().setHasText(product))
        .first();
  }

  private Locator shop(String name) {
    return artist.page.locator("section[aria-label='" + name + "']");
  }

  @Test
  void whatRunsShortForABookingGoesOntoTheBuyingListAndBack() {
    artist.goTo("/restock");
    assertThat(artist.sentence()).containsText("run short in the next eight weeks");
    Locator cotton = row("Cotton rounds");
    assertThat(cotton).containsText("short for Tidal island block");
    // Tapped twice in haste it is put there once.
    cotton.getByText(Pattern.compile("^put .* on the list$")).dblclick();
    assertThat(cotton).containsText("on the buying list");
    assertThat(
            artist
                .page
                .getByLabel("To buy", EXACT)
                .getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("Cotton rounds")))
        .hasCount(1);
    artist.undoByTheMessage();
    assertThat(cotton.getByText(Pattern.compile("^put .* on the list$"))).isVisible();
  }

  @Test
  void aBlockThatComesOnceMoreIsThoughtThroughAndForgotten() {
    artist.goTo("/restock");
    assertThat(artist.sentence()).containsText("run short in the next eight weeks");
    String before = artist.sentence().innerText();
    Locator asked = artist.page.getByLabel("What if").getByText("Tidal island block");
    asked.click();
    assertThat(artist.page.getByLabel("Tidal island block, once more").first()).isVisible();
    assertThat(artist.page.getByText("Tidal island block, once more").first()).isVisible();
    asked.click();
    assertThat(artist.sentence()).hasText(before);
    artist.goTo("/bookings");
    assertThat(artist.page.getByText("once more")).hasCount(0);
  }

  @Test
  void anOfferIsTypedInOneLineAndChangesWhereToBuy() {
    artist.goTo("/restock");
    Locator where = artist.page.getByLabel("Where to buy it");
    assertThat(where).containsText("Saltgate Counter");
    where.getByText("Shops and offers").click();
    Locator line = artist.page.getByLabel("Offer product");
    line.fill("brow gel clear, 3.10, Causeway Corner, ships 2 days, by the pier");
    assertThat(artist.page.getByText("at Causeway Corner (new: 2 days, shipping €0.00)"))
        .isVisible();
    assertThat(artist.page.getByText("not understood: by the pier")).isVisible();
    artist.press("Write it down").click();
    line.fill("cotton rounds, Causeway Corner");
    assertThat(artist.page.getByText("Say what it costs, like 6.90.")).isVisible();
    assertThat(shop("Causeway Corner")).containsText("€3.10");
    artist.goTo("/restock");
    assertThat(where).containsText("One parcel, €3.10");
    assertThat(where).containsText("Causeway Corner");
    where.getByLabel("Budget").fill("2,50");
    assertThat(where).containsText("is left out");
  }

  /** Ordered from the plan, told to the shop in words, in part there with its batch, undone. */
  @Test
  void whatIsOrderedArrivesInParts() {
    artist.goTo("/restock");
    row("Tissues").getByText(Pattern.compile("^put .* on the list$")).click();
    Locator parcel = shop("Brackwater Supplies");
    assertThat(parcel).containsText("Tissues");
    parcel.getByText("Order in words").click();
    assertThat(artist.page.getByLabel("Order for Brackwater Supplies"))
        .hasValue(Pattern.compile("^2 x Marrowby Tissues.*shipping 4.90.*", Pattern.DOTALL));
    parcel.getByText("I ordered this").click();
    Locator entry =
        artist
            .page
            .getByLabel("To buy", EXACT)
            .getByRole(AriaRole.LISTITEM)
            .filter(new Locator.FilterOptions().setHasText("Tissues"));
    assertThat(entry).containsText("from Brackwater Supplies, there by Thu 17 Apr");
    assertThat(parcel).hasCount(0);
    entry.getByText("in part…").click();
    artist.page.getByLabel("Packs").fill("1");
    artist.page.getByLabel("Batch", EXACT).fill("L 42");
    artist.page.getByLabel("Price a pack").fill("2,90");
    artist.press("Into the kit; one pack to come").click();
    assertThat(entry).not().containsText("2 ×");
    artist.undoByTheMessage();
    assertThat(entry).containsText("2 ×");
    entry.getByText("call off").click();
    assertThat(parcel).containsText("Tissues");
  }

  /** A number shops give themselves, of no maker. */
  private static final String PACK_CODE = "2000000000008";

  @Test
  void aPackThatCameIsTakenInByItsCode() {
    try (Person receiving = new Person(Person.Stance.HAND).with(Demo.withPackCode(PACK_CODE))) {
      receiving.goTo("/restock");
      Locator toBuy = receiving.page.getByLabel("To buy", EXACT);
      assertThat(toBuy).containsText("Brow gel clear");
      CountTest.scan(receiving, PACK_CODE);
      assertThat(receiving.page.getByText("Brow gel clear is in the kit, sealed.")).isVisible();
      assertThat(toBuy).hasCount(0);
      receiving.undoByTheMessage();
      assertThat(toBuy).containsText("Brow gel clear");
    }
  }

  @Test
  void aShopIsChangedAndRemovedAndComesBack() {
    artist.goTo("/restock/shops");
    artist.press("Change Brackwater Supplies").click();
    artist.page.getByLabel("Shipping").fill("-1");
    artist.press("Save").click();
    assertThat(artist.page.getByText("An amount of money is 0 or more.").first()).isVisible();
    artist.page.getByLabel("Shipping").fill("2,50");
    artist.press("Save").click();
    Locator shop = shop("Brackwater Supplies");
    assertThat(shop).containsText("shipping €2.50");
    artist.press("Remove Brackwater Supplies").click();
    assertThat(shop).hasCount(0);
    artist.undoByTheMessage();
    assertThat(shop).containsText("three for two");
  }

  @Override
  List<String> complaints() {
    return artist.complaintsBesideRefusals();
  }

  /** What is worth what, and the money one reckons in, changed and undone. */
  @Test
  void moneyIsAddedUpAndReckonedInAnother() {
    artist.goTo("/restock/money");
    assertThat(artist.sentence()).containsText("The kit is worth €");
    assertThat(artist.page.getByLabel("Discarded", EXACT)).containsText("Smaller packs would have");
    Locator months = artist.page.getByLabel("Spent, month by month");
    assertThat(months).not().containsText("Foundation");
    months.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Base")).click();
    assertThat(months).containsText("Foundation");
    artist.press("Money and rates").click();
    artist.page.getByLabel("You reckon in").fill("SEK");
    artist.press("Add a rate").click();
    artist.page.getByLabel("One of").fill("EUR");
    artist.page.getByLabel("is worth SEK").fill("11,25");
    artist.press("Save").click();
    assertThat(artist.sentence()).containsText("The kit is worth SEK");
    artist.undoByTheMessage();
    assertThat(artist.sentence()).containsText("The kit is worth €");
  }

  @Test
  void aBookingTellsTheLeastAKitFeeHasToCover() {
    artist.goTo("/bookings/" + Demo.booking("Tidal island block") + "/cost");
    assertThat(artist.sentence()).containsText("Tidal island block will take about €");
    assertThat(artist.page.getByLabel("What it goes for")).containsText("Disposables");
  }

  /**
   * The kit tried on other work; what is missing goes onto the list; a shade is tried and judged.
   */
  @Test
  void theRangeIsTriedOnOtherWork() {
    artist.goTo("/restock/range");
    assertThat(artist.sentence())
        .containsText("For film and television, news and talk shows and stage and dance");
    assertThat(artist.page.getByLabel("How far the bases reach"))
        .containsText("nothing between 3 and 6");
    artist.press("weddings and events").click();
    assertThat(artist.sentence()).containsText("weddings and events");
    artist.goTo("/kit/items/" + Demo.item("Tide mascara, waterproof"));
    artist.press("Try it for a month").click();
    assertThat(artist.page.getByText("On trial, ends")).isVisible();
    artist.goTo("/restock/range");
    Locator trial = artist.page.getByLabel("On trial");
    trial.getByText("It is good").click();
    assertThat(trial).hasCount(0);
  }
}
