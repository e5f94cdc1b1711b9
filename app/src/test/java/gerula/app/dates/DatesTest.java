package gerula.app.dates;

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

/** What ends, and which booking that meets. Today is 14 April 2031. */
@ExtendWith(Running.class)
class DatesTest {

  private Client client;
  private String drawer;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
  }

  private String powder(String printedExpiry, String openedOn) {
    String id = Kits.id();
    ObjectNode asked = Kits.powder(id, drawer);
    asked.withObject("product").putNull("periodAfterOpening");
    asked.withObject("item").put("printedExpiry", printedExpiry).put("openedOn", openedOn);
    client.post("/api/items", asked).expect(201);
    return id;
  }

  @Test
  void whatEndsIsToldInOrderWithTheBookingItMeets() {
    String later = powder("2031-05-30", null);
    String during = powder("2031-04-20", null);
    String past = powder("2031-04-01", null);
    powder("2032-01-01", null);
    String booking = Kits.addBooking(client);
    JsonNode dates = dates(8);
    assertThat(dates.path("until").asString()).isEqualTo("2031-06-09");
    assertThat(dates.path("total").asInt()).isEqualTo(3);
    assertThat(dates.path("past").asInt()).isEqualTo(1);
    assertThat(dates.at("/met/0/booking").asString()).isEqualTo(booking);
    assertThat(dates.at("/met/0/things").asInt()).isEqualTo(1);
    assertThat(dates.path("things").valueStream().map(one -> one.at("/item/id").asString()))
        .containsExactly(past, during, later);
    assertThat(dates.at("/things/0/useFirst").asBoolean(true)).isFalse();
    assertThat(dates.at("/things/1/useFirst").asBoolean()).isTrue();
    assertThat(dates.at("/things/0/meets/0/when").asString()).isEqualTo("before");
    assertThat(dates.at("/things/1/meets/0/booking").asString()).isEqualTo(booking);
    assertThat(dates.at("/things/1/meets/0/when").asString()).isEqualTo("during");
    assertThat(dates.at("/things/2/meets")).isEmpty();
    client.post("/api/items/" + past + "/discard", act().put("cause", "date")).expect(200);
    assertThat(dates(1).path("total").asInt()).isEqualTo(1);
  }

  @Test
  void aLongListComesInParts() {
    for (int day = 1; day <= 3; day++) {
      ObjectNode many = Kits.powder(Kits.id(), drawer);
      many.withObject("product").putNull("periodAfterOpening");
      ObjectNode asked = act();
      asked.set("product", many.path("product"));
      asked.set("item", many.withObject("item").put("printedExpiry", "2031-05-0" + day));
      var shades = asked.putArray("shades");
      for (int i = 0; i < 50; i++) {
        shades
            .addObject()
            .put("id", Kits.id())
            .put("shade", "shade " + day + "/" + i)
            .putNull("colour")
            .putNull("depth");
      }
      client.post("/api/items/shades", asked).expect(204);
    }
    assertThat(dates(8).path("total").asInt()).isEqualTo(150);
    assertThat(ids("0")).hasSize(60).doesNotContainAnyElementsOf(ids("60"));
    assertThat(ids("120")).hasSize(30);
    assertThat(ids("150")).isEmpty();
    client.get("/api/dates?weeks=8&from=-1").expect(422);
  }

  private List<String> ids(String from) {
    return client
        .get("/api/dates?weeks=8&from=" + from)
        .expect(200)
        .body()
        .path("things")
        .valueStream()
        .map(one -> one.at("/item/id").asString())
        .toList();
  }

  @Test
  void whatAStricterHouseWouldThrowOutIsCounted() {
    // A powder opened 18 months ago: the usual house keeps it for 24 months, a cautious one for 12.
    powder(null, "2029-10-14");
    assertThat(dates(2).path("goneIfCautious").asInt()).isEqualTo(1);
    powder(null, "2030-10-14");
    assertThat(dates(2).path("goneIfCautious").asInt()).isEqualTo(1);
  }

  @Test
  void nobodyLooksFurtherThanTwoYearsOrIntoAnothersKit(Client other) {
    powder("2031-04-20", null);
    client.get("/api/dates?weeks=0").expect(422);
    client.get("/api/dates?weeks=111").expect(422);
    client.get("/api/dates").expect(422);
    client.get("/api/dates?weeks=soon").expect(422);
    other.signedUp();
    assertThat(other.get("/api/dates?weeks=8").expect(200).body().path("total").asInt()).isZero();
  }

  private JsonNode dates(int weeks) {
    return client.get("/api/dates?weeks=" + weeks).expect(200).body();
  }
}
