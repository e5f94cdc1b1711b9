package gerula.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.RequestOptions;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;

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

  private static final String NO_VIEW = "There is nothing at this address";

  final Packaged application;
  final Page page;
  final List<String> complaints;
  private final BrowserContext context;
  private final Seat seat;

  /** For whom the seat is free afterwards; null: for nobody. */
  private Stance leftTo;

  /** Requests that are not answered yet, of the page that is open. */
  private final Set<Request> asked;

  /** At a browser somebody sat at before, if one is free. */
  Person(Stance stance) {
    this(Packaged.shared(), seat(stance), stance);
  }

  Person(Stance stance, Packaged application) {
    this(application, fresh(CHROMIUM.get(), options(stance)), null);
  }

  private Person(Packaged application, Seat seat, Stance leftTo) {
    this.application = application;
    this.seat = seat;
    this.leftTo = leftTo;
    context = seat.context;
    page = seat.page;
    complaints = seat.complaints;
    asked = seat.asked;
  }

  private static Seat seat(Stance stance) {
    Seat left = Seat.left(stance);
    return left == null ? fresh(CHROMIUM.get(), options(stance)) : left;
  }

  private static Seat fresh(Browser browser, Browser.NewContextOptions options) {
    return Seat.fresh(browser, options, LONGEST_WAIT_MS);
  }

  /** Nobody sits down here afterwards: what was done to the page cannot be taken back. */
  Person forNobodyElse() {
    leftTo = null;
    return this;
  }

  /** Somebody whose device keeps the time of another place. */
  static Person in(String zone) {
    return at(options(Stance.DESK).setTimezoneId(zone));
  }

  /** Somebody whose device writes dates in another language. */
  static Person writing(String locale) {
    return at(options(Stance.DESK).setLocale(locale));
  }

  private static Person at(Browser.NewContextOptions options) {
    return new Person(Packaged.shared(), fresh(CHROMIUM.get(), options), null);
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
    return new Person(Packaged.shared(), fresh(launch(flags), options(Stance.HAND)), null);
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
        new Browser.NewContextOptions().setColorScheme(ColorScheme.LIGHT).setLocale("en-GB");
    return switch (stance) {
      case DESK -> options.setViewportSize(1280, 800);
      case HAND -> options.setViewportSize(390, 844).setHasTouch(true);
    };
  }

  /** Another tab of the same person. */
  Page anotherTab() {
    return context.newPage();
  }

  /** With an account of her own and the demo's kit and bookings; no page is open yet. */
  Person withTheDemo() {
    return with(Demo.archive());
  }

  /** The same with an archive of her own. */
  Person with(String archive) {
    context.request().get(application.address() + "/api/session");
    send(
        "/api/accounts",
        "{\"email\": \"%s@example.test\", \"passphrase\": \"a rope of seven strands\"}"
            .formatted(UUID.randomUUID()));
    return send("/api/workspace/archive?asIfToday=true&actId=" + UUID.randomUUID(), archive);
  }

  /** Sends this as her own browser would, past the page. */
  Person send(String path, String json) {
    String token =
        context.cookies().stream()
            .filter(cookie -> cookie.name.equals("XSRF-TOKEN"))
            .map(cookie -> cookie.value)
            .findFirst()
            .orElseThrow();
    APIResponse answer =
        context
            .request()
            .post(
                application.address() + path,
                RequestOptions.create()
                    .setHeader("Content-Type", "application/json")
                    .setHeader("X-XSRF-TOKEN", token)
                    .setData(json));
    if (!answer.ok()) {
      throw new IllegalStateException(path + ": " + answer.text());
    }
    return this;
  }

  /** Waits until nothing is being asked any more and what came is drawn. */
  void settled() {
    do {
      try {
        page.waitForCondition(asked::isEmpty);
      } catch (TimeoutError stuck) {
        throw new AssertionError(
            page.url() + " still asks " + asked.stream().map(Request::url).toList(), stuck);
      }
      page.evaluate(
          "() => new Promise(drawn => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
    } while (!asked.isEmpty());
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
    // What the page before asked is not always answered, nor said to be called off.
    asked.clear();
    page.navigate(application.address() + path);
    assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
        .isVisible();
    return this;
  }

  /** The same without loading the page anew, as its own links do it. */
  Person goOnTo(String path) {
    // By an address without a view, so that what is seen afterwards is not the view before.
    turnTo("/no/such/view");
    assertThat(sentence()).containsText(NO_VIEW);
    turnTo(path);
    assertThat(sentence()).not().containsText(NO_VIEW);
    assertThat(sentence()).isVisible();
    return this;
  }

  private void turnTo(String path) {
    page.evaluate(
        "path => { history.pushState(null, '', path); dispatchEvent(new PopStateEvent('popstate')); }",
        path);
  }

  /** Opens one part of a long form. */
  void unfold(String title) {
    unfold(page, title);
  }

  static void unfold(Page page, String title) {
    page.getByRole(
            AriaRole.BUTTON,
            new Page.GetByRoleOptions().setName(Pattern.compile("^" + title + "\\b")))
        .click();
  }

  Locator press(String name) {
    return page.getByRole(AriaRole.BUTTON, button(name));
  }

  /**
   * Undoes what was done last by the message that tells it; a page's history has buttons of the
   * same name.
   */
  void undoByTheMessage() {
    page.locator("[data-tone=done]")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Undo").setExact(true))
        .last()
        .click();
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

  /** What she has before her, what is not answered yet, and what the console said. */
  String seen() {
    return page.url()
        + "\n"
        + page.locator("body").innerText()
        + "\nasked: "
        + asked.stream().map(Request::url).toList()
        + "\n"
        + String.join("\n", complaints);
  }

  static Page.GetByRoleOptions button(String name) {
    return new Page.GetByRoleOptions().setName(name).setExact(true);
  }

  private static Page.GetByRoleOptions named(String name) {
    return new Page.GetByRoleOptions().setName(name);
  }

  @Override
  public void close() {
    if (leftTo == null) {
      context.close();
    } else {
      seat.leaveTo(leftTo, application.address());
    }
  }
}
