package gerula.app.archive;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Csv;
import gerula.app.Kits;
import gerula.app.Pixels;
import gerula.app.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What an archive or a table gives back is what was put in, row by row. */
@ExtendWith(Running.class)
class RoundTripTest {

  /** Of a workspace itself only what it was given differs: its id, and its own numbers. */
  private static final Map<String, String> WITHOUT =
      Map.of("ledger", " - 'seq' - 'asked'", "ledger_thing", " - 'seq'");

  @Test
  void aWorkspaceComesBackFromItsArchiveRowByRow(Client one, Client other)
      throws IOException, SQLException {
    one.signedUp();
    ObjectNode demo = Client.object(Files.readString(Path.of("../demo/workspace.json")));
    one.post("/api/workspace/archive?asIfToday=true&actId=" + Kits.id(), demo).expect(204);
    live(one);
    String archive = one.get("/api/workspace/archive").expect(200).raw().body();
    other.signedUp();
    String importAct = Kits.id();
    other.post("/api/workspace/archive?actId=" + importAct, archive).expect(204);
    other.post("/api/workspace/archive?actId=" + importAct, archive).expect(204);

    Map<String, List<String>> before = rows(workspace(one), "");
    Map<String, List<String>> after = rows(workspace(other), importAct);
    assertThat(before.keySet())
        .contains("item", "place", "picture", "stocktake_seen", "packed", "ledger_thing");
    // Kept for two days only, for whoever sends an act again.
    before.remove("act_answer");
    // Whoever read the archive has come in addition.
    assertThat(after.remove("actor")).hasSize(2).containsAll(before.remove("actor"));
    before.forEach(
        (table, rows) -> {
          assertThat(rows).as(table + " has rows").isNotEmpty();
          assertThat(after.get(table)).as(table).containsExactlyInAnyOrderElementsOf(rows);
        });
    String again = other.get("/api/workspace/archive").expect(200).raw().body();
    assertThat(Client.object(again).path("items")).isEqualTo(Client.object(archive).path("items"));
  }

  @Test
  void anUndoStillWorksInTheWorkspaceAnArchiveWasReadInto(Client one, Client other) {
    one.signedUp();
    String drawer = Kits.addPlace(one, "Drawer", "drawer");
    String bag = Kits.addPlace(one, "Bag", "backpack");
    String powder = Kits.addPowder(one, drawer);
    ObjectNode move = act().put("to", bag);
    one.post("/api/items/" + powder + "/move", move).expect(200);
    other.signedUp();
    other
        .post(
            "/api/workspace/archive?actId=" + Kits.id(),
            one.get("/api/workspace/archive").raw().body())
        .expect(204);
    other.post("/api/ledger/" + move.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(other.get("/api/items/" + powder).body().at("/item/now").asString())
        .isEqualTo(drawer);
    assertThat(one.get("/api/items/" + powder).body().at("/item/now").asString()).isEqualTo(bag);
    // Who moved it is still known; who undid it is somebody else.
    JsonNode history = other.get("/api/items/" + powder).body().at("/history/entries");
    assertThat(history.get(1).path("who").asString()).isEqualTo(email(one));
    assertThat(history.get(0).path("who").asString()).isEqualTo(email(other));
  }

  @Test
  void aKitComesBackFromItsTable(Client one, Client other) throws IOException {
    one.signedUp();
    ObjectNode demo = Client.object(Files.readString(Path.of("../demo/workspace.json")));
    one.post("/api/workspace/archive?asIfToday=true&actId=" + Kits.id(), demo).expect(204);
    one.post("/api/items", wheel(Kits.addPlace(one, "Shelf", "shelf"))).expect(201);
    String table = one.get("/api/kit/csv").expect(200).raw().body();
    other.signedUp();
    Csv.read(other, table);
    assertThat(sorted(other.get("/api/kit/csv").raw().body())).isEqualTo(sorted(table));
  }

  /** Several shades in one pack. */
  private static ObjectNode wheel(String place) {
    ObjectNode asked = Kits.powder(Kits.id(), place);
    ArrayNode shades = asked.withObject("product").put("name", "Wheel").withArray("shades");
    shades.addObject().put("name", "fair").put("colour", "#F2D6C0").put("depth", 2);
    shades.addObject().put("name", "tan").putNull("colour").put("depth", 6.5);
    shades.addObject().put("name", "green").put("colour", "#8fb58a").putNull("depth");
    return asked;
  }

  private static List<String> sorted(String table) {
    return table.lines().sorted().toList();
  }

  /** Some of everything that can happen in a workspace. */
  private static void live(Client client) throws IOException {
    JsonNode items = client.get("/api/items?most=10").body().path("items");
    String item = items.get(0).path("id").asString();
    String bag = items.get(1).path("now").asString();
    client.post("/api/items/" + item + "/move", act().put("to", bag)).expect(200);
    client
        .post(
            "/api/items/" + items.get(2).path("id").asString() + "/discard",
            act().put("cause", "broken"))
        .expect(200);
    client.putBytes(
        "/api/items/" + item + "/picture/" + Kits.id() + "?actId=" + Kits.id(),
        "image/png",
        Pixels.png(40, 30));
    JsonNode count =
        client
            .post("/api/places/" + bag + "/counts", Client.object().put("id", Kits.id()))
            .expect(200)
            .body();
    client
        .post(
            "/api/counts/" + count.path("id").asString() + "/seen",
            Client.object().put("item", item).put("seen", true).putNull("counted"))
        .expect(200);
    for (String level : List.of("half", "quarter")) {
      client
          .post(
              "/api/items/" + items.get(4).path("id").asString() + "/use",
              act().putNull("openedOn").put("level", level))
          .expect(200);
    }
    ObjectNode kept = Kits.powder(Kits.id(), bag);
    kept.withObject("item").put("onlyFor", "Corin");
    client.post("/api/items", kept).expect(201);
    client.post("/api/items", wheel(bag)).expect(201);
    client
        .sendBytes(
            "PUT",
            "/api/kit/unnamed/" + Kits.id() + "?place=" + bag + "&actId=" + Kits.id(),
            "image/png",
            Pixels.png(20, 30))
        .expect(204);
    client
        .post("/api/kit/places", act().put("line", "tin about 12x8x5, 2 trays").putNull("in"))
        .expect(200);
    Kits.everythingOfTheBench(client, bag);
    JsonNode booking = client.get("/api/bookings").body().get(0);
    String look =
        "/api/bookings/"
            + booking.path("id").asString()
            + "/faces/"
            + booking.at("/faces/0/id").asString()
            + "/look/pictures/";
    client.sendBytes(
        "PUT",
        look + Kits.id() + "?day=2031-04-20&actId=" + Kits.id(),
        "image/png",
        Pixels.png(8, 6));
    ObjectNode touched = act();
    touched
        .withArray("things")
        .add(Client.object().put("id", Kits.id()).put("item", item).put("how", "direct"));
    client
        .post(
            "/api/bookings/%s/faces/%s/use"
                .formatted(booking.path("id").asString(), booking.at("/faces/0/id").asString()),
            touched)
        .expect(204);
    ObjectNode dropped = act().put("incident", "dropped");
    dropped.putArray("items").add(item);
    client.post("/api/incidents", dropped).expect(204);
    ObjectNode hands = act().put("moment", "between-faces");
    hands.putArray("steps").add("hands");
    hands.putArray("items");
    client.post("/api/treatments", hands).expect(204);
    client
        .post("/api/bookings/" + booking.path("id").asString() + "/pack", Kits.tick(item))
        .expect(204);
  }

  private static String email(Client client) {
    return client.get("/api/session").body().path("email").asString();
  }

  private static UUID workspace(Client client) throws SQLException {
    String email = email(client);
    try (Connection application = Running.asApplication();
        PreparedStatement find =
            application.prepareStatement("select workspace_id from access.account_by_email(?)")) {
      find.setString(1, email);
      try (ResultSet row = find.executeQuery()) {
        row.next();
        return row.getObject(1, UUID.class);
      }
    }
  }

  /**
   * @param except an act that is left out
   */
  private static Map<String, List<String>> rows(UUID workspace, String except) throws SQLException {
    Map<String, List<String>> rows = new TreeMap<>();
    try (Connection application = Running.asApplication();
        Statement sql = application.createStatement()) {
      sql.execute("select set_config('gerula.workspace', '" + workspace + "', false)");
      for (String table : tables(sql)) {
        List<String> told = new ArrayList<>();
        try (ResultSet all =
            sql.executeQuery(
                "select (to_jsonb(t) - 'workspace_id'%s)::text from gerula.%s t"
                    .formatted(WITHOUT.getOrDefault(table, ""), table))) {
          while (all.next()) {
            if (except.isEmpty() || !all.getString(1).contains(except)) {
              told.add(all.getString(1));
            }
          }
        }
        rows.put(table, told);
      }
    }
    return rows;
  }

  private static List<String> tables(Statement sql) throws SQLException {
    List<String> tables = new ArrayList<>();
    try (ResultSet all =
        sql.executeQuery("select tablename from pg_tables where schemaname = 'gerula'")) {
      while (all.next()) {
        // A private address stays with whoever made it, and so does what somebody looked at.
        if (!List.of("workspace", "account", "calendar_feed", "list_seen")
            .contains(all.getString(1))) {
          tables.add(all.getString(1));
        }
      }
    }
    return tables;
  }
}
