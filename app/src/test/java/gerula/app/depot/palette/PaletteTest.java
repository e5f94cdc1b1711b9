package gerula.app.depot.palette;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class PaletteTest {

  private Client client;
  private String palette;
  private String other;
  private String bag;
  private String pans;
  private String source;

  @BeforeEach
  void palettes(Client fresh) {
    client = fresh.signedUp();
    bag = Kits.addPlace(client, "Bag", "backpack");
    palette = addPalette("Six", 6);
    other = addPalette("Two", 2);
    source = Kits.addPowder(client, bag);
    pans = Kits.addEmpty(client, "loose-magnetic-pan", 2, 9);
  }

  private String addPalette(String name, int slots) {
    return addPlace(name, "palette", slots);
  }

  private String addPlace(String name, String kind, int slots) {
    String id = Kits.id();
    ObjectNode place = Kits.place(name, kind);
    place.putObject("slots").put("count", slots).put("widthMm", 27).put("depthMm", 27);
    place.withObject("slots").put("heightMm", 9);
    ObjectNode asked = act().put("id", id);
    asked.set("place", place);
    client.post("/api/places", asked).expect(204);
    return id;
  }

  private String pannedUp(int slot) {
    String id = Kits.id();
    client
        .post(
            "/api/decants",
            Kits.decant(id, source, pans, 1.5).put("place", palette).put("slot", slot))
        .expect(204);
    return id;
  }

  private List<String> slots(String place, String what) {
    List<String> slots = new ArrayList<>();
    for (JsonNode slot : client.get("/api/palettes/" + place).expect(200).body().path("slots")) {
      slots.add(slot.path(what).path("id").asString(""));
    }
    return slots;
  }

  private static ObjectNode put(String item, int slot) {
    return act().put("item", item).put("slot", slot);
  }

  @Test
  void aPanIsPannedUpMovedAndComesBackToItsSlot() {
    String pan = pannedUp(3);
    String next = pannedUp(5);
    assertThat(slots(palette, "item")).containsExactly("", "", pan, "", next, "");
    client.post("/api/palettes/" + palette + "/put", put(pan, 5)).expect(200);
    assertThat(slots(palette, "item")).containsExactly("", "", next, "", pan, "");
    ObjectNode away = put(pan, 2);
    client.post("/api/palettes/" + other + "/put", away).expect(200);
    assertThat(slots(other, "item")).containsExactly("", pan);
    assertThat(slots(palette, "item")).containsExactly("", "", next, "", "", "");
    client.post("/api/ledger/" + away.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(slots(palette, "item").get(4)).isEqualTo(pan);
    assertThat(client.post("/api/palettes/" + other + "/put", put(pan, 3)).expect(422).status())
        .isEqualTo(422);
    client.post("/api/palettes/" + other + "/put", put(source, 1)).expect(200);
    assertThat(client.post("/api/palettes/" + other + "/put", put(pan, 1)).expect(409).code())
        .isEqualTo("taken");
  }

  @Test
  void aPanThatWasLiftedOutLeavesItsSlotWaiting() {
    String pan = pannedUp(3);
    client
        .post("/api/items/" + pan + "/lift-out", act().put("to", bag).put("person", "Cellist"))
        .expect(204);
    assertThat(slots(palette, "item").get(2)).isEmpty();
    assertThat(slots(palette, "belongs").get(2)).isEqualTo(pan);
    JsonNode sheet = client.get("/api/items/" + pan).body();
    assertThat(sheet.at("/history/entries/0/act").asString()).isEqualTo("lifted-out");
    assertThat(sheet.at("/history/entries/0/facts/for").asString()).isEqualTo("Cellist");
    ObjectNode home = act();
    home.putArray("items").add(pan);
    home.putArray("places");
    client.post("/api/kit/put-away", home).expect(204);
    assertThat(slots(palette, "item").get(2)).isEqualTo(pan);
  }

  @Test
  void lashesAreSortedFromNaturalToFull() {
    List<String> styles = new ArrayList<>();
    for (String coverage : List.of("full", "sheer", "medium")) {
      String id = Kits.id();
      ObjectNode asked = act().put("id", id).putNull("productId");
      ObjectNode product = Kits.product("strip-lashes", "lashes", "piece");
      product.put("coverage", coverage).put("content", 2).put("shade", "style " + coverage);
      asked.set("product", product);
      asked.set("item", Kits.item(palette).put("left", 2).putNull("openedOn"));
      client.post("/api/items", asked).expect(201);
      styles.add(id);
    }
    ObjectNode sort = act();
    client.post("/api/palettes/" + palette + "/sort", sort).expect(200);
    assertThat(slots(palette, "item"))
        .containsExactly(styles.get(1), styles.get(2), styles.get(0), "", "", "");
    client.post("/api/palettes/" + bag + "/sort", act()).expect(409);
  }

  private JsonNode line(String place) {
    for (JsonNode line : client.get("/api/palettes").expect(200).body()) {
      if (line.path("place").asString().equals(place)) {
        return line;
      }
    }
    throw new AssertionError("There is no palette " + place);
  }

  /** A slot that waits for what was lifted out is not free; a brush belt's are for no pan. */
  @Test
  void theNextFreeSlotIsToldAndWaitsForNothing() {
    assertThat(line(palette).path("nextFree").asInt()).isEqualTo(1);
    String first = pannedUp(1);
    pannedUp(3);
    assertThat(line(palette).path("nextFree").asInt()).isEqualTo(2);
    ObjectNode lift = act().put("to", bag).put("person", "");
    client.post("/api/items/" + first + "/lift-out", lift).expect(204);
    assertThat(line(palette).path("nextFree").asInt()).isEqualTo(2);
    assertThat(line(palette).path("free").asInt()).isEqualTo(4);
    String belt = addPlace("Belt", "belt", 3);
    assertThat(line(belt).path("free").asInt()).isEqualTo(3);
    assertThat(line(belt).path("nextFree").isNull()).isTrue();
  }

  /** An answer says which kinds of things it changed: whatever shows them is asked for again. */
  @Test
  void anAnswerSaysWhatWasChanged() {
    ObjectNode move = act().put("to", bag);
    assertThat(touched(client.post("/api/items/" + source + "/move", move))).hasValue("item");
    String undo = "/api/ledger/" + move.path("actId").asString() + "/undo";
    assertThat(touched(client.post(undo, act()))).hasValue("item");
    // Sent again it was done before: nobody says what it changed then.
    assertThat(touched(client.post("/api/items/" + source + "/move", move))).isEmpty();
    ObjectNode decant = Kits.decant(Kits.id(), source, pans, 1.5);
    assertThat(touched(client.post("/api/decants", decant)).orElseThrow().split(","))
        .contains("empty", "filling", "item");
  }

  private static Optional<String> touched(Client.Answer answer) {
    assertThat(answer.status()).as("%s", answer.raw().body()).isBetween(200, 299);
    return answer.raw().headers().firstValue("Gerula-Touched");
  }
}
