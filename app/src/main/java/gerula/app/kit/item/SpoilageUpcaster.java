package gerula.app.kit.item;

import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Upcaster;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The fifteenth migration: what somebody noticed of an item is a spoilage report. */
@Component
class SpoilageUpcaster implements Upcaster {

  @Override
  public int level() {
    return 15;
  }

  @Override
  public void bringUp(ThingKind kind, ObjectNode state, boolean isWhole) {
    if (kind == ThingKind.ITEM_THING) {
      rename(state, "changed_on", "spoilage_on");
      rename(state, "changed_what", "spoilage_what");
    }
  }

  private static void rename(ObjectNode state, String from, String to) {
    JsonNode value = state.remove(from);
    if (value != null) {
      state.set(to, value);
    }
  }
}
