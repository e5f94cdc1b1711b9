package gerula.app.ledger;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * A database that the first release made, with what somebody did in it: brought up to date at the
 * start, every act of it can be read and undone. (Made by that release; the ids tell what is what.)
 */
class FirstReleaseTest {

  private static Running.Another application;
  private static Client client;

  @BeforeAll
  static void start() throws IOException, SQLException {
    application =
        Running.onTheFirstRelease(
            "gerula_first", Files.readString(Path.of("src/test/resources/first-release.sql")));
    client = application.client();
    client.get("/api/session").expect(200);
    client
        .post("/api/session", Client.signIn("first@gerula.example", "harbour-lamp-and-tide"))
        .expect(200);
    client.get("/api/session").expect(200);
  }

  @AfterAll
  static void end() {
    application.close();
  }

  private static String id(int number) {
    return "00000000-0000-4000-8000-%012d".formatted(number);
  }

  private static void undo(int act) {
    client.post("/api/ledger/" + id(act) + "/undo", act()).expect(204);
  }

  private static JsonNode item(int number) {
    return client.get("/api/items/" + id(number)).expect(200).body().path("item");
  }

  @Test
  void whatWasDoneInTheFirstReleaseIsReadAndUndone() {
    JsonNode powder = item(11);
    assertThat(powder.path("code").asString()).hasSize(6);
    assertThat(powder.at("/product/name").asString()).isEqualTo("Fine powder no 2");
    JsonNode history = client.get("/api/items/" + id(11)).body().at("/history/entries");
    assertThat(history.findValuesAsString("act")).contains("packed", "moved", "changed", "added");

    // Discarded, and taken back: what came later than that release stays as it is.
    String code = item(12).path("code").asString();
    undo(107);
    assertThat(item(12).path("discardedOn").isNull()).isTrue();
    assertThat(item(12).path("code").asString()).isEqualTo(code);

    // Called off, and made again with its face.
    undo(112);
    assertThat(
            client.get("/api/bookings/" + id(22)).expect(200).body().at("/faces/0/name").asString())
        .isEqualTo("Anchor");

    undo(110);
    undo(109);
    JsonNode portraits = client.get("/api/bookings/" + id(21)).expect(200).body();
    assertThat(portraits.path("title").asString()).isEqualTo("Portraits");
    assertThat(portraits.findValuesAsString("name")).containsExactly("Cellist", "Oboe");

    undo(106);
    undo(105);
    assertThat(item(11).path("now").asString()).isEqualTo(id(1));
    assertThat(item(11).path("left").asDouble()).isEqualTo(12.5);
    assertThat(item(11).at("/product/name").asString()).isEqualTo("Fine powder");

    // Added and undone there, done again here: each gets the code for its label.
    undo(116);
    JsonNode place = client.get("/api/places/" + id(3)).expect(200).body().path("place");
    assertThat(place.path("name").asString()).isEqualTo("Borrowed case");
    assertThat(place.path("code").asString()).hasSize(6);
    undo(118);
    assertThat(item(13).at("/product/name").asString()).isEqualTo("Black mascara");
    assertThat(item(13).path("code").asString()).hasSize(6);
    assertThat(client.post("/api/workspace/check", act()).expect(200).body().path("mended"))
        .isEmpty();
  }
}
