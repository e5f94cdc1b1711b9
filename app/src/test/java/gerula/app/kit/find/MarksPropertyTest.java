package gerula.app.kit.find;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.LongStream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the core says of each item by its marks and what the database counts and lists is one. */
@ExtendWith(Running.class)
class MarksPropertyTest {

  private static final LocalDate TODAY = LocalDate.parse(Running.TODAY);
  private static final List<String> MARKS = List.of("place", "date", "clean", "amount");

  private Client client;
  private Random random;
  private final List<String> places = new ArrayList<>();

  static LongStream seeds() {
    return LongStream.range(0, 5);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void listsAndCountsSayWhatTheMarksSay(long seed, Client fresh) {
    client = fresh.signedUp();
    random = new Random(seed);
    for (String kind : List.of("drawer", "backpack", "pouch", "lost", "unknown", "repairer")) {
      places.add(Kits.addPlace(client, kind, kind));
    }
    client.post(
        "/api/places/" + places.get(2) + "/move",
        act().put("to", places.get(random.nextInt(2) + 4)));
    for (int i = 0; i < 40; i++) {
      anyItem();
    }
    List<JsonNode> all =
        client.get("/api/items?most=200").body().path("items").values().stream().toList();
    assertThat(all).hasSizeGreaterThan(30);
    for (String mark : MARKS) {
      assertThat(ids(client.get("/api/items?most=200&mark=" + mark).expect(200).body()))
          .as(mark + " of seed " + seed)
          .isEqualTo(where(all, List.of(mark), Set.of("soon", "stop")));
    }
    assertThat(ids(client.get("/api/kit/attention?most=200").expect(200).body()))
        .isEqualTo(where(all, MARKS, Set.of("stop")));
    JsonNode summary = client.get("/api/kit/summary").body();
    assertThat(summary.path("outOfPlace").asInt())
        .isEqualTo(where(all, List.of("place"), Set.of("soon", "stop")).size());
    assertThat(summary.path("pastDate").asInt())
        .isEqualTo(where(all, List.of("date"), Set.of("stop")).size());
    assertThat(summary.path("low").asInt())
        .isEqualTo(where(all, List.of("amount"), Set.of("soon", "stop")).size());
  }

  private void anyItem() {
    String id = Kits.id();
    ObjectNode asked = Kits.powder(id, places.get(random.nextInt(2)));
    asked
        .withObject("product")
        .put("productClass", random.nextBoolean() ? "mascara" : "face-powder")
        .put("unit", random.nextInt(4) == 0 ? "piece" : "g");
    ObjectNode item = asked.withObject("item");
    item.put("left", List.of(0, 7.5, 7.501, 30, 12).get(random.nextInt(5)).doubleValue());
    item.put(
        "cleanliness",
        List.of("clean", "in-use", "due", "drying", "quarantined", "contaminated")
            .get(random.nextInt(6)));
    item.put("openedOn", TODAY.minusDays(random.nextInt(800)).toString());
    if (random.nextBoolean()) {
      item.put("printedExpiry", TODAY.plusDays(random.nextInt(70) - 5L).toString());
    }
    if (random.nextInt(3) == 0) {
      item.putNull("home");
    }
    client.post("/api/items", asked).expect(201);
    String path = "/api/items/" + id;
    switch (random.nextInt(7)) {
      case 0 -> client.post(path + "/move", act().putNull("to")).expect(200);
      case 1, 2 ->
          client
              .post(path + "/move", act().put("to", places.get(random.nextInt(places.size()))))
              .expect(200);
      case 3 -> lend(id);
      case 4 -> {
        ObjectNode report = act().put("packBroken", false);
        report.putArray("what").add("smell");
        client.post(path + "/report", report).expect(200);
      }
      default -> {
        // It stays as it is.
      }
    }
  }

  /** To somebody, or home in a case that is with somebody. */
  private void lend(String item) {
    ObjectNode asked = act().put("newPlace", Kits.id()).put("person", "Isaura");
    asked.put("askBackOn", TODAY.plusDays(random.nextInt(5) - 2L).toString());
    asked.putArray("items").add(item);
    client.post("/api/kit/lend", asked).expect(204);
  }

  private static Set<String> ids(JsonNode page) {
    Set<String> ids = new TreeSet<>();
    page.path("items").values().forEach(item -> ids.add(item.path("id").asString()));
    assertThat(page.path("total").asInt()).isEqualTo(ids.size());
    return ids;
  }

  private static Set<String> where(List<JsonNode> items, List<String> marks, Set<String> states) {
    Set<String> ids = new TreeSet<>();
    for (JsonNode item : items) {
      boolean isThat =
          marks.stream()
              .anyMatch(mark -> states.contains(item.at("/marks/" + mark + "/state").asString()));
      if (isThat) {
        ids.add(item.path("id").asString());
      }
    }
    return ids;
  }
}
