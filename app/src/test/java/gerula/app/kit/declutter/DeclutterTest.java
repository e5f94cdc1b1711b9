package gerula.app.kit.declutter;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class DeclutterTest {

  @Test
  void aPlaceIsGoneThroughThingByThing(Client client) {
    client.signedUp();
    String store = Kits.addPlace(client, "Store", "store");
    String bag = Kits.addPlace(client, "Bag", "backpack");
    String used = Kits.addPowder(client, bag);
    client
        .post("/api/items/" + used + "/use", act().putNull("openedOn").putNull("level"))
        .expect(200);
    String idle = Kits.addPowder(client, bag);
    String past = Kits.id();
    ObjectNode old = Kits.powder(past, bag);
    old.withObject("item").put("openedOn", "2027-01-01");
    client.post("/api/items", old).expect(201);

    JsonNode walk = client.get("/api/places/" + bag + "/walk").expect(200).body();
    assertThat(walk.path("total").asInt()).isEqualTo(3);
    assertThat(advice(walk, used)).isEqualTo("keep");
    assertThat(advice(walk, idle)).isEqualTo("retire");
    assertThat(advice(walk, past)).isEqualTo("discard");

    client.post("/api/items/" + used + "/keep", act()).expect(204);
    ObjectNode retire = act().put("to", store);
    client.post("/api/items/" + idle + "/retire", retire).expect(204);
    JsonNode left = client.get("/api/places/" + bag + "/walk").body();
    assertThat(left.path("kept").asInt()).isEqualTo(1);
    assertThat(left.path("left").size()).isEqualTo(1);
    assertThat(client.get("/api/items/" + idle).body().at("/item/home").asString())
        .isEqualTo(store);
    client.post("/api/ledger/" + retire.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/places/" + bag + "/walk").body().path("left").size()).isEqualTo(2);
    client.get("/api/places/" + Kits.id() + "/walk").expect(404);
  }

  private static String advice(JsonNode walk, String item) {
    for (JsonNode one : walk.path("left")) {
      if (one.at("/item/id").asString().equals(item)) {
        return one.path("advice").asString();
      }
    }
    return "";
  }
}
