package gerula.app.restock;

import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.restock.WantedStore.StoredWanted;
import gerula.app.rule.HouseStore;
import gerula.core.kit.item.Vessel;
import gerula.core.restock.OrderBy;
import gerula.core.restock.shop.Shop;
import gerula.core.rule.HouseRules;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What is to be bought. */
@Component
public class BuyingList {

  private final WantedStore store;
  private final KitStore kit;
  private final Views views;
  private final HouseStore house;
  private final Sellers sellers;
  private final ShopStore shops;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  BuyingList(
      WantedStore store,
      KitStore kit,
      Views views,
      HouseStore house,
      Sellers sellers,
      ShopStore shops,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.store = store;
    this.kit = kit;
    this.views = views;
    this.house = house;
    this.sellers = sellers;
    this.shops = shops;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * Something to buy.
   *
   * @param like a thing of the product, as the kit has or had it
   * @param orderBy the last day to order it, null when any day will do or it is ordered
   * @param ordered how it is ordered, null as long as it is not
   */
  public record WantedView(
      UUID id,
      int version,
      ItemView like,
      int packs,
      @Nullable LocalDate neededOn,
      @Nullable LocalDate orderBy,
      @Nullable OrderedView ordered,
      String why) {}

  /**
   * @param shop the name of the shop, null where none is known
   * @param late whether it should have been there before today
   * @param parcel in which it comes, null where none is kept
   */
  public record OrderedView(
      LocalDate on,
      @Nullable String shop,
      LocalDate thereBy,
      boolean late,
      @Nullable UUID parcel) {}

  List<WantedView> all(SignedIn who) {
    return workspaces.read(who.workspace(), this::open);
  }

  /** What is still wanted, the most pressing first. To be called within the workspace. */
  public List<WantedView> open() {
    HouseRules rules = house.current();
    KitViews now = views.now();
    Map<UUID, List<Shop>> offered = sellers.on(time.today());
    Map<UUID, String> names =
        shops.shops().stream()
            .collect(Collectors.toMap(one -> one.shop().id(), one -> one.shop().name()));
    return store.open().stream()
        .flatMap(
            one ->
                like(one.product())
                    .map(item -> view(one, item, now, orderBy(one, offered, rules), names))
                    .stream())
        .toList();
  }

  private WantedView view(
      StoredWanted one,
      StoredItem item,
      KitViews now,
      @Nullable LocalDate orderBy,
      Map<UUID, String> shopNames) {
    WantedStore.Ordered how = one.ordered();
    return new WantedView(
        one.id(),
        one.version(),
        now.of(item),
        one.packs(),
        one.neededOn(),
        how == null ? orderBy : null,
        how == null
            ? null
            : new OrderedView(
                how.on(),
                how.shop() == null ? null : shopNames.get(how.shop()),
                how.thereBy(),
                how.thereBy().isBefore(time.today()),
                how.parcel()),
        one.why());
  }

  private static @Nullable LocalDate orderBy(
      StoredWanted one, Map<UUID, List<Shop>> offered, HouseRules rules) {
    return one.neededOn() == null
        ? null
        : OrderBy.day(
            one.neededOn(), offered.getOrDefault(one.product(), List.of()), rules.deliveryDays());
  }

  /**
   * @throws Refused when the kit never had any of it
   */
  ItemView viewOf(UUID product) {
    return views.now().of(like(product).orElseThrow(() -> Refused.notThere("product", product)));
  }

  /** A thing of the product, one that is still there before one that is gone. */
  Optional<StoredItem> like(UUID product) {
    return kit.ofProducts(List.of(product)).stream()
        .min(
            Comparator.comparing(StoredItem::isDiscarded)
                .thenComparing(one -> one.item().vessel() instanceof Vessel.Decant)
                .thenComparing(StoredItem::id));
  }

  /** What is put onto the list. */
  record Wish(UUID product, int packs, @Nullable LocalDate neededOn, String why) {}

  void add(SignedIn who, UUID actId, UUID id, Wish wish) {
    ledger.perform(
        who,
        actId,
        "wanted",
        act -> {
          if (like(wish.product()).isEmpty()) {
            throw Refused.notThere("product", wish.product());
          }
          new Faults()
              .unless(
                  store.locked(id).isEmpty(), "id", "there-already", "This is on the list already.")
              .refuseIfAny();
          save(
              act,
              new StoredWanted(
                  id,
                  wish.product(),
                  wish.packs(),
                  wish.neededOn(),
                  wish.why().strip(),
                  time.today(),
                  null,
                  null,
                  0));
        });
  }

  void remove(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "no-longer-wanted",
        act -> {
          existing(id);
          act.touch(ThingKind.WANTED_THING, id, () -> store.remove(id));
        });
  }

  StoredWanted existing(UUID id) {
    return store.locked(id).orElseThrow(() -> Refused.notThere("entry of the buying list", id));
  }

  private void save(Act act, StoredWanted one) {
    act.touch(ThingKind.WANTED_THING, one.id(), () -> store.save(one));
  }
}
