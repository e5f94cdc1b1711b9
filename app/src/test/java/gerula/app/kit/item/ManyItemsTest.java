package gerula.app.kit.item;

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

/** Several items in one act: all of them or none, and undone together. Today is 2031-04-14. */
@ExtendWith(Running.class)
class ManyItemsTest {

  private Client client;
  private String drawer;
  private List<String> sealed;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    sealed = List.of(powder(null), powder(null), powder(null));
  }

  private String powder(String openedOn) {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("item").put("openedOn", openedOn).put("left", 30);
    client.post("/api/items", asked).expect(201);
    return asked.path("id").asString();
  }

  private static ObjectNode of(List<String> items) {
    ObjectNode asked = act();
    items.forEach(asked.putArray("items")::add);
    return asked;
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).body().path("item");
  }

  @Test
  void severalAreOpenedOnOneDayAndAgainNotAtAll() {
    ObjectNode asked = of(sealed).put("openedOn", "2031-04-13");
    client.post("/api/kit/opened", asked).expect(204);
    client.post("/api/kit/opened", asked).expect(204);
    assertThat(sealed).allMatch(id -> item(id).path("openedOn").asString().equals("2031-04-13"));
    undo(asked);
    assertThat(sealed).allMatch(id -> item(id).path("sealed").asBoolean());
  }

  @Test
  void oneThatIsOpenAlreadyIsNamedAndNothingIsOpened() {
    String open = powder("2031-01-10");
    String refusal =
        client
            .post(
                "/api/kit/opened",
                of(List.of(sealed.getFirst(), open)).put("openedOn", "2031-04-13"))
            .expect(422)
            .body()
            .toString();
    assertThat(refusal).contains("Thing one: It was open already");
    assertThat(item(sealed.getFirst()).path("sealed").asBoolean()).isTrue();
    client.post("/api/kit/opened", of(sealed).put("openedOn", "2031-04-15")).expect(422);
    client.post("/api/kit/opened", of(List.of()).put("openedOn", "2031-04-13")).expect(422);
  }

  @Test
  void severalAreDiscardedForOneCauseAndComeBackTogether() {
    ObjectNode asked = of(sealed).put("cause", "broken");
    client.post("/api/kit/discard", asked).expect(204);
    assertThat(client.get("/api/items").body().path("total").asInt()).isZero();
    assertThat(item(sealed.getLast()).path("discardCause").asString()).isEqualTo("broken");
    client.post("/api/kit/discard", of(sealed).put("cause", "broken")).expect(409);
    undo(asked);
    assertThat(client.get("/api/items").body().path("total").asInt()).isEqualTo(3);
  }

  @Test
  void severalBrushesBecomeOneSetAndWhatIsNoBrushIsNamed() {
    List<String> brushes = List.of(brush("powder-brush"), brush("liner-brush"));
    ObjectNode asked = of(brushes).put("brushSet", " Set A ");
    client.post("/api/kit/brush-set", asked).expect(204);
    assertThat(brushes).allMatch(id -> item(id).path("brushSet").asString().equals("Set A"));
    undo(asked);
    assertThat(brushes).allMatch(id -> item(id).path("brushSet").asString().isEmpty());
    List<String> mixed = List.of(brushes.getFirst(), sealed.getFirst());
    assertThat(
            client
                .post("/api/kit/brush-set", of(mixed).put("brushSet", "Set A"))
                .expect(422)
                .body()
                .toString())
        .contains("Thing one is no single brush");
    assertThat(item(brushes.getFirst()).path("brushSet").asString()).isEmpty();
  }

  private String brush(String kind) {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked
        .withObject("product")
        .put("productClass", kind)
        .put("form", "brush-natural")
        .put("content", 1);
    asked.withObject("product").put("unit", "piece");
    asked.withObject("item").put("left", 1);
    client.post("/api/items", asked).expect(201);
    return asked.path("id").asString();
  }

  @Test
  void nobodyTouchesAnothersItems(Client other) {
    other.signedUp();
    other.post("/api/kit/discard", of(sealed).put("cause", "broken")).expect(404);
    other.post("/api/kit/opened", of(sealed).put("openedOn", "2031-04-13")).expect(404);
    assertThat(client.get("/api/items").body().path("total").asInt()).isEqualTo(3);
  }

  private void undo(ObjectNode done) {
    client.post("/api/ledger/" + done.path("actId").asString() + "/undo", act()).expect(204);
  }
}
