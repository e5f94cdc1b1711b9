package gerula.app.booking;

import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Upcaster;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The eighteenth migration: liner, which was done along with the eyes, is a service of its own. */
@Component
class LinerUpcaster implements Upcaster {

  @Override
  public int level() {
    return 18;
  }

  @Override
  public void bringUp(ThingKind kind, ObjectNode state, boolean isWhole) {
    if (kind == ThingKind.BOOKING_THING) {
      state.path("faces").forEach(LinerUpcaster::withLiner);
    }
  }

  private static void withLiner(JsonNode face) {
    if (face.path("services") instanceof ArrayNode services
        && has(services, "eyes")
        && !has(services, "liner")) {
      services.add("liner");
    }
  }

  private static boolean has(ArrayNode services, String one) {
    return services.valueStream().anyMatch(service -> service.asString().equals(one));
  }
}
