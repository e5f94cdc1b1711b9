package gerula.app.kit;

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
