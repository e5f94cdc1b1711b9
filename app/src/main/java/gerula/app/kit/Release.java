package gerula.app.kit;

import gerula.app.ledger.Act;
import java.util.UUID;

/**
 * Lets go of a thing or a place that is leaving: whoever has it in hand for something (packed it,
 * counts it, chose it as a bag) implements this, so that nothing waits for what does not come back.
 */
public interface Release {

  /** The item is discarded, lent, lost or away for repair. Part of the act that says so. */
  default void item(Act act, UUID item) {}

  /**
   * The place is removed. Part of the act that says so.
   *
   * @throws gerula.app.platform.errors.Refused when something still needs it
   */
  default void place(Act act, UUID place) {}
}
