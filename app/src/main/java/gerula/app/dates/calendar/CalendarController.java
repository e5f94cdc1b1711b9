package gerula.app.dates.calendar;

import gerula.app.booking.Bookings;
import gerula.app.invariant.KitCheck;
import gerula.app.kit.KitRecords.ProductView;
import gerula.app.kit.WholeKit;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.BuyingList;
import gerula.app.rule.HouseStore;
import gerula.core.kit.item.Item;
import gerula.core.rule.HouseRules;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The calendar as a file, and by a private address that asks for no sign-in. */
@RestController
class CalendarController {

  private static final String TYPE = "text/calendar;charset=UTF-8";

  /** Last days further off are told when they come nearer. */
  private static final int YEARS_AHEAD = 2;

  private final CalendarFeed feed;
  private final Bookings bookings;
  private final WholeKit kit;
  private final HouseStore house;
  private final BuyingList buying;
  private final Workspaces workspaces;
  private final KitCheck check;
  private final WorkspaceTime time;
  private final Clock clock;

  CalendarController(
      CalendarFeed feed,
      Bookings bookings,
      WholeKit kit,
      HouseStore house,
      BuyingList buying,
      Workspaces workspaces,
      KitCheck check,
      WorkspaceTime time,
      Clock clock) {
    this.feed = feed;
    this.bookings = bookings;
    this.kit = kit;
    this.house = house;
    this.buying = buying;
    this.workspaces = workspaces;
    this.check = check;
    this.time = time;
    this.clock = clock;
  }

  /**
   * @param madeAt null while there is no private address
   */
  record FeedView(@Nullable Instant madeAt) {}

  /**
   * @param path of the private address, told this once
   */
  record NewFeed(String path) {}

  @GetMapping("/api/calendar.ics")
  ResponseEntity<String> file(@AuthenticationPrincipal SignedIn who) {
    return calendar(who.workspace());
  }

  /** Whoever knows the secret reads the calendar; nothing else opens with it. */
  @GetMapping("/calendar/{secret}.ics")
  ResponseEntity<String> feed(@PathVariable String secret) {
    return calendar(feed.workspace(secret).orElseThrow(Refused::noCalendar));
  }

  @GetMapping("/api/calendar/feed")
  FeedView view(@AuthenticationPrincipal SignedIn who) {
    return new FeedView(feed.madeAt(who).orElse(null));
  }

  /** Makes a private address; one made before opens nothing any more. */
  @PostMapping("/api/calendar/feed")
  @ResponseStatus(HttpStatus.CREATED)
  NewFeed make(@AuthenticationPrincipal SignedIn who) {
    return new NewFeed("/calendar/" + feed.make(who) + ".ics");
  }

  @DeleteMapping("/api/calendar/feed")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revoke(@AuthenticationPrincipal SignedIn who) {
    feed.revoke(who);
  }

  private ResponseEntity<String> calendar(UUID workspace) {
    check.once(workspace);
    String file = workspaces.read(workspace, this::written);
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_TYPE, TYPE)
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"gerula.ics\"")
        .cacheControl(CacheControl.noStore())
        .body(file);
  }

  private String written() {
    LocalDate today = time.today();
    HouseRules rules = house.current();
    LocalDate until = today.plusYears(YEARS_AHEAD);
    Map<LocalDate, List<Item>> ending = new TreeMap<>();
    for (Item item : kit.now().items()) {
      LocalDate lastDay = item.useBy(rules).lastDay();
      if (isBetween(lastDay, today, until)) {
        ending.computeIfAbsent(lastDay, _ -> new ArrayList<>()).add(item);
      }
    }
    return CalendarFile.of(bookings.ahead(today), ending, ordering(today, until), clock.instant());
  }

  private Map<LocalDate, List<String>> ordering(LocalDate today, LocalDate until) {
    Map<LocalDate, List<String>> ordering = new TreeMap<>();
    for (BuyingList.WantedView wanted : buying.open()) {
      if (isBetween(wanted.orderBy(), today, until)) {
        ProductView product = wanted.like().product();
        ordering
            .computeIfAbsent(wanted.orderBy(), _ -> new ArrayList<>())
            .add((wanted.packs() + " " + product.name() + " " + product.shade()).strip());
      }
    }
    return ordering;
  }

  private static boolean isBetween(@Nullable LocalDate day, LocalDate first, LocalDate last) {
    return day != null && !day.isBefore(first) && !day.isAfter(last);
  }
}
