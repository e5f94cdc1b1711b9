package gerula.app.kit.item;

import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Upcaster;
import gerula.core.kit.item.Cleanliness;
import gerula.core.rule.Code;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** The fourteenth migration: what was "due" is used. Since when, no state of then knows. */
@Component
class CleanlinessUpcaster implements Upcaster {

  private static final String CLEANLINESS = "cleanliness";

  @Override
  public int level() {
    return 14;
  }

  @Override
  public void bringUp(ThingKind kind, ObjectNode state, boolean isWhole) {
    if (kind == ThingKind.ITEM_THING && state.hasNonNull(CLEANLINESS)) {
      state.put(CLEANLINESS, Code.of(Cleanliness.class, state.path(CLEANLINESS).asString()).code());
      state.putNull("clean_since");
      state.putNull("clean_until");
      state.put("clean_by", "told");
    }
  }
}
