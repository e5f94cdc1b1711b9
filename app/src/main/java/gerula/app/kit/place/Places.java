package gerula.app.kit.place;

import gerula.app.kit.KitRecords.OpenPlace;
import gerula.app.kit.KitRecords.PlaceSheet;
import gerula.app.kit.KitRecords.PlaceView;
import gerula.app.kit.KitRecords.PlacesView;
import gerula.app.kit.KitStore;
import gerula.app.kit.KitViews;
import gerula.app.kit.Release;
import gerula.app.kit.Views;
import gerula.app.kit.find.KitLists;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.person.KnownPeople;
import gerula.app.person.PersonNames;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.app.tables.tables.records.PlaceRecord;
import gerula.core.kit.opencase.OpenCase;
import gerula.core.kit.opencase.Tray;
import gerula.core.kit.place.Place;
import gerula.core.kit.place.PlaceTree;
import gerula.core.kit.place.SetContent;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What can be done with places. */
@Component
public class Places {

  private final PlaceStore store;
  private final KitStore kit;
  private final Handling handling;
  private final KitLists lists;
  private final Views views;
  private final KnownPeople people;
  private final PersonNames names;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final List<Release> releases;
  private final Clock clock;

  Places(
      PlaceStore store,
      KitStore kit,
      Handling handling,
      KitLists lists,
      Views views,
      KnownPeople people,
      PersonNames names,
      Ledger ledger,
      Workspaces workspaces,
      List<Release> releases,
      Clock clock) {
    this.store = store;
    this.kit = kit;
    this.handling = handling;
    this.lists = lists;
    this.views = views;
    this.people = people;
    this.names = names;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.releases = releases;
    this.clock = clock;
  }

  PlacesView all(SignedIn who) {
    return workspaces.read(who.workspace(), () -> new PlacesView(walked()));
  }

  private List<PlaceView> walked() {
    Map<UUID, StoredPlace> byId =
        store.places().stream().collect(Collectors.toMap(StoredPlace::id, Function.identity()));
    Map<UUID, Integer> things = lists.thingsByPlace();
    List<PlaceView> walked = new ArrayList<>();
    PlaceTree tree = new PlaceTree(byId.values().stream().map(StoredPlace::place).toList());
    tree.inWalkingOrder()
        .forEach(
            place ->
                walked.add(
                    KitViews.of(
                        byId.get(place.id()),
                        tree,
                        walked.size(),
                        things.getOrDefault(place.id(), 0),
                        clock.instant())));
    return walked;
  }

  PlaceSheet sheet(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () ->
            new PlaceSheet(
                walked().stream()
                    .filter(place -> place.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> Refused.notThere("place", id)),
                ledger.historyOf(id),
                lists.openCount(id).orElse(null)));
  }

  OpenPlace open(SignedIn who, UUID id) {
    return workspaces.read(
        who.workspace(),
        () -> {
          PlaceTree places = store.tree();
          Place place = places.find(id).orElseThrow(() -> Refused.notThere("place", id));
          List<StoredItem> items = kit.itemsIn(places.withAllInside(id));
          Tray tray = OpenCase.layOut(place, places, items.stream().map(StoredItem::item).toList());
          return new OpenPlace(tray, views.with(places).of(items), tray.allFindings().toList());
        });
  }

  void add(SignedIn who, UUID actId, UUID id, PlaceDraft draft) {
    ledger.perform(
        who,
        actId,
        "added",
        act -> {
          check(id, draft);
          people.know(act, draft.personName());
          act.touch(ThingKind.PLACE_THING, id, () -> store.insert(id, draft));
          thingFollows(act, draft);
        });
  }

  void edit(SignedIn who, UUID actId, UUID id, int version, PlaceDraft draft) {
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          store.lock(id);
          StoredPlace before = existing(id);
          Refused.unlessUnchanged(
              version,
              before.version(),
              "place",
              () -> KitViews.of(before, store.tree(), 0, 0, clock.instant()));
          check(id, draft);
          people.know(act, draft.personName());
          act.touch(ThingKind.PLACE_THING, id, () -> store.update(id, draft));
          thingFollows(act, draft);
        });
  }

  /** Says what it is to hold when it is ready. */
  public void toHold(Act act, UUID id, List<SetContent> contents) {
    store.lock(id);
    existing(id);
    PlaceRecord changed = new PlaceRecord();
    changed.setSetContents(SetContents.column(contents));
    act.touch(ThingKind.PLACE_THING, id, () -> store.change(id, changed));
  }

  /** Takes an empty place away. What lies in it, or belongs in it, holds it back. */
  void remove(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "removed",
        act -> {
          store.lock(id);
          existing(id);
          if (lists.isInUse(id)) {
            throw Refused.notNow(
                "in-use",
                "Something lies in this place or belongs in it. Move that first; nothing was"
                    + " changed.");
          }
          remove(act, id);
        });
  }

  /** A palette that is a thing lies where it is as a place. */
  private void thingFollows(Act act, PlaceDraft draft) {
    if (draft.thing() != null) {
      kit.item(draft.thing())
          .ifPresent(item -> handling.became(act, item, item.item().movedTo(draft.parent())));
    }
  }

  private void remove(Act act, UUID id) {
    releases.forEach(release -> release.place(act, id));
    act.touch(ThingKind.PLACE_THING, id, () -> store.remove(id));
  }

  private StoredPlace existing(UUID id) {
    return store.place(id).orElseThrow(() -> Refused.notThere("place", id));
  }

  /** The tree has to stay a tree: checked by building it with the place as it would be. */
  private void check(UUID id, PlaceDraft draft) {
    Faults faults = draft.check(new Faults(), "place.");
    List<Place> places = new ArrayList<>();
    store.places().stream()
        .map(StoredPlace::place)
        .filter(place -> !place.id().equals(id))
        .forEach(places::add);
    places.add(Place.bare(id, draft.parent(), draft.name(), draft.kind(), draft.reach()));
    faults.build("place.parent", () -> new PlaceTree(places));
    faults.unless(
        draft.personId() == null || names.knows(draft.personId()),
        "place.personId",
        "not-there",
        "There is nobody of this id. Choose somebody from the list, or write a name.");
    faults.unless(
        draft.home() == null || places.stream().anyMatch(one -> one.id().equals(draft.home())),
        "place.home",
        "not-there",
        "There is no place " + draft.home() + " in this workspace. Choose one from the list.");
    UUID thing = draft.thing();
    faults.unless(
        thing == null || kit.item(thing).filter(one -> !one.isDiscarded()).isPresent(),
        "place.thing",
        "not-there",
        "There is no item " + thing + " in the kit. Choose one from the list.");
    faults.unless(
        thing == null || store.being(thing).map(one -> one.id().equals(id)).orElse(true),
        "place.thing",
        "is-a-place-already",
        "This item is another place already.");
    faults.refuseIfAny();
  }
}
