package gerula.app.cleandown;

import gerula.app.kit.DrawnItem;
import gerula.app.kit.Kit;
import gerula.app.kit.Views;
import gerula.app.kit.WholeKit;
import gerula.app.kit.item.StoredItem;
import gerula.app.kit.place.PlaceStore;
import gerula.app.kit.place.Places;
import gerula.app.kit.place.Whereabouts;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.rule.HouseStore;
import gerula.core.cleandown.refill.PouchRefill;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.place.SetContent;
import gerula.core.kit.product.ProductClass;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Making pouches ready again: what they are to hold is taken from stock. */
@Component
class Refilling {

  private final WholeKit whole;
  private final Kit kit;
  private final PlaceStore store;
  private final Places places;
  private final Whereabouts whereabouts;
  private final HouseStore house;
  private final Views views;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  Refilling(
      WholeKit whole,
      Kit kit,
      PlaceStore store,
      Places places,
      Whereabouts whereabouts,
      HouseStore house,
      Views views,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.whole = whole;
    this.kit = kit;
    this.store = store;
    this.places = places;
    this.whereabouts = whereabouts;
    this.house = house;
    this.views = views;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  /**
   * One kind of thing a pouch is to hold.
   *
   * @param pieces it is to hold
   * @param there are that many that may be used
   * @param from what makes up for the rest
   * @param missing how many there are nowhere
   */
  record PouchLine(
      ProductClass productClass,
      int pieces,
      int there,
      List<PouchRefill.FromStock> from,
      int missing) {}

  /**
   * A pouch that is to hold something.
   *
   * @param full whether nothing of it is wanting
   */
  record PouchView(UUID place, String name, boolean full, List<PouchLine> lines) {}

  /**
   * @param items those that are taken from
   */
  record PouchesView(List<PouchView> pouches, List<DrawnItem> items) {}

  PouchesView pouches(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          PlaceTree tree = store.tree();
          List<PouchRefill> all = planned(tree);
          Map<UUID, StoredItem> byId = whole.now().byId();
          var now = views.now();
          return new PouchesView(
              all.stream().map(one -> view(one, tree)).toList(),
              all.stream()
                  .flatMap(one -> one.lines().stream())
                  .flatMap(line -> line.from().stream())
                  .map(PouchRefill.FromStock::item)
                  .distinct()
                  .map(id -> DrawnItem.of(byId.get(id).item(), now))
                  .toList());
        });
  }

  private List<PouchRefill> planned(PlaceTree tree) {
    return PouchRefill.of(tree, whole.now().items(), house.current(), time.today());
  }

  private static PouchView view(PouchRefill one, PlaceTree tree) {
    return new PouchView(
        one.place(),
        tree.find(one.place()).orElseThrow().name(),
        one.isFull(),
        one.lines().stream()
            .map(
                line ->
                    new PouchLine(
                        line.productClass(),
                        line.pieces(),
                        line.there(),
                        line.from(),
                        line.missing()))
            .toList());
  }

  /** Says what a place is to hold from now on. */
  void toHold(SignedIn who, UUID actId, UUID place, List<SetContent> contents) {
    ledger.perform(who, actId, "set-contents", act -> places.toHold(act, place, contents));
  }

  /**
   * Takes from stock what these are short of.
   *
   * @param pouches none for all of them
   * @throws Refused when there is nothing to take
   */
  void refill(SignedIn who, UUID actId, Collection<UUID> pouches) {
    ledger.perform(
        who,
        actId,
        "pouch-refilled",
        act -> {
          PlaceTree tree = store.tree();
          Map<UUID, PouchRefill> all =
              planned(tree).stream()
                  .filter(one -> pouches.isEmpty() || pouches.contains(one.place()))
                  .collect(Collectors.toMap(PouchRefill::place, Function.identity()));
          // Whoever refills at the same time waits for all that is taken from, in one order.
          Map<UUID, StoredItem> locked = new TreeMap<>();
          kit.inKit(
                  act,
                  all.values().stream()
                      .flatMap(one -> one.lines().stream())
                      .flatMap(line -> line.from().stream())
                      .map(PouchRefill.FromStock::item)
                      .distinct()
                      .toList())
              .forEach(one -> locked.put(one.id(), one));
          if (locked.isEmpty()) {
            throw Refused.notNow(
                "nothing-to-take",
                "Nothing is wanting, or no stock is left to take it from. Nothing was changed.");
          }
          all.values()
              .forEach(
                  one ->
                      one.lines()
                          .forEach(
                              line ->
                                  line.from()
                                      .forEach(
                                          taken ->
                                              whereabouts.part(
                                                  act,
                                                  kit.inKit(taken.item()),
                                                  newStock(actId, taken.item(), one.place()),
                                                  one.place(),
                                                  taken.pieces()))));
        });
  }

  /** The same whenever the same act is sent again. */
  private static UUID newStock(UUID actId, UUID item, UUID place) {
    return UUID.nameUUIDFromBytes(
        (actId + " " + item + " " + place).getBytes(StandardCharsets.UTF_8));
  }
}
