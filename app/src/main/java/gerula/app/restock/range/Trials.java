package gerula.app.restock.range;

import gerula.app.kit.Kit;
import gerula.app.kit.KitStore;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Ledger;
import gerula.app.ledger.ThingKind;
import gerula.app.platform.errors.Faults;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.app.platform.workspace.WorkspaceTime;
import gerula.app.tables.tables.records.ItemRecord;
import gerula.core.rule.Code;
import java.time.LocalDate;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A shade that is tried before its range is bought, and what is no longer made. */
@Component
class Trials {

  private static final int USUAL_DAYS = 30;
  private static final int MOST_DAYS = 366;

  private final Kit kit;
  private final KitStore store;
  private final Ledger ledger;
  private final WorkspaceTime time;

  Trials(Kit kit, KitStore store, Ledger ledger, WorkspaceTime time) {
    this.kit = kit;
    this.store = store;
    this.ledger = ledger;
    this.time = time;
  }

  /** What came of a trial. */
  enum Verdict implements Code {
    /** More of its line can be bought: it is a favourite from now on. */
    GOOD,
    NOT_GOOD
  }

  /**
   * @param until the last day of it; null: a month
   */
  void begin(SignedIn who, UUID actId, UUID id, @Nullable LocalDate until) {
    ledger.perform(
        who,
        actId,
        "trial-begun",
        act -> {
          LocalDate today = time.today();
          LocalDate last = until == null ? today.plusDays(USUAL_DAYS) : until;
          new Faults()
              .unless(
                  !last.isBefore(today) && last.isBefore(today.plusDays(MOST_DAYS)),
                  "until",
                  "out-of-range",
                  "A trial ends between today and a year ahead.")
              .refuseIfAny();
          ItemRecord changed = new ItemRecord();
          changed.setTrialUntil(last);
          kit.touch(act, kit.inKit(id), changed);
        });
  }

  void end(SignedIn who, UUID actId, UUID id, Verdict verdict) {
    ledger.perform(
        who,
        actId,
        "trial-ended",
        Map.of("verdict", verdict.code()),
        act -> {
          StoredItem item = kit.inKit(id);
          if (item.details().trialUntil() == null) {
            throw Refused.notNow("no-trial", "This is not on trial. Nothing was changed.");
          }
          ItemRecord changed = new ItemRecord();
          changed.setTrialUntil(null);
          if (verdict == Verdict.GOOD) {
            changed.setFavourite(true);
          }
          kit.touch(act, item, changed);
        });
  }

  /** It is no longer made, or it is after all; it holds for everything of its product. */
  void discontinue(SignedIn who, UUID actId, UUID id, boolean isDiscontinued) {
    ledger.perform(
        who,
        actId,
        isDiscontinued ? "discontinued" : "made-after-all",
        act -> {
          UUID product = kit.inKit(id).item().product().id();
          LocalDate since = isDiscontinued ? time.today() : null;
          act.touch(ThingKind.PRODUCT_THING, product, () -> store.discontinue(product, since));
        });
  }
}
