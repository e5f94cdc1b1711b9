package gerula.app.kit;

import gerula.app.kit.KitRecords.ItemSheet;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitRecords.KitView;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.kit.DiscardCause;
import gerula.core.kit.Product;
import gerula.core.rule.HouseRules;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What can be done with the things of the kit. */
@Component
public class Kit {

  private static final int HISTORY_SHOWN = 100;

  private final KitStore store;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final Clock clock;

  Kit(KitStore store, Ledger ledger, Workspaces workspaces, Clock clock) {
    this.store = store;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  KitView all(SignedIn who) {
    return workspaces.in(
        who.workspace(),
        () ->
            new KitView(
                store.places().stream().map(KitViews::of).toList(),
                store.items().stream().map(this::view).toList()));
  }

  ItemSheet sheet(SignedIn who, UUID id) {
    return workspaces.in(
        who.workspace(),
        () -> new ItemSheet(view(existing(id)), ledger.historyOf(id, HISTORY_SHOWN)));
  }

  /**
   * Adds an item, and its product unless the kit has it already.
   *
   * @param item id the item gets; made by the caller so that a repeated act finds it again
   */
  void add(
      SignedIn who,
      UUID actId,
      UUID item,
      @Nullable UUID knownProduct,
      @Nullable ProductDraft newProduct,
      ItemDraft draft) {
    ledger.perform(
        who,
        actId,
        "added",
        Map.of(),
        act -> {
          UUID product = knownProduct != null ? knownProduct : item;
          checkNew(product, newProduct, draft);
          if (newProduct != null) {
            act.touch(ThingKind.PRODUCT_THING, product, () -> store.insert(product, newProduct));
          }
          act.touch(ThingKind.ITEM_THING, item, () -> store.insert(item, product, draft));
        });
  }

  private void checkNew(UUID product, @Nullable ProductDraft newProduct, ItemDraft draft) {
    Faults faults = new Faults();
    Optional<Product> described =
        newProduct != null
            ? newProduct.toProduct(product, faults, "product.")
            : store.product(product).map(KitRows::product);
    if (described.isEmpty()) {
      faults.refuseIfAny();
      throw Refused.notThere("product", product);
    }
    check(draft, described.get(), faults);
  }

  void edit(
      SignedIn who,
      UUID actId,
      UUID id,
      int version,
      int productVersion,
      ProductDraft product,
      ItemDraft draft) {
    ledger.perform(
        who,
        actId,
        "changed",
        Map.of(),
        act -> {
          store.lock(id);
          StoredItem before = existing(id);
          if (before.version() != version || before.productVersion() != productVersion) {
            throw Refused.changedMeanwhile("item", view(before));
          }
          UUID productId = before.item().product().id();
          Faults faults = new Faults();
          Optional<Product> described = product.toProduct(productId, faults, "product.");
          if (described.isEmpty()) {
            faults.refuseIfAny();
          }
          check(draft, described.orElseThrow(), faults);
          refuseOtherUnit(before, product);
          act.touch(ThingKind.PRODUCT_THING, productId, () -> store.update(productId, product));
          act.touch(ThingKind.ITEM_THING, id, () -> store.update(id, draft));
        });
  }

  /** Other items of the product tell what is left of them in the old unit. */
  private static void refuseOtherUnit(StoredItem before, ProductDraft product) {
    new Faults()
        .unless(
            before.item().product().content().unit() == product.unit(),
            "product.unit",
            "unit-is-fixed",
            "A product's unit stays what it was. Add it as a new product instead.")
        .refuseIfAny();
  }

  private void check(ItemDraft draft, Product product, Faults faults) {
    draft.check(faults, "item.", product, LocalDate.now(clock)).refuseIfAny();
    requirePlace(draft.home(), "item.home", faults);
    requirePlace(draft.now(), "item.now", faults);
    faults.refuseIfAny();
  }

  private void requirePlace(@Nullable UUID place, String path, Faults faults) {
    faults.unless(
        place == null || store.place(place).isPresent(),
        path,
        "not-there",
        "There is no place " + place + " in this workspace. Choose one from the list.");
  }

  /**
   * @param to null when it was looked for and not found
   */
  void move(SignedIn who, UUID actId, UUID id, @Nullable UUID to) {
    ledger.perform(
        who,
        actId,
        to == null ? "missed" : "moved",
        Map.of(),
        act -> {
          StoredItem item = inKit(id);
          if (to != null && store.place(to).isEmpty()) {
            throw Refused.notThere("place", to);
          }
          ItemRecord changed = new ItemRecord();
          changed.setNowPlaceId(to);
          touch(act, item, changed);
        });
  }

  void discard(SignedIn who, UUID actId, UUID id, DiscardCause cause) {
    ledger.perform(
        who,
        actId,
        "discarded",
        Map.of("cause", cause.code()),
        act -> {
          StoredItem item = inKit(id);
          ItemRecord changed = new ItemRecord();
          changed.setDiscardedOn(LocalDate.now(clock));
          changed.setDiscardCause(cause.code());
          touch(act, item, changed);
        });
  }

  /** Changes an item as part of an act. */
  public void touch(Act act, StoredItem item, ItemRecord changed) {
    UUID id = item.item().id();
    act.touch(ThingKind.ITEM_THING, id, () -> store.change(id, changed));
  }

  private StoredItem existing(UUID id) {
    return store.item(id).orElseThrow(() -> Refused.notThere("item", id));
  }

  private StoredItem inKit(UUID id) {
    store.lock(id);
    StoredItem item = existing(id);
    if (item.discardedOn() != null) {
      throw Refused.notNow(
          "discarded",
          "This was discarded on " + item.discardedOn() + ". Undo that in its history first.");
    }
    return item;
  }

  private ItemView view(StoredItem item) {
    return KitViews.of(item, LocalDate.now(clock), HouseRules.USUAL);
  }
}
