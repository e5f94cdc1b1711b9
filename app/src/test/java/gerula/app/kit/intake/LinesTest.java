package gerula.app.kit.intake;

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
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What is typed at a drawer lies in the drawer. */
@ExtendWith(Running.class)
class LinesTest {

  private Client client;
  private String drawer;

  @BeforeEach
  void aDrawer(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer 2", "drawer");
  }

  private ObjectNode lines(String... typed) {
    ObjectNode asked = act().put("place", drawer);
    ArrayNode lines = asked.putArray("lines");
    for (String line : typed) {
      lines.addObject().put("line", line).putObject("corrections");
    }
    return asked;
  }

  private JsonNode read(ObjectNode asked) {
    ObjectNode only = asked.deepCopy();
    only.remove(List.of("actId", "place"));
    return client.post("/api/kit/lines/read", only).expect(200).body();
  }

  private List<JsonNode> kit() {
    return client
        .get("/api/items?most=100")
        .expect(200)
        .body()
        .path("items")
        .valueStream()
        .toList();
  }

  @Test
  void aLineIsReadThenAddedToItsPlace() {
    ObjectNode asked = lines("Tarnwell Soft base 3 ivory 30 ml half x2");
    JsonNode item = read(asked).at("/0/items/0");
    assertThat(item.path("name").asString()).isEqualTo("Soft base");
    assertThat(item.path("left").asDouble()).isEqualTo(15);
    // The word "base" may mean something else, and its form is not told.
    assertThat(item.path("guessed").valueStream().map(JsonNode::asString))
        .contains("class", "form");
    assertThat(read(asked).at("/0/count").asInt()).isEqualTo(2);
    assertThat(kit()).isEmpty();
    assertThat(client.post("/api/kit/lines", asked).expect(200).body().path("added").asInt())
        .isEqualTo(2);
    assertThat(kit()).hasSize(2);
    assertThat(kit())
        .allSatisfy(
            one -> {
              assertThat(one.path("now").asString()).isEqualTo(drawer);
              assertThat(one.path("home").asString()).isEqualTo(drawer);
              assertThat(one.at("/product/shade").asString()).isEqualTo("3 ivory");
              assertThat(one.path("left").asDouble()).isEqualTo(15);
            });
    // The same again, as it comes when an answer is lost: nothing is added twice.
    assertThat(client.post("/api/kit/lines", asked).expect(200).body().path("added").asInt())
        .isEqualTo(2);
    assertThat(kit()).hasSize(2);
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(kit()).isEmpty();
  }

  @Test
  void whatIsPutRightByHandStands() {
    ObjectNode asked = lines("Quillon glow 5");
    ObjectNode corrections = (ObjectNode) asked.at("/lines/0/corrections");
    corrections.put("class", "blush").put("form", "cream").put("shade", "5 rose");
    JsonNode item = read(asked).at("/0/items/0");
    assertThat(item.path("productClass").asString()).isEqualTo("blush");
    assertThat(item.path("form").asString()).isEqualTo("cream");
    assertThat(item.path("shade").asString()).isEqualTo("5 rose");
    assertThat(item.path("guessed").valueStream().map(JsonNode::asString)).doesNotContain("class");
  }

  @Test
  void anotherShadeIsLikeTheOneTheKitHas() {
    ObjectNode first = lines("Quillon Second skin 2 12 ml 9M");
    ((ObjectNode) first.at("/lines/0/corrections")).put("class", "concealer").put("form", "cream");
    client.post("/api/kit/lines", first).expect(200);
    JsonNode item = read(lines("second skin 4, 5")).at("/0/items/1");
    assertThat(item.path("maker").asString()).isEqualTo("Quillon");
    assertThat(item.path("name").asString()).isEqualTo("Second skin");
    assertThat(item.path("shade").asString()).isEqualTo("5");
    assertThat(item.path("productClass").asString()).isEqualTo("concealer");
    assertThat(item.path("form").asString()).isEqualTo("cream");
    assertThat(item.path("content").asDouble()).isEqualTo(12);
    assertThat(item.path("periodAfterOpening").asInt()).isEqualTo(9);
    assertThat(item.path("guessed").valueStream().map(JsonNode::asString))
        .contains("class", "form", "size", "maker");
  }

  @Test
  void aRangeIsAThingForEachShade() {
    client.post("/api/kit/lines", lines("Tarnwell foundation 1-6, 8", "tweezers")).expect(200);
    assertThat(kit()).hasSize(8);
    assertThat(kit().stream().map(one -> one.at("/product/shade").asString()))
        .contains("1", "6", "8");
  }

  @Test
  void oneBadLineHoldsAllOfThemBack() {
    ObjectNode asked = lines("mascara", "Tarnwell primer opened 3/26");
    ((ObjectNode) asked.at("/lines/1/corrections")).put("size", "a lot");
    assertThat(read(asked).at("/1/faults/0/path").asString()).isEqualTo("size");
    assertThat(read(asked).at("/0/faults")).isEmpty();
    client.post("/api/kit/lines", asked).expect(422);
    assertThat(kit()).isEmpty();
    client.post("/api/kit/lines", lines("   ")).expect(422);
    client.post("/api/kit/lines", lines("mascara x0")).expect(422);
    client.post("/api/kit/lines", lines("mascara x201")).expect(422);
    client
        .post(
            "/api/kit/lines", lines("mascara").put("place", "00000000-0000-0000-0000-000000000001"))
        .expect(404);
  }
}
