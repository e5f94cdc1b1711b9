package gerula.app.booking;

import static gerula.app.Client.act;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Pixels;
import gerula.app.Running;
import java.io.IOException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Looks as they are written down, read from a sheet and kept with the face. */
@ExtendWith(Running.class)
class LooksTest {

  private static final String DAY = "2031-04-20";

  private static final String SHEET =
      """
      Product;Maker;Shade;Class;Colour;Tenths;Tool;Where;Note
      Thing;Maker;one;;;7;wedge;face;thin
      Velvet lip;Elsewhere;rose 12;lip colour;#b5566a;;;lips;
      Base;;;foundation;beige-ish;;;;
      ;;;;;;;;forgotten
      """;

  private Client client;
  private String booking;
  private String face;

  @BeforeEach
  void aBooking(Client fresh) {
    client = fresh.signedUp();
    Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    booking = Kits.addBooking(client);
    face = read().path("id").asString();
  }

  @Test
  void anotherArtistsSheetIsReadWithWhatTheKitHas() {
    JsonNode read =
        client.post("/api/looks/read", act().put("csv", SHEET).without("actId")).expect(200).body();
    assertThat(read.path("owned").asInt()).isEqualTo(1);
    JsonNode first = read.path("parts").get(0);
    assertThat(first.path("product").isNull()).isFalse();
    assertThat(first.path("productClass").asString()).isEqualTo("face-powder");
    assertThat(first.path("tenths").asInt()).isEqualTo(7);
    JsonNode second = read.path("parts").get(1);
    assertThat(second.path("told").asString()).isEqualTo("Elsewhere Velvet lip rose 12");
    assertThat(second.path("productClass").asString()).isEqualTo("lip-colour");
    assertThat(second.path("product").isNull()).isTrue();
    assertThat(read.path("parts")).hasSize(2);
    assertThat(read.path("faults").findValuesAsString("message"))
        .satisfiesExactly(
            row -> assertThat(row).contains("Row 4").contains("A colour is written"),
            row -> assertThat(row).contains("Row 5").contains("product is missing"));
    String far = "product\n" + "x".repeat(200);
    assertThat(
            client
                .post("/api/looks/read", act().put("csv", far).without("actId"))
                .expect(200)
                .body()
                .at("/faults/0/message")
                .asString())
        .contains("Row 2", "longer than 120");
    client
        .post("/api/looks/read", act().put("csv", "name,shade\na,b").without("actId"))
        .expect(422);
  }

  @Test
  void aLookIsRecordedReplacedTakenAwayAndUndone() {
    ObjectNode exactly = look("exactly", null, "Velvet lip");
    record(exactly).expect(204);
    record(exactly).expect(204);
    assertThat(looks()).hasSize(1);
    record(look("as-a-guide", null, "Gloss")).expect(204);
    assertThat(looks().get(0).path("purpose").asString()).isEqualTo("as-a-guide");
    record(look("done", "2031-04-20", "Gloss")).expect(204);
    assertThat(looks()).hasSize(2);
    assertThat(record(look("exactly", "2031-04-21", "Gloss")).expect(422).body().toString())
        .contains("Another look is asked for");
    ObjectNode none = look("exactly", null, "Gloss");
    none.withObject("look").putArray("parts");
    record(none).expect(204);
    assertThat(looks()).hasSize(1);
    client.post("/api/ledger/" + none.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(looks()).hasSize(2);
  }

  /** The booking's form does not know of them, and leaves them as they are. */
  @Test
  void editingTheBookingLeavesLooksAlone() {
    record(look("exactly", null, "Velvet lip")).expect(204);
    ObjectNode edit = act().put("version", version());
    ObjectNode changed = Kits.booking();
    ((ObjectNode) changed.withArray("faces").get(0)).put("id", face).put("depth", 7);
    edit.set("booking", changed);
    client.put("/api/bookings/" + booking, edit).expect(200);
    assertThat(looks()).hasSize(1);
    ((ObjectNode) changed.withArray("faces").get(0)).putArray("looks");
    edit.put("actId", Kits.id()).put("version", version());
    client.put("/api/bookings/" + booking, edit).expect(200);
    assertThat(looks()).isEmpty();
  }

  /** What was used may be told before or after; nothing that is not seen stays in the picture. */
  @Test
  void aLookIsPhotographedAndThePhotographIsKeptTakenAwayAndBroughtBack() throws IOException {
    String front = photograph(DAY).expect(204).raw().request().uri().getPath();
    String picture = looks().get(0).path("pictures").get(0).asString();
    assertThat(front).endsWith(picture);
    assertThat(looks().get(0).path("parts")).isEmpty();
    record(look("done", DAY, "Gloss")).expect(204);
    photograph(DAY).expect(204);
    assertThat(looks()).hasSize(1);
    assertThat(looks().get(0).path("pictures")).hasSize(2);
    assertThat(looks().get(0).path("parts")).hasSize(1);
    client.get("/api/pictures/" + picture).expect(200);
    ObjectNode gone = act();
    client.post(path() + "/look/pictures/" + picture + "/remove", gone).expect(204);
    client.post(path() + "/look/pictures/" + picture + "/remove", gone).expect(204);
    assertThat(looks().get(0).path("pictures")).hasSize(1);
    client.post(path() + "/look/pictures/" + picture + "/remove", act()).expect(404);
    client.post("/api/ledger/" + gone.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(looks().get(0).path("pictures")).hasSize(2);
    ObjectNode none = look("done", DAY, "Gloss");
    none.withObject("look").putArray("parts");
    none.withObject("look").putArray("pictures");
    record(none).expect(204);
    assertThat(looks()).isEmpty();
  }

  @Test
  void aPhotographThatIsNoneAndOneThatIsNotThereAreRefused() throws IOException {
    String fault =
        client
            .sendBytes("PUT", pictureOf(DAY), "image/png", "no picture".getBytes(UTF_8))
            .expect(422)
            .body()
            .at("/errors/0/message")
            .asString();
    assertThat(fault).isNotBlank();
    ObjectNode dangling = look("done", DAY, "Gloss");
    dangling.withObject("look").putArray("pictures").add(Kits.id());
    assertThat(record(dangling).expect(422).body().toString()).contains("not there any more");
    ObjectNode edit = act().put("version", version());
    ObjectNode changed = Kits.booking();
    ObjectNode hers = (ObjectNode) changed.withArray("faces").get(0);
    hers.put("id", face).putArray("looks").add(dangling.path("look"));
    edit.set("booking", changed);
    client.put("/api/bookings/" + booking, edit).expect(422);
    for (int i = 0; i < 12; i++) {
      photograph(DAY).expect(204);
    }
    assertThat(photograph(DAY).expect(422).body().toString()).contains("at most 12");
    assertThat(looks().get(0).path("pictures")).hasSize(12);
  }

  private Client.Answer photograph(String day) throws IOException {
    return client.sendBytes("PUT", pictureOf(day), "image/png", Pixels.png(40, 30));
  }

  private String pictureOf(String day) {
    return path() + "/look/pictures/" + Kits.id() + "?actId=" + Kits.id() + "&day=" + day;
  }

  private String path() {
    return "/api/bookings/" + booking + "/faces/" + face;
  }

  @Test
  void aLookOfNobodyOrOfNothingIsRefused() {
    ObjectNode look = look("done", "2031-04-20", " ");
    record(look).expect(422);
    client
        .post(
            "/api/bookings/" + booking + "/faces/" + Kits.id() + "/look",
            look("done", null, "Gloss"))
        .expect(404);
  }

  private Client.Answer record(ObjectNode look) {
    return client.post("/api/bookings/" + booking + "/faces/" + face + "/look", look);
  }

  private static ObjectNode look(String purpose, String day, String told) {
    ObjectNode asked = act();
    ObjectNode look = asked.putObject("look");
    look.put("purpose", purpose).put("day", day).put("from", "trial").put("note", "");
    look.putArray("parts")
        .addObject()
        .put("told", told)
        .put("productClass", "lip-colour")
        .put("colour", "#b5566a")
        .put("tool", "")
        .put("where", "")
        .put("note", "");
    return asked;
  }

  private JsonNode read() {
    return client.get("/api/bookings/" + booking).expect(200).body().path("faces").get(0);
  }

  private int version() {
    return client.get("/api/bookings/" + booking).body().path("version").asInt();
  }

  private ArrayNode looks() {
    return (ArrayNode) read().path("looks");
  }
}
