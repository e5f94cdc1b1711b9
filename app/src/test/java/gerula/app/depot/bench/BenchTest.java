package gerula.app.depot.bench;

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
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A session from the plan to the last piece, over HTTP. */
@ExtendWith(Running.class)
class BenchTest {

  private Client client;
  private String drawer;
  private String bag;
  private String base;
  private String powder;
  private String bottles;
  private String pans;
  private final String session = Kits.id();

  @BeforeEach
  void aBench(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Store", "store");
    bag = Kits.addPlace(client, "Bag", "backpack");
    base = Kits.addBase(client, bag);
    powder = Kits.addPowder(client, bag);
    bottles = Kits.addEmpty(client, "pointed-squeeze-bottle", 10, 1);
    pans = Kits.addEmpty(client, "loose-magnetic-pan", 5, 3);
  }

  private static ObjectNode chosen(String item) {
    return Client.object(
        """
        {"item": "%s", "stays": false, "empty": null, "count": null, "amount": null,
         "usePerMonth": null}
        """
            .formatted(item));
  }

  private ObjectNode draft(ObjectNode... rows) {
    ObjectNode draft = act().put("wantedMonths", 3).put("backStock", drawer);
    ArrayNode chosen = draft.putArray("chosen");
    for (ObjectNode row : rows) {
      chosen.add(row);
    }
    return draft;
  }

  private JsonNode planned(ObjectNode... rows) {
    return client.post("/api/bench/sessions", draft(rows).put("id", session)).expect(201).body();
  }

  private String path() {
    return "/api/bench/sessions/" + session;
  }

  private JsonNode now() {
    return client.get(path()).expect(200).body();
  }

  private JsonNode piece(int number) {
    return now().at("/pieces/" + number);
  }

  private String piecePath(int number) {
    return path() + "/pieces/" + piece(number).path("id").asString();
  }

  private static ObjectNode filled(String newItem, double amount) {
    return act()
        .put("newItem", newItem)
        .put("amount", amount)
        .putNull("place")
        .putNull("slot")
        .putNull("openedOn");
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).expect(200).body().path("item");
  }

  @Test
  void aPlanProposesContainersAndSaysWhatItSaves() {
    JsonNode plan = planned(chosen(base), chosen(powder)).path("plan");
    // 30 ml a year, a quarter of it wanted, in the only bottle.
    JsonNode row = plan.at("/rows/0");
    assertThat(row.path("usePerMonth").asDouble()).isEqualTo(2.5);
    assertThat(row.path("useBasis").asString()).isEqualTo("assumed");
    assertThat(row.at("/pieces/0/empty").asString()).isEqualTo(bottles);
    assertThat(row.at("/pieces/0/amount").asDouble()).isEqualTo(7.5);
    assertThat(row.at("/pieces/0/verdict").asString()).isEqualTo("fits");
    assertThat(plan.at("/rows/1/pieces/0/empty").asString()).isEqualTo(pans);
    assertThat(plan.at("/after/massG").asDouble()).isLessThan(plan.at("/before/massG").asDouble());
    JsonNode whole = plan.at("/cases/0");
    assertThat(whole.path("name").asString()).isEqualTo("Bag");
    double saved = plan.at("/before/massG").asDouble() - plan.at("/after/massG").asDouble();
    assertThat(whole.at("/before/massG").asDouble() - whole.at("/after/massG").asDouble())
        .isBetween(saved - 0.3, saved + 0.3);
    assertThat(plan.path("labels").asInt()).isEqualTo(3);
    // Two pans of 4.75 g hold what is used of the powder; set-up 25, pour 4, two lifted at 2 each.
    assertThat(plan.at("/minutes/total").asInt()).isEqualTo(25 + 4 + 4 + 3);
  }

  @Test
  void whatTheArtistChangesStandsAndThePlanGoesRoundIt() {
    JsonNode first = planned(chosen(base), chosen(powder));
    ObjectNode change =
        draft(
            chosen(base).put("empty", bottles).put("amount", 4).put("usePerMonth", 1),
            chosen(powder).put("stays", true));
    change.put("version", first.path("version").asInt());
    JsonNode changed = client.put(path(), change).expect(200).body();
    assertThat(changed.at("/plan/rows/0/pieces/0/amount").asDouble()).isEqualTo(4);
    assertThat(changed.at("/plan/rows/0/pieces/0/refillInMonths").asDouble()).isEqualTo(4);
    assertThat(changed.at("/plan/rows/1/stays/0").asString()).isEqualTo("your-choice");
    client.put(path(), change.deepCopy().put("actId", Kits.id())).expect(409);
    client.post("/api/ledger/" + change.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(now().at("/plan/rows/0/pieces/0/amount").asDouble()).isEqualTo(7.5);

    ObjectNode impossible = draft(chosen(base).put("empty", bottles).put("amount", 11));
    impossible.put("version", now().path("version").asInt());
    JsonNode told = client.put(path(), impossible).expect(200).body();
    assertThat(told.at("/plan/rows/0/fault").asString()).contains("to the brim");
    assertThat(client.post(path() + "/begin", act()).expect(409).code())
        .isEqualTo("choice-impossible");
  }

  @Test
  void aSessionIsWorkedThroughPieceByPieceAndEachIsUndoneByItself() {
    planned(chosen(base), chosen(powder));
    JsonNode begun = client.post(path() + "/begin", act()).expect(200).body();
    assertThat(begun.path("pieces").size()).isEqualTo(3);
    assertThat(begun.at("/pieces/0/handling").asString()).isEqualTo("pour");
    String one = Kits.id();
    client.post(piecePath(0) + "/pick-up", act()).expect(200);
    ObjectNode fill = filled(one, 7);
    client.post(piecePath(0) + "/fill", fill).expect(200);
    client.post(piecePath(0) + "/fill", fill).expect(200);
    assertThat(item(base).path("left").asDouble()).isEqualTo(23);
    assertThat(item(base).path("home").asString()).isEqualTo(drawer);
    assertThat(item(one).path("home").asString()).isEqualTo(bag);
    assertThat(piece(0).path("state").asString()).isEqualTo("done");
    assertThat(client.post(piecePath(0) + "/fill", filled(Kits.id(), 1)).expect(409).code())
        .isEqualTo("done-already");

    String finishedBy = piece(0).path("finishedBy").asString();
    client.post("/api/ledger/" + finishedBy + "/undo", act()).expect(204);
    assertThat(piece(0).path("state").asString()).isEqualTo("working");
    assertThat(item(base).path("left").asDouble()).isEqualTo(30);
    client.get("/api/items/" + one).expect(404);

    client.post(piecePath(0) + "/fill", filled(Kits.id(), 7)).expect(200);
    client.post(piecePath(1) + "/pick-up", act()).expect(200);
    client.post(piecePath(1) + "/fill", filled(Kits.id(), 2)).expect(200);
    assertThat(item(powder).path("home").asString()).isEqualTo(bag);
    client.post(piecePath(2) + "/leave-out", act()).expect(200);
    assertThat(client.post(path() + "/finish", act()).expect(200).body().path("state").asString())
        .isEqualTo("done");
    assertThat(client.post(path() + "/finish", act()).expect(409).code())
        .isEqualTo("not-under-way");
    JsonNode line = client.get("/api/bench").body().at("/sessions/0");
    assertThat(line.path("done").asInt()).isEqualTo(2);
    assertThat(line.path("pieces").asInt()).isEqualTo(3);
  }

  @Test
  void aPausedSessionGoesOnAnotherDay() {
    planned(chosen(base), chosen(powder));
    client.post(path() + "/begin", act()).expect(200);
    client.post(piecePath(0) + "/pick-up", act()).expect(200);
    assertThat(piece(0).path("begunAt").isNull()).isFalse();
    client.post(path() + "/pause", act()).expect(200);
    assertThat(piece(0).path("begunAt").isNull()).isTrue();
    assertThat(piece(0).path("state").asString()).isEqualTo("waiting");
    assertThat(client.post(piecePath(0) + "/pick-up", act()).expect(409).code())
        .isEqualTo("not-running");
    client.post(path() + "/resume", act()).expect(200);
    client.post(piecePath(0) + "/pick-up", act()).expect(200);
    client.post(piecePath(1) + "/pick-up", act()).expect(200);
    assertThat(piece(0).path("state").asString()).isEqualTo("waiting");
    assertThat(piece(1).path("state").asString()).isEqualTo("working");
  }

  @Test
  void whatIsSpiltOrBreaksIsWrittenDown() {
    planned(chosen(base), chosen(powder));
    client.post(path() + "/begin", act()).expect(200);
    client.post(piecePath(0) + "/pick-up", act()).expect(200);
    client.post(piecePath(0) + "/mishap", act().put("what", "spilt").put("lost", 3)).expect(200);
    assertThat(item(base).path("left").asDouble()).isEqualTo(27);
    client.post(piecePath(0) + "/mishap", act().put("what", "spilt").put("lost", 28)).expect(422);
    client
        .post(piecePath(0) + "/mishap", act().put("what", "container-broke").putNull("lost"))
        .expect(200);
    assertThat(client.post(piecePath(0) + "/fill", filled(Kits.id(), 5)).expect(409).code())
        .isEqualTo("none-left");
    client
        .post(piecePath(1) + "/mishap", act().put("what", "pack-broke").putNull("lost"))
        .expect(200);
    assertThat(item(powder).path("brokenPackOn").asString()).isEqualTo(Running.TODAY);
    assertThat(piece(1).path("mishap").asString()).isEqualTo("pack-broke");
  }

  @Test
  void theBenchSuggestsWhatIsWorthIt() {
    client
        .post(
            "/api/items/" + powder + "/report",
            Client.object("{\"what\": [], \"packBroken\": true}").put("actId", Kits.id()))
        .expect(200);
    JsonNode suggestions = client.get("/api/bench").expect(200).body().path("suggestions");
    assertThat(suggestions.at("/0/item/id").asString()).isEqualTo(powder);
    assertThat(suggestions.at("/0/reasons/0").asString()).isEqualTo("broken-pack");
  }

  @Test
  void aPlanThatCannotBeIsRefusedWithEveryFault() {
    ObjectNode wrong = draft(chosen(base), chosen(base), chosen(Kits.id()));
    wrong.put("id", session).put("wantedMonths", 0).put("backStock", Kits.id());
    List<String> codes =
        client
            .post("/api/bench/sessions", wrong)
            .expect(422)
            .body()
            .path("errors")
            .findValuesAsString("code");
    assertThat(codes).contains("twice", "not-there", "rule");
    ObjectNode nothing = draft().put("id", session);
    nothing.withArray("chosen").addNull();
    client.post("/api/bench/sessions", nothing).expect(422);
    planned(chosen(base).put("stays", true));
    assertThat(client.post(path() + "/begin", act()).expect(409).code()).isEqualTo("nothing-to-do");
    ObjectNode giveUp = act();
    client.post(path() + "/give-up", giveUp).expect(204);
    client.get(path()).expect(404);
    client.post("/api/ledger/" + giveUp.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(now().path("state").asString()).isEqualTo("planned");
  }
}
