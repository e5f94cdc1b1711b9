package gerula.app.depot.empties;

import gerula.app.depot.empties.EmptyStore.StoredEmpty;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.Workspaces;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What can be done with empties. */
@Component
public class Empties {

  private final EmptyStore store;
  private final Ledger ledger;
  private final Workspaces workspaces;

  Empties(EmptyStore store, Ledger ledger, Workspaces workspaces) {
    this.store = store;
    this.ledger = ledger;
    this.workspaces = workspaces;
  }

  List<StoredEmpty> all(SignedIn who) {
    return workspaces.read(who.workspace(), store::all);
  }

  void add(SignedIn who, UUID actId, UUID id, EmptyDraft draft) {
    ledger.perform(
        who,
        actId,
        "added",
        act -> {
          if (store.locked(id).isPresent()) {
            throw Refused.notNow("there-already", "This kind is there already. Change it instead.");
          }
          save(act, new StoredEmpty(id, draft, 0));
        });
  }

  void edit(SignedIn who, UUID actId, UUID id, int version, EmptyDraft draft) {
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          StoredEmpty before = existing(id);
          Refused.unlessUnchanged(version, before.version(), "kind of empties", () -> before);
          save(act, new StoredEmpty(id, draft, version + 1));
        });
  }

  /** How many there are now; whatever else was said of the kind stays. */
  void count(SignedIn who, UUID actId, UUID id, int stock) {
    ledger.perform(
        who, actId, "counted", Map.of("stock", stock), act -> restock(act, existing(id), stock));
  }

  /**
   * Takes one as part of an act.
   *
   * @throws Refused when none is left
   */
  public StoredEmpty takeOne(Act act, UUID id) {
    StoredEmpty empty = existing(id);
    if (empty.draft().stock() == 0) {
      throw Refused.notNow(
          "none-left",
          "No " + empty.draft().name() + " is left. Count them again, or choose another kind.");
    }
    restock(act, empty, empty.draft().stock() - 1);
    return empty;
  }

  /** Puts a washed one back as part of an act. */
  public void putBack(Act act, UUID id) {
    StoredEmpty empty = existing(id);
    restock(act, empty, empty.draft().stock() + 1);
  }

  private void restock(Act act, StoredEmpty empty, int stock) {
    save(act, new StoredEmpty(empty.id(), empty.draft().of(stock), empty.version() + 1));
  }

  private void save(Act act, StoredEmpty empty) {
    act.touch(ThingKind.EMPTY_THING, empty.id(), () -> store.save(empty));
  }

  /** The kind, held back from every other change. To be called within the workspace. */
  public StoredEmpty existing(UUID id) {
    return store.locked(id).orElseThrow(() -> Refused.notThere("kind of empties", id));
  }
}
