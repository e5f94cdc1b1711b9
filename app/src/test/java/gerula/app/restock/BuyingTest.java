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
    String id = Kits.id();
    client
        .post(
            "/api/buying",
            act()
                .put("id", id)
                .put("product", product)
                .put("packs", 2)
                .put("neededOn", "2031-05-01")
                .put("why", "ends before the portraits"))
        .expect(204);
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
