package gerula.app.platform;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

/** What should never be sent is answered in words, changes nothing and shows no insides. */
@ExtendWith(Running.class)
class BadInputTest {

  private Client client;
  private String drawer;

  @BeforeEach
  void aWorkspace(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "/api/items/%s",
        "/api/bookings/%s",
        "/api/bookings/%s/packing-list",
        "/api/places/%s/open",
        "/api/places/%s/walk",
        "/api/items/%s/lineage",
        "/api/items/%s/refill",
        "/api/palettes/%s",
        "/api/bench/sessions/%s"
      })
  void unknownIdsAndThoseOfOthersAreNotThere(String path) {
    assertThat(client.get(path.formatted(Kits.id())).expect(404).code()).isEqualTo("not-there");
    assertThat(client.get(path.formatted("not-an-id")).expect(404).code()).isEqualTo("not-there");
  }

  @Test
  void whatBelongsToAnotherWorkspaceIsNotThere(Client other) {
    other.signedUp();
    String theirDrawer = Kits.addPlace(other, "Theirs", "drawer");
    String theirItem = Kits.addPowder(other, theirDrawer);
    String theirBooking = Kits.addBooking(other, theirDrawer);
    client.get("/api/items/" + theirItem).expect(404);
    client.get("/api/bookings/" + theirBooking + "/packing-list").expect(404);
    client.get("/api/places/" + theirDrawer + "/open").expect(404);
    client.post("/api/items/" + theirItem + "/move", act().put("to", drawer)).expect(404);
    client.post("/api/items/" + theirItem + "/discard", act().put("cause", "date")).expect(404);
    client.post("/api/bookings/" + theirBooking + "/depart", act()).expect(404);
    String mine = Kits.addPowder(client, drawer);
    client.post("/api/items/" + mine + "/move", act().put("to", theirDrawer)).expect(404);
    client
        .post("/api/bookings/" + Kits.addBooking(client) + "/pack", Kits.tick(theirItem))
        .expect(404);
    assertFault(Kits.powder(Kits.id(), theirDrawer), "item.home");
    assertThat(other.get("/api/items/" + theirItem).body().path("item").path("now").asString())
        .isEqualTo(theirDrawer);
  }

  @Test
  void theBenchOfAnotherWorkspaceIsNotThere(Client other) {
    other.signedUp();
    String theirDrawer = Kits.addPlace(other, "Theirs", "drawer");
    Kits.everythingOfTheBench(other, theirDrawer);
    String theirBase = Kits.addBase(other, theirDrawer);
    String theirBottles = Kits.addEmpty(other, "dropper-bottle", 5, 3);
    String mine = Kits.addBase(client, drawer);
    String bottles = Kits.addEmpty(client, "dropper-bottle", 5, 3);
    client.post("/api/decants", Kits.decant(Kits.id(), theirBase, bottles, 1)).expect(404);
    client.post("/api/decants", Kits.decant(Kits.id(), mine, theirBottles, 1)).expect(404);
    client
        .post("/api/decants", Kits.decant(Kits.id(), mine, bottles, 1).put("place", theirDrawer))
        .expect(422);
    client.get("/api/recall?item=" + theirBase).expect(404);
    client.post("/api/empties/" + theirBottles + "/count", act().put("stock", 0)).expect(404);
    String session = other.get("/api/bench/sessions").body().at("/0/id").asString();
    client.get("/api/bench/sessions/" + session).expect(404);
    client.post("/api/bench/sessions/" + session + "/finish", act()).expect(404);
    String wanted = other.get("/api/buying").body().at("/0/id").asString();
    client.post("/api/buying/" + wanted + "/remove", act()).expect(404);
    assertThat(client.get("/api/bench/sessions").body().isEmpty()).isTrue();
    assertThat(client.get("/api/house").body().path("dateLimits").asString()).isEqualTo("usual");
    assertThat(client.get("/api/empties").body().path("kinds").size()).isEqualTo(1);
  }

  @ParameterizedTest
  @CsvSource({
    "amount, null, 422",
    "amount, -1, 422",
    "amount, 1e300, 422",
    "amount, 0.00001, 422",
    "amount, true, 422",
    "amount, [], 422",
    "slot, 0, 422",
    "slot, 501, 422",
    "place, '\"7\"', 422",
    "openedOn, '\"2031-04-01\"', 422",
    "openedOn, '\"2031-02-30\"', 422",
    "source, null, 422",
    "empty, null, 422",
    "more, 1, 422",
  })
  void whatIsWrongWithADecantIsToldAndNothingIsPoured(String field, String value, int status) {
    String base = Kits.addBase(client, drawer);
    String bottles = Kits.addEmpty(client, "dropper-bottle", 5, 3);
    ObjectNode asked = Kits.decant(Kits.id(), base, bottles, 1);
    asked.set(field, Client.object("{\"v\":" + value + "}").get("v"));
    Client.Answer answer = client.post("/api/decants", asked).expect(status);
    assertThat(answer.body().path("errors").isEmpty()).isFalse();
    assertThat(client.get("/api/items/" + base).body().at("/item/left").asDouble()).isEqualTo(30);
    assertThat(client.get("/api/empties").body().at("/kinds/0/empty/stock").asInt()).isEqualTo(3);
  }

  @Test
  void ofTheLastEmptyOnlyOneIsFilledHoweverManyReachForIt() throws InterruptedException {
    String base = Kits.addBase(client, drawer);
    String last = Kits.addEmpty(client, "dropper-bottle", 5, 1);
    List<Integer> answers = Collections.synchronizedList(new ArrayList<>());
    List<Thread> hands = new ArrayList<>();
    for (int i = 0; i < 6; i++) {
      ObjectNode asked = Kits.decant(Kits.id(), base, last, 1);
      hands.add(
          Thread.ofVirtual().start(() -> answers.add(client.post("/api/decants", asked).status())));
    }
    for (Thread hand : hands) {
      hand.join();
    }
    assertThat(answers).hasSize(6).containsOnlyOnce(204).contains(409);
    assertThat(client.get("/api/items/" + base).body().at("/item/left").asDouble()).isEqualTo(29);
  }

  @ParameterizedTest
  @CsvSource({
    "left, -1, item.left",
    "left, 0.00001, item.left",
    "left, 1e300, item.left",
    "openedOn, '\"2031-04-15\"', item.openedOn",
    "openedOn, '\"2031-02-30\"', item.openedOn",
    "cleanliness, '\"spotless\"', item.cleanliness",
    "home, '\"7\"', item.home",
    "note, null, item.note",
  })
  void aFaultOfAnItemIsToldAtItsField(String field, String value, String path) {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("item").set(field, Client.object("{\"v\":" + value + "}").get("v"));
    assertFault(asked, path);
    assertThat(client.get("/api/items").body().path("items")).isEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "content, 0, product.content",
    "content, -5, product.content",
    "depth, 11, product.depth",
    "periodAfterOpening, 0, product.periodAfterOpening",
    "colour, '\"red\"', product.colour",
    "productClass, '\"Foundation\"', product.productClass",
    "name, '\"  \"', product.name",
    "size, 3, product.size",
  })
  void aFaultOfAProductIsToldAtItsField(String field, String value, String path) {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("product").set(field, Client.object("{\"v\":" + value + "}").get("v"));
    assertFault(asked, path);
  }

  @Test
  void everyFaultIsToldAtOnce() {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("product").put("name", "x".repeat(121)).put("maker", "y".repeat(81));
    asked.withObject("item").put("note", "z".repeat(2001));
    Client.Answer refused = client.post("/api/items", asked).expect(422);
    assertThat(refused.body().path("errors").findValuesAsString("path"))
        .containsExactlyInAnyOrder("product.name", "product.maker", "item.note");
  }

  @Test
  void daysTheWrongWayRoundAreToldAtTheLastDay() {
    ObjectNode asked = act().put("id", Kits.id());
    asked.set("booking", Kits.booking().put("lastDay", "2031-04-19"));
    Client.Answer refused = client.post("/api/bookings", asked).expect(422);
    assertThat(refused.body().path("errors").get(0).path("path").asString())
        .isEqualTo("booking.lastDay");
    assertThat(refused.body().path("detail").asString()).contains("2031-04-19", "swap");
  }

  @Test
  void hostileTextIsKeptAsItIs() {
    String hostile = "<script>alert(1)</script>'; drop table gerula.item; -- \u202e ☃ %00";
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("item").put("note", hostile);
    client.post("/api/items", asked).expect(201);
    assertThat(client.get("/api/items").body().path("items").get(0).path("note").asString())
        .isEqualTo(hostile);
  }

  @Test
  void aCharacterTheDatabaseCannotKeepIsRefused() {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("item").put("note", "a\u0000b");
    assertThat(client.post("/api/items", asked).status()).isEqualTo(422);
  }

  @ParameterizedTest
  @ValueSource(strings = {"{", "", "[]", "null", "{\"actId\": \"7\"}", "\"text\"", "{\"a\":1}{"})
  void whatIsNotTheRightJsonIsRefused(String body) {
    Client.Answer refused = client.post("/api/items", body);
    assertThat(refused.status()).isIn(400, 422);
    assertThat(refused.code()).isIn("not-json", "faulty");
  }

  @ParameterizedTest
  @CsvSource({
    "/api/items?state=nonsense, 422, faulty",
    "/api/items?from=99999999999, 422, faulty",
    "/api/items?until=+999999999-01-01, 422, unkeepable",
    "/api/items?q=%EF%BD, 400, not-text",
    "/api/kit/earlier?begins=%00, 422, unkeepable",
    "/api/items/%25, 400, not-an-address",
    "/api/items/%5C, 400, not-an-address",
    "/api/items/a%2Fb, 400, not-an-address",
  })
  void oddAddressesAreRefusedInPlainWords(String address, int status, String code) {
    Client.Answer refused = client.get(address.replace("+", "%2B")).expect(status);
    assertThat(refused.code()).isEqualTo(code);
    assertThat(refused.body().path("detail").asString())
        .isNotBlank()
        .doesNotContain("java", "Exception", "convert");
  }

  @Test
  void aWordTooLongToLookForIsTold() {
    Client.Answer refused = client.get("/api/find?q=" + "x".repeat(201)).expect(422);
    assertThat(refused.body().at("/errors/0/path").asString()).isEqualTo("q");
  }

  @ParameterizedTest
  @ValueSource(strings = {"https%3A%2F%2Fexample.test%2Fa%3Fb", "%25", "%5C", "a%20b%0A", "%00"})
  void whateverIsScannedThatIsNoCodeIsNothing(String code) {
    assertThat(client.get("/api/codes?code=" + code).expect(200).body().path("kind").asString())
        .isEqualTo("nothing");
  }

  @Test
  void fiftyMegabytesAreRefusedInWords() {
    Client.Answer refused =
        client.post("/api/items", "\"" + "x".repeat(50 << 20) + "\"").expect(413);
    assertThat(refused.code()).isEqualTo("body-too-large");
  }

  @Test
  void nothingThatLeavesShowsTheInsides() {
    List<Client.Answer> refusals =
        List.of(
            client.post("/api/items", "{"),
            client.get("/api/items/x"),
            client.get("/api/nothing-here"),
            client.send("PATCH", "/api/items", "{}"),
            client.post("/api/items", Kits.powder("x", drawer)));
    assertThat(refusals)
        .allSatisfy(
            refusal -> {
              assertThat(refusal.status()).isBetween(400, 499);
              assertThat(refusal.code()).matches("[a-z-]+");
              assertThat(refusal.raw().body()).doesNotContain("Exception", "at gerula", "java.");
              assertThat(refusal.raw().headers().firstValue("Content-Type").orElse(""))
                  .startsWith("application/problem+json");
            });
  }

  private void assertFault(ObjectNode asked, String path) {
    Client.Answer refused = client.post("/api/items", asked).expect(422);
    assertThat(refused.code()).isEqualTo("faulty");
    assertThat(refused.body().path("errors").findValuesAsString("path")).contains(path);
  }
}
