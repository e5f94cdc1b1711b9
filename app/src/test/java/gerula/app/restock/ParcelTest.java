package gerula.app.restock;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** From an order that is sent to what comes of it, whatever the shop answers. */
@ExtendWith(Running.class)
class ParcelTest {

  private final Client client;
  private String shop;
  private String drawer;

  ParcelTest(Client client) {
    this.client = client;
  }

  @BeforeEach
  void aShopThatTakesOrders() {
    client.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    shop = Kits.id();
    ObjectNode asked = act().put("id", shop);
    asked.set("shop", Kits.shop("Harbour goods").put("takesOrders", true));
    client.post("/api/shops", asked).expect(204);
  }

  /** An entry of the buying list, of a product called so. */
  private String wanted(String name, int packs) {
    ObjectNode powder = Kits.powder(Kits.id(), drawer);
    powder.withObject("product").put("name", name);
    client.post("/api/items", powder).expect(201);
    String item = powder.path("id").asString();
    String product = client.get("/api/items/" + item).body().at("/item/product/id").asString();
    String id = Kits.id();
    client
        .post(
            "/api/buying",
            act()
                .put("id", id)
                .put("product", product)
                .put("packs", packs)
                .putNull("neededOn")
                .put("why", ""))
        .expect(204);
    return id;
  }

  private ObjectNode order(String parcel, String... entries) {
    ObjectNode order =
        act().put("shop", shop).put("parcel", parcel).put("shipping", 4.9).put("currency", "EUR");
    ArrayNode told = order.putArray("entries");
    List.of(entries).forEach(told::add);
    return order;
  }

  private JsonNode parcel(String id) {
    for (JsonNode one : client.get("/api/buying/parcels").body()) {
      if (one.path("id").asString().equals(id)) {
        return one;
      }
    }
    throw new AssertionError("There is no parcel " + id);
  }

  private static ObjectNode received(String note, String entry, int packs) {
    ObjectNode asked = act().put("note", note);
    ObjectNode line = asked.putArray("lines").addObject().put("entry", entry);
    ArrayNode items = line.putArray("newItems");
    for (int at = 0; at < packs; at++) {
      items.add(Kits.id());
    }
    line.withObject("came").put("batch", "B 7").put("price", 2.9).put("currency", "EUR");
    return asked;
  }

  @Test
  void whatIsSentIsOrderedAskedAfterAndReceivedOnce() {
    String powder = wanted("Powder", 3);
    String other = wanted("sells nothing", 1);
    String id = Kits.id();
    ObjectNode order = order(id, powder, other);
    client.post("/api/buying/send", order).expect(204);
    client.post("/api/buying/send", order).expect(204);
    JsonNode parcel = parcel(id);
    assertThat(parcel.path("number").asString()).isEqualTo("T-1");
    assertThat(parcel.path("canAsk").asBoolean()).isTrue();
    assertThat(parcel.path("toCome")).hasSize(1);
    JsonNode list = client.get("/api/buying").body();
    // What the shop does not sell stays wanted.
    assertThat(list).filteredOn(one -> one.path("ordered").isNull()).hasSize(1);
    assertThat(list)
        .filteredOn(one -> !one.path("ordered").isNull())
        .singleElement()
        .satisfies(
            one -> assertThat(one.at("/ordered/thereBy").asString()).isEqualTo("2031-04-16"));

    JsonNode told = client.get("/api/buying/parcels/" + id + "/told").expect(200).body();
    JsonNode line = told.at("/deliveries/0/lines/0");
    assertThat(line.path("packs").asInt()).isEqualTo(2);
    assertThat(line.path("still").asInt()).isEqualTo(3);
    assertThat(line.path("batch").asString()).isEqualTo("B 7");
    assertThat(told.at("/deliveries/0/received").asBoolean()).isFalse();

    ObjectNode came = received("T-1-1", powder, 2);
    client.post("/api/buying/parcels/" + id + "/received", came).expect(204);
    client.post("/api/buying/parcels/" + id + "/received", came).expect(204);
    assertThat(
            client
                .post("/api/buying/parcels/" + id + "/received", received("T-1-1", powder, 1))
                .expect(409)
                .body()
                .path("code")
                .asString())
        .isEqualTo("received-already");
    assertThat(
            client
                .get("/api/buying/parcels/" + id + "/told")
                .body()
                .at("/deliveries/0/received")
                .asBoolean())
        .isTrue();
    assertThat(client.get("/api/items?state=sealed").body().path("total").asInt()).isEqualTo(2);
    String pack = came.at("/lines/0/newItems/0").asString();
    JsonNode item = client.get("/api/items/" + pack).body().path("item");
    assertThat(item.path("batch").asString()).isEqualTo("B 7");
    assertThat(item.path("cleanliness").asString()).isEqualTo("used");

    client.post("/api/ledger/" + came.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/items?state=sealed").body().path("total").asInt()).isZero();
    assertThat(parcel(id).path("notes")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({"refuses, shop-refused", "lies, shop-nonsense", "sells nothing, nothing-sold"})
  void whatTheShopDoesNotTakeIsNotOrdered(String how, String code) {
    String entry = wanted(how, 2);
    JsonNode refused = client.post("/api/buying/send", order(Kits.id(), entry)).expect(409).body();
    assertThat(refused.path("code").asString()).isEqualTo(code);
    assertThat(client.get("/api/buying").body().at("/0/ordered").isNull()).isTrue();
    assertThat(client.get("/api/buying/parcels").body()).isEmpty();
  }

  @Test
  void moreThanWasOrderedDoesNotComeIntoTheKit() {
    String entry = wanted("sends too much", 2);
    String id = Kits.id();
    client.post("/api/buying/send", order(id, entry)).expect(204);
    JsonNode line =
        client.get("/api/buying/parcels/" + id + "/told").body().at("/deliveries/0/lines/0");
    assertThat(line.path("packs").asInt()).isEqualTo(4);
    client.post("/api/buying/parcels/" + id + "/received", received("T-1-1", entry, 4)).expect(422);
    assertThat(client.get("/api/items?state=sealed").body().path("total").asInt()).isZero();
    client.post("/api/buying/parcels/" + id + "/received", received("T-1-1", entry, 2)).expect(204);
    assertThat(client.get("/api/buying").body()).isEmpty();
    // It is on its way: the shop does not call it off any more.
    String late = wanted("sends too much", 1);
    String second = Kits.id();
    client.post("/api/buying/send", order(second, late)).expect(204);
    assertThat(
            client
                .post("/api/buying/parcels/" + second + "/call-off", act())
                .expect(409)
                .body()
                .path("code")
                .asString())
        .isEqualTo("on-its-way");
  }

  @Test
  void whatIsCalledOffThereIsWantedAsBefore() {
    String entry = wanted("Powder", 2);
    String id = Kits.id();
    ObjectNode sent = order(id, entry);
    client.post("/api/buying/send", sent).expect(204);
    assertThat(undone(sent)).as("the shop has it").isEqualTo("not-undone");
    ObjectNode off = act();
    client.post("/api/buying/parcels/" + id + "/call-off", off).expect(204);
    assertThat(undone(off)).as("the shop sends nothing").isEqualTo("not-undone");
    assertThat(client.get("/api/buying").body().at("/0/ordered").isNull()).isTrue();
    assertThat(client.get("/api/buying/parcels").body()).isEmpty();
    client.get("/api/buying/parcels/" + id + "/told").expect(404);
  }

  private String undone(ObjectNode act) {
    return client
        .post("/api/ledger/" + act.path("actId").asString() + "/undo", act())
        .expect(409)
        .code();
  }

  @Test
  void onlyAShopThatTakesOrdersIsSentOne() {
    ObjectNode plain = act().put("version", 0);
    plain.set("shop", Kits.shop("Harbour goods").put("takesOrders", false));
    client.put("/api/shops/" + shop, plain).expect(204);
    String entry = wanted("Powder", 1);
    assertThat(
            client
                .post("/api/buying/send", order(Kits.id(), entry))
                .expect(409)
                .body()
                .path("code")
                .asString())
        .isEqualTo("no-desk");
    client.post("/api/buying/send", order(Kits.id(), Kits.id())).expect(409);
  }

  @Test
  void whatIsWrongWithADeliveryIsTold() {
    String entry = wanted("Powder", 2);
    String id = Kits.id();
    client.post("/api/buying/ordered", order(id, entry)).expect(204);
    String address = "/api/buying/parcels/" + id + "/received";
    String elsewhere = wanted("Another", 1);
    client.post(address, received("1", elsewhere, 1)).expect(409);
    client.post(address, received("1", Kits.id(), 1)).expect(404);
    ObjectNode money = received("1", entry, 1);
    ((ObjectNode) money.at("/lines/0/came")).put("currency", "QQQ");
    client.post(address, money).expect(422);
    ObjectNode nowhere = received("1", entry, 1);
    ((ObjectNode) nowhere.at("/lines/0/came")).put("place", Kits.id());
    client.post(address, nowhere).expect(404);
    client
        .post("/api/buying/parcels/" + Kits.id() + "/received", received("1", entry, 1))
        .expect(404);
    ObjectNode twice = received("1", entry, 2);
    client.post(address, twice).expect(204);
    assertThat(client.get("/api/items?state=sealed").body().path("total").asInt()).isEqualTo(2);
  }

  /** What nobody brings is called off line by line; with its last line the parcel is gone. */
  @Test
  void aParcelWithoutAnythingInItCostsNoShipping() {
    String one = wanted("Powder", 1);
    String other = wanted("Another", 1);
    String id = Kits.id();
    client.post("/api/buying/ordered", order(id, one, other)).expect(204);
    client.post("/api/buying/" + one + "/call-off", act()).expect(204);
    assertThat(parcel(id).path("toCome")).hasSize(1);
    ObjectNode last = act();
    client.post("/api/buying/" + other + "/call-off", last).expect(204);
    assertThat(client.get("/api/buying/parcels").body()).isEmpty();
    client.post("/api/ledger/" + last.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(parcel(id).path("toCome")).hasSize(1);
    assertThat(client.get("/api/money").body().at("/spend/shipping").asDouble()).isEqualTo(4.9);
  }
}
