package gerula.app.ledger;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.tables.Tables;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.Field;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** An act is undone whatever columns there were when it was written down. */
@ExtendWith(Running.class)
class StatesOfEveryLevelTest {

  /** An item as the first migration had it. */
  private static final String FIRST =
      """
      "id": "%1$s", "product_id": "%2$s", "made_on": null, "bought_on": null,
      "opened_on": "2031-01-10", "printed_expiry": null, "amount_left": 11.250,
      "home_place_id": "%3$s", "now_place_id": "%3$s", "cleanliness": "due", "personal": false,
      "note": "As it was", "discarded_on": null, "discard_cause": null, "version": 0
      """;

  /** What the second added; the third to the fifth nothing. */
  private static final String SECOND =
      FIRST
          + """
          , "code": "%4$s", "batch": "B 1", "price": 12.50, "currency": "EUR", "only_for": null,
          "favourite": true, "rare": false, "brush_set": "", "container": null,
          "container_size": null, "container_outline": null, "container_width_mm": null,
          "container_depth_mm": null, "container_height_mm": null, "container_mass_g": null,
          "ask_back_on": null, "picture_id": null, "last_day": "2032-01-10",
          "replace_by": "2032-01-03"
          """;

  /** What the sixth added; the seventh and the eighth nothing. */
  private static final String SIXTH =
      SECOND
          + """
          , "changed_on": "2031-03-02", "changed_what": "smell", "broken_pack_on": null, "slot": null,
          "empty_id": null, "washed_on": null, "use_first_on": null, "kept_on": "2031-03-01"
          """;

  /** Since the ninth a state tells only what changed. */
  private static final String NINTH =
      "\"id\": \"%1$s\", \"now_place_id\": \"%3$s\", \"note\": \"As it was\", \"version\": 0";

  /** What the fifteenth calls a spoilage report, before it and since. */
  private static final String FOURTEENTH =
      NINTH + ", \"changed_on\": \"2031-03-02\", \"changed_what\": \"smell\"";

  private static final String FIFTEENTH =
      NINTH + ", \"spoilage_on\": \"2031-03-02\", \"spoilage_what\": \"smell\"";

  static Stream<Arguments> levels() {
    return Stream.of(
        Arguments.of(1, FIRST),
        Arguments.of(2, SECOND),
        Arguments.of(3, SECOND),
        Arguments.of(4, SECOND),
        Arguments.of(5, SECOND),
        Arguments.of(6, SIXTH),
        Arguments.of(7, SIXTH),
        Arguments.of(8, SIXTH),
        Arguments.of(9, NINTH),
        Arguments.of(10, NINTH),
        Arguments.of(11, NINTH),
        Arguments.of(12, NINTH),
        Arguments.of(13, NINTH),
        Arguments.of(14, FOURTEENTH),
        Arguments.of(15, FIFTEENTH),
        Arguments.of(16, FIFTEENTH),
        Arguments.of(17, FIFTEENTH),
        Arguments.of(18, FIFTEENTH),
        Arguments.of(19, FIFTEENTH),
        Arguments.of(20, FIFTEENTH),
        Arguments.of(21, FIFTEENTH));
  }

  @ParameterizedTest(name = "level {0}")
  @MethodSource("levels")
  void anActOfEveryLevelIsUndone(int level, String state, Client client) throws SQLException {
    client.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String bag = Kits.addPlace(client, "Bag", "backpack");
    String powder = Kits.addPowder(client, bag);
    JsonNode before = client.get("/api/items/" + powder).body().path("item");
    String image =
        "{"
            + state.formatted(
                powder, before.at("/product/id").asString(), drawer, before.path("code").asString())
            + "}";
    String moved = Kits.id();
    writtenDown(client, moved, powder, level, image);

    client.post("/api/ledger/" + moved + "/undo", act()).expect(204);
    JsonNode after = client.get("/api/items/" + powder).expect(200).body().path("item");
    assertThat(after.path("now").asString()).isEqualTo(drawer);
    assertThat(after.path("note").asString()).isEqualTo("As it was");
    assertThat(after.path("code")).isEqualTo(before.path("code"));
    // What the state does not tell stays as it is.
    assertThat(after.path("left").asDouble()).isEqualTo(level < 9 ? 11.25 : 12.5);
    assertThat(after.path("favourite").asBoolean()).isEqualTo(level > 1 && level < 9);
    // What was due then is used now.
    assertThat(after.path("cleanliness").asString()).isEqualTo(level < 9 ? "used" : "clean");
    assertThat(after.path("keptOn").asString(""))
        .isEqualTo(level >= 6 && level < 9 ? "2031-03-01" : "");
    assertThat(after.at("/spoilage/on").asString(""))
        .isEqualTo((level >= 6 && level < 9) || level >= 14 ? "2031-03-02" : "");
    assertThat(after.path("version").asInt()).isGreaterThan(before.path("version").asInt());
  }

  /** What was listed as contained is an answer without a day; since the sixteenth each has one. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "15 | \"contains\": [\"latex\"] | ",
        "16 | \"composition\": {\"latex\": {\"found\": \"contains\", \"on\": \"2031-03-02\"}} | 2031-03-02",
      })
  void whatALabelWasFoundToSayComesBack(int level, String told, String day, Client client)
      throws SQLException {
    client.signedUp();
    String powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    String product = client.get("/api/items/" + powder).body().at("/item/product/id").asString();
    String changed = Kits.id();
    writtenDown(changed, "product", product, level, "{\"id\": \"" + product + "\", " + told + "}");
    client.post("/api/ledger/" + changed + "/undo", act()).expect(204);
    JsonNode after = client.get("/api/items/" + powder).body().at("/item/product/composition");
    assertThat(after).hasSize(1);
    assertThat(after.at("/0/of").asString()).isEqualTo("latex");
    assertThat(after.at("/0/found").asString()).isEqualTo("contains");
    assertThat(after.at("/0/checkedOn").asStringOpt().orElse(null)).isEqualTo(day);
  }

  /** The seventeenth lists the shades of a pack; what an earlier state does not tell stays. */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "16 | | fair",
        "17 | , \"shades\": [{\"name\": \"tan\", \"colour\": null, \"depth\": 6.5}] | tan",
        "17 | , \"shades\": [] | ",
      })
  void shadesOfAPackComeBack(int level, String told, String shade, Client client)
      throws SQLException {
    client.signedUp();
    ObjectNode asked = Kits.powder(Kits.id(), Kits.addPlace(client, "Drawer", "drawer"));
    ArrayNode shades = asked.withObject("product").withArray("shades");
    shades.addObject().put("name", "fair").putNull("colour").put("depth", 2);
    client.post("/api/items", asked).expect(201);
    String item = "/api/items/" + asked.path("id").asString();
    String product = client.get(item).body().at("/item/product/id").asString();
    String changed = Kits.id();
    String image = "{\"id\": \"" + product + "\"" + (told == null ? "" : told) + "}";
    writtenDown(changed, "product", product, level, image);
    client.post("/api/ledger/" + changed + "/undo", act()).expect(204);
    JsonNode after = client.get(item).body().at("/item/product/shades/0/name");
    assertThat(after.asStringOpt().orElse(null)).isEqualTo(shade);
  }

  private static void writtenDown(Client client, String id, String item, int level, String before)
      throws SQLException {
    writtenDown(id, "item", item, level, before);
  }

  /** Puts an act into the ledger as if it had been done before this one was built. */
  private static void writtenDown(String id, String kind, String item, int level, String before)
      throws SQLException {
    String workspace;
    try (Connection owner = Running.asOwner();
        Statement sql = owner.createStatement();
        var row =
            sql.executeQuery(
                "select workspace_id from gerula." + kind + " where id = '" + item + "'")) {
      row.next();
      workspace = row.getString(1);
    }
    try (Connection application = Running.asApplication();
        Statement sql = application.createStatement()) {
      sql.execute("select set_config('gerula.workspace', '" + workspace + "', false)");
      sql.execute(
          """
          insert into gerula.ledger (id, act, at, who)
          select '%s', 'moved', now(), id from gerula.account limit 1
          """
              .formatted(id));
      sql.execute(
          """
          insert into gerula.ledger_thing (ledger_id, seq, kind, thing_id, level, before, after)
          select '%1$s', (select seq from gerula.ledger where id = '%1$s'), '%5$s', id, %2$d, '%3$s', to_jsonb(thing) from gerula.%5$s thing where id = '%4$s'
          """
              .formatted(id, level, before, item, kind));
    }
  }

  /** What was kept for one person is not everybody's when its name comes back as of then. */
  @ParameterizedTest(name = "level {0}")
  @ValueSource(ints = {2, 6, 9, 12})
  void whoeverWasNamedIsKnownAgain(int level, Client client) throws SQLException {
    client.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String powder = Kits.addPowder(client, drawer);
    String changed = Kits.id();
    String image = "{\"id\": \"" + powder + "\", \"only_for\": \"Idra Vance\"}";
    writtenDown(client, changed, powder, level, image);
    client.post("/api/ledger/" + changed + "/undo", act()).expect(204);
    JsonNode after = client.get("/api/items/" + powder).expect(200).body().path("item");
    assertThat(after.path("onlyFor").asString()).isEqualTo("Idra Vance");
    assertThat(client.get("/api/people").body().at("/people/0/person/id"))
        .isEqualTo(after.path("onlyForId"));
  }

  @Test
  void theNewestLevelIsThatOfTheNewestMigration() throws IOException {
    try (Stream<Path> files = Files.list(Path.of("src/main/resources/db/migration"))) {
      int newest =
          files
              .flatMap(
                  file ->
                      Pattern.compile("^V(\\d+)__")
                          .matcher(file.getFileName().toString())
                          .results()
                          .map((MatchResult found) -> Integer.valueOf(found.group(1))))
              .max(Integer::compare)
              .orElseThrow();
      assertThat(Upcaster.NEWEST_LEVEL).isEqualTo(newest);
    }
  }

  /** History is told in the words of the API, each field by a code of its own. */
  @Test
  void everyColumnHasACode() {
    for (ThingKind kind : ThingKind.values()) {
      Set<String> codes = new TreeSet<>();
      for (Field<?> column : kind.table().fields()) {
        if (FieldCodes.isTold(kind.code(), column.getName())) {
          String code = FieldCodes.of(kind.code(), column.getName());
          assertThat(code).matches("[a-z][a-zA-Z]*");
          assertThat(codes.add(code)).as(kind + " " + code).isTrue();
        }
      }
      assertThat(codes).isNotEmpty();
    }
    assertThat(
            Arrays.stream(Tables.ITEM.fields())
                .map(Field::getName)
                .map(one -> FieldCodes.of("item", one))
                .collect(Collectors.toSet()))
        .contains("left", "home", "now", "onlyFor");
  }
}
