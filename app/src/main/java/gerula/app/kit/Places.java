package gerula.app.kit;

import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import gerula.core.kit.Place;
import gerula.core.kit.PlaceTree;
import gerula.core.kit.opencase.OpenCase;
import gerula.core.kit.opencase.Tray;
import gerula.core.quantity.Mass;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What can be done with places. */
@Component
public class Places {

  private final KitStore store;
  private final Ledger ledger;
  private final Workspaces workspaces;

  Places(KitStore store, Ledger ledger, Workspaces workspaces) {
    this.store = store;
    this.ledger = ledger;
    this.workspaces = workspaces;
  }

  /** All places as a tree. To be called within the workspace. */
  public PlaceTree tree() {
    return new PlaceTree(store.places().stream().map(StoredPlace::place).toList());
  }

  Tray open(SignedIn who, UUID id) {
    return workspaces.in(
        who.workspace(),
        () -> {
          PlaceTree places = tree();
          Place place = places.find(id).orElseThrow(() -> Refused.notThere("place", id));
          return OpenCase.layOut(
              place, places, store.items().stream().map(StoredItem::item).toList());
        });
  }

  void add(SignedIn who, UUID actId, UUID id, PlaceDraft draft) {
    ledger.perform(
        who,
        actId,
        "added",
        Map.of(),
        act -> {
          check(id, draft);
          act.touch(ThingKind.PLACE_THING, id, () -> store.insert(id, draft));
        });
  }

  void edit(SignedIn who, UUID actId, UUID id, int version, PlaceDraft draft) {
    ledger.perform(
        who,
        actId,
        "changed",
        Map.of(),
        act -> {
          StoredPlace before = store.place(id).orElseThrow(() -> Refused.notThere("place", id));
          if (before.version() != version) {
            throw Refused.changedMeanwhile("place", KitViews.of(before));
          }
          check(id, draft);
          act.touch(ThingKind.PLACE_THING, id, () -> store.update(id, draft));
        });
  }

  /** The tree has to stay a tree: checked by building it with the place as it would be. */
  private void check(UUID id, PlaceDraft draft) {
    Faults faults = draft.check(new Faults(), "place.");
    List<Place> places = new ArrayList<>();
    store.places().stream()
        .map(StoredPlace::place)
        .filter(place -> !place.id().equals(id))
        .forEach(places::add);
    places.add(
        new Place(
            id,
            draft.parent(),
            draft.name(),
            draft.kind(),
            draft.portable(),
            draft.reach(),
            null,
            null,
            null,
            Mass.NONE,
            null,
            null));
    faults.build("place.parent", () -> new PlaceTree(places));
    faults.refuseIfAny();
  }
}
