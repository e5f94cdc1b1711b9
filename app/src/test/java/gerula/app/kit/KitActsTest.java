package gerula.app.kit;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class KitActsTest {

  private Client client;
  private String drawer;
  private String bag;

  @BeforeEach
  void aWorkspace(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    bag = Kits.addPlace(client, "Bag", "backpack");
  }

  @Test
  void aThingIsAddedOnceHoweverOftenTheSameActIsSent() {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    client.post("/api/items", asked).expect(201);
    client.post("/api/items", asked).expect(201);
    assertThat(client.get("/api/items").body().path("items")).hasSize(1);
  }

  @Test
  void aSheetTellsTheDateAndItsReason() {
    JsonNode item = sheet(Kits.addPowder(client, drawer)).path("item");
    assertThat(item.path("useBy").path("lastDay").asString()).isEqualTo("2032-01-10");
    assertThat(item.path("useBy").path("clocks").get(0).path("clock").asString())
        .isEqualTo("period-after-opening");
    assertThat(item.path("marks").path("place").path("state").asString()).isEqualTo("in-order");
    assertThat(item.path("product").path("colour").asString()).isEqualTo("#c49a78");
  }

  @Test
  void movingIsUndoneAndUndoneAgain() {
    String id = Kits.addPowder(client, drawer);
    ObjectNode move = act().put("to", bag);
    client.post("/api/items/" + id + "/move", move).expect(200);
    assertThat(now(id)).isEqualTo(bag);
    ObjectNode undo = act();
    client.post("/api/ledger/" + actId(move) + "/undo", undo).expect(204);
    client.post("/api/ledger/" + actId(move) + "/undo", undo).expect(204);
    assertThat(now(id)).isEqualTo(drawer);
    client.post("/api/ledger/" + actId(undo) + "/undo", act()).expect(204);
    assertThat(now(id)).isEqualTo(bag);
    assertThat(sheet(id).path("history").values())
        .extracting(entry -> entry.path("act").asString())
        .containsExactly("undone", "undone", "moved", "added");
  }

  @Test
  void addingChangingAndDiscardingAreUndone() {
    ObjectNode add = Kits.powder(Kits.id(), drawer);
    String id = add.path("id").asString();
    client.post("/api/items", add).expect(201);
    ObjectNode edit = edit(id, "Velvet dust");
    client.put("/api/items/" + id, edit).expect(200);
    assertThat(name(id)).isEqualTo("Velvet dust");
    ObjectNode discard = act().put("cause", "broken");
    client.post("/api/items/" + id + "/discard", discard).expect(200);
    assertThat(client.get("/api/items").body().path("items")).isEmpty();
    for (ObjectNode act : List.of(discard, edit)) {
      client.post("/api/ledger/" + actId(act) + "/undo", act()).expect(204);
    }
    assertThat(name(id)).isEqualTo("Thing");
    client.post("/api/ledger/" + actId(add) + "/undo", act()).expect(204);
    client.get("/api/items/" + id).expect(404);
    assertThat(client.get("/api/items").body().path("items")).isEmpty();
  }

  @Test
  void whatSomethingLaterRestsOnIsNotUndone() {
    String id = Kits.addPowder(client, drawer);
    ObjectNode move = act().put("to", bag);
    client.post("/api/items/" + id + "/move", move).expect(200);
    client.post("/api/items/" + id + "/move", act().put("to", drawer)).expect(200);
    String code = client.post("/api/ledger/" + actId(move) + "/undo", act()).expect(409).code();
    assertThat(code).isEqualTo("touched-since");
    assertThat(now(id)).isEqualTo(drawer);
  }

  @Test
  void aPlaceSomethingLiesInIsNotUndone() {
    ObjectNode add = act().put("id", Kits.id());
    add.set("place", Kits.place("Pouch", "pouch"));
    client.post("/api/places", add).expect(204);
    Kits.addPowder(client, add.path("id").asString());
    String code = client.post("/api/ledger/" + actId(add) + "/undo", act()).expect(409).code();
    assertThat(code).isEqualTo("in-use");
  }

  @Test
  void theSecondOfTwoTabsIsToldAndNothingIsLost() {
    String id = Kits.addPowder(client, drawer);
    ObjectNode first = edit(id, "First");
    ObjectNode second = edit(id, "Second");
    client.put("/api/items/" + id, first).expect(200);
    Client.Answer refused = client.put("/api/items/" + id, second).expect(409);
    assertThat(refused.code()).isEqualTo("changed-meanwhile");
    JsonNode current = refused.body().path("current");
    assertThat(current.path("product").path("name").asString()).isEqualTo("First");
    second.put("actId", Kits.id());
    second.put("version", current.path("version").asInt());
    second.put("productVersion", current.path("product").path("version").asInt());
    client.put("/api/items/" + id, second).expect(200);
    assertThat(name(id)).isEqualTo("Second");
  }

  @Test
  void ofTabsThatSaveAtTheSameMomentExactlyOneWins() {
    String id = Kits.addPowder(client, drawer);
    List<ObjectNode> tabs = IntStream.range(0, 8).mapToObj(tab -> edit(id, "Tab " + tab)).toList();
    List<CompletableFuture<Integer>> saves =
        tabs.stream()
            .map(
                body ->
                    CompletableFuture.supplyAsync(
                        () -> client.put("/api/items/" + id, body).status()))
            .toList();
    List<Integer> answers = saves.stream().map(CompletableFuture::join).sorted().toList();
    assertThat(answers).startsWith(200).containsSubsequence(200, 409);
    assertThat(answers.stream().filter(status -> status == 200)).hasSize(1);
  }

  @Test
  void undoingMakesAnEditorOpenedBeforeAskAgain() {
    String id = Kits.addPowder(client, drawer);
    ObjectNode move = act().put("to", bag);
    ObjectNode opened = edit(id, "Opened before");
    client.post("/api/items/" + id + "/move", move).expect(200);
    client.post("/api/ledger/" + actId(move) + "/undo", act()).expect(204);
    client.put("/api/items/" + id, opened).expect(409);
  }

  @Test
  void aPlaceCannotBePutIntoItself() {
    ObjectNode inside = act().put("version", 0);
    inside.set("place", Kits.place("Drawer", "drawer").put("parent", drawer));
    Client.Answer refused = client.put("/api/places/" + drawer, inside).expect(422);
    assertThat(refused.body().path("errors").get(0).path("path").asString())
        .isEqualTo("place.parent");
  }

  private ObjectNode edit(String id, String name) {
    JsonNode item = sheet(id).path("item");
    ObjectNode asked = act().put("version", item.path("version").asInt());
    asked.put("productVersion", item.path("product").path("version").asInt());
    asked.set("product", Kits.product("face-powder", "pressed-powder", "g").put("name", name));
    asked.set("item", Kits.description(drawer));
    return asked;
  }

  private JsonNode sheet(String id) {
    return client.get("/api/items/" + id).expect(200).body();
  }

  private String now(String id) {
    return sheet(id).path("item").path("now").asString();
  }

  private String name(String id) {
    return sheet(id).path("item").path("product").path("name").asString();
  }

  private static String actId(ObjectNode act) {
    return act.path("actId").asString();
  }
}
