package gerula.app.kit.item;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Using a thing opens it when somebody says so, and never by itself. */
@ExtendWith(Running.class)
class UsingTest {

  private Client client;
  private String sealed;
  private String open;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    open = Kits.addPowder(client, drawer);
    sealed = Kits.id();
    ObjectNode asked = Kits.powder(sealed, drawer);
    asked.withObject("item").putNull("openedOn").put("madeOn", "2030-06-01").put("left", 30);
    client.post("/api/items", asked).expect(201);
  }

  @Test
  void firstUseStartsTheClockOnTheDayThatIsTold() {
    assertThat(item(sealed).path("sealed").asBoolean()).isTrue();
    ObjectNode use = use("2031-04-12", "three-quarters");
    client.post("/api/items/" + sealed + "/use", use).expect(200);
    client.post("/api/items/" + sealed + "/use", use).expect(200);
    JsonNode used = item(sealed);
    assertThat(used.path("sealed").asBoolean()).isFalse();
    assertThat(used.path("openedOn").asString()).isEqualTo("2031-04-12");
    assertThat(used.at("/useBy/lastDay").asString()).isEqualTo("2032-04-12");
    assertThat(used.path("left").asDouble()).isEqualTo(22.5);
    assertThat(client.get("/api/kit/ending?days=400").body().findValuesAsString("lastDay"))
        .contains("2032-04-12");
    client.post("/api/ledger/" + use.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(item(sealed).path("sealed").asBoolean()).isTrue();
    assertThat(item(sealed).path("left").asDouble()).isEqualTo(30);
  }

  @Test
  void aWrongDayIsPutRightByAnActAndByNothingElse() {
    ObjectNode right = act().put("openedOn", "2031-03-01");
    client.post("/api/items/" + open + "/opened", right).expect(200);
    assertThat(item(open).at("/useBy/lastDay").asString()).isEqualTo("2032-03-01");
    client
        .post("/api/items/" + sealed + "/opened", act().put("openedOn", "2031-04-15"))
        .expect(422);
    client
        .post("/api/items/" + sealed + "/opened", act().put("openedOn", "2030-05-31"))
        .expect(422);
    client.post("/api/items/" + open + "/opened", act().putNull("openedOn")).expect(200);
    assertThat(item(open).path("sealed").asBoolean()).isTrue();
    client.post("/api/ledger/" + right.path("actId").asString() + "/undo", act()).expect(409);
  }

  @Test
  void howCleanItIsIsSaidWithTheMoment() {
    for (String state : new String[] {"used", "quarantined", "drying", "clean"}) {
      ObjectNode told = act().put("cleanliness", state);
      client.post("/api/items/" + open + "/cleanliness", told).expect(200);
      assertThat(item(open).path("cleanliness").asString()).isEqualTo(state);
      assertThat(item(open).path("cleanBy").asString()).isEqualTo("told");
      assertThat(item(open).path("cleanSince").asString()).startsWith(Running.TODAY);
    }
  }

  /** Where it is, how much is left, when it was opened and how clean it is: acts say that. */
  @Test
  void theFormOfAnItemDescribesItAndNoMore() {
    JsonNode before = item(open);
    ObjectNode edit =
        act()
            .put("version", before.path("version").asInt())
            .put("productVersion", before.at("/product/version").asInt());
    edit.set("product", Kits.product("face-powder", "pressed-powder", "g"));
    edit.set("item", Kits.item(before.path("home").asString()));
    client.put("/api/items/" + open, edit).expect(422);
    client.post("/api/items/" + open + "/move", act().putNull("to")).expect(200);
    edit.put("version", item(open).path("version").asInt());
    edit.set("item", Kits.description(before.path("home").asString()).put("note", "Sweet"));
    client.put("/api/items/" + open, edit).expect(200);
    JsonNode after = item(open);
    assertThat(after.path("note").asString()).isEqualTo("Sweet");
    assertThat(after.path("now").isNull()).isTrue();
    for (String field : new String[] {"left", "openedOn", "cleanliness", "cleanSince"}) {
      assertThat(after.path(field)).as(field).isEqualTo(before.path(field));
    }
  }

  @Test
  void nothingIsOpenedByGuessing() {
    assertThat(refusal(sealed, use(null, "half"))).isEqualTo("say-when");
    assertThat(refusal(sealed, use("2031-04-15", "half"))).isEqualTo("in-the-future");
    assertThat(refusal(sealed, use("2030-05-31", "half"))).isEqualTo("before-made");
    assertThat(refusal(open, use("2031-04-12", "half"))).isEqualTo("opened-already");
    assertThat(item(sealed).path("left").asDouble()).isEqualTo(30);
    client.post("/api/items/" + open + "/use", use(null, null)).expect(200);
    assertThat(item(open).path("left").asDouble()).isEqualTo(12.5);
  }

  @Test
  void aThingIsPutBeforeOthersAndBackIntoItsTurn() {
    ObjectNode first = act().put("first", true);
    client.post("/api/items/" + open + "/use-first", first).expect(200);
    assertThat(item(open).path("usedFirst").asBoolean()).isTrue();
    client.post("/api/ledger/" + first.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(item(open).path("usedFirst").asBoolean()).isFalse();
  }

  private static ObjectNode use(String openedOn, String level) {
    return act().put("openedOn", openedOn).put("level", level);
  }

  private String refusal(String id, ObjectNode asked) {
    Client.Answer answer = client.post("/api/items/" + id + "/use", asked).expect(422);
    return answer.body().at("/errors/0/code").asString();
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).expect(200).body().path("item");
  }
}
