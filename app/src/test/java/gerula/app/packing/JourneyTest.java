package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** On the way and in the chair: what of a booking flies, and who sits when. */
class JourneyTest extends GivenBooking {

  private static ObjectNode chairs(String readyBy) {
    ObjectNode asked = act();
    ObjectNode chairs = asked.putObject("chairs");
    chairs.putArray("artists");
    chairs.put("turnoverMinutes", 10).put("readyBy", readyBy).putObject("faces");
    return asked;
  }

  private JsonNode day() {
    return client.get(path("chairs")).expect(200).body();
  }

  @Test
  void aFaceSitsFromTheCallOnUntilSomethingElseIsToldAndUndone() {
    JsonNode first = day();
    assertThat(first.path("day").asString()).isEqualTo("2031-04-20");
    assertThat(first.at("/artists/0/from").asString()).startsWith("09:30");
    JsonNode face = first.at("/faces/0");
    assertThat(face.path("name").asString()).isEqualTo("Cellist");
    assertThat(face.path("usualMinutes").asInt()).isEqualTo(15);
    assertThat(face.path("start").asString()).isGreaterThanOrEqualTo("09:30");
    assertThat(first.path("maxLatenessMinutes").asInt()).isZero();
    ObjectNode asked = chairs("09:40:00");
    asked
        .withObject("chairs")
        .withObject("faces")
        .putObject(face.path("face").asString())
        .put("minutes", 45)
        .putNull("readyBy")
        .putNull("notBefore")
        .putNull("artist")
        .put("lead", true);
    client.put(path("chairs"), asked).expect(204);
    JsonNode told = day();
    assertThat(told.at("/faces/0/minutes").asInt()).isEqualTo(45);
    assertThat(told.at("/faces/0/lead").asBoolean()).isTrue();
    // Half an hour early: ready at 9:10, in the chair from 9:30 to 10:15.
    assertThat(told.path("maxLatenessMinutes").asInt()).isEqualTo(65);
    assertThat(told.path("findings").get(0).asString()).isEqualTo("late");
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(day()).isEqualTo(first);
  }

  @Test
  void anOrderIsTriedAndNothingKept() {
    ObjectNode asked = Client.object().put("day", "2031-04-21");
    asked.putArray("order").add(day().at("/faces/0/face").asString());
    JsonNode tried = client.post(path("chairs/try"), asked).expect(200).body();
    assertThat(tried.path("day").asString()).isEqualTo("2031-04-21");
    assertThat(tried.path("optimal").asBoolean()).isFalse();
    assertThat(day().path("optimal").asBoolean()).isTrue();
    JsonNode refused = client.get(path("chairs") + "?day=2031-05-21").expect(422).body();
    assertThat(refused.at("/errors/0/path").asString()).isEqualTo("day");
  }

  @Test
  void timesThatCannotBeAreRefusedWithTheirPlace() {
    ObjectNode asked = chairs(null);
    ObjectNode artist = asked.withObject("chairs").withArray("artists").addObject();
    artist.put("name", "Wren").put("from", "10:00").put("until", "09:00").putArray("breaks");
    asked
        .withObject("chairs")
        .withObject("faces")
        .putObject("00000000-0000-0000-0000-000000000001")
        .putNull("minutes")
        .put("readyBy", "08:00")
        .put("notBefore", "09:00")
        .putNull("artist")
        .put("lead", false);
    assertThat(
            client
                .put(path("chairs"), asked)
                .expect(422)
                .body()
                .path("errors")
                .valueStream()
                .map(one -> one.path("path").asString())
                .toList())
        .containsExactlyInAnyOrder(
            "chairs.artists[0].until", "chairs.faces.00000000-0000-0000-0000-000000000001.readyBy");
  }

  /** For the artist with a name; for the face herself without. */
  @Test
  void arrivalTimesGoIntoCalendars() {
    JsonNode face = day().at("/faces/0");
    String all = calendar("");
    String day = "DTSTART:20310420T";
    assertThat(all).contains("SUMMARY:Cellist in the chair\\, ").contains(day);
    String hers = calendar("?face=" + face.path("face").asString());
    assertThat(hers).contains("SUMMARY:Make-up: ").contains(day).doesNotContain("Cellist");
    client.get(path("chairs/arrivals.ics") + "?face=" + UUID.randomUUID()).expect(404);
  }

  private String calendar(String which) {
    byte[] file = client.bytes("GET", path("chairs/arrivals.ics") + which, null);
    return new String(file, StandardCharsets.UTF_8);
  }

  @Test
  void theMorningIsPrinted() throws IOException {
    assertThat(printed()).contains("Chairs, Sunday 20 April 2031", "Cellist", "with you, ready");
  }

  private String printed() throws IOException {
    byte[] pdf = client.bytes("GET", path("chairs/print"), null);
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document);
    }
  }

  /** Past midnight the hours go on; the calendar and the paper say that it is the next day. */
  @Test
  void aNightGoesOnPastMidnight() throws IOException {
    ObjectNode asked = chairs("00:40:00");
    ObjectNode artist = asked.withObject("chairs").withArray("artists").addObject();
    artist.put("name", "Wren").put("from", "22:00").put("until", "04:00");
    artist.putArray("breaks").addObject().put("from", "23:50").put("until", "00:15");
    client.put(path("chairs"), asked).expect(204);
    JsonNode night = day();
    assertThat(night.path("maxLatenessMinutes").asInt()).isZero();
    // A quarter of an hour and a tenth more; after the break, as late as will do.
    assertThat(night.at("/faces/0/start").asString()).isEqualTo("24:20");
    assertThat(night.at("/faces/0/readyBy").asString()).isEqualTo("24:40");
    assertThat(night.at("/artists/0/until").asString()).startsWith("04:00");
    assertThat(calendar("")).contains("DTSTART:20310421T002000Z");
    assertThat(printed()).contains("00:20 (next day) Cellist");
  }

  @Test
  void onlyWhatFliesIsCheckedBagByBag() {
    assertThat(client.get(path("flight")).expect(200).body().path("byAir").asBoolean()).isFalse();
    String spray = Kits.id();
    ObjectNode asked = act().put("id", spray).putNull("productId");
    asked.set("product", Kits.product("setting-spray", "thin-spray", "ml").put("content", 150));
    asked.set("item", Kits.item(drawer));
    client.post("/api/items", asked).expect(201);
    String id = Kits.id();
    ObjectNode flies = act().put("id", id);
    flies.set("booking", Kits.booking(bag).put("travel", "flight-cabin"));
    client.post("/api/bookings", flies).expect(201);
    booking = id;
    client.post(path("decide-item"), act().put("item", spray).put("choice", "add")).expect(204);
    JsonNode flight = client.get(path("flight")).expect(200).body();
    assertThat(flight.path("byAir").asBoolean()).isTrue();
    assertThat(flight.path("pieces")).hasSize(1);
    JsonNode piece = flight.path("pieces").get(0);
    assertThat(piece.at("/item/id").asString()).isEqualTo(spray);
    assertThat(piece.path("bag").asString()).isEqualTo(bag);
    assertThat(piece.path("here").asString()).isEqualTo("no");
    assertThat(piece.path("advice").get(0).asString()).isEqualTo("decant-to-100-ml");
    assertThat(flight.path("liquidsFit").asBoolean()).isTrue();
  }
}
