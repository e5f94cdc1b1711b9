package gerula.app.cleandown;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Bags are emptied and wiped after a job, and pouches are refilled from stock. */
@ExtendWith(Running.class)
class BagsAndPouchesTest {

  private Client client;
  private String store;
  private String bag;
  private String pouch;

  @BeforeEach
  void aBagWithAPouch(Client fresh) {
    client = fresh.signedUp();
    store = Kits.addPlace(client, "Loft", "store");
    bag = Kits.addPlace(client, "Bag", "backpack");
    pouch = Kits.id();
    client
        .post(
            "/api/places",
            act()
                .put("id", pouch)
                .set("place", Kits.place("Disposables", "pouch").put("parent", bag)))
        .expect(204);
  }

  private String add(ObjectNode product, double left, String at, String batch) {
    String id = Kits.id();
    ObjectNode asked = act().put("id", id).putNull("productId");
    asked.set("product", product);
    asked.set("item", Kits.item(at).put("left", left).put("batch", batch));
    client.post("/api/items", asked).expect(201);
    return id;
  }

  private JsonNode cleanDown() {
    return client.get("/api/clean-down").expect(200).body();
  }

  private Client.Answer done(String step, String... bags) {
    ObjectNode asked = act().put("moment", "after-job");
    asked.putArray("steps").add(step);
    asked.putArray("items");
    asked.putArray("bags");
    for (String one : bags) {
      asked.withArray("bags").add(one);
    }
    return client.post("/api/treatments", asked);
  }

  private JsonNode place(String id) {
    return client.get("/api/places/" + id).expect(200).body().path("place");
  }

  private List<String> namesOfBags() {
    return cleanDown().path("bags").valueStream().map(one -> one.path("name").asString()).toList();
  }

  @Test
  void aBagThatIsBackIsCleanedWithItsPouchesStepByStep() {
    String alcohol = add(Kits.product("alcohol-70", "thin-spray", "ml"), 20, store, "B-17");
    String powder = Kits.addPowder(client, store);
    String booking = Kits.addBooking(client, bag);
    client.post("/api/bookings/" + booking + "/pack", Kits.tick(powder)).expect(204);
    client.post("/api/bookings/" + booking + "/depart", act()).expect(204);
    assertThat(namesOfBags()).isEmpty();
    ObjectNode back = act().put("fate", "home");
    back.putArray("items");
    String backAct = back.path("actId").asString();
    client.post("/api/bookings/" + booking + "/put-back", back).expect(200);
    assertThat(namesOfBags()).containsExactlyInAnyOrder("Bag", "Disposables");
    assertThat(place(bag).path("cleanliness").asString()).isEqualTo("used");
    assertThat(cleanDown().at("/agent/batch").asString()).isEqualTo("B-17");
    assertThat(cleanDown().at("/agent/item").asString()).isEqualTo(alcohol);

    assertThat(done("disinfect", bag).expect(409).body().path("code").asString())
        .isEqualTo("done-already");
    done("empty", bag, pouch).expect(204);
    done("degrease", bag, pouch).expect(204);
    done("disinfect", bag).expect(204);
    assertThat(place(bag).path("cleanliness").asString()).isEqualTo("drying");
    // Half an hour from now: late in the evening that is tomorrow.
    assertThat(place(bag).path("cleanUntil").asString().substring(0, 10))
        .isBetween(Running.TODAY, LocalDate.parse(Running.TODAY).plusDays(1).toString());
    assertThat(place(pouch).path("cleanliness").asString()).isEqualTo("used");
    add(Kits.product("surface-wipe", "single-use", "piece"), 17, store, "");
    assertThat(cleanDown().at("/supplies/wipes").asInt()).isEqualTo(17);
    assertThat(cleanDown().at("/supplies/detergentMl").asInt()).isZero();
    // 20 ml were in it, and one thing was sprayed.
    client.post("/api/places/" + bag + "/used", act()).expect(204);
    assertThat(cleanDown().at("/agent/leftMl").asDouble()).isEqualTo(19);
    String record = client.get("/api/cleaning-record/csv").expect(200).raw().body();
    assertThat(record).contains("Bag,\"empty, degrease, disinfect\",,70,");
    assertThat(record).contains("batch B-17");

    // The last act on the pouch is undone, then putting back: nothing is to be cleaned any more.
    client.post("/api/places/" + pouch + "/used", act()).expect(204);
    assertThat(
            client
                .post("/api/places/" + store + "/used", act())
                .expect(409)
                .body()
                .path("code")
                .asString())
        .isEqualTo("no-bag");
    assertThat(client.post("/api/ledger/" + backAct + "/undo", act()).status()).isEqualTo(409);
  }

  @Test
  void aPouchIsRefilledFromStockOnceAndToldWhatIsNowhere() {
    ObjectNode wands = Kits.product("wand", "single-use", "piece");
    String stock = add(wands, 25, store, "");
    ObjectNode asked = act();
    asked
        .putArray("setContents")
        .add(Client.object().put("productClass", "wand").put("pieces", 40));
    client.put("/api/places/" + pouch + "/set-contents", asked).expect(204);
    JsonNode line = client.get("/api/pouches").expect(200).body().at("/pouches/0/lines/0");
    assertThat(line.path("there").asInt()).isZero();
    assertThat(line.at("/from/0/pieces").asInt()).isEqualTo(25);
    assertThat(line.path("missing").asInt()).isEqualTo(15);

    ObjectNode refill = act();
    refill.putArray("places").add(pouch);
    client.post("/api/pouches/refill", refill).expect(204);
    client.post("/api/pouches/refill", refill).expect(204);
    assertThat(left(stock)).isZero();
    JsonNode after = client.get("/api/pouches").body().at("/pouches/0/lines/0");
    assertThat(after.path("there").asInt()).isEqualTo(25);
    ObjectNode again = act();
    again.putArray("places");
    assertThat(client.post("/api/pouches/refill", again).expect(409).body().path("code").asString())
        .isEqualTo("nothing-to-take");
    client.post("/api/ledger/" + refill.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(left(stock)).isEqualTo(25);

    asked = act();
    asked.putArray("setContents").add(Client.object().put("productClass", "wand").put("pieces", 0));
    client.put("/api/places/" + pouch + "/set-contents", asked).expect(422);
    asked = act();
    asked
        .putArray("setContents")
        .add(Client.object().put("productClass", "wand").put("pieces", 1))
        .add(Client.object().put("productClass", "wand").put("pieces", 2));
    client.put("/api/places/" + pouch + "/set-contents", asked).expect(422);
    assertThat(place(pouch).at("/setContents/0/pieces").asInt()).isEqualTo(40);
    // The form of the place does not know of it, and leaves it as it is.
    client
        .put(
            "/api/places/" + pouch,
            act()
                .put("version", place(pouch).path("version").asInt())
                .set("place", Kits.place("Disposables pouch", "pouch").put("parent", bag)))
        .expect(204);
    assertThat(place(pouch).at("/setContents/0/pieces").asInt()).isEqualTo(40);
  }

  private double left(String item) {
    return client.get("/api/items/" + item).body().at("/item/left").asDouble();
  }

  @Test
  void aUsedBrushLiesInTheDirtyHolderOfItsBagAndDirtiesIt() {
    String holder =
        add(Kits.product("dirty-holder", "other", "piece").put("content", 1), 1, bag, "");
    String side = Kits.id();
    client
        .post(
            "/api/places",
            act()
                .put("id", side)
                .set(
                    "place",
                    Kits.place("Dirty side", "pouch").put("parent", bag).put("thing", holder)))
        .expect(204);
    String brush =
        add(Kits.product("brush-set", "brush-synthetic", "piece").put("content", 1), 1, bag, "");
    String booking = Kits.addBooking(client, bag);
    String face = client.get("/api/bookings/" + booking).body().at("/faces/0/id").asString();
    ObjectNode use = act();
    use.withArray("things")
        .add(Client.object().put("id", Kits.id()).put("item", brush).put("how", "direct"));
    client.post("/api/bookings/" + booking + "/faces/" + face + "/use", use).expect(204);
    ObjectNode step = act().put("moment", "between-faces").put("booking", booking);
    step.put("face", face).putArray("steps").add("to-dirty-holder");
    step.putArray("items").add(brush);
    client.post("/api/treatments", step).expect(204);
    assertThat(client.get("/api/items/" + brush).body().at("/item/now").asString()).isEqualTo(side);
    assertThat(namesOfBags()).containsExactly("Dirty side");
    client.post("/api/ledger/" + step.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/items/" + brush).body().at("/item/now").asString()).isEqualTo(bag);
    assertThat(namesOfBags()).isEmpty();
  }
}
