package gerula.app.kit.count;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A place is counted, the count gone on with, settled in one act and undone in one. */
@ExtendWith(Running.class)
class CountTest {

  private Client client;
  private String bag;
  private String drawer;
  private String there;
  private String missing;
  private String stranger;

  @BeforeEach
  void aBagThatIsNotAsItShouldBe(Client fresh) {
    client = fresh.signedUp();
    bag = Kits.addPlace(client, "Bag", "backpack");
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    there = Kits.addPowder(client, bag);
    missing = Kits.addPowder(client, bag);
    stranger = Kits.addPowder(client, drawer);
  }

  @Test
  void aCountIsSettledInOneActWithAnEntryForEveryThing() {
    String count = begin();
    see(count, there, 9.5, 200);
    see(count, stranger, null, 200);
    assertThat(begin()).isEqualTo(count);
    JsonNode stands = client.get("/api/counts/" + count).expect(200).body();
    assertThat(ids(stands, "present")).containsExactly(there);
    assertThat(ids(stands, "missing")).containsExactly(missing);
    assertThat(ids(stands, "unexpected")).containsExactly(stranger);

    ObjectNode settle = act();
    client.post("/api/counts/" + count + "/settle", settle).expect(200);
    client.post("/api/counts/" + count + "/settle", settle).expect(200);
    assertThat(item(there).path("left").asDouble()).isEqualTo(9.5);
    assertThat(item(missing).path("now").isNull()).isTrue();
    assertThat(item(stranger).path("now").asString()).isEqualTo(bag);
    for (String one : List.of(there, missing, stranger)) {
      assertThat(history(one)).startsWith("counted");
    }
    assertThat(client.post("/api/counts/" + count + "/settle", act()).expect(409).code())
        .isEqualTo("settled-already");

    client.post("/api/ledger/" + settle.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(item(there).path("left").asDouble()).isEqualTo(12.5);
    assertThat(item(missing).path("now").asString()).isEqualTo(bag);
    assertThat(item(stranger).path("now").asString()).isEqualTo(drawer);
    assertThat(client.get("/api/counts/" + count).body().path("settledAt").isNull()).isTrue();
  }

  @Test
  void whatWasSeenByMistakeIsUnseenAndACountCanBeGivenUp() {
    String count = begin();
    see(count, there, null, 200);
    client
        .post(
            "/api/counts/" + count + "/seen",
            Client.object().put("item", there).put("seen", false).putNull("counted"))
        .expect(200);
    assertThat(ids(client.get("/api/counts/" + count).body(), "missing")).hasSize(2);
    see(count, there, 31.0, 422);
    see(count, Kits.id(), null, 404);
    client.delete("/api/counts/" + count).expect(204);
    client.get("/api/counts/" + count).expect(404);
    assertThat(item(missing).path("now").asString()).isEqualTo(bag);
  }

  @Test
  void nobodyCountsForOthers(Client other) {
    String count = begin();
    other.signedUp();
    other.get("/api/counts/" + count).expect(404);
    other.post("/api/counts/" + count + "/settle", act()).expect(404);
    other.post("/api/places/" + bag + "/counts", Client.object().put("id", Kits.id())).expect(404);
  }

  private String begin() {
    return client
        .post("/api/places/" + bag + "/counts", Client.object().put("id", Kits.id()))
        .expect(200)
        .body()
        .path("id")
        .asString();
  }

  private void see(String count, String item, Double counted, int status) {
    client
        .post(
            "/api/counts/" + count + "/seen",
            Client.object().put("item", item).put("seen", true).put("counted", counted))
        .expect(status);
  }

  private static List<String> ids(JsonNode count, String part) {
    return count.path(part).values().stream().map(one -> one.path("id").asString()).toList();
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).expect(200).body().path("item");
  }

  private List<String> history(String id) {
    return client.get("/api/items/" + id).body().at("/history/entries").values().stream()
        .map(entry -> entry.path("act").asString())
        .toList();
  }
}
