package gerula.app.cleandown;

import gerula.app.kit.Kit;
import gerula.app.kit.item.Discarding;
import gerula.app.kit.item.Handling;
import gerula.app.kit.item.StoredItem;
import gerula.app.ledger.Act;
import gerula.app.ledger.Ledger;
import gerula.app.platform.errors.Refused;
import gerula.app.platform.workspace.SignedIn;
import gerula.core.kit.item.CleanState;
import gerula.core.kit.item.Cleanliness;
import gerula.core.kit.item.DiscardCause;
import gerula.core.kit.item.Item;
import gerula.core.rule.Code;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Deciding about what is suspected, with the reason why. */
@Component
class Deciding {

  private final Kit kit;
  private final Handling handling;
  private final Discarding discarding;
  private final Ledger ledger;
  private final Clock clock;

  Deciding(Kit kit, Handling handling, Discarding discarding, Ledger ledger, Clock clock) {
    this.kit = kit;
    this.handling = handling;
    this.discarding = discarding;
    this.ledger = ledger;
    this.clock = clock;
  }

  /** What is decided. */
  enum Verdict implements Code {
    /** Set apart until somebody decides. */
    QUARANTINE,
    /** It may be used again. */
    RELEASE,
    DISCARD
  }

  /**
   * @param reason that stands in the history
   * @throws Refused when something is to be released that is not quarantined
   */
  void decide(SignedIn who, UUID actId, Verdict verdict, List<UUID> items, String reason) {
    ledger.perform(
        who,
        actId,
        switch (verdict) {
          case QUARANTINE -> "quarantined";
          case RELEASE -> "released";
          case DISCARD -> "discarded";
        },
        Map.of("reason", reason.strip()),
        act -> kit.inKit(act, items).forEach(one -> decide(act, one, verdict)));
  }

  private void decide(Act act, StoredItem stored, Verdict verdict) {
    Item item = stored.item();
    switch (verdict) {
      case QUARANTINE -> {
        if (item.cleanliness() == Cleanliness.CONTAMINATED) {
          throw Refused.notNow(
              "contaminated",
              item.product().name() + " is contaminated and must not be used. Discard it.");
        }
        handling.became(
            act,
            stored,
            item.treated(item.clean().happened(Cleanliness.QUARANTINED, clock.instant())));
      }
      case RELEASE -> {
        if (item.cleanliness() != Cleanliness.QUARANTINED) {
          throw Refused.notNow(
              "not-quarantined",
              item.product().name() + " is not quarantined. Only what is can be released.");
        }
        handling.became(
            act,
            stored,
            item.treated(
                new CleanState(Cleanliness.CLEAN, clock.instant(), CleanState.By.TOLD, null)));
      }
      case DISCARD -> discarding.discard(act, stored, DiscardCause.CONTAMINATED);
    }
  }
}
