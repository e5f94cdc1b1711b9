package gerula.app.kit.item;

import gerula.app.kit.Kit;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.kit.item.Item;
import gerula.core.kit.item.SpoilageReport;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Reports of what is not as it was. */
@Component
class Reports {

  private final Kit kit;
  private final Handling handling;
  private final Ledger ledger;
  private final WorkspaceTime time;

  Reports(Kit kit, Handling handling, Ledger ledger, WorkspaceTime time) {
    this.kit = kit;
    this.handling = handling;
    this.ledger = ledger;
    this.time = time;
  }

  /**
   * Its look, smell or texture has changed, which takes it out of use, or its pack is broken, which
   * does not.
   */
  void report(
      SignedIn who, UUID actId, UUID id, List<SpoilageReport.Sense> what, boolean isPackBroken) {
    new Faults()
        .unless(
            !what.isEmpty() || isPackBroken,
            "what",
            "rule",
            "Say what has changed: its look, its smell, its texture, or that its pack is broken.")
        .refuseIfAny();
    ledger.perform(
        who,
        actId,
        "reported",
        act -> {
          LocalDate today = time.today();
          StoredItem item = kit.inKit(id);
          ItemRecord besides = new ItemRecord();
          if (isPackBroken) {
            besides.setBrokenPackOn(today);
          }
          Item after =
              what.isEmpty()
                  ? item.item()
                  : item.item().reported(new SpoilageReport(today, Set.copyOf(what)));
          handling.became(act, item, after, besides);
        });
  }

  /** It was looked at again and is as it should be. */
  void withdraw(SignedIn who, UUID actId, UUID id) {
    ledger.perform(
        who,
        actId,
        "found-fine",
        act -> {
          StoredItem item = kit.inKit(id);
          if (item.item().spoilage() == null && item.details().brokenPackOn() == null) {
            throw Refused.notNow(
                "nothing-reported", "No problem is reported for it. Nothing was changed.");
          }
          ItemRecord besides = new ItemRecord();
          besides.setBrokenPackOn(null);
          handling.became(act, item, item.item().reported(null), besides);
        });
  }
}
