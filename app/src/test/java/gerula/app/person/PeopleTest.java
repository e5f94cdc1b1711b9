package gerula.app.person;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Pixels;
import gerula.app.Running;
import java.io.IOException;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Somebody is one person, as a face, as whom things are kept for, as a borrower. */
@ExtendWith(Running.class)
class PeopleTest {

  private Client client;
  private String drawer;

  @BeforeEach
  void aDrawer(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
  }

  private String keptFor(String name) {
    String id = Kits.id();
    ObjectNode asked = Kits.powder(id, drawer);
    asked.withObject("item").put("onlyFor", name);
    client.post("/api/items", asked).expect(201);
    return id;
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).expect(200).body().path("item");
  }

  private String section(String performer) {
    String id = Kits.id();
    ObjectNode asked = act().put("id", id);
    asked.set("place", Kits.place("Pouch", "pouch").put("performer", performer));
    client.post("/api/places", asked).expect(204);
    return id;
  }

  private ObjectNode lend(String item, String person) {
    ObjectNode asked = act().put("person", person).put("newPlace", Kits.id()).putNull("askBackOn");
    asked.putArray("items").add(item);
    client.post("/api/kit/lend", asked).expect(204);
    return asked;
  }

  private String booked(String face, String... sensitivities) {
    String id = Kits.id();
    ObjectNode booking = Kits.booking();
    ObjectNode first = (ObjectNode) booking.path("faces").get(0);
    first.put("name", face).putArray("sensitivities");
    for (String one : sensitivities) {
      first.withArray("sensitivities").add(one);
    }
    ObjectNode asked = act().put("id", id);
    asked.set("booking", booking);
    client.post("/api/bookings", asked).expect(201);
    return id;
  }

  private void look(String booking) throws IOException {
    ObjectNode look = act();
    ObjectNode told = look.putObject("look");
    told.put("purpose", "done").put("day", "2031-04-20").put("from", "").put("note", "");
    told.putArray("parts")
        .addObject()
        .put("told", "Gloss tamarillo")
        .put("productClass", "lip-gloss")
        .put("tool", "")
        .put("where", "")
        .put("note", "");
    String face = face(booking).path("id").asString();
    String path = "/api/bookings/" + booking + "/faces/" + face + "/look";
    client.post(path, look).expect(204);
    String picture = path + "/pictures/" + Kits.id() + "?day=2031-04-20&actId=" + Kits.id();
    client.sendBytes("PUT", picture, "image/png", Pixels.png(4, 4)).expect(204);
  }

  private JsonNode face(String booking) {
    return client.get("/api/bookings/" + booking).body().at("/faces/0");
  }

  private JsonNode sheet(String person) {
    return client.get("/api/people/" + person).expect(200).body();
  }

  private JsonNode people() {
    return client.get("/api/people").expect(200).body().path("people");
  }

  private static ObjectNode person(String name, String... aliases) {
    ObjectNode person = object().put("name", name).putNull("depth").putNull("askedOn");
    person.putArray("sensitivities");
    person.putArray("aliases");
    for (String alias : aliases) {
      person.withArray("aliases").add(alias);
    }
    return person;
  }

  private Client.Answer change(String id, ObjectNode person) {
    ObjectNode asked = act().put("version", sheet(id).at("/person/version").asInt());
    asked.set("person", person);
    return client.put("/api/people/" + id, asked);
  }

  private void undo(ObjectNode done) {
    client.post("/api/ledger/" + done.path("actId").asString() + "/undo", act()).expect(204);
  }

  @Test
  void whoeverIsNamedAnywhereIsOnePerson() {
    String sponge = keptFor("Idra Vance");
    String idra = item(sponge).path("onlyForId").asString();
    String pouch = section(" idra vance ");
    String lent = Kits.addPowder(client, drawer);
    lend(lent, "IDRA VANCE");
    String booking = booked("Idra Vance", "carmine");

    assertThat(people()).hasSize(1);
    JsonNode line = people().get(0);
    assertThat(line.at("/person/name").asString()).isEqualTo("Idra Vance");
    assertThat(line.path("kept").asInt()).isEqualTo(1);
    assertThat(line.path("borrowed").asInt()).isEqualTo(1);
    assertThat(line.path("bookings").asInt()).isEqualTo(1);
    assertThat(line.path("lastBooked").asString()).isEqualTo("2031-04-20");
    JsonNode sheet = sheet(idra);
    assertThat(sheet.path("kept").get(0).asString()).isEqualTo(sponge);
    assertThat(sheet.path("borrowed").get(0).asString()).isEqualTo(lent);
    assertThat(sheet.path("places"))
        .extracting(JsonNode::asString)
        .contains(pouch, item(lent).path("now").asString());
    assertThat(sheet.at("/bookings/0/booking").asString()).isEqualTo(booking);
    assertThat(face(booking).path("person").asString()).isEqualTo(idra);
    // Said at the booking, known from then on, with the day.
    assertThat(sheet.at("/person/sensitivities/0").asString()).isEqualTo("carmine");
    assertThat(sheet.at("/person/askedOn").asString()).isEqualTo(Running.TODAY);
    assertThat(sheet.at("/person/depth").asDouble()).isEqualTo(5.5);
  }

  @Test
  void aFaceOfAnotherNameIsNobodyInParticular() {
    keptFor("Idra Vance");
    String booking = booked("Bride");
    assertThat(face(booking).path("person").isNull()).isTrue();
    assertThat(face(booking).path("name").asString()).isEqualTo("Bride");
    assertThat(people()).hasSize(1);
  }

  /** Asked on the way, after the booking was written down: what contains it stays at home. */
  @Test
  void whatIsKnownOfSomebodyKeepsThingsOffTheListOfEveryBooking() {
    String id = Kits.id();
    ObjectNode powder = Kits.powder(id, drawer);
    powder
        .withObject("product")
        .withArray("composition")
        .addObject()
        .put("of", "carmine")
        .put("found", "contains")
        .putNull("checkedOn");
    client.post("/api/items", powder).expect(201);
    String booking = booked("Idra Vance");
    ObjectNode idra = act().put("id", Kits.id());
    idra.set("person", person("Idra Vance"));
    client.post("/api/people", idra).expect(204);
    JsonNode before = client.get("/api/bookings/" + booking).body();
    ObjectNode again = act().put("version", before.path("version").asInt());
    ObjectNode same = Kits.booking();
    ((ObjectNode) same.path("faces").get(0))
        .put("id", before.at("/faces/0/id").asString())
        .put("name", "Idra Vance")
        .putArray("sensitivities");
    again.set("booking", same);
    client.put("/api/bookings/" + booking, again).expect(200);
    assertThat(list(booking)).contains(id);

    ObjectNode sensitive = person("Idra Vance");
    sensitive.withArray("sensitivities").add("carmine");
    change(idra.path("id").asString(), sensitive).expect(204);
    assertThat(list(booking)).doesNotContain(id);
    // What was said at the booking is still told as it was said.
    assertThat(face(booking).path("sensitivities")).isEmpty();
  }

  private List<String> list(String booking) {
    List<String> items = new ArrayList<>();
    client
        .get("/api/bookings/" + booking + "/packing-list")
        .expect(200)
        .body()
        .path("lines")
        .forEach(line -> items.add(line.path("item").path("id").asString()));
    return items;
  }

  @Test
  void anotherNameIsTrueEverywhere() {
    String sponge = keptFor("Idra Vance");
    String idra = item(sponge).path("onlyForId").asString();
    String pouch = section("Idra Vance");
    String lent = Kits.addPowder(client, drawer);
    lend(lent, "Idra Vance");
    String booking = booked("Idra Vance");
    change(idra, person("Idra Osk", "Lady Moor")).expect(204);

    assertThat(item(sponge).path("onlyFor").asString()).isEqualTo("Idra Osk");
    assertThat(place(pouch).path("performer").asString()).isEqualTo("Idra Osk");
    assertThat(place(item(lent).path("now").asString()).path("name").asString())
        .isEqualTo("Idra Osk");
    assertThat(face(booking).path("name").asString()).isEqualTo("Idra Osk");
    assertThat(found("Lady Moor")).contains(sponge, lent);
    assertThat(found("Osk")).contains(sponge);
    assertThat(booked2("lady moor")).isEqualTo(idra);
  }

  private String booked2(String face) {
    return face(booked(face)).path("person").asString();
  }

  private JsonNode place(String id) {
    return client.get("/api/places/" + id).expect(200).body().path("place");
  }

  private List<String> found(String words) {
    List<String> ids = new ArrayList<>();
    client
        .get("/api/find?q=" + words.replace(" ", "%20"))
        .expect(200)
        .body()
        .path("items")
        .forEach(one -> ids.add(one.path("id").asString()));
    return ids;
  }

  @Test
  void noTwoGoByTheSameNameNotEvenByUndo() {
    String idra = item(keptFor("Idra Vance")).path("onlyForId").asString();
    String other = Kits.id();
    ObjectNode add = act().put("id", other);
    add.set("person", person("Corin", "idra vance"));
    assertThat(client.post("/api/people", add).expect(409).code()).isEqualTo("name-taken");
    add.set("person", person("Corin"));
    client.post("/api/people", add).expect(204);

    ObjectNode renamed = act().put("version", sheet(idra).at("/person/version").asInt());
    renamed.set("person", person("Idra Osk"));
    client.put("/api/people/" + idra, renamed).expect(204);
    change(other, person("Corin", "Idra Vance")).expect(204);
    Client.Answer refused =
        client.post("/api/ledger/" + renamed.path("actId").asString() + "/undo", act());
    assertThat(refused.expect(409).code()).isEqualTo("name-taken");
    assertThat(sheet(idra).at("/person/name").asString()).isEqualTo("Idra Osk");
  }

  @Test
  void twoThatAreOneAreMergedAndPartedAgain() {
    String sponge = keptFor("Idra Vance");
    String stays = item(sponge).path("onlyForId").asString();
    String puff = keptFor("I. Vance");
    String gone = item(puff).path("onlyForId").asString();
    String pouch = section("I. Vance");
    String booking = booked("I. Vance", "latex");
    ObjectNode merge = act().put("into", stays);
    client.post("/api/people/" + gone + "/merge", merge).expect(204);

    assertThat(people()).hasSize(1);
    assertThat(item(puff).path("onlyForId").asString()).isEqualTo(stays);
    assertThat(place(pouch).path("personId").asString()).isEqualTo(stays);
    assertThat(face(booking).path("person").asString()).isEqualTo(stays);
    assertThat(face(booking).path("name").asString()).isEqualTo("Idra Vance");
    assertThat(sheet(stays).at("/person/aliases/0").asString()).isEqualTo("I. Vance");
    assertThat(sheet(stays).at("/person/sensitivities/0").asString()).isEqualTo("latex");
    client.get("/api/people/" + gone).expect(404);
    client.post("/api/people/" + stays + "/merge", act().put("into", stays)).expect(422);

    undo(merge);
    assertThat(people()).hasSize(2);
    assertThat(item(puff).path("onlyForId").asString()).isEqualTo(gone);
    assertThat(place(pouch).path("personId").asString()).isEqualTo(gone);
    assertThat(face(booking).path("person").asString()).isEqualTo(gone);
    assertThat(sheet(stays).at("/person/aliases")).isEmpty();
  }

  @Test
  void whatIsErasedStandsNowhereAnyMore() throws SQLException, IOException {
    String sponge = keptFor("Idra Vance");
    String idra = item(sponge).path("onlyForId").asString();
    String pouch = section("Idra Vance");
    ObjectNode lent = lend(Kits.addPowder(client, drawer), "Idra Vance");
    String booking = booked("Idra Vance", "quandong oil");
    look(booking);
    change(idra, person("Idra Oskelund", "Lady Moor")).expect(204);
    change(idra, person("Idra Vance", "Lady Moor")).expect(204);
    writtenBefore(sponge);

    assertThat(erase(idra).expect(409).code()).isEqualTo("still-booked");
    client.post("/api/bookings/" + booking + "/call-off", act()).expect(204);
    assertThat(erase(idra).expect(409).code()).isEqualTo("has-borrowed");
    undo(lent);
    long acts = count("ledger");
    assertThat(count("picture")).isEqualTo(1);
    // It changes things anywhere: nobody says which.
    assertThat(erase(idra).expect(204).raw().headers().firstValue("Gerula-Touched")).isEmpty();

    assertThat(tablesThatTell("Vance", "Oskelund", "Lady Moor", "quandong", "tamarillo")).isEmpty();
    assertThat(count("ledger")).isEqualTo(acts + 1);
    assertThat(count("picture")).isZero();
    JsonNode erased = sheet(idra);
    assertThat(erased.at("/person/erasedOn").asString()).isEqualTo(Running.TODAY);
    // What was kept for one person is not everybody's now.
    assertThat(item(sponge).path("onlyForId").asString()).isEqualTo(idra);
    assertThat(place(pouch).path("personId").asString()).isEqualTo(idra);
    assertThat(change(idra, person("Idra Vance")).expect(409).code()).isEqualTo("erased");
    // The history is undone as before, and does not bring it back.
    for (JsonNode entry : erased.at("/history/entries")) {
      client.post("/api/ledger/" + entry.path("id").asString() + "/undo", act());
    }
    client.get("/api/bookings").expect(200);
    assertThat(tablesThatTell("Vance", "Oskelund", "Lady Moor", "quandong", "tamarillo")).isEmpty();
    // Somebody of the same name is somebody else.
    assertThat(item(keptFor("Idra Vance")).path("onlyForId").asString()).isNotEqualTo(idra);
  }

  private Client.Answer erase(String person) {
    return client.post("/api/people/" + person + "/erase", act());
  }

  @Test
  void erasingIsNotUndone() {
    String idra = item(keptFor("Idra Vance")).path("onlyForId").asString();
    ObjectNode erase = act();
    client.post("/api/people/" + idra + "/erase", erase).expect(204);
    client.post("/api/people/" + idra + "/erase", erase).expect(204);
    assertThat(
            client
                .post("/api/ledger/" + erase.path("actId").asString() + "/undo", act())
                .expect(409)
                .code())
        .isEqualTo("not-undone");
  }

  /** A state from before people had ids. */
  private void writtenBefore(String item) throws SQLException {
    try (Connection application = inWorkspace();
        Statement sql = application.createStatement()) {
      sql.execute(
          "insert into gerula.ledger (id, act, at, who) select '%s', 'moved', now(), id from"
                  .formatted(Kits.id())
              + " gerula.actor");
      sql.execute(
          """
          insert into gerula.ledger_thing (ledger_id, seq, kind, thing_id, level, before, after)
          select id, seq, 'item', '%1$s', 9, '{"id": "%1$s", "only_for": "idra Vance"}',
            '{"id": "%1$s", "only_for": null}'
          from gerula.ledger order by seq desc limit 1
          """
              .formatted(item));
    }
  }

  private Connection inWorkspace() throws SQLException {
    String email = client.get("/api/session").body().path("email").asString();
    Connection application = Running.asApplication();
    try (Statement sql = application.createStatement()) {
      sql.execute(
          "select set_config('gerula.workspace', (select workspace_id::text from"
              + " access.account_by_email('"
              + email
              + "')), false)");
    }
    return application;
  }

  private long count(String table) throws SQLException {
    try (Connection application = inWorkspace();
        Statement sql = application.createStatement();
        ResultSet rows = sql.executeQuery("select count(*) from gerula." + table)) {
      rows.next();
      return rows.getLong(1);
    }
  }

  private List<String> tablesThatTell(String... words) throws SQLException {
    List<String> telling = new ArrayList<>();
    try (Connection application = inWorkspace();
        Statement sql = application.createStatement()) {
      List<String> tables = new ArrayList<>();
      try (ResultSet all =
          sql.executeQuery("select tablename from pg_tables where schemaname = 'gerula'")) {
        while (all.next()) {
          tables.add(all.getString(1));
        }
      }
      for (String table : tables) {
        for (String word : words) {
          try (ResultSet rows =
              sql.executeQuery(
                  "select count(*) from gerula.%s t where t::text ilike '%%%s%%'"
                      .formatted(table, word))) {
            rows.next();
            if (rows.getLong(1) > 0) {
              telling.add(table + " tells of " + word);
            }
          }
        }
      }
    }
    return telling;
  }
}
