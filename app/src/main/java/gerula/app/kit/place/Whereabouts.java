package gerula.app.kit.place;

import gerula.app.kit.Kit;
import gerula.app.kit.KitRecords.ItemView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Views;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.ItemDraft;
import gerula.app.kit.item.ItemRows;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.person.KnownPeople;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.core.kit.item.Item;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceKind;
import gerula.core.kit.place.PlaceTree;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Moving things, lending them, and bringing them home. */
@Component
public class Whereabouts {

  private final Kit kit;
  private final Handling handling;
  private final KitStore store;
  private final PlaceStore places;
  private final Views views;
  private final KnownPeople people;
  private final Ledger ledger;
  private final Workspaces workspaces;

  Whereabouts(
      Kit kit,
      Handling handling,
      KitStore store,
      PlaceStore places,
      Views views,
      KnownPeople people,
      Ledger ledger,
      Workspaces workspaces) {
    this.kit = kit;
    this.handling = handling;
    this.store = store;
    this.places = places;
    this.views = views;
    this.people = people;
    this.ledger = ledger;
    this.workspaces = workspaces;
  }

  /**
   * @param to null when it was looked for and not found
   */
  public void move(SignedIn who, UUID actId, List<UUID> ids, @Nullable UUID to) {
    ledger.perform(
        who,
        actId,
        to == null ? "missed" : "moved",
        Map.of(),
        act -> {
          requirePlace(to);
          PlaceTree before = places.tree();
          kit.inKit(act, ids).forEach(item -> moveOne(act, before, item, to, null));
        });
  }

  /** Lends things to somebody; the place bears her name and is made when it is the first time. */
  public void lend(
      SignedIn who,
      UUID actId,
      List<UUID> ids,
      UUID newPlace,
      String person,
      @Nullable LocalDate askBackOn) {
    ledger.perform(
        who,
        actId,
        "lent",
        act -> {
          UUID to = placeOf(act, person.strip(), newPlace);
          PlaceTree before = places.tree();
          kit.inKit(act, ids).forEach(item -> moveOne(act, before, item, to, askBackOn));
        });
  }

  private UUID placeOf(Act act, String person, UUID newPlace) {
    UUID borrower = people.know(act, person);
    return places.places().stream()
        .filter(place -> place.place().kind() == PlaceKind.LENT)
        .filter(place -> place.person() != null && place.person().id().equals(borrower))
        .findFirst()
        .map(StoredPlace::id)
        .orElseGet(
            () -> {
              act.touch(
                  ThingKind.PLACE_THING,
                  newPlace,
                  () -> places.insert(newPlace, PlaceDraft.lentTo(person)));
              return newPlace;
            });
  }

  /** So many of a list are told at once. */
  static final int MOST_OUT_OF_PLACE = 200;

  /**
   * What is not where it belongs, in the order in which one walks: first by where it lies, then by
   * where it goes. Of long lists the first {@value #MOST_OUT_OF_PLACE}.
   *
   * @param items that can be picked up and put back
   * @param itemsInAll how many of them there are
   * @param elsewhere lent, being repaired, lost, or nobody knows where
   * @param elsewhereInAll how many of them there are
   * @param places portable ones that lie somewhere else than they belong
   */
  public record OutOfPlace(
      List<ItemView> items,
      int itemsInAll,
      List<ItemView> elsewhere,
      int elsewhereInAll,
      List<UUID> places) {}

  public OutOfPlace outOfPlace(SignedIn who) {
    return workspaces.read(
        who.workspace(),
        () -> {
          PlaceTree tree = places.tree();
          List<Place> walk = tree.inWalkingOrder();
          Map<UUID, Integer> order = new HashMap<>();
          walk.forEach(place -> order.put(place.id(), order.size()));
          Comparator<StoredItem> asOneWalks =
              Comparator.<StoredItem>comparingInt(one -> order.getOrDefault(one.item().now(), -1))
                  .thenComparingInt(one -> order.getOrDefault(one.item().home(), -1))
                  .thenComparing(StoredItem::id);
          Map<Boolean, List<StoredItem>> outOfPlace =
              store.outOfPlace().stream()
                  .sorted(asOneWalks)
                  .collect(Collectors.partitioningBy(one -> tree.isElsewhere(one.item().now())));
          KitViews now = views.with(tree);
          return new OutOfPlace(
              first(outOfPlace.get(false), now),
              outOfPlace.get(false).size(),
              first(outOfPlace.get(true), now),
              outOfPlace.get(true).size(),
              walk.stream().filter(Whereabouts::isOutOfPlace).map(Place::id).toList());
        });
  }

  private static List<ItemView> first(List<StoredItem> items, KitViews now) {
    return items.stream().limit(MOST_OUT_OF_PLACE).map(now::of).toList();
  }

  private static boolean isOutOfPlace(Place place) {
    return place.home() != null && !place.home().equals(place.parent());
  }

  /**
   * Puts things and portable places back where they belong.
   *
   * @throws Refused when one of them has no home
   */
  public void putAway(SignedIn who, UUID actId, List<UUID> items, List<UUID> placeIds) {
    ledger.perform(
        who,
        actId,
        "put-away",
        act -> {
          // On the way two places may lie in each other; what counts is where they are in the end.
          PlaceTree before = places.tree();
          placeIds.stream().distinct().sorted().forEach(id -> putPlaceAway(act, before, id));
          for (StoredItem item : kit.inKit(act, items)) {
            UUID home = item.item().home();
            if (home == null) {
              throw Refused.notNow(
                  "no-home",
                  item.item().product().name()
                      + " has no home yet. Give it one on its sheet, then bring it home.");
            }
            moveOne(act, before, item, home, null);
          }
        });
  }

  private void putPlaceAway(Act act, PlaceTree before, UUID id) {
    places.lock(id);
    StoredPlace place = places.place(id).orElseThrow(() -> Refused.notThere("place", id));
    if (place.place().home() == null) {
      throw Refused.notNow(
          "no-home",
          place.place().name() + " has no home yet. Say where it belongs, then put it away.");
    }
    movePlace(act, before, place, place.place().home());
  }

  /**
   * A bag leaves the hook or the case it is kept in, and is known to belong there.
   *
   * @param before where everything was when the act began
   */
  public void leave(Act act, PlaceTree before, UUID bag) {
    places.lock(bag);
    StoredPlace place = places.place(bag).orElseThrow(() -> Refused.notThere("place", bag));
    UUID keptIn = place.place().parent();
    if (keptIn == null) {
      return;
    }
    isKnownToBelong(act, place, keptIn);
    movePlace(act, before, place, null);
  }

  private void isKnownToBelong(Act act, StoredPlace place, @Nullable UUID keptIn) {
    if (place.place().home() == null && keptIn != null) {
      PlaceRecord known = new PlaceRecord();
      known.setHomeId(keptIn);
      act.touch(ThingKind.PLACE_THING, place.id(), () -> places.change(place.id(), known));
    }
  }

  /**
   * A part comes off what it lies in, with all it holds, and is known to belong there.
   *
   * @param before where everything was when the act began
   */
  public void carry(Act act, PlaceTree before, UUID part, UUID into) {
    places.lock(part);
    StoredPlace place = places.place(part).orElseThrow(() -> Refused.notThere("place", part));
    requirePlace(into);
    isKnownToBelong(act, place, place.place().parent());
    movePlace(act, before, place, into);
  }

  /**
   * What came off somewhere else and was put into this bag goes back where it belongs.
   *
   * @param before where everything was when the act began
   * @param isBusy what is out for somebody else, and stays
   */
  public void partsComeBack(Act act, PlaceTree before, UUID bag, Predicate<UUID> isBusy) {
    before.withAllInside(bag).stream()
        .filter(id -> !id.equals(bag))
        .flatMap(id -> before.find(id).stream())
        .filter(part -> part.comesOff() && before.homeElsewhere(part).isPresent())
        .filter(part -> !isBusy.test(part.id()))
        .forEach(part -> goesHome(act, before, part.id()));
  }

  /**
   * A bag that has left goes back to where it is kept, if that is still there.
   *
   * @param before where everything was when the act began
   */
  public void comeBack(Act act, PlaceTree before, UUID bag) {
    if (before.find(bag).filter(place -> place.parent() == null).isPresent()) {
      goesHome(act, before, bag);
    }
  }

  private void goesHome(Act act, PlaceTree before, UUID id) {
    places.lock(id);
    places
        .place(id)
        .ifPresent(
            place ->
                before
                    .homeElsewhere(place.place())
                    .ifPresent(home -> movePlace(act, before, place, home)));
  }

  /** Moves a place with all it holds. */
  void movePlace(SignedIn who, UUID actId, UUID id, @Nullable UUID to) {
    ledger.perform(
        who,
        actId,
        "moved",
        act -> {
          places.lock(id);
          StoredPlace place = places.place(id).orElseThrow(() -> Refused.notThere("place", id));
          requirePlace(to);
          movePlace(act, places.tree(), place, to);
        });
  }

  private void movePlace(Act act, PlaceTree before, StoredPlace place, @Nullable UUID to) {
    if (to != null && before.isElsewhere(to)) {
      releaseAllInside(act, before, place.id());
    }
    changeParent(act, place.id(), to);
    UUID thing = place.place().thing();
    if (thing != null) {
      StoredItem item = kit.inKit(thing);
      handling.became(act, item, item.item().movedTo(to));
    }
  }

  /**
   * It was looked for and is not there, and nor is what lies in it.
   *
   * @param before where everything was when the act began
   */
  public void isMissing(Act act, PlaceTree before, StoredItem item) {
    moveOne(act, before, item, null, null);
  }

  /** A thing that is a place takes all it holds along. */
  private void moveOne(
      Act act,
      PlaceTree before,
      StoredItem item,
      @Nullable UUID to,
      @Nullable LocalDate askBackOn) {
    if (before.isElsewhere(to)) {
      handling.release(act, item.id());
      places.being(item.id()).ifPresent(place -> releaseAllInside(act, before, place.id()));
    }
    Item after =
        askBackOn == null || to == null
            ? item.item().movedTo(to)
            : item.item().lentTo(to, askBackOn);
    handling.became(act, item, after);
  }

  private void releaseAllInside(Act act, PlaceTree before, UUID place) {
    store.itemsIn(before.withAllInside(place)).forEach(item -> handling.release(act, item.id()));
  }

  private void changeParent(Act act, UUID place, @Nullable UUID to) {
    PlaceRecord changed = new PlaceRecord();
    changed.setParentId(to);
    act.touch(ThingKind.PLACE_THING, place, () -> places.change(place, changed));
  }

  private void requirePlace(@Nullable UUID to) {
    if (to != null && places.place(to).isEmpty()) {
      throw Refused.notThere("place", to);
    }
  }

  /**
   * Takes some pieces of counted stock to another place: onto the same stock there, or as a new
   * one.
   *
   * @param newItem id the new stock gets when there is none yet
   */
  public void part(SignedIn who, UUID actId, UUID id, UUID newItem, UUID to, long pieces) {
    ledger.perform(
        who,
        actId,
        "parted",
        Map.of("pieces", pieces),
        act -> {
          requirePlace(to);
          part(act, kit.inKit(id), newItem, to, pieces);
        });
  }

  /** The same as a part of an act. */
  public void part(Act act, StoredItem from, UUID newItem, UUID to, long pieces) {
    Quantity some = Quantity.pieces(pieces);
    refuseUnlessParts(from, some);
    handling.became(act, from, from.item().less(some));
    store.itemsOfProduct(from.item().product().id()).stream()
        .filter(other -> isSameStock(from, other) && to.equals(other.item().now()))
        .findFirst()
        .ifPresentOrElse(
            there -> {
              StoredItem locked = kit.inKit(there.id());
              handling.became(act, locked, locked.item().measured(locked.item().left().plus(some)));
            },
            () -> addPart(act, from, newItem, to, some));
  }

  private void addPart(Act act, StoredItem from, UUID newItem, UUID to, Quantity some) {
    ItemDraft draft = ItemRows.draft(store.row(from.id())).partAt(to, some.amount());
    UUID product = from.item().product().id();
    act.touch(ThingKind.ITEM_THING, newItem, () -> store.insert(newItem, product, draft));
  }

  private static void refuseUnlessParts(StoredItem from, Quantity some) {
    if (from.item().left().unit() != Unit.PIECE) {
      throw Refused.notNow(
          "not-counted", "Only counted stock can be split. Move the whole item, or decant it.");
    }
    if (some.isNone() || some.compareTo(from.item().left()) > 0) {
      throw Refused.notNow(
          "too-many",
          "There are "
              + from.item().left().amount()
              + " pieces here. Take 1 to "
              + from.item().left().amount()
              + " of them.");
    }
  }

  private static boolean isSameStock(StoredItem one, StoredItem other) {
    return !one.id().equals(other.id())
        && one.item().dates().equals(other.item().dates())
        && one.item().forWhom().equals(other.item().forWhom())
        && one.item().vessel().equals(other.item().vessel())
        && one.details().batch().equals(other.details().batch());
  }
}
