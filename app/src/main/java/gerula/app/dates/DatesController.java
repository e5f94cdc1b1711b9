package gerula.app.dates;

import gerula.app.booking.Bookings;
import gerula.app.booking.StoredBooking;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.BuyingList;
import gerula.app.restock.BuyingList.WantedView;
import gerula.app.rule.HouseStore;
import gerula.core.restock.Expiring;
import gerula.core.rule.HouseRules;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What runs out when, over HTTP. */
@RestController
class DatesController {

  /** As many things are told at once. */
  private static final int PAGE = 60;

  private final WholeKit kit;
  private final Bookings bookings;
  private final Views views;
  private final HouseStore house;
  private final BuyingList buying;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  DatesController(
      WholeKit kit,
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

  /** So many things that may still be used end too soon for a booking. */
  record MetBooking(UUID booking, int things) {}

  /**
   * @param until last day looked at
   * @param total of all that ends by then
   * @param past of them out of date already
   * @param met the bookings that things end too soon for
   * @param things a part of them, in the order of work, within a class what is used first in front
   * @param wanted what is to be bought, the most pressing first
   * @param goneIfCautious so many more would be past today if the house kept to cautious limits
   */
  record ExpiringList(
      LocalDate until,
      int total,
      int past,
      List<MetBooking> met,
      List<ExpiringView> things,
      int goneIfCautious,
      List<WantedView> wanted) {}

  @GetMapping("/api/dates")
  ExpiringList dates(
      @AuthenticationPrincipal SignedIn who,
      @RequestParam @Min(1) @Max(110) int weeks,
      @RequestParam(defaultValue = "0") @Min(0) @Max(1_000_000) int from) {
    return workspaces.read(who.workspace(), () -> list(time.today(), weeks, from));
  }

  private ExpiringList list(LocalDate today, int weeks, int from) {
    WholeKit.Things things = kit.now();
    HouseRules rules = house.current();
    LocalDate until = today.plusWeeks(weeks);
    List<Expiring> ending =
        Expiring.by(
            today,
            until,
            things.items(),
            bookings.ahead(today).stream().map(StoredBooking::booking).toList(),
            rules);
    KitViews now = views.now();
    return new ExpiringList(
        until,
        ending.size(),
        (int) ending.stream().filter(one -> !one.useBy().isGoodOn(today)).count(),
        met(ending, today),
        ending.stream()
            .skip(from)
            .limit(PAGE)
            .map(
                one ->
                    new ExpiringView(
                        now.of(things.byId().get(one.item().id())), one.isUseFirst(), one.meets()))
            .toList(),
        Expiring.thrownOutBy(rules.cautious(), rules, things.items(), today).size(),
        buying.open());
  }

  private static List<MetBooking> met(List<Expiring> ending, LocalDate today) {
    Map<UUID, Integer> things = new LinkedHashMap<>();
    ending.stream()
        .filter(one -> one.useBy().isGoodOn(today))
        .flatMap(one -> one.meets().stream())
        .forEach(one -> things.merge(one.booking(), 1, Integer::sum));
    return things.entrySet().stream()
        .map(one -> new MetBooking(one.getKey(), one.getValue()))
        .toList();
  }
}
