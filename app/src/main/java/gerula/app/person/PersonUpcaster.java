package gerula.app.person;

import gerula.app.ledger.ThingKind;
import gerula.app.ledger.Upcaster;
import gerula.core.person.Person;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The thirteenth migration: what named people refers to them by id. Somebody who is known no more
 * under a name of then is known again: what was kept for one person never becomes everybody's.
 */
@Component
class PersonUpcaster implements Upcaster {

  private final PersonStore store;
  private final PersonNames names;

  PersonUpcaster(PersonStore store, PersonNames names) {
    this.store = store;
    this.names = names;
  }

  @Override
  public int level() {
    return 13;
  }

  @Override
  public void bringUp(ThingKind kind, ObjectNode state, boolean isWhole) {
    switch (kind) {
      case ITEM_THING -> refer(state, "only_for", "only_for_id");
      case PLACE_THING -> {
        refer(state, "performer", "person_id");
        if (state.path("kind").asString("").equals("lent") && state.has("name")) {
          refer(state, "name", "person_id");
          state.put("name", "");
        }
      }
      case BOOKING_THING -> state.path("faces").forEach(face -> referFace((ObjectNode) face));
      default -> {
        // Named nobody.
      }
    }
  }

  private void refer(ObjectNode state, String name, String id) {
    JsonNode named = state.remove(name);
    if (named == null || state.has(id)) {
      return;
    }
    UUID person = named.isNull() ? null : known(named.asString());
    if (person == null) {
      state.putNull(id);
    } else {
      state.put(id, person.toString());
    }
  }

  /** A face was called something; only whom things were kept for was a person by that. */
  private void referFace(ObjectNode face) {
    UUID person = names.idOf(face.path("name").asString(""));
    if (!face.has("person_id") && person != null) {
      face.put("person_id", person.toString());
      face.put("name", "");
    }
  }

  private @Nullable UUID known(String name) {
    if (name.isBlank()) {
      return null;
    }
    UUID known = names.idOf(name);
    if (known != null) {
      return known;
    }
    Person again = Person.named(UUID.randomUUID(), name.substring(0, Math.min(80, name.length())));
    store.insert(again, 0);
    return again.id();
  }
}
