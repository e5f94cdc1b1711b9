package gerula.app.ledger;

import java.util.Map;

/** Acts that are not undone here: what they did reaches further than the workspace, or is gone. */
public interface ForGood {

  /** By act, why it is not undone and what to do instead. */
  Map<String, String> acts();
}
