package gerula.app.kit.intake;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.core.kit.opencase.OpenCase;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Cases and bags typed in one line. */
@ExtendWith(Running.class)
class PlaceLinesTest {

  private static final String LINE =
      "rolling case, 2 trays about 30x20x6 (base, lips), drawer below";

  private Client client;

  @BeforeEach
  void aWorkspace(Client fresh) {
    client = fresh.signedUp();
  }

  @Test
  void aLineIsDrawnAndMakesNothing() {
    JsonNode read = read(LINE);
    assertThat(read.path("places").asInt()).isEqualTo(4);
    assertThat(read.path("estimated").asInt()).isEqualTo(2);
    assertThat(read.path("unmeasured").asInt()).isEqualTo(2);
    JsonNode drawn = read.at("/drawn/0");
    assertThat(drawn.path("name").asString()).isEqualTo("Rolling case");
    assertThat(drawn.at("/trays/0/box/width").asDouble()).isEqualTo(300);
    // Its name stands above it.
    assertThat(drawn.at("/trays/0/box/height").asDouble()).isEqualTo(200 + OpenCase.HEAD_MM);
    assertThat(places()).isEmpty();
    assertThat(read("").path("places").asInt()).isZero();
  }

  @Test
  void itIsMadeInOneActOnceAndUndoneAsOne() {
    String loft = Kits.addPlace(client, "Loft", "store");
    ObjectNode asked = act().put("line", LINE).put("in", loft);
    JsonNode added = client.post("/api/kit/places", asked).expect(200).body();
    assertThat(added.path("places").asInt()).isEqualTo(4);
    assertThat(client.post("/api/kit/places", asked).expect(200).body()).isEqualTo(added);
    assertThat(places())
        .containsExactly(
            "Loft",
            "Rolling case in Loft",
            "Base in Rolling case",
            "Lips in Rolling case",
            "Drawer in Rolling case");
    JsonNode base = place("Base");
    assertThat(base.path("estimated").asBoolean()).isTrue();
    assertThat(base.path("section").asString()).isEqualTo("base");
    assertThat(base.path("innerWidthMm").asInt()).isEqualTo(300);
    assertThat(place("Rolling case").path("portable").asBoolean()).isTrue();
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(places()).containsExactly("Loft");
  }

  @Test
  void aRoughSizeIsOneUntilSomebodyMeasures() {
    client
        .post("/api/kit/places", act().put("line", "pouch about 24x7x17").putNull("in"))
        .expect(200);
    JsonNode pouch = place("Pouch");
    ObjectNode changed = Kits.place("Pouch", "pouch");
    changed.put("innerWidthMm", 236).put("estimated", false);
    ObjectNode edit = act().put("version", pouch.path("version").asInt());
    edit.set("place", changed);
    client.put("/api/places/" + pouch.path("id").asString(), edit).expect(204);
    assertThat(place("Pouch").path("estimated").asBoolean()).isFalse();
  }

  @Test
  void whatCannotBeMadeIsRefusedAndSaysWhatToDo() {
    Client.Answer much =
        client.post("/api/kit/places/read", object().put("line", "case, 70 trays"));
    assertThat(much.expect(422).body().at("/errors/0/message").asString())
        .contains("Write two lines");
    client.post("/api/kit/places", act().put("line", " ").putNull("in")).expect(422);
    client.post("/api/kit/places", act().put("line", "case").put("in", Kits.id())).expect(404);
    assertThat(places()).isEmpty();
  }

  @Test
  void usualBagsAreLinesToBeginWith() {
    JsonNode usual = client.get("/api/kit/places/usual").expect(200).body();
    assertThat(usual).hasSizeGreaterThan(8);
    for (JsonNode bag : usual) {
      assertThat(read(bag.path("line").asString()).path("places").asInt()).isPositive();
    }
  }

  private JsonNode read(String line) {
    return client.post("/api/kit/places/read", object().put("line", line)).expect(200).body();
  }

  private JsonNode place(String name) {
    for (JsonNode place : client.get("/api/places").body().path("places")) {
      if (place.path("name").asString().equals(name)) {
        return place;
      }
    }
    throw new AssertionError("There is no " + name);
  }

  private List<String> places() {
    JsonNode places = client.get("/api/places").body().path("places");
    return places
        .valueStream()
        .map(
            place ->
                places
                    .valueStream()
                    .filter(one -> one.path("id").equals(place.path("parent")))
                    .map(
                        one -> place.path("name").asString() + " in " + one.path("name").asString())
                    .findFirst()
                    .orElse(place.path("name").asString()))
        .toList();
  }
}
