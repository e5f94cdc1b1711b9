package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** Somebody at a browser, in one of the two stances. */
final class Person implements AutoCloseable {

  /** A laptop on a table, or a phone in one hand. */
  enum Stance {
    DESK,
    HAND
  }

  private static final List<String> FLAGS =
      List.of(
          "--no-sandbox",
          "--disable-gpu",
          "--disable-quic",
          "--no-first-run",
          "--disable-background-networking",
          "--disable-component-update",
          "--disable-sync");

  /**
   * Long enough for a machine that is busy with other things; a page that is quick waits for
   * nothing.
   */
  private static final double LONGEST_WAIT_MS = 60_000;

  static {
    PlaywrightAssertions.setDefaultAssertionTimeout(LONGEST_WAIT_MS);
  }

  /** Playwright belongs to the thread that made it; classes run on two of them. */
  private static final ThreadLocal<Playwright> PLAYWRIGHT =
      ThreadLocal.withInitial(Playwright::create);

  private static final ThreadLocal<Browser> CHROMIUM = ThreadLocal.withInitial(() -> launch(FLAGS));

  final Packaged application;
  final Page page;
  final List<String> complaints = new ArrayList<>();
  private final BrowserContext context;

  Person(Stance stance) {
    this(stance, Packaged.shared());
  }

  Person(Stance stance, Packaged application) {
    this(stance, application, CHROMIUM.get());
  }

  private Person(Stance stance, Packaged application, Browser browser) {
    this.application = application;
    context = browser.newContext(options(stance));
    context.setDefaultTimeout(LONGEST_WAIT_MS);
    page = context.newPage();
    page.onConsoleMessage(
        message -> {
          if (message.type().equals("error")) {
            complaints.add(message.text());
          }
        });
    page.onPageError(complaints::add);
  }

  /** What the browser's console complains of; a refusal (status 4xx) is a line in it too. */
  List<String> complaintsBesideRefusals() {
    return complaints.stream().filter(line -> !line.contains("status of 4")).toList();
  }

  /** Somebody whose camera sees this film. */
  static Person withCamera(Path film) {
    List<String> flags = new ArrayList<>(FLAGS);
    flags.add("--use-fake-device-for-media-stream");
    flags.add("--use-fake-ui-for-media-stream");
    flags.add("--use-file-for-fake-video-capture=" + film);
    return new Person(Stance.HAND, Packaged.shared(), launch(flags));
  }

  /** The same person, signed in, at a browser that has been nowhere yet. */
  Person withAnEmptyCache() {
    Person again = new Person(Stance.HAND, application);
    again.context.addCookies(context.cookies());
    return again;
  }

  private static Browser launch(List<String> flags) {
    return PLAYWRIGHT
        .get()
        .chromium()
        .launch(
            new BrowserType.LaunchOptions()
                .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                .setArgs(flags));
  }

  private static Browser.NewContextOptions options(Stance stance) {
    Browser.NewContextOptions options =
        new Browser.NewContextOptions().setColorScheme(ColorScheme.LIGHT);
    return switch (stance) {
      case DESK -> options.setViewportSize(1280, 800);
      case HAND -> options.setViewportSize(390, 844).setHasTouch(true);
    };
  }

  /** Another tab of the same person. */
  Page anotherTab() {
    return context.newPage();
  }

  /** Founds a workspace of her own with the demo's kit and bookings in it. */
  Person withTheDemo() {
    return with(Demo.archive());
  }

  /** The same with an archive of her own. */
  Person with(String archive) {
    page.navigate(application.address());
    page.getByRole(AriaRole.BUTTON, button("I am new: found a workspace")).click();
    page.getByLabel("E-mail").fill(UUID.randomUUID() + "@example.test");
    page.getByLabel("Passphrase").fill("a rope of seven strands");
    page.getByRole(AriaRole.BUTTON, button("Found my workspace")).click();
    assertThat(page.getByRole(AriaRole.NAVIGATION, named("Views"))).isVisible();
    page.evaluate(
        """
        async (archive) => {
          const token = document.cookie.split("XSRF-TOKEN=")[1].split(";")[0];
          const address = "/api/workspace/archive?asIfToday=true&actId=" + crypto.randomUUID();
          const answer = await fetch(address, {
            method: "POST",
            headers: {"Content-Type": "application/json", "X-XSRF-TOKEN": token},
            body: archive,
          });
          if (!answer.ok) throw new Error(await answer.text());
        }
        """,
        archive);
    page.reload();
    return this;
  }

  /** Signs in as the demo's own artist. */
  Person asWren() {
    page.navigate(application.address());
    page.getByLabel("E-mail").fill("wren@gerula.example");
    page.getByLabel("Passphrase").fill("harbour-lamp-and-tide");
    page.getByRole(AriaRole.BUTTON, button("Sign in")).click();
    assertThat(page.getByRole(AriaRole.NAVIGATION, named("Views"))).isVisible();
    return this;
  }

  Person goTo(String path) {
    page.navigate(application.address() + path);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .isVisible();
    return this;
  }

  Locator press(String name) {
    return page.getByRole(AriaRole.BUTTON, button(name));
  }

  /** The line of the packing list on which this thing stands. */
  Locator line(String thing) {
    return page.locator("[id^=line-]")
        .filter(new Locator.FilterOptions().setHasText(thing))
        .first();
  }

  Locator tick(String thing) {
    return line(thing).getByRole(AriaRole.CHECKBOX);
  }

  Locator sentence() {
    return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1));
  }

  static Page.GetByRoleOptions button(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  @Override
  public void close() {
    context.close();
  }
}
