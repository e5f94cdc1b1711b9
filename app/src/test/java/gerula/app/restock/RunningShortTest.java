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
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What runs short, from a kit, its bookings and what was used. */
@ExtendWith(Running.class)
class RunningShortTest {

  private Client client;
  private String drawer;
  private String base;

  @BeforeEach
  void aBase(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    base = Kits.addBase(client, drawer);
  }

  private JsonNode found(String query) {
    return client.get("/api/running-short" + query).expect(200).body();
  }

  private List<JsonNode> stocks() {
    return found("").path("stocks").valueStream().toList();
  }

  private void measure(double left) {
    client.post("/api/items/" + base + "/left", act().put("left", left)).expect(200);
  }

  @Test
  void whatNobodyUsesIsNotWatched() {
    assertThat(found("").path("watched").asInt()).isZero();
    assertThat(stocks()).isEmpty();
  }

  @Test
  void whatIsUsedBesideBookingsFallsAndIsToBeOrdered() {
    measure(6);
    JsonNode stock = stocks().getFirst();
    // 24 ml in four weeks: nothing is known of before today.
    assertThat(stock.path("perWeek").asDouble()).isEqualTo(6);
    assertThat(stock.path("left").asDouble()).isEqualTo(6);
    assertThat(stock.path("runsOutOn").asString()).isEqualTo("2031-04-20");
    assertThat(stock.at("/advice/why").asString()).isEqualTo("plain-use");
    assertThat(stock.at("/advice/isLate").asBoolean()).isTrue();
    assertThat(stock.path("stopsAJob").asBoolean()).isTrue();
    assertThat(stock.path("line").size()).isGreaterThan(1);

    ObjectNode wanted =
        act()
            .put("id", Kits.id())
            .put("product", stock.at("/like/product/id").asString())
            .put("packs", 2)
            .put("neededOn", "2031-04-20")
            .put("why", "runs out");
    client.post("/api/buying", wanted).expect(204);
    assertThat(stocks().getFirst().path("wanted").asInt()).isEqualTo(2);
    client.post("/api/ledger/" + wanted.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(stocks().getFirst().path("wanted").asInt()).isZero();
  }

  /** A powder of which so many grams are left; nothing was measured of it. */
  private String powder(double left) {
    String id = Kits.id();
    ObjectNode asked = Kits.powder(id, drawer);
    ((ObjectNode) asked.path("item")).put("left", left);
    client.post("/api/items", asked).expect(201);
    return id;
  }

  @Test
  void whatTheListTakesIsNamedWithTheBookingItFails() {
    String booking = Kits.addBooking(client, Kits.addPlace(client, "Bag", "backpack"));
    String powder = powder(0.2);
    JsonNode stock = stocks().getFirst();
    assertThat(stock.at("/like/id").asString()).isEqualTo(powder);
    assertThat(stock.at("/shortFor/booking").asString("")).isEqualTo(booking);
    assertThat(stock.at("/shortFor/missing").asDouble()).isPositive();
    assertThat(stock.at("/advice/booking").asString("")).isEqualTo(booking);
    assertThat(stock.at("/advice/packs").asInt()).isEqualTo(1);
    client.post("/api/items/" + powder + "/move", act().putNull("to")).expect(200);
    assertThat(stocks()).as("it is to be found, not bought").isEmpty();
  }

  @Test
  void aBookingThatComesAgainInThoughtChangesNothing() {
    String booking = Kits.addBooking(client, Kits.addPlace(client, "Bag", "backpack"));
    powder(0.8);
    JsonNode now = found("");
    JsonNode again = found("?again=" + booking);
    assertThat(now.at("/stocks/0/shortFor").isNull() || now.path("stocks").isEmpty()).isTrue();
    assertThat(again.at("/stocks/0/shortFor/missing").asDouble()).isPositive();
    assertThat(again.at("/stocks/0/shortFor/booking")).isEqualTo(again.at("/imagined/id"));
    assertThat(again.at("/imagined/firstDay").asString()).isEqualTo("2031-04-22");
    assertThat(found("")).isEqualTo(now);
    assertThat(client.get("/api/bookings").body().size()).isEqualTo(1);
    client.get("/api/running-short?again=" + Kits.id()).expect(404);
    client.get("/api/running-short?again=" + booking + "&from=2030-01-01").expect(422);
  }
}
