package gerula.app.kit;

import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Upcaster;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Since the second migration every item and every place has a code for its label. */
@Component
class CodesOfOldStates implements Upcaster {

  private final Codes codes;

  CodesOfOldStates(Codes codes) {
    this.codes = codes;
  }

  @Override
  public int level() {
    return 2;
  }

  @Override
  public void bringUp(ThingKind kind, ObjectNode state, boolean isWhole) {
    if (!isWhole || state.has("code")) {
      return;
    }
    if (kind == ThingKind.ITEM_THING) {
      state.put("code", codes.forItem());
    } else if (kind == ThingKind.PLACE_THING) {
      state.put("code", codes.forPlace());
    }
  }
}
