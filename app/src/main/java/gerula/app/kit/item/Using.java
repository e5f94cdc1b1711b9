package gerula.app.kit.item;

import gerula.app.kit.Kit;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.Level;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Using things, and saying how much is left of them. */
@Component
class Using {

  private final Kit kit;
  private final Handling handling;
  private final Ledger ledger;
  private final WorkspaceTime time;
  private final InheritedDates inherited;

  Using(Kit kit, Handling handling, Ledger ledger, WorkspaceTime time, InheritedDates inherited) {
    this.kit = kit;
    this.handling = handling;
    this.ledger = ledger;
    this.time = time;
    this.inherited = inherited;
  }

  /**
   * Uses a thing.
   *
   * @param openedOn the day it was opened; has to be told when it was sealed until now, because no
   *     clock starts by guessing
   * @param level what is left, or null when nobody looked
   */
  void use(SignedIn who, UUID actId, UUID id, @Nullable LocalDate openedOn, @Nullable Level level) {
    ledger.perform(
        who,
        actId,
        "used",
        act -> {
          StoredItem item = kit.inKit(id);
          Faults faults = new Faults();
          Obstacles.toOpening(faults, item.item(), openedOn, time.today());
          faults.refuseIfAny();
          Item used = openedOn == null ? item.item() : item.item().openedOn(openedOn);
          handling.became(act, item, level == null ? used : used.measured(level.of(used.size())));
        });
  }

  /**
   * Says on which day a thing was really opened: its time runs from then.
   *
   * @param openedOn null when it is sealed after all
   */
  void opened(SignedIn who, UUID actId, UUID id, @Nullable LocalDate openedOn) {
    ledger.perform(
        who,
        actId,
        "opened",
        act -> {
          StoredItem item = kit.inKit(id);
          Faults faults = new Faults();
          Obstacles.toHavingOpened(faults, item.item(), openedOn, time.today());
          faults.unless(
              !inherited.has(id),
              "openedOn",
              "inherited",
              "Its dates are those of the pack it was filled from. Change them there; it follows.");
          faults.refuseIfAny();
          handling.became(act, item, item.item().openedOn(openedOn));
        });
  }

  /** The same of several at once; each of them was sealed until now. */
  void openedMany(SignedIn who, UUID actId, List<UUID> ids, LocalDate openedOn) {
    ledger.perform(
        who,
        actId,
        "opened",
        act -> {
          List<StoredItem> items = kit.inKit(act, ids);
          Faults faults = new Faults();
          items.forEach(
              item -> Obstacles.toOpeningOneOf(faults, item.item(), openedOn, time.today()));
          faults.refuseIfAny();
          items.forEach(item -> handling.became(act, item, item.item().openedOn(openedOn)));
        });
  }

  /** Says how clean a thing is. */
  void clean(SignedIn who, UUID actId, UUID id, Cleanliness state) {
    ledger.perform(
        who,
        actId,
        "cleanliness-told",
        act -> {
          StoredItem item = kit.inKit(id);
          handling.became(
              act,
              item,
              item.item().treated(new CleanState(state, time.now(), CleanState.By.TOLD, null)));
        });
  }

  /** Puts a thing before others of its class, or back into its turn. */
  void putFirst(SignedIn who, UUID actId, UUID id, boolean first) {
    ledger.perform(
        who,
        actId,
        first ? "put-first" : "put-in-turn",
        Map.of(),
        act -> {
          ItemRecord changed = new ItemRecord();
          changed.setUseFirstOn(first ? time.today() : null);
          kit.touch(act, kit.inKit(id), changed);
        });
  }

  /**
   * Makes one set of several single brushes.
   *
   * @param set its name; empty takes them out of the sets they are of
   */
  void makeBrushSet(SignedIn who, UUID actId, List<UUID> ids, String set) {
    ledger.perform(
        who,
        actId,
        "changed",
        act -> {
          List<StoredItem> items = kit.inKit(act, ids);
          Faults faults = new Faults();
          items.forEach(item -> Obstacles.toBeingOfABrushSet(faults, item.item()));
          faults.refuseIfAny();
          for (StoredItem item : items) {
            ItemRecord changed = new ItemRecord();
            changed.setBrushSet(set);
            kit.touch(act, item, changed);
          }
        });
  }

  /** Says how much is left, as a level or exactly. */
  void measure(
      SignedIn who, UUID actId, UUID id, @Nullable Level level, @Nullable BigDecimal left) {
    ledger.perform(
        who,
        actId,
        "measured",
        act -> {
          StoredItem item = kit.inKit(id);
          handling.became(act, item, item.item().measured(LeftTold.of(item, level, left)));
        });
  }
}
