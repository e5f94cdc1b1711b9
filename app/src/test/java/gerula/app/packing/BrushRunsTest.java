package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Kits;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Whether the brushes that go along last the days of a booking. */
class BrushRunsTest extends GivenBooking {

  @Test
  void faceByFaceItIsToldWhoHasNoCleanSet() {
    assertThat(brushes().at("/rotation/days").findValuesAsString("unserved"))
        .containsExactly("1", "1");
    String set = Kits.id();
    ObjectNode asked = act().put("id", set).putNull("productId");
    asked.set("product", Kits.product("brush-set", "brush-synthetic", "piece").put("content", 1));
    asked.set("item", Kits.item(drawer).put("left", 1));
    client.post("/api/items", asked).expect(201);
    client.post(path("decide-item"), act().put("item", set).put("choice", "add")).expect(204);
    JsonNode run = brushes();
    assertThat(run.path("sets").asInt()).isEqualTo(1);
    assertThat(run.path("faces").asInt()).isEqualTo(1);
    assertThat(run.at("/rotation/days").findValuesAsString("unserved")).containsExactly("0", "0");
    assertThat(run.at("/rotation/days/1/used/0").asString()).isEqualTo(set);
    assertThat(run.at("/rotation/isFewest").asBoolean()).isTrue();
  }

  private JsonNode brushes() {
    return client.get(path("brushes")).expect(200).body();
  }
}
