package gerula.app.probe;

import static gerula.app.Client.act;
import static gerula.app.Client.object;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import java.util.List;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Acts with people in random order: they are named, renamed, merged, and touched. */
final class RandomPeople {

  static final int KINDS = 7;

  private static final List<String> NAMES = List.of("Isaura", "Corin", "Maelle", "Senna", "Rafe");
  private static final List<String> HOWS =
      List.of("direct", "applicator", "palette", "double-dip", "spray");

  private final Client client;
  private final RandomGenerator random;
  private final RandomActs.Known known;

  RandomPeople(Client client, RandomGenerator random, RandomActs.Known known) {
    this.client = client;
    this.random = random;
    this.known = known;
  }

  /**
   * @param kind from 0 to {@link #KINDS} exclusive
   */
  Answer any(int kind) {
    return switch (kind) {
      case 0 -> add();
      case 1 -> rename();
      case 2 -> merge();
      case 3 -> keep();
      case 4 -> section();
      default -> touch();
    };
  }

  private Answer noted(ObjectNode body, Answer answer) {
    if (answer.status() < 300) {
      known.acts.add(body.path("actId").asString());
    }
    return answer;
  }

  private static ObjectNode person(String name) {
    ObjectNode person = object().put("name", name).putNull("depth").putNull("askedOn");
    person.putArray("aliases");
    person.putArray("sensitivities").add("latex");
    return person;
  }

  private Answer add() {
    ObjectNode asked = act().put("id", Kits.id());
    asked.set("person", person(name()));
    return noted(asked, client.post("/api/people", asked));
  }

  private Answer rename() {
    JsonNode somebody = somebody();
    ObjectNode asked = act().put("version", somebody.path("version").asInt());
    asked.set("person", person(name() + " " + random.nextInt(3)));
    return noted(asked, client.put("/api/people/" + somebody.path("id").asString(), asked));
  }

  private Answer merge() {
    ObjectNode asked = act().put("into", somebody().path("id").asString());
    return noted(
        asked, client.post("/api/people/" + somebody().path("id").asString() + "/merge", asked));
  }

  private Answer keep() {
    ObjectNode asked = Kits.powder(Kits.id(), oneOf(known.places));
    asked.withObject("item").put("onlyFor", name());
    known.items.add(asked.path("id").asString());
    return noted(asked, client.post("/api/items", asked));
  }

  private Answer section() {
    ObjectNode asked = act().put("id", Kits.id());
    asked.set("place", Kits.place("Pouch", "pouch").put("performer", name()));
    known.places.add(asked.path("id").asString());
    return noted(asked, client.post("/api/places", asked));
  }

  private Answer touch() {
    JsonNode booking = client.get("/api/bookings/" + oneOf(known.bookings)).body();
    ObjectNode asked = act();
    asked
        .putArray("things")
        .addObject()
        .put("id", Kits.id())
        .put("item", oneOf(known.items))
        .put("how", oneOf(HOWS));
    String path =
        "/api/bookings/%s/faces/%s/use"
            .formatted(
                booking.path("id").asString(Kits.id()),
                booking.at("/faces/0/id").asString(Kits.id()));
    return noted(asked, client.post(path, asked));
  }

  /** Or nobody, as long as nobody is known. */
  private JsonNode somebody() {
    JsonNode people = client.get("/api/people").body().path("people");
    return people.isEmpty()
        ? object().put("id", Kits.id()).put("version", 0)
        : people.get(random.nextInt(people.size())).path("person");
  }

  private String name() {
    return oneOf(NAMES);
  }

  private String oneOf(List<String> some) {
    return some.get(random.nextInt(some.size()));
  }
}
