package gerula.app.cleandown;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is suspected is decided with a reason; what was one face's, when her last booking is over.
 */
@ExtendWith(Running.class)
class DecidingTest {

  private static ObjectNode decision(String verdict, String reason, String item) {
    ObjectNode asked = act().put("verdict", verdict).put("reason", reason);
    asked.putArray("items").add(item);
    return asked;
  }

  private static String state(Client client, String item) {
    return client.get("/api/items/" + item).body().at("/item/cleanliness").asString();
  }

  @Test
  void whatIsQuarantinedIsReleasedOrDiscardedWithAReason(Client client) {
    client.signedUp();
    String powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    client.post("/api/items/decide", decision("quarantine", " ", powder)).expect(422);
    client.post("/api/items/decide", decision("release", "It is fine", powder)).expect(409);
    client
        .post("/api/items/decide", decision("quarantine", "Left open on set", powder))
        .expect(204);
    assertThat(state(client, powder)).isEqualTo("quarantined");
    JsonNode work = client.get("/api/clean-down").body();
    assertThat(work.path("quarantined")).hasSize(1);
    ObjectNode released = decision("release", "Top layer off, sprayed twice", powder);
    client.post("/api/items/decide", released).expect(204);
    assertThat(state(client, powder)).isEqualTo("clean");
    JsonNode last = client.get("/api/items/" + powder).body().at("/history/entries/0");
    assertThat(last.path("act").asString()).isEqualTo("released");
    assertThat(last.at("/facts/reason").asString()).isEqualTo("Top layer off, sprayed twice");
    client.post("/api/ledger/" + released.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(state(client, powder)).isEqualTo("quarantined");
    client.post("/api/items/decide", decision("discard", "It smells", powder)).expect(204);
    assertThat(client.get("/api/clean-down").body().path("stopped")).isEmpty();
  }

  @Test
  void whatWasKeptForOneFaceIsAskedAboutOnceHerLastBookingIsOver(Client client) {
    client.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String booking = Kits.id();
    ObjectNode over = Kits.booking().put("firstDay", "2031-04-02").put("lastDay", "2031-04-03");
    client.post("/api/bookings", act().put("id", booking).set("booking", over)).expect(201);
    JsonNode face = client.get("/api/bookings/" + booking).body().at("/faces/0");
    String sponge = Kits.id();
    ObjectNode asked = act().put("id", sponge).putNull("productId");
    asked.set("product", Kits.product("washable-sponge", "foam-sponge", "piece").put("content", 1));
    asked.set("item", Kits.item(drawer).put("left", 1));
    client.post("/api/items", asked).expect(201);
    ObjectNode use = act();
    use.withArray("things")
        .add(Client.object().put("id", Kits.id()).put("item", sponge).put("how", "direct"));
    client
        .post("/api/bookings/" + booking + "/faces/" + face.path("id").asString() + "/use", use)
        .expect(204);
    assertThat(client.get("/api/run-ends").expect(200).body()).isEmpty();
    ObjectNode kept = act().put("outcome", "one-person");
    kept.putArray("items").add(sponge);
    client.post("/api/treatments/end", kept).expect(204);
    JsonNode end = client.get("/api/run-ends").body().get(0);
    assertThat(end.path("whom").asString()).startsWith("Cellist");
    assertThat(end.path("endedOn").asString()).isEqualTo("2031-04-03");
    client.post("/api/items/" + sponge + "/keep", act()).expect(204);
    assertThat(client.get("/api/run-ends").body()).isEmpty();
  }

  @Test
  void aCardTellsAClientWhatTheHouseDoesOrWhatTheArtistWrote(Client client) throws IOException {
    client.signedUp();
    assertThat(text(client.bytes("GET", "/api/client-card", null)))
        .contains("What you will see me do", "sprayed with 70 % alcohol", "used once")
        .doesNotContain("sterile");
    ObjectNode written = act().put("words", "My own words.");
    client.put("/api/house/card", written).expect(200);
    assertThat(text(client.bytes("GET", "/api/client-card", null)))
        .contains("My own words.", "Tell me")
        .doesNotContain("sprayed with 70");
    client.post("/api/ledger/" + written.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(text(client.bytes("GET", "/api/client-card", null))).contains("sprayed with 70 %");
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }
}
