package gerula.app.restock.money;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What the kit is worth, through the whole application. */
@ExtendWith(Running.class)
class KitMoneyTest {

  private final Client client;
  private String drawer;

  KitMoneyTest(Client client) {
    this.client = client;
  }

  @BeforeEach
  void aKit() {
    client.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
  }

  private String bought(double price, String currency, String on) {
    ObjectNode powder = Kits.powder(Kits.id(), drawer);
    powder
        .withObject("item")
        .put("price", price)
        .put("currency", currency)
        .put("boughtOn", on)
        .putNull("openedOn");
    client.post("/api/items", powder).expect(201);
    return powder.path("id").asString();
  }

  private JsonNode money() {
    return client.get("/api/money").expect(200).body();
  }

  private static ObjectNode reckoning(String own, String rates) {
    ObjectNode asked = act();
    asked.set("money", object("{\"currency\": \"" + own + "\", \"rates\": " + rates + "}"));
    return asked;
  }

  private void reckon(String own, String rates) {
    client.put("/api/house/money", reckoning(own, rates)).expect(200);
  }

  @Test
  void whatWasPaidIsAddedUpInOnesOwnMoney() {
    bought(20, "EUR", "2031-04-01");
    bought(250, "SEK", "2031-02-11");
    JsonNode before = money();
    // As many prices stand in the one as in the other: the first by its letters.
    assertThat(before.path("currency").asString()).isEqualTo("EUR");
    assertThat(before.at("/spend/total").asDouble()).isEqualTo(20);
    assertThat(before.at("/spend/withoutRate").asInt()).isEqualTo(1);
    assertThat(before.at("/value/withoutRate").asInt()).isEqualTo(1);

    reckon("EUR", "[{\"currency\": \"SEK\", \"worth\": 0.088, \"on\": \"2031-04-14\"}]");
    assertThat(money().at("/spend/total").asDouble()).isEqualTo(42);
    assertThat(money().at("/spend/months")).hasSize(12);
    assertThat(money().at("/spend/months/11/total").asDouble()).isEqualTo(20);
    assertThat(money().at("/spend/months/9/total").asDouble()).isEqualTo(22);

    reckon("SEK", "[{\"currency\": \"EUR\", \"worth\": 11.25, \"on\": \"2031-04-14\"}]");
    assertThat(money().path("currency").asString()).isEqualTo("SEK");
    assertThat(money().at("/spend/total").asDouble()).isEqualTo(475);
    // The rules of the house know nothing of it.
    assertThat(client.get("/api/house").body().path("version").asInt()).isEqualTo(2);
  }

  @Test
  void aRateThatIsNoneIsRefused() {
    for (String rates :
        new String[] {
          "[{\"currency\": \"SEK\", \"worth\": 0, \"on\": \"2031-04-14\"}]",
          "[{\"currency\": \"QQQ\", \"worth\": 1, \"on\": \"2031-04-14\"}]",
          "[{\"currency\": \"EUR\", \"worth\": 1, \"on\": \"2031-04-14\"}]",
          "[{\"currency\": \"SEK\", \"worth\": 1, \"on\": \"2031-04-14\"},"
              + " {\"currency\": \"SEK\", \"worth\": 2, \"on\": \"2031-04-14\"}]"
        }) {
      client.put("/api/house/money", reckoning("EUR", rates)).expect(422);
    }
    ObjectNode unknown = Kits.powder(Kits.id(), drawer);
    unknown.withObject("item").put("price", 3).put("currency", "QQQ");
    client.post("/api/items", unknown).expect(422);
  }

  @Test
  void whatIsDiscardedIsLostByItsCauseAndWhatIsSentBackWasNotSpent() {
    String past = bought(20, "EUR", "2031-04-01");
    String back = bought(30, "EUR", "2031-04-02");
    client.post("/api/items/" + past + "/discard", act().put("cause", "date")).expect(200);
    client.post("/api/items/" + back + "/discard", act().put("cause", "returned")).expect(200);
    JsonNode waste = money().path("waste");
    assertThat(waste.path("total").asDouble()).isPositive();
    assertThat(waste.path("byDateThisYear").asDouble()).isEqualTo(waste.path("total").asDouble());
    assertThat(waste.path("byCause")).hasSize(1);
    assertThat(waste.at("/byCause/0/cause").asString()).isEqualTo("date");
    assertThat(money().at("/spend/total").asDouble()).isEqualTo(20);
    assertThat(money().at("/value/items").asInt()).isZero();
  }

  @Test
  void aBookingCostsWhatItsListTakes() {
    bought(30, "EUR", "2031-04-01");
    String booking = Kits.addBooking(client);
    JsonNode ahead = client.get("/api/bookings/" + booking + "/cost").expect(200).body();
    assertThat(ahead.path("expected").asBoolean()).isTrue();
    // One face on two days.
    assertThat(ahead.path("faces").asInt()).isEqualTo(2);
    assertThat(ahead.path("total").asDouble()).isPositive();
    double sum = 0;
    for (JsonNode part : ahead.path("parts")) {
      sum += part.path("cost").asDouble();
    }
    assertThat(ahead.path("total").asDouble()).isEqualTo(sum);
    client.get("/api/bookings/" + Kits.id() + "/cost").expect(404);
  }

  /** Home again: what was used on its days, and what left with somebody. */
  @Test
  void aBookingThatIsOverCostWhatWasUsedAndGivenAway() {
    String used = bought(20, "EUR", "2031-04-01");
    String given = bought(30, "EUR", "2031-04-01");
    String belt = Kits.id();
    ObjectNode hung = act().put("id", belt);
    hung.set("place", Kits.place("Belt", "belt").put("portable", true));
    client.post("/api/places", hung).expect(204);
    String booking = Kits.id();
    ObjectNode asked = act().put("id", booking);
    asked.set(
        "booking", Kits.booking(belt).put("firstDay", "2031-04-14").put("lastDay", "2031-04-14"));
    client.post("/api/bookings", asked).expect(201);
    String path = "/api/bookings/" + booking + "/";
    client.post(path + "pack", Kits.tick(used, given)).expect(204);
    client.post(path + "depart", act()).expect(204);
    client.post(path + "put-back", Kits.tick(used).put("used", true).put("left", 3.5)).expect(200);
    client.post(path + "put-back", Kits.tick(given).put("fate", "given-away")).expect(200);
    JsonNode cost = client.get(path + "cost").expect(200).body();
    assertThat(cost.path("expected").asBoolean()).isFalse();
    assertThat(cost.path("shared").asInt()).isZero();
    // Nine of thirty grams for 20, and 12.5 of thirty for 30.
    assertThat(cost.at("/lines/0/amount").asDouble()).isEqualTo(9);
    assertThat(cost.at("/lines/0/cost").asDouble()).isEqualTo(6);
    assertThat(cost.path("parts"))
        .filteredOn(part -> part.path("part").asString().equals("given-away"))
        .singleElement()
        .satisfies(part -> assertThat(part.path("cost").asDouble()).isEqualTo(12.5));
    assertThat(cost.path("total").asDouble()).isEqualTo(18.5);
  }

  @Test
  void theInsurersTableTellsEachItemWithItsValue() {
    bought(20, "EUR", "2031-04-01");
    bought(30, "EUR", "2031-04-02");
    String csv =
        new String(client.bytes("GET", "/api/kit/values.csv", null), StandardCharsets.UTF_8);
    assertThat(csv.lines())
        .first()
        .isEqualTo(
            "code,maker,name,shade,batch,bought,paid,currency,value,value currency,price known,"
                + "left percent,last day,place");
    assertThat(csv.lines()).hasSize(3);
    assertThat(csv).contains(",2031-04-01,20.00,EUR,").contains(",paid,").contains("Drawer");
  }
}
