package gerula.app.ledger;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whatever was done with a kit, undone in turn, leaves it as it was; and sending any act again
 * changes nothing. Each seed is a day's work.
 */
@ExtendWith(Running.class)
class UndoPropertyTest {

  private static final int ACTS = 18;

  private static final String STATE =
      Stream.of("product", "item", "place", "empty", "filling")
          .map(
              table ->
                  "select '%1$s ' || (to_jsonb(t) - 'version')::text as line from gerula.%1$s t"
                      .formatted(table))
          .collect(
              Collectors.joining(
                  " union all ",
                  "select coalesce(string_agg(line, chr(10) order by line), '') from (",
                  ") all_lines"));

  private Client client;
  private Random random;
  private Connection tables;
  private final List<String> places = new ArrayList<>();
  private final List<String> items = new ArrayList<>();
  private final List<String> powders = new ArrayList<>();
  private String pans;
  private String palette;

  /** Where an act was sent and what was sent. */
  private record Sent(String path, ObjectNode body) {
    String actId() {
      return body.path("actId").asString();
    }
  }

  static LongStream seeds() {
    return LongStream.range(1, 9);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void actsUndoneInTurnLeaveEverythingAsItWas(long seed, Client fresh) throws SQLException {
    client = fresh.signedUp();
    random = new Random(seed);
    fill();
    open();
    assertThat(state()).contains(items).contains(places);
    List<Sent> done = new ArrayList<>();
    List<String> before = new ArrayList<>();
    String state = state();
    while (done.size() < ACTS) {
      Sent sent = any();
      if (client.post(sent.path(), sent.body()).status() < 300) {
        before.add(state);
        done.add(sent);
        String after = state();
        client.post(sent.path(), sent.body());
        assertThat(state()).as("sent again: " + sent).isEqualTo(after);
        state = after;
      } else {
        assertThat(state()).as("refused: " + sent).isEqualTo(state);
      }
    }
    for (int i = done.size() - 1; i >= 0; i--) {
      client.post("/api/ledger/" + done.get(i).actId() + "/undo", act()).expect(204);
      assertThat(state()).as("undone: " + done.get(i)).isEqualTo(before.get(i));
    }
  }

  private void fill() {
    for (int i = 0; i < 4; i++) {
      places.add(Kits.addPlace(client, "Place " + i, i % 2 == 0 ? "drawer" : "pouch"));
    }
    for (int i = 0; i < 6; i++) {
      ObjectNode asked = Kits.powder(Kits.id(), oneOf(places));
      if (i % 2 == 0) {
        asked.withObject("product").put("unit", "piece").put("productClass", "wand");
        asked.withObject("item").put("left", 20);
      }
      client.post("/api/items", asked).expect(201);
      items.add(asked.path("id").asString());
      if (i % 2 == 1) {
        powders.add(asked.path("id").asString());
      }
    }
    pans = Kits.addEmpty(client, "loose-magnetic-pan", 4, 9);
    palette = Kits.id();
    ObjectNode place = Kits.place("Palette", "palette");
    place.putObject("slots").put("count", 6).put("widthMm", 30).putNull("depthMm");
    place.withObject("slots").putNull("heightMm");
    ObjectNode asked = act().put("id", palette);
    asked.set("place", place);
    client.post("/api/places", asked).expect(204);
  }

  private Sent any() {
    String item = "/api/items/" + oneOf(items);
    return switch (random.nextInt(17)) {
      case 0 -> new Sent(item + "/move", act().put("to", random.nextInt(5) == 0 ? null : to()));
      case 1 -> new Sent("/api/places/" + to() + "/move", act().put("to", oneOf(places)));
      case 2 -> new Sent(item + "/left", act().put("level", "quarter").putNull("left"));
      case 3 -> new Sent(item + "/discard", act().put("cause", "broken"));
      case 4 ->
          new Sent(
              item + "/part",
              act().put("newItem", Kits.id()).put("to", to()).put("pieces", random.nextInt(9)));
      case 5 -> lend();
      case 6 -> putAway();
      case 7 -> count();
      case 8, 9 -> decant();
      case 10 -> fillAgain();
      case 11 -> new Sent("/api/items/" + oneOf(powders) + "/wash-out", act());
      case 12 -> report();
      case 13 -> recall();
      case 14 ->
          new Sent(
              "/api/palettes/" + palette + "/put",
              act().put("item", oneOf(powders)).put("slot", 1 + random.nextInt(6)));
      case 15 -> new Sent(item + "/retire", act().put("to", to()));
      default -> new Sent("/api/items", Kits.powder(Kits.id(), to()));
    };
  }

  private Sent decant() {
    String id = Kits.id();
    ObjectNode asked = Kits.decant(id, oneOf(powders), pans, 0.5 + random.nextInt(3));
    if (random.nextInt(3) == 0) {
      asked.put("place", palette).put("slot", 1 + random.nextInt(6));
    }
    powders.add(id);
    return new Sent("/api/decants", asked);
  }

  private Sent fillAgain() {
    ObjectNode asked =
        act().put("source", oneOf(powders)).put("amount", 0.5).put("wash", random.nextBoolean());
    return new Sent("/api/items/" + oneOf(powders) + "/refill", asked.putNull("openedOn"));
  }

  private Sent report() {
    ObjectNode asked = act().put("packBroken", random.nextBoolean());
    asked.putArray("what").add("smell");
    return new Sent("/api/items/" + oneOf(powders) + "/report", asked);
  }

  private Sent recall() {
    ObjectNode asked = act().put("discard", random.nextInt(4) == 0);
    asked.putArray("items").add(oneOf(powders));
    return new Sent("/api/recall", asked);
  }

  private Sent lend() {
    ObjectNode asked =
        act().put("newPlace", Kits.id()).put("person", "Friend " + random.nextInt(2));
    asked.put("askBackOn", "2031-06-01").putArray("items").add(oneOf(items));
    return new Sent("/api/kit/lend", asked);
  }

  private Sent putAway() {
    ObjectNode asked = act();
    asked.putArray("places");
    asked.putArray("items").add(oneOf(items)).add(oneOf(items));
    return new Sent("/api/kit/put-away", asked);
  }

  /** Counts a place in which one thing is seen. */
  private Sent count() {
    String count =
        client
            .post("/api/places/" + to() + "/counts", Client.object().put("id", Kits.id()))
            .body()
            .path("id")
            .asString();
    client.post(
        "/api/counts/" + count + "/seen",
        Client.object().put("item", oneOf(items)).put("seen", true).putNull("counted"));
    return new Sent("/api/counts/" + count + "/settle", act());
  }

  private String to() {
    return oneOf(places);
  }

  private <T> T oneOf(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }

  /** All things, places, empties and fillings row by row, without how often they were changed. */
  private String state() throws SQLException {
    try (Statement sql = tables.createStatement();
        ResultSet state = sql.executeQuery(STATE)) {
      state.next();
      return state.getString(1);
    }
  }

  /** As the application sees the tables of this workspace. */
  private void open() throws SQLException {
    String workspace;
    try (Connection owner = Running.asOwner();
        Statement sql = owner.createStatement();
        ResultSet row =
            sql.executeQuery(
                "select workspace_id from gerula.item where id = '" + items.getFirst() + "'")) {
      row.next();
      workspace = row.getString(1);
    }
    tables = Running.asApplication();
    try (Statement sql = tables.createStatement()) {
      sql.execute("select set_config('gerula.workspace', '" + workspace + "', false)");
    }
  }

  @AfterEach
  void close() throws SQLException {
    tables.close();
  }
}
