package gerula.browser;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.util.List;

/**
 * axe-core, asked for what is wrong and nothing else: to tell all that is right as well takes most
 * of its time. It is put in before the page's own scripts, once a page.
 */
final class Axe {

  static final String GUIDELINES =
      """
      {type: "tag", values: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"]}
      """;
  static final String ALL = "undefined";
  static final String CONTRAST = "{type: \"rule\", values: [\"color-contrast\"]}";

  private Axe() {}

  static void inEveryPageOf(Page page) {
    page.addInitScript(AxeBuilder.getAxeScript());
  }

  /**
   * Waits for colours that are just changing.
   *
   * @param runOnly which of its rules
   * @return a line for each thing that is wrong: the rule and the element
   */
  @SuppressWarnings("unchecked")
  static List<String> violations(Page page, String runOnly) {
    return (List<String>)
        page.evaluate(
            """
            async () => {
              await Promise.allSettled(document.getAnimations()
                .filter(one => one instanceof CSSTransition).map(one => one.finished));
              const found = await axe.run(document,
                {runOnly: %s, resultTypes: ["violations"], iframes: false,
                 preload: false, selectors: false});
              if (found.passes.length === 0) throw new Error("axe-core looked at nothing");
              return found.violations.flatMap(one => one.nodes.map(node => one.id + ": " + node.html));
            }
            """
                .formatted(runOnly));
  }
}
