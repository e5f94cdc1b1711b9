package gerula.app.ledger;

import java.util.List;

/**
 * Part of a thing's history.
 *
 * @param entries acts that touched the thing, the newest first
 * @param hasEarlier whether there are acts before these
 */
public record HistoryPage(List<LedgerEntry> entries, boolean hasEarlier) {

  public HistoryPage {
    entries = List.copyOf(entries);
  }
}
