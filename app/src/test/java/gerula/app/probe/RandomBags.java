package gerula.app.probe;

import static gerula.app.Client.act;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import java.util.List;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is told of a booking's list, bags and chairs, sensible or not. */
final class RandomBags {

  static final int KINDS = 10;

  private final Client client;
  private final RandomGenerator random;
  private final RandomActs.Known known;

  RandomBags(Client client, RandomGenerator random, RandomActs.Known known) {
    this.client = client;
    this.random = random;
    this.known = known;
  }

  /**
   * @param kind from 0 to {@link #KINDS} exclusive
   */
  Answer any(int kind) {
    return switch (kind) {
      case 0 -> sent("load/plan", act().put("run", Kits.id()));
      case 1 -> moves();
      case 2 -> sent("load/pin", item().put("compartment", room()));
      case 3 ->
          sent("load/close", act().put("compartment", room()).put("closed", random.nextBoolean()));
      case 4 -> sent("load/take-bag", act().put("place", oneOf(known.places)));
      case 5 -> carries();
      case 6 -> chairs();
      case 7 ->
          sent(
              "decide-item",
              item().put("choice", oneOf(List.of("pin", "leave-out", "add", "as-worked-out"))));
      case 8 -> needs();
      default -> doesInstead();
    };
  }

  /** Done without, borrowed, bought or open again, with another item instead or so many pieces. */
  private Answer needs() {
    String need = oneOf(List.of("face-powder", "mirror", "puff", "eyes:matte-light"));
    if (random.nextInt(3) == 0) {
      return sent("decide-amount", act().put("need", need).put("pieces", 1 + random.nextInt(20)));
    }
    ObjectNode asked = act().put("need", need);
    String decided = oneOf(List.of("without", "borrowed", "to-buy", ""));
    asked.put("decided", decided.isEmpty() ? null : decided);
    asked.put("instead", random.nextInt(4) == 0 ? oneOf(known.items) : null);
    return sent("decide-need", asked);
  }

  private Answer doesInstead() {
    String booking = oneOf(known.bookings);
    JsonNode faces = client.get("/api/bookings/" + booking).body().path("faces");
    ObjectNode asked = act().put("from", "contour").put("to", "bronzer");
    asked.putArray("faces").add(faces.isEmpty() ? Kits.id() : faces.get(0).path("id").asString());
    return noted(asked, client.post("/api/bookings/" + booking + "/do-instead", asked));
  }

  private String path(String act) {
    return "/api/bookings/" + oneOf(known.bookings) + "/" + act;
  }

  private Answer noted(ObjectNode body, Answer answer) {
    if (answer.status() < 300) {
      known.acts.add(body.path("actId").asString());
    }
    return answer;
  }

  private Answer sent(String act, ObjectNode body) {
    return noted(body, client.post(path(act), body));
  }

  private ObjectNode item() {
    return act().put("item", oneOf(known.items));
  }

  private String room() {
    JsonNode rooms = client.get(path("load")).body().at("/bags/0/rooms");
    return rooms.isEmpty()
        ? oneOf(known.places)
        : rooms.get(random.nextInt(rooms.size())).path("id").asString();
  }

  private Answer moves() {
    JsonNode pieces = client.get(path("load")).body().path("pieces");
    String item =
        pieces.isEmpty()
            ? oneOf(known.items)
            : pieces.get(random.nextInt(pieces.size())).at("/item/id").asString();
    return sent("load/move", act().put("item", item).put("compartment", room()));
  }

  private Answer carries() {
    JsonNode portable = client.get(path("load")).body().path("portable");
    if (portable.isEmpty()) {
      return sent(
          "load/carry", act().put("part", oneOf(known.places)).put("into", oneOf(known.places)));
    }
    JsonNode part = portable.get(random.nextInt(portable.size()));
    String into = part.at("/ways/0/into").asString("");
    ObjectNode asked = act().put("part", part.path("place").asString());
    return sent(
        "load/carry",
        random.nextBoolean() || into.isEmpty() ? asked.putNull("into") : asked.put("into", into));
  }

  private Answer chairs() {
    ObjectNode asked = act();
    ObjectNode chairs = asked.putObject("chairs");
    chairs.putArray("artists");
    chairs
        .put("turnoverMinutes", random.nextInt(30))
        .put("readyBy", "%02d:00".formatted(6 + random.nextInt(12)))
        .putObject("faces");
    return noted(asked, client.put(path("chairs"), asked));
  }

  private String oneOf(List<String> some) {
    return some.get(random.nextInt(some.size()));
  }
}
