package gerula.app.ledger;

import gerula.app.platform.workspace.SignedIn;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What was done with anything, further back than its own page shows. */
@RestController
class HistoryController {

  private final Ledger ledger;

  HistoryController(Ledger ledger) {
    this.ledger = ledger;
  }

  /**
   * How far the workspace has come.
   *
   * @param number of its newest act, 0 before the first; it only rises
   */
  record Newest(long number) {}

  /** Asked often by whoever works beside others: whether anything was done since. */
  @GetMapping("/api/newest-act")
  Newest newest(@AuthenticationPrincipal SignedIn who) {
    return new Newest(ledger.newest(who));
  }

  /**
   * @param thing id of an item, a place, a person
   * @param before id of an act; nothing stands before one that is not known
   */
  @GetMapping("/api/history/{thing}")
  HistoryPage earlier(
      @AuthenticationPrincipal SignedIn who, @PathVariable UUID thing, @RequestParam UUID before) {
    return ledger.historyBefore(who, thing, before);
  }
}
