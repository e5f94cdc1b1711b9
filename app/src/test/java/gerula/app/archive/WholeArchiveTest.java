package gerula.app.archive;

import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Pixels;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** An export is whole, of one moment, or no export; and an import takes nothing else. */
@ExtendWith(Running.class)
@Isolated
class WholeArchiveTest {

  private static Answer read(Client client, Object archive) {
    return client.post("/api/workspace/archive?actId=" + Kits.id(), archive);
  }

  private static String exported(Client client) {
    return client.get("/api/workspace/archive").expect(200).raw().body();
  }

  private static String kit(Client client) {
    client.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    Kits.addPowder(client, drawer);
    Kits.everythingOfTheBench(client, drawer);
    return drawer;
  }

  @Test
  void itEndsWithItsCountsAndItsChecksum(Client client) {
    kit(client);
    ObjectNode archive = object(exported(client));
    assertThat(archive.path("version").asInt()).isEqualTo(18);
    JsonNode counts = archive.path("closing").path("counts");
    assertThat(counts.path("items").asInt()).isEqualTo(archive.path("items").size());
    assertThat(counts.path("ledger").asInt()).isEqualTo(archive.path("ledger").size());
    assertThat(archive.propertyNames()).last().isEqualTo("closing");
  }

  /** Wherever it is cut off, nobody takes it for whole. */
  @Test
  void aPartOfAnExportIsRefused(Client client, Client other) {
    kit(client);
    String whole = exported(client);
    other.signedUp();
    for (int i = 1; i < 12; i++) {
      String part = whole.substring(0, whole.length() * i / 12);
      read(other, part).expect(422);
      read(other, part + "]}").expect(422);
    }
    ObjectNode without = object(whole);
    without.remove("closing");
    assertThat(read(other, without).expect(422).body().at("/errors/0/code").asString())
        .isEqualTo("not-whole");
    ObjectNode fewer = object(whole);
    ((ArrayNode) fewer.path("items")).remove(0);
    read(other, fewer).expect(422);
    ObjectNode changed = object(whole);
    ((ObjectNode) changed.at("/places/0/place")).put("name", "Changed on the way");
    read(other, changed).expect(422);
    assertThat(other.get("/api/places").body().path("places")).isEmpty();
    // In another spelling of the same values it is still whole.
    read(other, object(whole).toPrettyString()).expect(204);
  }

  @Test
  void whatTheFirstVersionWroteIsStillRead(Client client, Client other) {
    kit(client);
    String item = client.get("/api/items").body().at("/items/0/id").asString();
    ObjectNode report = Client.act();
    report.putArray("what").add("smell");
    client.post("/api/items/" + item + "/report", report.put("packBroken", false)).expect(200);
    // Before the fifth a spoilage report was called changed.
    ObjectNode first =
        object(
            exported(client)
                .replace("\"spoilageOn\"", "\"changedOn\"")
                .replace("\"spoilageWhat\"", "\"changedWhat\""));
    first.put("version", 1).remove("closing");
    other.signedUp();
    read(other, first).expect(204);
    assertThat(other.get("/api/items/" + item).body().at("/item/spoilage/what/0").asString())
        .isEqualTo("smell");
    assertThat(other.get("/api/items").body().path("total").asInt())
        .isEqualTo(client.get("/api/items").body().path("total").asInt());
  }

  /** While another session adds, every export holds each item with its product. */
  @Test
  void anExportIsOfOneMoment(Client client) {
    String drawer = kit(client);
    AtomicBoolean isOver = new AtomicBoolean();
    Callable<List<String>> adding =
        () -> {
          while (!isOver.get()) {
            Kits.addPowder(client, drawer);
          }
          return List.of();
        };
    Callable<List<String>> exporting =
        () -> {
          List<String> exports = new ArrayList<>();
          try {
            for (int i = 0; i < 8; i++) {
              exports.add(exported(client));
            }
          } finally {
            isOver.set(true);
          }
          return exports;
        };
    List<String> exports = SideBySide.all(adding, exporting).getLast();
    Set<Integer> sizes = new HashSet<>();
    for (String export : exports) {
      JsonNode archive = object(export);
      Set<String> products = new HashSet<>();
      archive.path("products").values().forEach(one -> products.add(one.path("id").asString()));
      archive
          .path("items")
          .values()
          .forEach(one -> assertThat(products).contains(one.path("product").asString()));
      long added =
          archive.path("ledger").values().stream()
              .filter(act -> act.path("act").asString().equals("added"))
              .filter(act -> act.path("things").toString().contains("\"item\""))
              .count();
      assertThat(added)
          .as("acts and things are of the same moment")
          .isEqualTo(archive.path("items").size() - 1);
      sizes.add(archive.path("items").size());
    }
    assertThat(sizes).as("something was added meanwhile").hasSizeGreaterThan(1);
  }

  /** Connections are cut all the time: what is answered with 200 is whole. */
  @Test
  void aFailedExportDoesNotLookComplete(Client client, Client other) {
    kit(client);
    String whole = exported(client);
    int size = object(whole).path("items").size();
    AtomicBoolean isOver = new AtomicBoolean();
    Callable<List<Answer>> cutting =
        () -> {
          while (!isOver.get()) {
            Running.cutConnections();
            Thread.onSpinWait();
          }
          return List.of();
        };
    Callable<List<Answer>> exporting =
        () -> {
          List<Answer> answers = new ArrayList<>();
          try {
            for (int i = 0; i < 40; i++) {
              answers.add(client.get("/api/workspace/archive"));
            }
          } finally {
            isOver.set(true);
          }
          return answers;
        };
    List<Answer> answers = SideBySide.all(cutting, exporting).getLast();
    for (Answer answer : answers) {
      if (answer.status() == 200) {
        assertThat(object(answer.raw().body()).path("items").size()).isEqualTo(size);
        assertThat(object(answer.raw().body()).has("closing")).isTrue();
      } else {
        assertThat(answer.status()).as(answer.raw().body()).isEqualTo(503);
        assertThat(answer.raw().headers().firstValue("Retry-After")).isPresent();
      }
    }
    assertThat(answers.stream().filter(answer -> answer.status() == 503)).isNotEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "{\"id\": \"%s\", \"act\": \"moved\", \"at\": \"2031-01-01T00:00:00Z\", \"facts\": {}, \"undoes\": null}",
        "{\"id\": \"%s\", \"act\": \"moved\", \"at\": \"2031-01-01T00:00:00Z\", \"facts\": {}, \"undoes\": null, \"things\": null}",
        "{\"id\": \"%s\", \"act\": null, \"at\": \"2031-01-01T00:00:00Z\", \"facts\": {}, \"undoes\": null, \"things\": []}",
        "{\"id\": \"%s\", \"act\": \"moved\", \"at\": \"2031-01-01T00:00:00Z\", \"facts\": {\"a\": 1e-9999}, \"undoes\": null, \"things\": []}",
        "{\"id\": \"%s\", \"act\": \"moved\", \"at\": \"2031-01-01T00:00:00Z\", \"facts\": {}, \"undoes\": null, \"things\": [{\"kind\": null, \"id\": \"%s\", \"before\": null, \"after\": null}]}",
        "{\"id\": \"%s\", \"act\": \"moved\", \"at\": \"2031-01-01T00:00:00Z\", \"facts\": {}, \"undoes\": null, \"things\": [{\"kind\": \"item\", \"id\": \"%s\", \"before\": {\"amount_left\": 1e-9999}, \"after\": null}]}",
        "{\"id\": \"%s\", \"act\": \"moved\", \"at\": \"2031-01-01T00:00:00Z\", \"facts\": {}, \"undoes\": null, \"things\": [{\"kind\": \"item\", \"id\": \"%s\", \"before\": {\"version\": \"text\"}, \"after\": null}]}",
        "null",
        "7"
      })
  void aHistoryThatCannotBeIsRefused(String act, Client client) {
    client.signedUp();
    String ledger = act.replace("%s", Kits.id());
    read(
            client,
            "{\"format\": \"gerula-workspace\", \"version\": 1, \"writtenOn\": \"2031-04-14\","
                + " \"ledger\": ["
                + ledger
                + "]}")
        .expect(422);
    exported(client);
  }

  /** What a camera hid in a picture does not come through an archive either. */
  @Test
  void aPictureFromAnArchiveIsKeptWithoutWhatIsNotSeen(Client client) throws IOException {
    client.signedUp();
    byte[] hidden = Pixels.withExif(Pixels.jpeg(80, 40), 1);
    String id = Kits.id();
    ObjectNode archive =
        object("{\"format\": \"gerula-workspace\", \"version\": 1, \"writtenOn\": \"2031-04-14\"}");
    archive
        .putArray("pictures")
        .addObject()
        .put("id", id)
        .put("jpeg", Base64.getEncoder().encodeToString(hidden));
    read(client, archive).expect(204);
    byte[] kept = client.bytes("GET", "/api/pictures/" + id, null);
    assertThat(new String(kept, java.nio.charset.StandardCharsets.ISO_8859_1))
        .doesNotContain("Exif");
    assertThat(Jpeg.width(kept)).isEqualTo(80);
  }

  private static final class Jpeg {
    static int width(byte[] jpeg) throws IOException {
      return javax.imageio.ImageIO.read(new java.io.ByteArrayInputStream(jpeg)).getWidth();
    }
  }
}
