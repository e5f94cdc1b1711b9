package gerula.app.restock;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class BuyingTest {

  @Test
  void whatIsWantedIsOrderedInTimeAndComesIntoTheKit(Client client) {
    client.signedUp();
    String powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    String product = client.get("/api/items/" + powder).body().at("/item/product/id").asString();
    String id = wanted(client, product, 2);
    JsonNode wanted = client.get("/api/dates?weeks=8").body().at("/wanted/0");
    assertThat(wanted.path("orderBy").asString()).isEqualTo("2031-04-24");
    assertThat(wanted.at("/like/id").asString()).isEqualTo(powder);
    assertThat(client.get("/api/calendar.ics").raw().body())
        .contains("order-2031-04-24")
        .contains("DTSTART;VALUE=DATE:20310424");

    ObjectNode got = act();
    got.putArray("newItems").add(Kits.id()).add(Kits.id());
    client.post("/api/buying/" + id + "/got", got).expect(204);
    assertThat(client.get("/api/buying").body().isEmpty()).isTrue();
    assertThat(client.get("/api/items?state=sealed").body().path("total").asInt()).isEqualTo(2);
    client.post("/api/ledger/" + got.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/items?state=sealed").body().path("total").asInt()).isZero();
    client.post("/api/buying/" + id + "/remove", act()).expect(204);
    assertThat(client.get("/api/buying").body().isEmpty()).isTrue();
  }

  private static String wanted(Client client, String product, int packs) {
    String id = Kits.id();
    client
        .post(
            "/api/buying",
            act()
                .put("id", id)
                .put("product", product)
                .put("packs", packs)
                .put("neededOn", "2031-05-01")
                .put("why", "ends before the portraits"))
        .expect(204);
    return id;
  }

  /** Ordered, part of it there, the rest called off; each step is undone. */
  @Test
  void whatIsOrderedComesInPartsOrNotAtAll(Client client) {
    client.signedUp();
    String powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    String product = client.get("/api/items/" + powder).body().at("/item/product/id").asString();
    String id = wanted(client, product, 3);
    ObjectNode order = act();
    order.putArray("entries").add(id);
    client.post("/api/buying/ordered", order).expect(204);
    client.post("/api/buying/ordered", order).expect(204);
    JsonNode entry = client.get("/api/buying").body().path(0);
    // The house's week; no shop is known.
    assertThat(entry.at("/ordered/thereBy").asString()).isEqualTo("2031-04-21");
    assertThat(entry.at("/ordered/late").asBoolean()).isFalse();
    assertThat(entry.path("orderBy").isNull()).isTrue();
    assertThat(client.get("/api/buying/plan").body().path("notOffered").isEmpty()).isTrue();
    ObjectNode again = act();
    again.putArray("entries").add(id);
    assertThat(client.post("/api/buying/ordered", again).expect(409).body().path("code").asString())
        .isEqualTo("ordered-already");

    ObjectNode part = act().put("batch", "L 42").put("price", 11.9).put("currency", "EUR");
    part.put("printedExpiry", "2033-01-31").put("restToCome", true);
    String pack = Kits.id();
    part.putArray("newItems").add(pack);
    client.post("/api/buying/" + id + "/got", part).expect(204);
    JsonNode came = client.get("/api/items/" + pack).body().path("item");
    assertThat(came.path("batch").asString()).isEqualTo("L 42");
    assertThat(came.path("cleanliness").asString()).isEqualTo("used");
    assertThat(came.path("price").decimalValue()).isEqualByComparingTo("11.9");
    assertThat(client.get("/api/buying").body().at("/0/packs").asInt()).isEqualTo(2);

    client.post("/api/buying/" + id + "/call-off", act()).expect(204);
    client.post("/api/buying/" + id + "/call-off", act()).expect(409);
    assertThat(client.get("/api/buying").body().at("/0/orderBy").asString())
        .isEqualTo("2031-04-24");
    client.post("/api/ledger/" + part.path("actId").asString() + "/undo", act()).expect(409);
  }

  @Test
  void whatCannotHaveComeIsRefused(Client client) {
    client.signedUp();
    String powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    String product = client.get("/api/items/" + powder).body().at("/item/product/id").asString();
    String id = wanted(client, product, 1);
    ObjectNode all = act().put("restToCome", true);
    all.putArray("newItems").add(Kits.id());
    client.post("/api/buying/" + id + "/got", all).expect(422);
    ObjectNode free = act().put("price", -1).put("currency", "EUR");
    free.putArray("newItems").add(Kits.id());
    client.post("/api/buying/" + id + "/got", free).expect(422);
    ObjectNode money = act().put("price", 3);
    money.putArray("newItems").add(Kits.id());
    client.post("/api/buying/" + id + "/got", money).expect(422);
    ObjectNode early = act().put("thereBy", "2031-04-01");
    early.putArray("entries").add(id);
    client.post("/api/buying/ordered", early).expect(422);
    ObjectNode nobody = act().put("shop", Kits.id());
    nobody.putArray("entries").add(id);
    client.post("/api/buying/ordered", nobody).expect(404);
    assertThat(client.get("/api/buying").body().at("/0/ordered").isNull()).isTrue();
  }

  @Test
  void whatCannotBeWantedIsRefused(Client client) {
    client.signedUp();
    ObjectNode asked =
        act()
            .put("id", Kits.id())
            .put("product", Kits.id())
            .put("packs", 1)
            .putNull("neededOn")
            .put("why", "");
    client.post("/api/buying", asked).expect(404);
    client.post("/api/buying", asked.deepCopy().put("packs", 0)).expect(422);
  }
}
