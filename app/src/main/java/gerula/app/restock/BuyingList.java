package gerula.app.restock;

import gerula.app.kit.Kit;
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
import gerula.core.cleandown.work.UsedThing;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Vessel;
import gerula.core.restock.OrderBy;
import gerula.core.restock.shop.Shop;
import gerula.core.rule.HouseRules;
import java.math.BigDecimal;
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
  private final Kit things;
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
      Kit things,
      Views views,
      HouseStore house,
      Sellers sellers,
      ShopStore shops,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.store = store;
    this.kit = kit;
    this.things = things;
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
   */
  public record OrderedView(LocalDate on, @Nullable String shop, LocalDate thereBy, boolean late) {}

  /** What is said of packs that came: it holds for all of them. */
  record Came(
      String batch,
      @Nullable LocalDate printedExpiry,
      @Nullable BigDecimal price,
      @Nullable String currency,
      boolean restToCome) {}

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
                how.thereBy().isBefore(time.today())),
        one.why());
  }

  private static @Nullable LocalDate orderBy(
      StoredWanted one, Map<UUID, List<Shop>> offered, HouseRules rules) {
    return one.neededOn() == null
        ? null
        : OrderBy.day(
            one.neededOn(), offered.getOrDefault(one.product(), List.of()), rules.deliveryDays());
  }

  /** A thing of the product, one that is still there before one that is gone. */
  private Optional<StoredItem> like(UUID product) {
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

  /**
   * They are ordered from now on.
   *
   * @param shop null: from somebody who is not kept as a shop
   * @param thereBy null: as long as the shop usually takes, or the house's time
   */
  void order(
      SignedIn who,
      UUID actId,
      List<UUID> entries,
      @Nullable UUID shop,
      @Nullable LocalDate thereBy) {
    ledger.perform(
        who,
        actId,
        "ordered",
        Map.of("entries", entries.size()),
        act -> {
          LocalDate today = time.today();
          Optional<Shop> from = Optional.ofNullable(shop).map(this::existingShop);
          LocalDate usually =
              from.map(one -> one.arrivesOn(today))
                  .orElseGet(() -> today.plusDays(house.current().deliveryDays()));
          new Faults()
              .unless(
                  thereBy == null || !thereBy.isBefore(today),
                  "thereBy",
                  "out-of-range",
                  "What is ordered today is not there before today.")
              .refuseIfAny();
          LocalDate there = thereBy == null ? usually : thereBy;
          for (UUID id : entries.stream().distinct().sorted().toList()) {
            StoredWanted wanted = notGot(id);
            if (wanted.ordered() != null) {
              throw Refused.notNow(
                  "ordered-already", "This is ordered already. Nothing was changed.");
            }
            save(act, wanted.ordered(new WantedStore.Ordered(today, shop, there)));
          }
        });
  }

  private Shop existingShop(UUID id) {
    return shops.shops().stream()
        .map(ShopStore.StoredShop::shop)
        .filter(one -> one.id().equals(id))
        .findFirst()
        .orElseThrow(() -> Refused.notThere("shop", id));
  }

  /** It does not come: it is wanted as before. */
  void callOff(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "order-called-off",
        act -> {
          StoredWanted wanted = notGot(id);
          if (wanted.ordered() == null) {
            throw Refused.notNow("not-ordered", "This is not ordered. Nothing was changed.");
          }
          save(act, wanted.ordered(null));
        });
  }

  /**
   * So many sealed packs come into the kit, at home where the product is; what can be wiped or
   * washed counts as used until it is.
   *
   * @param newItems ids of the packs, made by the caller
   */
  void got(SignedIn who, UUID actId, UUID id, List<UUID> newItems, Came came) {
    ledger.perform(
        who,
        actId,
        "bought",
        Map.of("packs", newItems.size()),
        act -> {
          StoredWanted wanted = notGot(id);
          new Faults()
              .unless(
                  !came.restToCome() || newItems.size() < wanted.packs(),
                  "restToCome",
                  "rule",
                  "Nothing is left to come: as many came as were wanted.")
              .refuseIfAny();
          StoredItem like =
              like(wanted.product())
                  .orElseThrow(() -> Refused.notThere("product", wanted.product()));
          Cleanliness cleanliness = UsedThing.onArrival(like.item(), house.current().practices());
          newItems.forEach(
              item ->
                  things.addSealed(
                      act,
                      item,
                      like,
                      cleanliness,
                      came.batch(),
                      came.printedExpiry(),
                      came.price(),
                      came.currency()));
          save(act, came.restToCome() ? wanted.gotPart(newItems.size()) : wanted.got(time.today()));
        });
  }

  private StoredWanted notGot(UUID id) {
    StoredWanted wanted = existing(id);
    if (wanted.gotOn() != null) {
      throw Refused.notNow("got-already", "This has been bought already. Nothing was changed.");
    }
    return wanted;
  }

  private StoredWanted existing(UUID id) {
    return store.locked(id).orElseThrow(() -> Refused.notThere("entry of the buying list", id));
  }

  private void save(Act act, StoredWanted one) {
    act.touch(ThingKind.WANTED_THING, one.id(), () -> store.save(one));
  }
}
