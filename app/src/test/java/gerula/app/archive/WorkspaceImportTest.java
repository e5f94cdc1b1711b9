package gerula.app.archive;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class WorkspaceImportTest {

  private Client client;
  private ObjectNode demo;

  @BeforeEach
  void anEmptyWorkspace(Client fresh) throws IOException {
    client = fresh.signedUp();
    demo = Client.object(Files.readString(Path.of("../demo/workspace.json")));
  }

  @Test
  void theDemoIsReadWhole() {
    read(demo, false).expect(204);
    JsonNode kit = client.get("/api/kit").body();
    assertThat(kit.path("items")).hasSameSizeAs(demo.path("items"));
    assertThat(kit.path("places")).hasSameSizeAs(demo.path("places"));
    assertThat(client.get("/api/bookings").body()).hasSameSizeAs(demo.path("bookings"));
    for (JsonNode booking : demo.path("bookings")) {
      JsonNode list =
          client
              .get("/api/bookings/" + booking.path("id").asString() + "/packing-list")
              .expect(200)
              .body();
      assertThat(list.path("lines").size()).isGreaterThan(20);
      assertThat(list.path("findings").findValuesAsString("code")).contains("gap");
    }
  }

  @Test
  void datesMoveAlongWithTheDayItWasWritten() {
    demo.put("writtenOn", "2031-04-04");
    read(demo, true).expect(204);
    assertThat(client.get("/api/bookings").body().get(0).path("firstDay").asString())
        .isEqualTo("2031-04-27");
  }

  @Test
  void aWorkspaceWithThingsInItIsLeftAlone() {
    Kits.addPlace(client, "Drawer", "drawer");
    assertThat(read(demo, false).expect(409).code()).isEqualTo("not-empty");
    assertThat(client.get("/api/kit").body().path("places")).hasSize(1);
  }

  @Test
  void everyFaultIsToldAndNothingIsRead() {
    ((ObjectNode) demo.at("/items/3/item")).put("left", -1);
    ((ObjectNode) demo.at("/items/4")).put("product", Kits.id());
    ((ObjectNode) demo.at("/places/1/place")).put("parent", Kits.id());
    ((ObjectNode) demo.at("/bookings/0/booking")).put("lastDay", "2001-01-01");
    Client.Answer refused = read(demo, false).expect(422);
    assertThat(refused.body().path("errors").findValuesAsString("path"))
        .contains("items[3].item.left", "items[4].product", "places");
    assertThat(client.get("/api/kit").body().path("places")).isEmpty();
  }

  @Test
  void anotherFormatIsRefused() {
    demo.put("format", "something-else");
    assertThat(read(demo, false).expect(422).body().path("errors").get(0).path("code").asString())
        .isEqualTo("unknown-format");
  }

  private Client.Answer read(ObjectNode archive, boolean asIfToday) {
    ObjectNode asked = act().put("asIfToday", asIfToday);
    asked.set("archive", archive);
    return client.post("/api/workspace/archive", asked);
  }
}
