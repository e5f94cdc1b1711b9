package gerula.app.archive;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
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
    long there =
        demo.path("items").valueStream().filter(one -> one.path("discardedOn").isNull()).count();
    assertThat(client.get("/api/items").body().path("total").asLong()).isEqualTo(there);
    assertThat(client.get("/api/places").body().path("places")).hasSameSizeAs(demo.path("places"));
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
  void aClassOfAnOlderArchiveBecomesWhatTheNameSays() {
    setClass("Cheek press", "petal", "powder-colour");
    setClass("Brush", "fan", "brush");
    setClass("Soft base", null, "powder-colour");
    read(demo, false).expect(204);
    assertThat(classesOf("Cheek press")).contains("blush").doesNotContain("powder-colour");
    assertThat(classesOf("Brush")).contains("fan-brush").doesNotContain("brush");
    // A name that tells none of its successors: somebody has to choose.
    assertThat(classesOf("Soft base")).containsOnly("powder-colour");
  }

  private void setClass(String name, @Nullable String shade, String productClass) {
    for (JsonNode one : demo.path("products")) {
      ObjectNode product = (ObjectNode) one.path("product");
      boolean isOne = shade == null || product.path("shade").asString().equals(shade);
      if (isOne && product.path("name").asString().equals(name)) {
        product.put("productClass", productClass);
      }
    }
  }

  private List<String> classesOf(String name) {
    return client
        .get("/api/items?most=100&q=" + name.replace(" ", "%20"))
        .expect(200)
        .body()
        .path("items")
        .valueStream()
        .filter(one -> one.at("/product/name").asString().equals(name))
        .map(one -> one.at("/product/productClass").asString())
        .distinct()
        .toList();
  }

  @Test
  void aWorkspaceWithThingsInItIsLeftAlone() {
    Kits.addPlace(client, "Drawer", "drawer");
    assertThat(read(demo, false).expect(409).code()).isEqualTo("not-empty");
    assertThat(client.get("/api/places").body().path("places")).hasSize(1);
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
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
  }

  @Test
  void anotherFormatIsRefused() {
    demo.put("format", "something-else");
    assertThat(read(demo, false).expect(422).body().path("errors").get(0).path("code").asString())
        .isEqualTo("unknown-format");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"format\": \"gerula-workspace\", \"version\": 1",
        "[]",
        "{\"ledger\": [], \"places\": []}",
        "{\"places\": [], \"places\": []}",
        "{\"../../etc/passwd\": []}",
        "{\"items\": {\"a\": 1}}",
        "{\"items\": [null]}",
        "{\"items\": [{\"id\": 7}]}",
        "{\"places\": [{\"id\": \"../../../x\"}]}"
      })
  void whatIsNoArchiveIsRefusedInWords(String hostile) {
    Client.Answer refused = client.post(path(false), hostile).expect(422);
    assertThat(refused.body().path("errors").get(0).path("message").asString()).isNotBlank();
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
  }

  @Test
  void aBombOfNestedListsIsRefused() {
    String bomb = "{\"items\": " + "[".repeat(200_000) + "]".repeat(200_000) + "}";
    client.post(path(false), bomb).expect(422);
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
  }

  @Test
  void aPictureThatIsNoneAndAHistoryOfOtherThingsAreRefused() {
    demo.putArray("pictures").addObject().put("id", Kits.id()).put("jpeg", "R0lGODlhAQABAAAAACw=");
    assertFault("pictures[0].jpeg");
    demo.putArray("pictures");
    ObjectNode act = demo.putArray("ledger").addObject();
    act.put("id", Kits.id())
        .put("act", "moved")
        .put("at", "2031-01-01T00:00:00Z")
        .putNull("undoes");
    act.putObject("facts");
    ObjectNode thing = act.putArray("things").addObject();
    thing.put("kind", "item").put("id", Kits.id()).putNull("before");
    thing.putObject("after").put("id", Kits.id());
    assertFault("ledger");
    thing.withObject("after").put("id", thing.path("id").asString()).put("amount_left", "lots");
    assertFault("ledger");
  }

  @Test
  void idsOfOthersAreRefusedWhereverTheyStand() {
    ((ObjectNode) demo.at("/items/0/item")).put("home", Kits.id());
    ((ObjectNode) demo.at("/places/2/place")).put("home", Kits.id());
    ((ObjectNode) demo.at("/places/3/place")).put("thing", Kits.id());
    ObjectNode tick = demo.putArray("packed").addObject();
    tick.put("booking", Kits.id()).put("item", Kits.id()).put("packedAt", "2031-01-01T00:00:00Z");
    Client.Answer refused = read(demo, false).expect(422);
    assertThat(refused.body().path("errors").findValuesAsString("path"))
        .contains(
            "items[0].item.home",
            "places[2].place.home",
            "places[3].place.thing",
            "packed[0].booking",
            "packed[0].item");
  }

  private void assertFault(String path) {
    Client.Answer refused = read(demo, false).expect(422);
    assertThat(refused.body().path("errors").get(0).path("path").asString()).isEqualTo(path);
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
  }

  private Client.Answer read(ObjectNode archive, boolean asIfToday) {
    return client.post(path(asIfToday), archive);
  }

  private static String path(boolean asIfToday) {
    return "/api/workspace/archive?actId=" + Kits.id() + "&asIfToday=" + asIfToday;
  }
}
