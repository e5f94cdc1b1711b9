package gerula.app.kit.count;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.Obstacles;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.limits.Limit;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.count.Stocktake;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Quantity;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Counting a place: begun, gone on with, settled in one act or given up. */
@Component
class Counts {

  private final CountStore store;
  private final KitStore kit;
  private final Kit acts;
  private final Handling handling;
  private final PlaceStore places;
  private final Views views;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final Clock clock;

  Counts(
      CountStore store,
      KitStore kit,
      Kit acts,
      Handling handling,
      PlaceStore places,
      Views views,
      Ledger ledger,
      Workspaces workspaces,
      Clock clock) {
    this.store = store;
    this.kit = kit;
    this.acts = acts;
    this.handling = handling;
    this.places = places;
    this.views = views;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.clock = clock;
  }

  /**
   * How a count stands.
   *
   * @param numbers counted amounts by item, in the unit of its product
   */
  record CountView(
      UUID id,
      UUID place,
      Instant startedAt,
      @Nullable Instant settledAt,
      List<ItemView> present,
      List<ItemView> missing,
      List<ItemView> unexpected,
      Map<UUID, BigDecimal> numbers) {}

  /** Begins a count of a place, or goes on with the one that is open. */
  CountView begin(SignedIn who, UUID place, UUID newId) {
    return workspaces.write(
        who.workspace(),
        () -> {
          places.lock(place);
          if (places.place(place).isEmpty()) {
            throw Refused.notThere("place", place);
          }
          if (store.openOf(place).isEmpty() && store.find(newId).isEmpty()) {
            Limit.COUNTS.require(store.count() + 1L, "counts");
            store.begin(newId, place, clock.instant());
          }
          return view(store.openOf(place).orElseGet(() -> existing(newId)));
        });
  }

  CountView view(SignedIn who, UUID id) {
    return workspaces.read(who.workspace(), () -> view(existing(id)));
  }

  private CountView view(CountStore.StoredCount count) {
    PlaceTree tree = places.tree();
    KitViews now = views.with(tree);
    Map<UUID, StoredItem> items = concerned(count, tree);
    Stocktake take = stocktake(count, tree, items);
    return new CountView(
        count.id(),
        count.place(),
        count.startedAt(),
        count.settledAt(),
        told(take.present(), items, now),
        told(take.missing(), items, now),
        told(take.unexpected(), items, now),
        count.seen().numbers());
  }

  private static List<ItemView> told(List<Item> some, Map<UUID, StoredItem> items, KitViews now) {
    return some.stream().map(item -> now.of(items.get(item.id()))).toList();
  }

  private static Stocktake stocktake(
      CountStore.StoredCount count, PlaceTree tree, Map<UUID, StoredItem> items) {
    return Stocktake.of(
        count.place(),
        tree,
        items.values().stream().map(StoredItem::item).toList(),
        count.seen().items());
  }

  /** Everything that lies in the place or was seen there. */
  private Map<UUID, StoredItem> concerned(CountStore.StoredCount count, PlaceTree tree) {
    Map<UUID, StoredItem> items = new HashMap<>();
    kit.itemsIn(tree.withAllInside(count.place())).forEach(one -> items.put(one.id(), one));
    kit.itemsOf(count.seen().items()).forEach(one -> items.put(one.id(), one));
    return items;
  }

  /**
   * Notes what was seen, or takes that back.
   *
   * @param counted how many, null when it was only ticked
   */
  CountView see(SignedIn who, UUID id, UUID item, boolean seen, @Nullable BigDecimal counted) {
    return workspaces.write(
        who.workspace(),
        () -> {
          refuseWhenSettled(existing(id));
          if (!seen) {
            store.unsee(id, item);
          } else {
            StoredItem there = acts.inKit(item);
            checkNumber(there, counted);
            store.see(id, item, counted);
          }
          return view(existing(id));
        });
  }

  private static void checkNumber(StoredItem there, @Nullable BigDecimal counted) {
    if (counted == null) {
      return;
    }
    Faults faults = new Faults();
    Quantity size = there.item().size();
    faults
        .build("counted", () -> Quantity.of(counted, size.unit()))
        .ifPresent(number -> Obstacles.toHolding(faults, "counted", size, number));
    faults.refuseIfAny();
  }

  /** One act for the count, and an entry in the history of everything it touched. */
  void settle(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "counted",
        Map.of("count", id),
        act -> {
          store.lock(id);
          CountStore.StoredCount count = existing(id);
          refuseWhenSettled(count);
          PlaceTree tree = places.tree();
          Map<UUID, StoredItem> items = concerned(count, tree);
          items.keySet().stream().sorted().forEach(kit::lock);
          Stocktake take = stocktake(count, tree, items);
          take.settled(count.place(), numbers(count, items))
              .forEach(one -> settleOne(act, one, items.get(one.item().id())));
          act.touch(ThingKind.STOCKTAKE_THING, id, () -> store.settle(id, clock.instant()));
        });
  }

  private static Map<UUID, Quantity> numbers(
      CountStore.StoredCount count, Map<UUID, StoredItem> items) {
    Map<UUID, Quantity> numbers = new HashMap<>();
    count
        .seen()
        .numbers()
        .forEach(
            (item, number) ->
                numbers.put(item, Quantity.of(number, items.get(item).item().left().unit())));
    return numbers;
  }

  private void settleOne(Act act, Stocktake.Settled settled, StoredItem before) {
    if (settled.now().isEmpty()) {
      handling.release(act, before.id());
    }
    Item after = before.item().measured(settled.left()).movedTo(settled.now().orElse(null));
    handling.became(act, before, after);
  }

  /** Throws an open count away; nothing in the kit was changed by it. */
  void giveUp(SignedIn who, UUID id) {
    workspaces.write(
        who.workspace(),
        () -> {
          store.lock(id);
          store
              .find(id)
              .ifPresent(
                  count -> {
                    refuseWhenSettled(count);
                    store.giveUp(id);
                  });
        });
  }

  private static void refuseWhenSettled(CountStore.StoredCount count) {
    if (count.settledAt() != null) {
      throw Refused.notNow(
          "settled-already", "This count is finished. Undo that, or start another count.");
    }
  }

  private CountStore.StoredCount existing(UUID id) {
    return store.find(id).orElseThrow(() -> Refused.notThere("count", id));
  }
}
