package gerula.app.kit.picture;

import gerula.app.kit.picture.UnnamedStore.UnnamedPicture;
import gerula.app.kit.place.PlaceStore;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.picture.Jpeg;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.platform.workspace.Workspaces;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Pictures taken in passing, of what is named later. */
@Component
public class UnnamedPictures {

  private final UnnamedStore store;
  private final Pictures pictures;
  private final PlaceStore places;
  private final Ledger ledger;
  private final Workspaces workspaces;
  private final WorkspaceTime time;

  UnnamedPictures(
      UnnamedStore store,
      Pictures pictures,
      PlaceStore places,
      Ledger ledger,
      Workspaces workspaces,
      WorkspaceTime time) {
    this.store = store;
    this.pictures = pictures;
    this.places = places;
    this.ledger = ledger;
    this.workspaces = workspaces;
    this.time = time;
  }

  List<UnnamedPicture> all(SignedIn who) {
    return workspaces.read(who.workspace(), store::all);
  }

  /**
   * @param id of it and of its picture, made by the caller
   */
  void take(SignedIn who, UUID actId, UUID id, @Nullable UUID place, Jpeg jpeg) {
    ledger.perform(
        who,
        actId,
        "photographed",
        act -> {
          if (place != null && places.place(place).isEmpty()) {
            throw Refused.notThere("place", place);
          }
          pictures.keep(id, jpeg);
          UnnamedPicture taken = new UnnamedPicture(id, id, place, time.now());
          act.touch(ThingKind.UNNAMED_PICTURE_THING, id, () -> store.insert(taken));
        });
  }

  void remove(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "removed",
        act -> {
          existing(id);
          remove(act, id);
        });
  }

  /** It has a name now: these items are what it shows. */
  public void named(Act act, UUID id, List<UUID> items) {
    UnnamedPicture one = existing(id);
    items.forEach(item -> pictures.show(act, item, one.picture()));
    remove(act, id);
  }

  private void remove(Act act, UUID id) {
    act.touch(ThingKind.UNNAMED_PICTURE_THING, id, () -> store.remove(id));
  }

  private UnnamedPicture existing(UUID id) {
    return store.locked(id).orElseThrow(() -> Refused.notThere("picture", id));
  }
}
