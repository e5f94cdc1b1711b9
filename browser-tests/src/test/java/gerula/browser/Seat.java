package gerula.browser;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * A browser one sits down at. What was loaded once is loaded: whoever comes next finds the scripts
 * there, and nothing of the one before.
 */
final class Seat {

  /** Those that are free, of one thread: Playwright belongs to the thread that made it. */
  private static final ThreadLocal<Map<Person.Stance, Deque<Seat>>> FREE =
      ThreadLocal.withInitial(() -> new EnumMap<>(Person.Stance.class));

  final BrowserContext context;
  final Page page;
  final List<String> complaints = new ArrayList<>();

  /** Requests that are not answered yet. */
  final Set<Request> asked = ConcurrentHashMap.newKeySet();

  private Seat(BrowserContext context, double patienceMs) {
    this.context = context;
    context.setDefaultTimeout(patienceMs);
    page = context.newPage();
    page.onConsoleMessage(
        message -> {
          if (message.type().equals("error")) {
            complaints.add(message.text() + " " + message.location());
          }
        });
    page.onPageError(complaints::add);
    page.onRequest(
        request -> {
          // Asked over and over, beside all else: nothing that is drawn waits for it.
          if (!request.url().endsWith("/api/newest-act")) {
            asked.add(request);
          }
        });
    page.onRequestFinished(asked::remove);
    page.onRequestFailed(asked::remove);
  }

  static Seat fresh(Browser browser, Browser.NewContextOptions options, double patienceMs) {
    return new Seat(browser.newContext(options), patienceMs);
  }

  /** One that somebody left, or null. */
  static Seat left(Person.Stance stance) {
    Seat free = free(stance).poll();
    if (free != null) {
      free.complaints.clear();
      free.asked.clear();
    }
    return free;
  }

  /** Nothing of whoever sat here stays but what was loaded. */
  void leaveTo(Person.Stance stance, String address) {
    page.unrouteAll();
    context.pages().stream().filter(other -> other != page).toList().forEach(Page::close);
    // Of the same address, so that the browser keeps what it has read and worked out.
    page.navigate(address + "/gerula.svg");
    page.evaluate("() => { localStorage.clear(); sessionStorage.clear(); }");
    context.clearCookies();
    free(stance).push(this);
  }

  private static Deque<Seat> free(Person.Stance stance) {
    return FREE.get().computeIfAbsent(stance, _ -> new ArrayDeque<>());
  }
}
