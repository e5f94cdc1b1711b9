package gerula.app.restock;

import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.ParcelStore.StoredParcel;
import gerula.app.restock.ShopStore.StoredShop;
import gerula.app.restock.WantedStore.StoredWanted;
import gerula.app.restock.desk.OrderDesk;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Orders as they are looked at. */
@Component
class Parcels {

  private static final int MONTHS = 6;

  private final ParcelStore store;
  private final WantedStore wanted;
  private final ShopStore shops;
  private final OrderDesk desk;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Parcels(
      ParcelStore store,
      WantedStore wanted,
      ShopStore shops,
      OrderDesk desk,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.store = store;
    this.wanted = wanted;
    this.shops = shops;
    this.desk = desk;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * @param shop its name, null where it is not kept, or not any more
   * @param number what the shop calls it; empty where it told none
   * @param notes delivery notes that were received
   * @param picture id of a photograph of the paper
   * @param toCome entries of the buying list that are still to come in it
   * @param canAsk whether the shop can be asked how it stands
   */
  record OrderedParcelView(
      UUID id,
      @Nullable String shop,
      LocalDate orderedOn,
      @Nullable BigDecimal shipping,
      @Nullable String currency,
      String number,
      List<String> notes,
      @Nullable UUID picture,
      List<UUID> toCome,
      boolean canAsk) {}

  List<OrderedParcelView> recent(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          LocalDate since = time.today().minusMonths(MONTHS);
          Map<UUID, List<UUID>> toCome =
              wanted.open().stream()
                  .filter(one -> one.ordered() != null && one.ordered().parcel() != null)
                  .collect(
                      Collectors.groupingBy(
                          one -> one.ordered().parcel(),
                          Collectors.mapping(StoredWanted::id, Collectors.toList())));
          Map<UUID, StoredShop> byId = shops.byId();
          return store.all().stream()
              .filter(
                  one -> toCome.containsKey(one.id()) || !one.draft().orderedOn().isBefore(since))
              .map(one -> view(one, byId, toCome.getOrDefault(one.id(), List.of())))
              .toList();
        });
  }

  private OrderedParcelView view(StoredParcel one, Map<UUID, StoredShop> shops, List<UUID> toCome) {
    ParcelDraft draft = one.draft();
    StoredShop shop = draft.shop() == null ? null : shops.get(draft.shop());
    return new OrderedParcelView(
        one.id(),
        shop == null ? null : shop.shop().name(),
        draft.orderedOn(),
        draft.shipping(),
        draft.currency(),
        draft.number(),
        draft.notes(),
        draft.picture(),
        toCome,
        desk.isThere()
            && shop != null
            && shop.takesOrders()
            && !draft.number().isEmpty()
            && !toCome.isEmpty());
  }

  /** Whether something is to come from this shop. */
  boolean isExpectedFrom(UUID shop) {
    return wanted.open().stream()
        .anyMatch(one -> one.ordered() != null && shop.equals(one.ordered().shop()));
  }
}
