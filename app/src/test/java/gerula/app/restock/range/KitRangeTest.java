package gerula.app.restock.range;

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

/** Holes, trials and what is no longer made, through the whole application. */
@ExtendWith(Running.class)
class KitRangeTest {

  private final Client client;
  private String base;

  KitRangeTest(Client client) {
    this.client = client;
  }

  @BeforeEach
  void aKitWithOneBase() {
    client.signedUp();
    base = Kits.addBase(client, Kits.addPlace(client, "Drawer", "drawer"));
  }

  private JsonNode range(String query) {
    return client.get("/api/range" + query).expect(200).body();
  }

  @Test
  void theKitIsTriedOnTheWorkOneNames() {
    JsonNode nothing = range("");
    assertThat(nothing.at("/purpose/work")).isEmpty();
    assertThat(nothing.path("holes")).isEmpty();
    assertThat(nothing.at("/purpose/lightest").asDouble()).isEqualTo(1);
    JsonNode drama = range("?work=screen-drama&work=event&lightest=3&deepest=9");
    assertThat(drama.path("holes"))
        .extracting(one -> one.path("need").asString())
        .contains("hand-sanitiser", "mascara");
    // Nobody said for which depth the base is.
    assertThat(drama.path("lines")).isEmpty();
    client.get("/api/range?lightest=8&deepest=3").expect(422);
    client.get("/api/range?lightest=0").expect(422);
    client.get("/api/range?work=juggling").expect(422);
  }

  /** An offer of a product that fills a hole stands in the order in which to buy. */
  @Test
  void whatIsOfferedIsPutInOrder() {
    Kits.addOffer(client, "Harbour goods", base, 6.9);
    client.post("/api/items/" + base + "/discard", act().put("cause", "lost")).expect(200);
    JsonNode range = range("?work=screen-drama&lightest=1&deepest=10");
    assertThat(range.path("order")).hasSize(1);
    assertThat(range.at("/order/0/shop").asString()).isEqualTo("Harbour goods");
    assertThat(range.at("/order/0/price").asDouble()).isEqualTo(6.9);
    assertThat(range.path("notOffered")).isNotEmpty();
  }

  @Test
  void aShadeIsTriedForAMonthAndAskedAfter() {
    ObjectNode begin = act();
    client.post("/api/items/" + base + "/trial", begin).expect(200);
    client.post("/api/items/" + base + "/trial", begin).expect(200);
    JsonNode trial = client.get("/api/trials").body().path(0);
    assertThat(trial.path("until").asString()).isEqualTo("2031-05-14");
    assertThat(trial.path("over").asBoolean()).isFalse();
    client.post("/api/items/" + base + "/trial", act().put("until", "2031-04-14")).expect(200);
    assertThat(client.get("/api/trials").body().at("/0/over").asBoolean()).isTrue();
    client.post("/api/items/" + base + "/trial", act().put("until", "2031-04-13")).expect(422);
    ObjectNode end = act().put("verdict", "good");
    JsonNode item =
        client.post("/api/items/" + base + "/trial/end", end).expect(200).body().path("item");
    assertThat(item.path("trialUntil").isNull()).isTrue();
    assertThat(item.path("favourite").asBoolean()).isTrue();
    client.post("/api/items/" + base + "/trial/end", act().put("verdict", "not-good")).expect(409);
    client.post("/api/ledger/" + end.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/trials").body()).hasSize(1);
  }

  /** What is no longer made says for how many faces it is enough, and what comes nearest. */
  @Test
  void theLastOfItIsToldWithWhatCanStillBeBought() {
    ObjectNode gone = act().put("discontinued", true);
    client.post("/api/items/" + base + "/discontinued", gone).expect(200);
    JsonNode told = range("").path("discontinued");
    assertThat(told).hasSize(1);
    assertThat(told.at("/0/faces").asInt()).isPositive();
    assertThat(told.at("/0/nearest").isNull()).isTrue();
    String product = client.get("/api/items/" + base).body().at("/item/product/id").asString();
    assertThat(product).isNotEmpty();
    client.post("/api/ledger/" + gone.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(range("").path("discontinued")).isEmpty();
  }
}
