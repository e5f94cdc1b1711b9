package gerula.app.dates;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.BuyingList;
import gerula.app.restock.BuyingList.WantedView;
import gerula.app.rule.HouseStore;
import gerula.core.kit.item.Item;
import gerula.core.restock.Expiring;
import gerula.core.rule.HouseRules;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What runs out when, over HTTP. */
@RestController
class DatesController {

  /** Nobody reads further. */
  private static final int MOST = 400;

  private final KitStore kit;
  private final Bookings bookings;
  private final Views views;
  private final HouseStore house;
  private final BuyingList buying;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  DatesController(
      KitStore kit,
      Bookings bookings,
      Views views,
      HouseStore house,
      BuyingList buying,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.kit = kit;
    this.bookings = bookings;
    this.views = views;
    this.house = house;
    this.buying = buying;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * A thing whose time ends.
   *
   * @param useFirst whether it is the one of its class to be used up before the others
   * @param meets bookings that need its class and that it does not last for
   */
  record ExpiringView(ItemView item, boolean useFirst, List<Expiring.Meets> meets) {}

  /**
   * @param until last day looked at
   * @param total of all that ends by then; the list may be shorter
   * @param things in the order of work, within a class what is used first in front
   * @param wanted what is to be bought, the most pressing first
   * @param goneIfCautious so many more would be past today if the house kept to cautious limits
   */
  record ExpiringList(
      LocalDate until,
      int total,
      List<ExpiringView> things,
      int goneIfCautious,
      List<WantedView> wanted) {}

  @GetMapping("/api/dates")
  ExpiringList dates(
      @AuthenticationPrincipal SignedIn who, @RequestParam @Min(1) @Max(110) int weeks) {
    return workspaces.read(who.workspace(), () -> list(time.today(), weeks));
  }

  private ExpiringList list(LocalDate today, int weeks) {
    Map<UUID, StoredItem> stored =
        kit.items().stream().collect(Collectors.toMap(StoredItem::id, Function.identity()));
    List<Item> items = stored.values().stream().map(StoredItem::item).toList();
    HouseRules rules = house.current();
    LocalDate until = today.plusWeeks(weeks);
    List<Expiring> ending =
        Expiring.by(
            today,
            until,
            items,
            bookings.ahead(today).stream().map(StoredBooking::booking).toList(),
            rules);
    KitViews now = views.now();
    return new ExpiringList(
        until,
        ending.size(),
        ending.stream()
            .limit(MOST)
            .map(
                one ->
                    new ExpiringView(
                        now.of(stored.get(one.item().id())), one.isUseFirst(), one.meets()))
            .toList(),
        Expiring.thrownOutBy(rules.cautious(), rules, items, today).size(),
        buying.open());
  }
}
