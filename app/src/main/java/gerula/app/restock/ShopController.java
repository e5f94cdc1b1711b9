package gerula.app.restock;

import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.platform.limits.HeavyWork;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.ShopStore.StoredOffer;
import gerula.app.restock.ShopViews.OfferView;
import gerula.app.restock.ShopViews.ShopsView;
import gerula.app.restock.desk.OrderDesk;
import gerula.core.dates.DateOrder;
import gerula.core.restock.shop.OfferLine;
import gerula.core.restock.shop.ShopOffer;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Shops and offers over HTTP. */
@RestController
class ShopController {

  private static final int MOST_OFFERS = 500;

  private final Shops shops;
  private final ShopStore store;
  private final OfferLines lines;
  private final OfferTable table;
  private final HeavyWork heavy;
  private final WholeKit kit;
  private final OrderDesk desk;
  private final Views views;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  ShopController(
      Shops shops,
      ShopStore store,
      OfferLines lines,
      OfferTable table,
      HeavyWork heavy,
      WholeKit kit,
      OrderDesk desk,
      Views views,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.shops = shops;
    this.store = store;
    this.lines = lines;
    this.table = table;
    this.heavy = heavy;
    this.kit = kit;
    this.desk = desk;
    this.views = views;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * @param id of the shop, made by the client
   */
  record AddShop(@NotNull UUID actId, @NotNull UUID id, @NotNull @Valid ShopDraft shop) {}

  /**
   * @param version of the shop as it was read
   */
  record EditShop(@NotNull UUID actId, int version, @NotNull @Valid ShopDraft shop) {}

  /** With all its offers. */
  record RemoveShop(@NotNull UUID actId) {}

  /**
   * @param id of the offer, made by the client
   * @param newShop where the offer's shop is not there yet; null: it is
   */
  record AddOffer(
      @NotNull UUID actId,
      @NotNull UUID id,
      @Nullable @Valid ShopDraft newShop,
      @NotNull @Valid OfferDraft offer) {}

  record EndOffer(@NotNull UUID actId) {}

  /**
   * @param line up to 300 characters
   * @param dateOrder how dates are written; null: the day first
   */
  record ReadLine(
      @NotNull @Size(max = OfferLine.LONGEST, message = "A line has at most 300 characters.")
          String line,
      @Nullable DateOrder dateOrder) {}

  @GetMapping("/api/shops")
  ShopsView all(@AuthenticationPrincipal SignedIn who) {
    return workspaces.read(who.workspace(), () -> view(time.today()));
  }

  private ShopsView view(LocalDate today) {
    Map<UUID, Integer> counting = store.counting(today);
    Map<UUID, StoredItem> like = new HashMap<>();
    kit.now().stored().forEach(one -> like.putIfAbsent(one.item().product().id(), one));
    KitViews now = views.now();
    return new ShopsView(
        store.shops().stream()
            .map(one -> ShopViews.shop(one, counting.getOrDefault(one.shop().id(), 0), today))
            .toList(),
        store.first(MOST_OFFERS).stream()
            .filter(one -> like.containsKey(one.offer().product()))
            .map(one -> view(one, now, like, today))
            .toList(),
        store.offersInAll(),
        desk.isThere());
  }

  private static OfferView view(
      StoredOffer stored, KitViews now, Map<UUID, StoredItem> like, LocalDate today) {
    ShopOffer one = stored.offer();
    double perPack = one.price().doubleValue() / one.packs();
    return new OfferView(
        one.id(),
        stored.version(),
        now.of(like.get(one.product())),
        OfferDraft.of(one),
        one.notedOn(),
        one.endedOn(),
        one.countsOn(today),
        Math.round(perPack * 10_000) / 10_000.0);
  }

  @PostMapping("/api/shops")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void add(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddShop asked) {
    shops.add(who, asked.actId(), asked.id(), asked.shop());
  }

  @PutMapping("/api/shops/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void edit(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EditShop asked) {
    shops.edit(who, asked.actId(), id, asked.version(), asked.shop());
  }

  @PostMapping("/api/shops/{id}/remove")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody RemoveShop asked) {
    shops.remove(who, asked.actId(), id);
  }

  @PostMapping("/api/offers")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void offer(@AuthenticationPrincipal SignedIn who, @Valid @RequestBody AddOffer asked) {
    if (asked.newShop() == null) {
      shops.offer(who, asked.actId(), asked.id(), asked.offer());
    } else {
      shops.offerOfNewShop(
          who, asked.actId(), asked.offer().shop(), asked.newShop(), asked.id(), asked.offer());
    }
  }

  @PostMapping("/api/offers/{id}/end")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void end(
      @AuthenticationPrincipal SignedIn who,
      @PathVariable UUID id,
      @Valid @RequestBody EndOffer asked) {
    shops.end(who, asked.actId(), id);
  }

  /** Reads a table of offers and changes nothing: docs/formats/offers-csv.md. */
  @PostMapping(path = "/api/offers/csv/preview", consumes = "text/csv")
  OfferTable.OfferTableView look(@AuthenticationPrincipal SignedIn who, HttpServletRequest request)
      throws IOException {
    byte[] file = request.getInputStream().readAllBytes();
    return heavy.inTurn(who, HeavyWork.Length.SHORT, () -> table.look(who, file));
  }

  /** Writes down all offers of a table that can be read. */
  @PostMapping(path = "/api/offers/csv", consumes = "text/csv")
  OfferTable.OfferTableView keep(
      @AuthenticationPrincipal SignedIn who, @RequestParam UUID actId, HttpServletRequest request)
      throws IOException {
    byte[] file = request.getInputStream().readAllBytes();
    return heavy.inTurn(who, HeavyWork.Length.LONG, () -> table.keep(who, actId, file));
  }

  @PostMapping("/api/offers/read-line")
  OfferLines.ReadOffer read(
      @AuthenticationPrincipal SignedIn who, @Valid @RequestBody ReadLine asked) {
    return lines.read(
        who, asked.line(), asked.dateOrder() == null ? DateOrder.DAY_FIRST : asked.dateOrder());
  }
}
