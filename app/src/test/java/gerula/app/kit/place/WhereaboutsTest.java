package gerula.app.kit.place;

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
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Where things are: moved, lent, parted, brought home, with all that lies in them. */
@ExtendWith(Running.class)
class WhereaboutsTest {

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
  void whatIsLentIsAtAPersonAndIsAskedForOnItsDay() {
    String powder = Kits.addPowder(client, drawer);
    ObjectNode lend = lend(powder, "Odile", "2031-04-14");
    client.post("/api/kit/lend", lend).expect(204);
    JsonNode mark = sheet(powder).at("/item/marks/place");
    assertThat(mark.path("state").asString()).isEqualTo("stop");
    assertThat(mark.at("/reason/code").asString()).isEqualTo("lent-to");
    String other = Kits.addPowder(client, drawer);
    client.post("/api/kit/lend", lend(other, "odile ", null)).expect(204);
    assertThat(now(other)).isEqualTo(now(powder));
    assertThat(client.get("/api/places").body().path("places")).hasSize(3);
    client.post("/api/ledger/" + lend.path("actId").asString() + "/undo", act()).expect(409);
    client.post("/api/items/" + powder + "/move", act().put("to", drawer)).expect(200);
    assertThat(sheet(powder).at("/item/askBackOn").isNull()).isTrue();
  }

  private static ObjectNode lend(String item, String person, String askBackOn) {
    ObjectNode asked = act().put("newPlace", Kits.id()).put("person", person);
    asked.put("askBackOn", askBackOn);
    asked.putArray("items").add(item);
    return asked;
  }

  @Test
  void countedStockIsPartedAndPutTogetherAgain() {
    String wands = Kits.id();
    ObjectNode asked = Kits.powder(wands, drawer);
    asked
        .withObject("product")
        .put("productClass", "wand")
        .put("form", "single-use")
        .put("unit", "piece")
        .put("content", 100);
    asked.withObject("item").put("left", 80);
    client.post("/api/items", asked).expect(201);
    part(wands, 30, 200);
    part(wands, 12, 200);
    assertThat(sheet(wands).at("/item/left").asInt()).isEqualTo(38);
    JsonNode others = sheet(wands).path("others");
    assertThat(others).hasSize(1);
    assertThat(others.get(0).path("left").asInt()).isEqualTo(42);
    assertThat(others.get(0).path("home").asString()).isEqualTo(bag);
    part(wands, 39, 409);
    part(wands, 0, 422);
  }

  private void part(String item, int pieces, int status) {
    ObjectNode asked = act().put("newItem", Kits.id()).put("to", bag).put("pieces", pieces);
    client.post("/api/items/" + item + "/part", asked).expect(status);
  }

  @Test
  void measuredThingsAreNotParted() {
    ObjectNode asked = act().put("newItem", Kits.id()).put("to", bag).put("pieces", 1);
    Client.Answer refused =
        client.post("/api/items/" + Kits.addPowder(client, drawer) + "/part", asked).expect(409);
    assertThat(refused.code()).isEqualTo("not-counted");
  }

  @Test
  void whatIsOutOfPlaceIsToldInWalkingOrderAndAllPutAwayAtOnce() {
    List<String> things = List.of(Kits.addPowder(client, drawer), Kits.addPowder(client, drawer));
    things.forEach(
        thing -> client.post("/api/items/" + thing + "/move", act().put("to", bag)).expect(200));
    String lost = Kits.addPowder(client, drawer);
    client.post("/api/items/" + lost + "/move", act().putNull("to")).expect(200);
    JsonNode outOfPlace = client.get("/api/kit/out-of-place").expect(200).body().path("items");
    assertThat(outOfPlace).hasSize(2);
    assertThat(client.get("/api/kit/out-of-place").body().path("itemsInAll").asInt()).isEqualTo(2);
    assertThat(client.get("/api/kit/out-of-place").body().at("/elsewhere/0/id").asString())
        .isEqualTo(lost);
    ObjectNode home = act();
    home.putArray("places");
    things.forEach(home.withArray("items")::add);
    client.post("/api/kit/put-away", home).expect(204);
    assertThat(client.get("/api/kit/out-of-place").body().path("items")).isEmpty();
    assertThat(now(things.getFirst())).isEqualTo(drawer);
    client.post("/api/ledger/" + home.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/kit/out-of-place").body().path("items")).hasSize(2);
  }

  @Test
  void aPouchTakesEverythingInItAlongAndComesHomeAgain() {
    String pouch = addPlace(Kits.place("Pouch", "pouch").put("parent", drawer).put("home", drawer));
    String powder = Kits.addPowder(client, pouch);
    client.post("/api/places/" + pouch + "/move", act().put("to", bag)).expect(204);
    assertThat(client.get("/api/places/" + bag + "/open").body().at("/tray/count").asInt())
        .isEqualTo(1);
    assertThat(sheet(powder).at("/item/marks/place/state").asString()).isEqualTo("in-order");
    JsonNode outOfPlace = client.get("/api/kit/out-of-place").body();
    assertThat(outOfPlace.path("places").get(0).asString()).isEqualTo(pouch);
    ObjectNode home = act();
    home.putArray("items");
    home.putArray("places").add(pouch);
    client.post("/api/kit/put-away", home).expect(204);
    assertThat(client.get("/api/places/" + pouch).body().at("/place/parent").asString())
        .isEqualTo(drawer);
    client.post("/api/places/" + drawer + "/move", act().put("to", pouch)).expect(409);
    assertThat(
            client
                .get("/api/places/" + pouch)
                .body()
                .at("/history/entries")
                .findValuesAsString("act"))
        .containsExactly("put-away", "moved", "added");
  }

  @Test
  void aPaletteIsAThingAndAPlaceAndMovesAsBoth() {
    String thing = Kits.addPowder(client, drawer);
    String palette =
        addPlace(Kits.place("Palette", "palette").put("parent", drawer).put("thing", thing));
    String pan = Kits.addPowder(client, palette);
    client.post("/api/items/" + thing + "/move", act().put("to", bag)).expect(200);
    assertThat(client.get("/api/places/" + palette).body().at("/place/parent").asString())
        .isEqualTo(bag);
    JsonNode open = client.get("/api/places/" + bag + "/open").body();
    assertThat(open.at("/tray/count").asInt()).isEqualTo(1);
    assertThat(open.at("/tray/trays/0/pieces/0/item").asString()).isEqualTo(pan);
    client.post("/api/places/" + palette + "/move", act().put("to", drawer)).expect(204);
    assertThat(now(thing)).isEqualTo(drawer);
    client.post("/api/items/" + thing + "/move", act().put("to", palette)).expect(409);
    ObjectNode second = Kits.place("Other", "palette").put("thing", thing);
    ObjectNode asked = act().put("id", Kits.id());
    asked.set("place", second);
    assertThat(client.post("/api/places", asked).expect(422).body().at("/errors/0/path").asString())
        .isEqualTo("place.thing");
  }

  @Test
  void howMuchIsLeftIsToldAtAGlanceOrExactly() {
    String powder = Kits.addPowder(client, drawer);
    ObjectNode quarter = act().put("level", "quarter").putNull("left");
    client.post("/api/items/" + powder + "/left", quarter).expect(200);
    assertThat(sheet(powder).at("/item/left").asDouble()).isEqualTo(7.5);
    assertThat(sheet(powder).at("/item/level").asString()).isEqualTo("quarter");
    assertThat(sheet(powder).at("/item/marks/amount/state").asString()).isEqualTo("soon");
    client
        .post("/api/items/" + powder + "/left", act().putNull("level").put("left", 31))
        .expect(422);
    client
        .post("/api/items/" + powder + "/left", act().putNull("level").putNull("left"))
        .expect(422);
  }

  @Test
  void anEmptyPlaceIsTakenAwayAndOneInUseStays() {
    Kits.addPowder(client, drawer);
    assertThat(client.post("/api/places/" + drawer + "/remove", act()).expect(409).code())
        .isEqualTo("in-use");
    ObjectNode remove = act();
    client.post("/api/places/" + bag + "/remove", remove).expect(204);
    client.get("/api/places/" + bag).expect(404);
    client.post("/api/ledger/" + remove.path("actId").asString() + "/undo", act()).expect(204);
    client.get("/api/places/" + bag).expect(200);
  }

  @Test
  void twentyShadesAreAddedInOneGoAndUndoneInOne() {
    ObjectNode asked = act();
    asked.set("product", Kits.product("foundation", "liquid-pump-or-squeeze", "ml"));
    asked.set("item", Kits.item(drawer));
    ArrayNode shades = asked.putArray("shades");
    for (int i = 0; i < 20; i++) {
      shades
          .addObject()
          .put("id", Kits.id())
          .put("shade", "shade " + i)
          .put("colour", "#c49a%02x".formatted(i))
          .put("depth", 1 + i * 0.4);
    }
    client.post("/api/items/shades", asked).expect(204);
    assertThat(client.get("/api/items").body().path("total").asInt()).isEqualTo(20);
    assertThat(client.get("/api/items").body().path("items").values())
        .extracting(item -> item.path("code").asString())
        .doesNotHaveDuplicates();
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/items").body().path("total").asInt()).isZero();
    asked.put("actId", Kits.id());
    ((ObjectNode) shades.get(7)).put("shade", " ").put("depth", 12);
    assertThat(
            client
                .post("/api/items/shades", asked)
                .expect(422)
                .body()
                .path("errors")
                .findValuesAsString("path"))
        .containsExactly("shades.7.shade", "shades.7.depth");
  }

  @Test
  void aChangedClassDatesEveryItemOfTheProductAnewAndTheUndoBack() {
    String one = Kits.addPowder(client, drawer);
    ObjectNode same = act().put("id", Kits.id());
    same.put("productId", sheet(one).at("/item/product/id").asString());
    same.putNull("product");
    same.set("item", Kits.item(bag));
    client.post("/api/items", same).expect(201);
    ObjectNode edit = act().put("version", 0).put("productVersion", 0);
    edit.set("product", Kits.product("mascara", "mascara", "g"));
    edit.set("item", Kits.description(drawer));
    client.put("/api/items/" + one, edit).expect(200);
    assertThat(client.get("/api/items?until=2032-04-14&mark=date").body().path("total").asInt())
        .isZero();
    assertThat(client.get("/api/kit/summary").body().path("pastDate").asInt()).isEqualTo(2);
    client.post("/api/ledger/" + edit.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/kit/summary").body().path("pastDate").asInt()).isZero();
  }

  private String addPlace(ObjectNode place) {
    String id = Kits.id();
    ObjectNode asked = act().put("id", id);
    asked.set("place", place);
    client.post("/api/places", asked).expect(204);
    return id;
  }

  private JsonNode sheet(String item) {
    return client.get("/api/items/" + item).expect(200).body();
  }

  private String now(String item) {
    return sheet(item).at("/item/now").asString();
  }
}
