package gerula.app.kit;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
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
  void whichOfSeveralClassesItIsIsChosenAndUndone() {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    ((ObjectNode) asked.path("product")).put("productClass", "powder-colour");
    String id = asked.path("id").asString();
    client.post("/api/items", asked).expect(201);
    assertThat(sheet(id).at("/item/product/couldBe").valueStream().map(JsonNode::asString))
        .containsExactlyInAnyOrder("blush", "contour", "bronzer", "highlighter");
    ObjectNode other = act().put("productClass", "lip-colour");
    client.post("/api/items/" + id + "/class", other).expect(422);
    ObjectNode chosen = act().put("productClass", "bronzer");
    client.post("/api/items/" + id + "/class", chosen).expect(200);
    assertThat(sheet(id).at("/item/product/productClass").asString()).isEqualTo("bronzer");
    assertThat(sheet(id).at("/item/product/couldBe")).isEmpty();
    client.post("/api/items/" + id + "/class", act().put("productClass", "blush")).expect(422);
    client.post("/api/ledger/" + actId(chosen) + "/undo", act()).expect(204);
    assertThat(sheet(id).at("/item/product/productClass").asString()).isEqualTo("powder-colour");
  }

  /** Not checked, then read for two things, one of them wrongly; all of it can be undone. */
  @Test
  void whatALabelSaysIsKnownWithTheDayForEverythingOfItsProduct() {
    String id = Kits.addPowder(client, drawer);
    assertThat(words(id, "unchecked")).contains("fragrance", "carmine").doesNotContain("latex");
    ObjectNode first = looks("carmine", "free-of");
    first.withArray("found").addObject().put("of", "Sea Holly").put("found", "contains");
    client.post("/api/items/" + id + "/label", first).expect(200);
    assertThat(words(id, "unchecked")).contains("fragrance").doesNotContain("carmine");
    JsonNode read = sheet(id).at("/item/product/composition");
    assertThat(read.valueStream().map(one -> one.path("of").asString() + " " + one.path("found")))
        .containsExactly("carmine \"free-of\"", "sea holly \"contains\"");
    assertThat(read.at("/0/checkedOn").asString()).isEqualTo(Running.TODAY);
    client.post("/api/items/" + id + "/label", looks("carmine", null)).expect(200);
    assertThat(words(id, "unchecked")).contains("carmine");
    client.post("/api/ledger/" + actId(first) + "/undo", act()).expect(409);
    client.post("/api/items/" + id + "/label", act().putNull("found")).expect(422);
    client.post("/api/items/" + id + "/label", looks("x".repeat(61), "contains")).expect(422);
    assertThat(sheet(id).at("/history/entries/0/act").asString()).isEqualTo("label-read");
  }

  private static ObjectNode looks(String of, @Nullable String found) {
    ObjectNode asked = act();
    asked.putArray("found").addObject().put("of", of).put("found", found);
    return asked;
  }

  private List<String> words(String id, String list) {
    return sheet(id).at("/item/product/" + list).valueStream().map(JsonNode::asString).toList();
  }

  /** A base with a sun filter is found as both, and keeps as the one that keeps shorter. */
  @Test
  void aThingOfSeveralClassesIsFoundAsEachAndKeepsAsTheShortest() {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    ObjectNode both =
        ((ObjectNode) asked.path("product"))
            .put("productClass", "lip-colour")
            .putNull("periodAfterOpening");
    both.putArray("alsoServes").add("eye-cream").add("lip-colour");
    String id = asked.path("id").asString();
    client.post("/api/items", asked).expect(201);
    assertThat(words(id, "alsoServes")).containsExactly("eye-cream");
    // House limits, common practice: three months for what is used at the eye.
    assertThat(sheet(id).at("/item/useBy/lastDay").asString()).isEqualTo("2031-04-10");
    // What is counted is kept beside the thing, and follows the same rule.
    assertThat(client.get("/api/kit/summary").body().path("pastDate").asInt()).isEqualTo(1);
    for (String one : List.of("lip-colour", "eye-cream")) {
      assertThat(client.get("/api/items?productClass=" + one).body().path("items")).hasSize(1);
    }
    assertThat(client.get("/api/items?productClass=mascara").body().path("items")).isEmpty();
  }

  @Test
  void aFormMayShortenHowLongItKeeps() {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    ((ObjectNode) asked.path("product")).put("productClass", "blush").putNull("periodAfterOpening");
    ((ObjectNode) asked.path("item")).put("openedOn", "2031-01-10").putNull("printedExpiry");
    String id = asked.path("id").asString();
    client.post("/api/items", asked).expect(201);
    String asPowder = sheet(id).at("/item/useBy/lastDay").asString();
    ObjectNode cream = Kits.powder(Kits.id(), drawer);
    cream.set("item", asked.path("item").deepCopy());
    ((ObjectNode) cream.path("product"))
        .put("productClass", "blush")
        .put("form", "cream")
        .putNull("periodAfterOpening");
    client.post("/api/items", cream).expect(201);
    // House limits, common practice: 24 months for pressed powder, 12 for cream colour.
    assertThat(asPowder).isEqualTo("2033-01-10");
    assertThat(sheet(cream.path("id").asString()).at("/item/useBy/lastDay").asString())
        .isEqualTo("2032-01-10");
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
    assertThat(sheet(id).at("/history/entries").values())
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
