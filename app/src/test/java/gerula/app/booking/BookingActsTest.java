package gerula.app.booking;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class BookingActsTest {

  private Client client;
  private String bag;
  private String id;

  @BeforeEach
  void aBooking(Client fresh) {
    client = fresh.signedUp();
    bag = Kits.addPlace(client, "Bag", "backpack");
    id = Kits.addBooking(client, bag);
  }

  @Test
  void whatWasWrittenIsWhatIsRead() {
    JsonNode booking = read();
    assertThat(booking.path("title").asString()).isEqualTo("Portraits");
    assertThat(booking.path("callTime").asString()).startsWith("09:30");
    assertThat(booking.path("bags").get(0).asString()).isEqualTo(bag);
    assertThat(booking.path("conditions").get(0).asString()).isEqualTo("close-up");
    JsonNode face = booking.path("faces").get(0);
    assertThat(face.path("depth").asDouble()).isEqualTo(5.5);
    assertThat(face.path("sensitivities").get(0).asString()).isEqualTo("latex");
  }

  @Test
  void facesKeepTheirOrderAndChangingThemIsUndone() {
    ObjectNode edit = edit();
    ArrayNode faces = edit.withObject("booking").withArray("faces");
    ObjectNode second = ((ObjectNode) faces.get(0)).deepCopy();
    second.put("id", Kits.id()).put("name", "Conductor").put("depth", 8);
    faces.insert(0, second);
    client.put("/api/bookings/" + id, edit).expect(200);
    assertThat(names()).containsExactly("Conductor", "Cellist");
    client.post("/api/ledger/" + edit.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(names()).containsExactly("Cellist");
  }

  @Test
  void anotherIsMadeLikeItOnTheSameDaysOfTheWeekAndNothingIsKeptUntilItIsAdded() {
    ObjectNode edit = edit();
    ObjectNode booking = edit.withObject("booking");
    booking.put("firstDay", "2031-05-01").put("lastDay", "2031-05-04");
    booking
        .putArray("days")
        .addObject()
        .put("day", "2031-05-03")
        .put("call", "05:10")
        .putNull("wrap")
        .put("place", "North quay");
    client.put("/api/bookings/" + id, edit).expect(200);
    JsonNode copy = client.get("/api/bookings/" + id + "/copy").expect(200).body();
    assertThat(copy.path("id").asString()).isNotEqualTo(id);
    assertThat(copy.path("title").asString()).isEqualTo("Portraits");
    assertThat(copy.path("firstDay").asString()).isEqualTo("2031-05-08");
    assertThat(copy.path("lastDay").asString()).isEqualTo("2031-05-11");
    assertThat(copy.path("bags").get(0).asString()).isEqualTo(bag);
    assertThat(copy.path("faces").get(0).path("name").asString()).isEqualTo("Cellist");
    assertThat(copy.path("days").get(0).path("day").asString()).isEqualTo("2031-05-10");
    assertThat(copy.path("days").get(0).path("place").asString()).isEqualTo("North quay");
    assertThat(copy.path("faces").get(0).path("id").asString())
        .as("a face is of one booking only")
        .isNotEqualTo(read().path("faces").get(0).path("id").asString());
    assertThat(client.get("/api/bookings").expect(200).body()).hasSize(1);
    client.get("/api/bookings/" + Kits.id() + "/copy").expect(404);
  }

  @Test
  void theSecondOfTwoTabsIsTold() {
    ObjectNode first = edit();
    ObjectNode second = edit();
    client.put("/api/bookings/" + id, first).expect(200);
    Client.Answer refused = client.put("/api/bookings/" + id, second).expect(409);
    assertThat(refused.code()).isEqualTo("changed-meanwhile");
    assertThat(refused.body().path("current").path("version").asInt()).isEqualTo(1);
  }

  @Test
  void aBagThatIsNotThereOrChosenTwiceIsRefused() {
    ObjectNode missing = edit();
    missing.withObject("booking").withArray("bags").add(Kits.id());
    assertFault(missing, "booking.bags[1]");
    ObjectNode twice = edit();
    twice.withObject("booking").withArray("bags").add(bag);
    assertFault(twice, "booking.bags");
  }

  @Test
  void aFaceOfAnotherBookingIsRefused() {
    ObjectNode asked = act().put("id", Kits.id());
    asked.set("booking", edit().path("booking"));
    Client.Answer refused = client.post("/api/bookings", asked).expect(422);
    assertThat(refused.body().path("errors").findValuesAsString("path"))
        .containsExactly("booking.faces");
    assertThat(names()).containsExactly("Cellist");
  }

  @Test
  void facesOutsideOfTheScaleAreToldEachAtItsPlace() {
    ObjectNode edit = edit();
    ArrayNode faces = edit.withObject("booking").withArray("faces");
    ((ObjectNode) faces.get(0)).put("depth", 0.5);
    faces.add(((ObjectNode) faces.get(0)).deepCopy().put("id", Kits.id()).put("depth", 10.5));
    Client.Answer refused = client.put("/api/bookings/" + id, edit).expect(422);
    assertThat(refused.body().path("errors").findValuesAsString("path"))
        .containsExactly("booking.faces[0].depth", "booking.faces[1].depth");
  }

  @Test
  void aSkinsColourAGroupAndSingleDaysAreKeptAndComeBack() {
    ObjectNode edit = edit();
    ObjectNode booking = edit.withObject("booking");
    booking.put("firstDay", "2031-05-01").put("lastDay", "2031-05-04");
    ArrayNode faces = booking.withArray("faces");
    ((ObjectNode) faces.get(0)).put("colour", "62 12,5 20");
    ObjectNode group = ((ObjectNode) faces.get(0)).deepCopy();
    group.put("id", Kits.id()).put("name", "Villagers").put("colour", "#c08f68");
    faces.add(group.put("depth", 2).put("depthTo", 8.5).put("heads", 40));
    booking
        .putArray("days")
        .addObject()
        .put("day", "2031-05-03")
        .put("call", "05:10")
        .put("wrap", "19:00")
        .put("place", "Harbour wall");
    client.put("/api/bookings/" + id, edit).expect(200);
    JsonNode now = read();
    assertThat(now.path("faces").get(0).path("colour").asString()).isEqualTo("62 12.5 20");
    assertThat(now.path("faces").get(1).path("colour").asString()).isEqualTo("#c08f68");
    assertThat(now.path("faces").get(1).path("heads").asInt()).isEqualTo(40);
    assertThat(now.path("days").get(0).path("place").asString()).isEqualTo("Harbour wall");
    client.post("/api/ledger/" + edit.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(read().path("days")).isEmpty();
    assertThat(read().path("faces").get(0).path("colour").isNull()).isTrue();
  }

  @Test
  void aColourThatIsNoneAGroupTheWrongWayAndADayOutsideAreTold() {
    ObjectNode edit = edit();
    ObjectNode booking = edit.withObject("booking");
    ObjectNode face = (ObjectNode) booking.withArray("faces").get(0);
    face.put("colour", "medium beige").put("heads", 501).put("depthTo", 1);
    booking.putArray("days").addObject().put("day", "2032-01-01").put("place", "");
    Client.Answer refused = client.put("/api/bookings/" + id, edit).expect(422);
    assertThat(refused.body().path("errors").findValuesAsString("path"))
        .contains(
            "booking.faces[0].colour",
            "booking.faces[0].heads",
            "booking.faces[0].depthTo",
            "booking.days[0].day");
  }

  private void assertFault(ObjectNode asked, String path) {
    Client.Answer refused = client.put("/api/bookings/" + id, asked).expect(422);
    assertThat(refused.body().path("errors").findValuesAsString("path")).contains(path);
  }

  /** The booking as it is, ready to be changed and sent. */
  private ObjectNode edit() {
    JsonNode now = read();
    ObjectNode booking = Kits.booking(bag);
    booking.set("faces", now.path("faces").deepCopy());
    ObjectNode asked = act().put("version", now.path("version").asInt());
    asked.set("booking", booking);
    return asked;
  }

  private java.util.List<String> names() {
    return read().path("faces").findValuesAsString("name");
  }

  private JsonNode read() {
    return client.get("/api/bookings/" + id).expect(200).body();
  }

  @Test
  void aBookingWithFacesIsTakenBackWithThem(Client client) {
    client.signedUp();
    String id = Kits.id();
    ObjectNode asked = Client.act().put("id", id);
    asked.set("booking", Kits.booking());
    client.post("/api/bookings", asked).expect(201);
    client
        .post("/api/ledger/" + asked.path("actId").asString() + "/undo", Client.act())
        .expect(204);
    client.get("/api/bookings/" + id).expect(404);
  }
}
