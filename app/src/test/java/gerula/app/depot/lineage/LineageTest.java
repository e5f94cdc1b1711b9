package gerula.app.depot.lineage;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Decanting, filling again and recalls, over HTTP. Today is 2031-04-14. */
@ExtendWith(Running.class)
class LineageTest {

  private Client client;
  private String drawer;
  private String bag;
  private String pack;
  private String bottles;

  @BeforeEach
  void aBench(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    bag = Kits.addPlace(client, "Bag", "backpack");
    pack = Kits.addBase(client, drawer);
    bottles = Kits.addEmpty(client, "pointed-squeeze-bottle", 10, 8);
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).expect(200).body().path("item");
  }

  private int stock() {
    return client.get("/api/empties").body().at("/kinds/0/empty/stock").asInt();
  }

  private String decanted(String source, double amount) {
    String id = Kits.id();
    client.post("/api/decants", Kits.decant(id, source, bottles, amount)).expect(204);
    return id;
  }

  private static List<String> ids(JsonNode list) {
    List<String> ids = new ArrayList<>();
    list.forEach(one -> ids.add(one.path("id").asString()));
    return ids;
  }

  @Test
  void aDecantHasItsSourcesDatesAndBatchAndLowersIt() {
    String decant = Kits.id();
    ObjectNode asked = Kits.decant(decant, pack, bottles, 9).put("place", bag).put("sourceTo", bag);
    client.post("/api/decants", asked).expect(204);
    client.post("/api/decants", asked).expect(204);
    JsonNode made = item(decant);
    assertThat(made.path("openedOn").asString()).isEqualTo("2031-01-10");
    assertThat(made.at("/useBy/lastDay").asString()).isEqualTo("2032-01-10");
    assertThat(made.path("batch").asString()).isEqualTo("B 7");
    assertThat(made.path("left").asDouble()).isEqualTo(9);
    assertThat(made.path("home").asString()).isEqualTo(bag);
    assertThat(made.at("/decant/container").asString()).isEqualTo("pointed-squeeze-bottle");
    // 5 g of bottle and 10 g when full, less the millilitre that is not in it.
    assertThat(made.path("massG").asInt()).isEqualTo(14);
    assertThat(item(pack).path("left").asDouble()).isEqualTo(21);
    assertThat(item(pack).path("now").asString()).isEqualTo(bag);
    assertThat(stock()).isEqualTo(7);

    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(item(pack).path("left").asDouble()).isEqualTo(30);
    assertThat(item(pack).path("now").asString()).isEqualTo(drawer);
    assertThat(stock()).isEqualTo(8);
    client.get("/api/items/" + decant).expect(404);
  }

  @Test
  void whatCannotBeDecantedIsRefusedAndNothingIsChanged() {
    assertThat(refused(Kits.decant(Kits.id(), pack, bottles, 30.5))).contains("more-than-left");
    assertThat(refused(Kits.decant(Kits.id(), pack, bottles, 10.5))).contains("more-than-full");
    assertThat(refused(Kits.decant(Kits.id(), pack, bottles, 0))).contains("out-of-range");
    String none = Kits.addEmpty(client, "screw-jar", 5, 0);
    client.post("/api/decants", Kits.decant(Kits.id(), pack, none, 2)).expect(409);
    String sealed = Kits.id();
    ObjectNode add = act().put("id", sealed).putNull("productId");
    add.set("product", Kits.product("primer", "liquid-pump-or-squeeze", "ml"));
    add.set("item", Kits.item(drawer).put("left", 30).putNull("openedOn"));
    client.post("/api/items", add).expect(201);
    assertThat(refused(Kits.decant(Kits.id(), sealed, bottles, 5))).contains("say-when");
    client
        .post(
            "/api/decants",
            Kits.decant(Kits.id(), sealed, bottles, 5).put("openedOn", "2031-04-14"))
        .expect(204);
    assertThat(item(sealed).path("openedOn").asString()).isEqualTo("2031-04-14");
    String adhesive = Kits.id();
    ObjectNode glue = act().put("id", adhesive).putNull("productId");
    glue.set("product", Kits.product("lash-adhesive", "adhesive", "ml"));
    glue.set("item", Kits.item(drawer));
    client.post("/api/items", glue).expect(201);
    assertThat(refused(Kits.decant(Kits.id(), adhesive, bottles, 5))).contains("never-decanted");
    client
        .post(
            "/api/items/" + pack + "/report",
            Client.object("{\"what\": [\"smell\"], \"packBroken\": false}").put("actId", Kits.id()))
        .expect(200);
    assertThat(client.post("/api/decants", Kits.decant(Kits.id(), pack, bottles, 5)).code())
        .isEqualTo("out-of-use");
    assertThat(stock()).isEqualTo(7);
  }

  private List<String> refused(ObjectNode asked) {
    return client
        .post("/api/decants", asked)
        .expect(422)
        .body()
        .path("errors")
        .findValuesAsString("code");
  }

  @Test
  void aRecallFindsEveryDescendantInAChainOfFiveAndWhereItIs() {
    List<String> chain = new ArrayList<>(List.of(pack));
    for (int link = 0; link < 5; link++) {
      chain.add(decanted(chain.getLast(), 9 - link));
    }
    client.post("/api/items/" + chain.get(3) + "/move", act().put("to", bag)).expect(200);
    JsonNode recall = client.get("/api/recall?item=" + pack).expect(200).body();
    assertThat(ids(recall.path("holding"))).isEqualTo(chain.subList(1, 6));
    assertThat(recall.at("/holding/2/now").asString()).isEqualTo(bag);
    String product = item(pack).at("/product/id").asString();
    JsonNode ofBatch =
        client.get("/api/recall?product=" + product + "&batch=b%207").expect(200).body();
    assertThat(ids(ofBatch.path("recalled"))).containsExactlyInAnyOrderElementsOf(chain);

    ObjectNode out = act().put("discard", false);
    out.putArray("items").add(pack);
    client.post("/api/recall", out).expect(204);
    assertThat(chain)
        .allSatisfy(
            id -> assertThat(item(id).path("cleanliness").asString()).isEqualTo("contaminated"));
    client.post("/api/ledger/" + out.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(item(chain.getLast()).path("cleanliness").asString()).isEqualTo("clean");
    JsonNode lineage = client.get("/api/items/" + chain.get(2) + "/lineage").body();
    assertThat(ids(lineage.path("sources"))).containsExactly(chain.get(1));
    assertThat(ids(lineage.path("ancestors"))).containsExactly(chain.get(1), pack);
    assertThat(ids(lineage.path("descendants"))).isEqualTo(chain.subList(3, 6));
  }

  @Test
  void aCorrectedOpeningIsFollowedDownTheWholeLine() {
    String decant = decanted(pack, 9);
    String further = decanted(decant, 4);
    ObjectNode edit = act().put("openedOn", "2030-12-01");
    client.post("/api/items/" + pack + "/opened", edit).expect(200);
    assertThat(item(further).path("openedOn").asString()).isEqualTo("2030-12-01");
    assertThat(item(decant).at("/useBy/lastDay").asString()).isEqualTo("2031-12-01");
    client.post("/api/ledger/" + edit.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(item(further).path("openedOn").asString()).isEqualTo("2031-01-10");

    assertThat(
            client
                .post("/api/items/" + decant + "/opened", act().put("openedOn", "2031-04-01"))
                .expect(422)
                .body()
                .path("errors")
                .findValuesAsString("code"))
        .containsExactly("inherited");
    JsonNode own = item(decant);
    ObjectNode byHand =
        act()
            .put("version", own.path("version").asInt())
            .put("productVersion", own.at("/product/version").asInt());
    byHand.set("product", Kits.product("foundation", "liquid-pump-or-squeeze", "ml"));
    ObjectNode typed = Kits.description(drawer).put("printedExpiry", "2031-12-30");
    typed.set("decant", own.path("decant").deepCopy());
    typed.withObject("decant").putNull("measures");
    byHand.set("item", typed);
    assertThat(
            client
                .put("/api/items/" + decant, byHand)
                .expect(422)
                .body()
                .path("errors")
                .findValuesAsString("code"))
        .containsExactly("inherited");
  }

  @Test
  void aToppedUpContainerTakesTheEarliestDateAWashedOneTheNewSources() {
    String decant = decanted(pack, 4);
    String newer = Kits.id();
    client
        .post("/api/items", newPack(newer, item(pack).at("/product/id").asString(), "2031-02-05"))
        .expect(201);
    JsonNode proposed = client.get("/api/items/" + decant + "/refill").expect(200).body();
    assertThat(proposed.path("source").asString()).isEqualTo(pack);
    assertThat(proposed.path("amount").asDouble()).isEqualTo(5.5);
    assertThat(proposed.path("washFirst").isEmpty()).isTrue();

    client.post("/api/items/" + decant + "/refill", fill(newer, 3, false)).expect(204);
    assertThat(item(decant).path("left").asDouble()).isEqualTo(7);
    assertThat(item(decant).path("openedOn").asString()).isEqualTo("2031-01-10");
    assertThat(holding(pack)).containsExactly(decant);
    assertThat(holding(newer)).containsExactly(decant);

    ObjectNode washed = fill(newer, 9, true);
    client.post("/api/items/" + decant + "/refill", washed).expect(204);
    assertThat(item(decant).path("left").asDouble()).isEqualTo(9);
    assertThat(item(decant).path("openedOn").asString()).isEqualTo("2031-02-05");
    assertThat(item(decant).path("washedOn").asString()).isEqualTo(Running.TODAY);
    assertThat(holding(pack)).isEmpty();
    client.post("/api/ledger/" + washed.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(holding(pack)).containsExactly(decant);
    assertThat(item(decant).path("openedOn").asString()).isEqualTo("2031-01-10");

    assertThat(refusedFill(decant, fill(newer, 3.5, false))).contains("more-than-full");
    assertThat(refusedFill(decant, fill(Kits.addBase(client, drawer), 1, false)))
        .contains("another-product");
    String further = decanted(decant, 2);
    assertThat(refusedFill(decant, fill(further, 1, false))).contains("circle");
    client.post("/api/items/" + pack + "/refill", fill(newer, 1, false)).expect(409);
  }

  private List<String> holding(String id) {
    return ids(client.get("/api/recall?item=" + id).body().path("holding"));
  }

  private List<String> refusedFill(String container, ObjectNode asked) {
    return client
        .post("/api/items/" + container + "/refill", asked)
        .expect(422)
        .body()
        .path("errors")
        .findValuesAsString("code");
  }

  private ObjectNode newPack(String id, String product, String openedOn) {
    ObjectNode asked = act().put("id", id).put("productId", product).putNull("product");
    asked.set("item", Kits.item(drawer).put("left", 30).put("openedOn", openedOn));
    return asked;
  }

  private static ObjectNode fill(String source, double amount, boolean wash) {
    return act().put("source", source).put("amount", amount).put("wash", wash).putNull("openedOn");
  }

  @Test
  void aWashedOutContainerIsAnEmptyAgain() {
    String decant = decanted(pack, 4);
    ObjectNode wash = act();
    client.post("/api/items/" + decant + "/wash-out", wash).expect(204);
    assertThat(stock()).isEqualTo(8);
    assertThat(item(decant).path("discardCause").asString()).isEqualTo("empty");
    assertThat(holding(pack)).isEmpty();
    client.post("/api/ledger/" + wash.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(stock()).isEqualTo(7);
    assertThat(holding(pack)).containsExactly(decant);
  }
}
