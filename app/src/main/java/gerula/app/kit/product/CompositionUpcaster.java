package gerula.app.kit.product;

import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Upcaster;
import gerula.core.kit.product.Composition;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The sixteenth migration: what was listed as contained was read on a day nobody noted. */
@Component
class CompositionUpcaster implements Upcaster {

  @Override
  public int level() {
    return 16;
  }

  @Override
  public void bringUp(ThingKind kind, ObjectNode state, boolean isWhole) {
    if (kind != ThingKind.PRODUCT_THING) {
      return;
    }
    JsonNode contained = state.remove("contains");
    if (contained != null) {
      ObjectNode composition = state.putObject("composition");
      for (JsonNode one : contained) {
        composition
            .putObject(one.asString())
            .put("found", Composition.Found.CONTAINS.code())
            .putNull("on");
      }
    }
    if (isWhole) {
      state.withArray("also_serves");
    }
  }
}
