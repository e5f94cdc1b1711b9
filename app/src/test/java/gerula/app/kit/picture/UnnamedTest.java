package gerula.app.kit.picture;

import static gerula.app.Client.act;
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
import tools.jackson.databind.node.ObjectNode;

/** A picture is taken at a drawer, and what it shows is named later. */
@ExtendWith(Running.class)
class UnnamedTest {

  private Client client;
  private String drawer;

  @BeforeEach
  void aWorkspace(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
  }

  @Test
  void whatAPictureShowsIsNamedByALineAndKeepsThePicture() throws IOException {
    String first = take();
    String second = take();
    assertThat(unnamed().values())
        .extracting(one -> one.path("id").asString())
        .containsExactly(first, second);
    assertThat(unnamed().get(0).path("place").asString()).isEqualTo(drawer);
    ObjectNode asked = act().put("place", drawer).put("picture", first);
    asked.putArray("lines").addObject().put("line", "Soft base 1-2").putObject("corrections");
    client.post("/api/kit/lines", asked).expect(200);
    JsonNode items = client.get("/api/items").body().path("items");
    assertThat(items.values())
        .extracting(one -> one.path("picture").asString())
        .containsExactly(first, first);
    client.get("/api/pictures/" + first).expect(200);
    assertThat(unnamed()).hasSize(1);
    // Somebody else named it meanwhile, or it is sent once more.
    client.post("/api/kit/lines", asked).expect(200);
    client.post("/api/kit/lines", asked.put("actId", Kits.id())).expect(404);
    assertThat(client.get("/api/items").body().path("total").asInt()).isEqualTo(2);
  }

  @Test
  void namingAndRemovingAreUndone() throws IOException {
    String id = take();
    ObjectNode named = act().putNull("place").put("picture", id);
    named.putArray("lines").addObject().put("line", "Scissors").putObject("corrections");
    client.post("/api/kit/lines", named).expect(200);
    client.post("/api/ledger/" + named.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(unnamed()).hasSize(1);
    assertThat(client.get("/api/items").body().path("total").asInt()).isZero();
    ObjectNode removed = act();
    client.post("/api/kit/unnamed/" + id + "/remove", removed).expect(204);
    assertThat(unnamed()).isEmpty();
    client.post("/api/ledger/" + removed.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(unnamed()).hasSize(1);
  }

  @Test
  void aPlaceItWasTakenAtStaysAndWhatIsNoPictureIsRefused() throws IOException {
    take();
    client.post("/api/places/" + drawer + "/remove", act()).expect(409);
    client
        .sendBytes(
            "PUT",
            "/api/kit/unnamed/" + Kits.id() + "?actId=" + Kits.id(),
            "image/png",
            new byte[] {1, 2})
        .expect(422);
    client
        .sendBytes(
            "PUT",
            "/api/kit/unnamed/" + Kits.id() + "?place=" + Kits.id() + "&actId=" + Kits.id(),
            "image/png",
            Pixels.png(4, 4))
        .expect(404);
    assertThat(unnamed()).hasSize(1);
  }

  private String take() throws IOException {
    String id = Kits.id();
    client
        .sendBytes(
            "PUT",
            "/api/kit/unnamed/" + id + "?place=" + drawer + "&actId=" + Kits.id(),
            "image/png",
            Pixels.png(30, 40))
        .expect(204);
    return id;
  }

  private JsonNode unnamed() {
    return client.get("/api/kit/unnamed").expect(200).body();
  }
}
