package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The usual kit, ticked off, lies in a case; nothing that was ticked is lost on the way. */
class UsualTest {

  @ParameterizedTest
  @EnumSource(Person.Stance.class)
  void whatIsTickedFillsACaseAndIsAddedToIt(Person.Stance stance) {
    try (Person artist = new Person(stance).withTheDemo()) {
      artist.goTo("/kit/usual");
      artist.press("portraits").click();
      assertThat(artist.page).hasURL(Pattern.compile("work=portraits"));
      Locator base = section(artist, "Base");
      base.getByLabel("Depth 3").first().click();
      base.getByLabel("Depth 7").first().click();
      assertThat(base.getByRole(AriaRole.CHECKBOX).first()).isChecked();
      base.getByText("peach", new Locator.GetByTextOptions().setExact(true)).last().click();
      Locator tools = section(artist, "Tools");
      tools.getByLabel("Tweezers").check();
      tools.getByLabel("One Tweezers more").click();
      assertThat(artist.sentence()).containsText("five items");
      artist.page.reload();
      assertThat(artist.sentence()).containsText("five items");
      if (stance == Person.Stance.DESK) {
        Locator tray = artist.page.locator("[data-tray=tools]");
        assertThat(tray).containsText("two items");
      }
      artist.press("Add five items").click();
      assertThat(artist.page.getByText("Added five items in a new case.")).isVisible();
      assertThat(artist.sentence()).containsText("Kit case");
      assertThat(artist.page.locator("[data-piece][aria-label*='Tweezers']")).hasCount(2);
      artist.goTo("/kit/usual");
      assertThat(artist.page.getByText("in the kit already").first()).isVisible();
      assertThat(artist.press("Add what you tick")).isDisabled();
      assertThat(artist.complaints).isEmpty();
    }
  }

  private static Locator section(Person artist, String name) {
    return artist.page.getByRole(
        AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
  }
}
