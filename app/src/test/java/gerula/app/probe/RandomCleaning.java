package gerula.app.probe;

import static gerula.app.Client.act;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import java.util.List;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is told of cleaning, sensible or not. */
final class RandomCleaning {

  static final int KINDS = 9;

  private static final List<String> STEPS =
      List.of("spray", "wipe", "wipe-residue", "wipe-top-layer", "dry", "surfaces", "hands");
  private static final List<String> ENDS =
      List.of("one-person", "give-away", "quarantine", "discard");
  private static final List<String> VERDICTS = List.of("quarantine", "release", "discard");
  private static final List<String> INCIDENTS =
      List.of("dropped", "cold-sore", "sneezed-on", "unknown-user", "blood");

  private final Client client;
  private final RandomGenerator random;
  private final RandomActs.Known known;

  RandomCleaning(Client client, RandomGenerator random, RandomActs.Known known) {
    this.client = client;
    this.random = random;
    this.known = known;
  }

  /**
   * @param kind from 0 to {@link #KINDS} exclusive
   */
  Answer any(int kind) {
    return switch (kind) {
      case 0 -> anyStep();
      case 1 -> nextStep("/api/clean-down", "after-job");
      case 2 -> faceDone();
      case 3 -> happens();
      case 4 -> random.nextInt(4) == 0 ? ends() : nextStep("/api/clean-down", "after-job");
      case 5 -> bagUsed();
      case 6 -> decides();
      case 7 -> pouch();
      default -> nextStep(turnover(), "between-faces");
    };
  }

  private Answer noted(ObjectNode body, Answer answer) {
    if (answer.status() < 300) {
      known.acts.add(body.path("actId").asString());
    }
    return answer;
  }

  private ObjectNode step(String moment, String step) {
    ObjectNode asked = act().put("moment", moment);
    asked.putArray("steps").add(step);
    return asked;
  }

  private Answer anyStep() {
    ObjectNode asked = step("between-faces", oneOf(STEPS));
    asked.putArray("items").add(oneOf(known.items));
    return noted(asked, client.post("/api/treatments", asked));
  }

  /** As somebody does it who follows what is told. */
  private Answer nextStep(String told, String moment) {
    JsonNode work = client.get(told).body();
    if (work.path("acts").isEmpty()) {
      return faceDone();
    }
    JsonNode first = work.at("/acts/0");
    ObjectNode asked = act().put("moment", moment);
    asked.set("steps", first.path("steps"));
    asked.set("items", first.path("items"));
    asked.set("bags", first.path("bags"));
    return noted(asked, client.post("/api/treatments", asked));
  }

  private String turnover() {
    JsonNode booking = client.get("/api/bookings/" + oneOf(known.bookings)).body();
    return "/api/bookings/%s/turnover?from=%s"
        .formatted(
            booking.path("id").asString(Kits.id()), booking.at("/faces/0/id").asString(Kits.id()));
  }

  private Answer faceDone() {
    JsonNode booking = client.get("/api/bookings/" + oneOf(known.bookings)).body();
    ObjectNode asked = act();
    String path =
        "/api/bookings/%s/faces/%s/done"
            .formatted(
                booking.path("id").asString(Kits.id()),
                booking.at("/faces/0/id").asString(Kits.id()));
    return noted(asked, client.post(path, asked));
  }

  private Answer happens() {
    ObjectNode asked = act().put("incident", oneOf(INCIDENTS));
    asked.putArray("items").add(oneOf(known.items));
    return noted(asked, client.post("/api/incidents", asked));
  }

  private Answer bagUsed() {
    ObjectNode asked = act();
    return noted(asked, client.post("/api/places/" + oneOf(known.places) + "/used", asked));
  }

  private Answer decides() {
    ObjectNode asked =
        act().put("verdict", oneOf(VERDICTS)).put("reason", "Somebody looked at it.");
    asked.putArray("items").add(oneOf(known.items));
    return noted(asked, client.post("/api/items/decide", asked));
  }

  /** Says what a place is to hold, or refills all that are to hold something. */
  private Answer pouch() {
    ObjectNode asked = act();
    if (random.nextBoolean()) {
      asked.putArray("places");
      return noted(asked, client.post("/api/pouches/refill", asked));
    }
    asked
        .putArray("setContents")
        .add(Client.object().put("productClass", "wand").put("pieces", 1 + random.nextInt(20)));
    return noted(asked, client.put("/api/places/" + oneOf(known.places) + "/set-contents", asked));
  }

  private Answer ends() {
    ObjectNode asked = act().put("outcome", oneOf(ENDS));
    asked.putArray("items").add(oneOf(known.items));
    return noted(asked, client.post("/api/treatments/end", asked));
  }

  private String oneOf(List<String> some) {
    return some.get(random.nextInt(some.size()));
  }
}
