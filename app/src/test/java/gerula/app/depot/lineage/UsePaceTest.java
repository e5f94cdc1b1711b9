package gerula.app.depot.lineage;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What is used in a month is learnt from the log; what is poured elsewhere is not used. */
@ExtendWith(Running.class)
class UsePaceTest {

  private Client client;
  private String base;
  private String bottles;
  private final String session = Kits.id();

  @BeforeEach
  void aPack(Client fresh) {
    client = fresh.signedUp();
    base = Kits.addBase(client, Kits.addPlace(client, "Store", "store"));
    bottles = Kits.addEmpty(client, "pointed-squeeze-bottle", 10, 4);
    ObjectNode plan = act().put("id", session).put("wantedMonths", 1).putNull("backStock");
    plan.putArray("chosen")
        .add(
            Client.object(
                """
                {"item": "%s", "stays": false, "empty": null, "count": null, "amount": null,
                 "usePerMonth": null}
                """
                    .formatted(base)));
    client.post("/api/bench/sessions", plan).expect(201);
  }

  private JsonNode row() {
    return client.get("/api/bench/sessions/" + session).body().at("/plan/rows/0");
  }

  private ObjectNode left(double left) {
    ObjectNode asked = act().put("left", left).putNull("level");
    client.post("/api/items/" + base + "/left", asked).expect(200);
    return asked;
  }

  @Test
  void twoUsesAreLearntFromAndAnUndoneOneIsForgotten() {
    assertThat(row().path("useBasis").asString()).isEqualTo("assumed");
    left(26);
    assertThat(row().path("useBasis").asString()).isEqualTo("assumed");
    ObjectNode second = left(24);
    assertThat(row().path("useBasis").asString()).isEqualTo("learnt");
    // 6 ml on one day count as those of a month.
    assertThat(row().path("usePerMonth").asDouble()).isEqualTo(6);
    assertThat(row().at("/pieces/0/amount").asDouble()).isEqualTo(6);
    client.post("/api/ledger/" + second.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(row().path("useBasis").asString()).isEqualTo("assumed");
  }

  @Test
  void whatIsPouredIntoAnotherContainerOrFoundMoreOfIsNotUsed() {
    left(28);
    client.post("/api/decants", Kits.decant(Kits.id(), base, bottles, 5)).expect(204);
    client.post("/api/decants", Kits.decant(Kits.id(), base, bottles, 5)).expect(204);
    left(30);
    assertThat(row().path("useBasis").asString()).isEqualTo("assumed");
  }

  @Test
  void whatIsUsedOfADecantCountsForItsProduct() {
    String decant = Kits.id();
    client.post("/api/decants", Kits.decant(decant, base, bottles, 8)).expect(204);
    for (String level : new String[] {"half", "quarter"}) {
      client
          .post("/api/items/" + decant + "/use", act().putNull("openedOn").put("level", level))
          .expect(200);
    }
    // 8 ml to 5, then to 2.5.
    assertThat(row().path("useBasis").asString()).isEqualTo("learnt");
    assertThat(row().path("usePerMonth").asDouble()).isEqualTo(5.5);
  }

  @Test
  void theArtistsOwnFigureStands() {
    ObjectNode change =
        act()
            .put(
                "version",
                client.get("/api/bench/sessions/" + session).body().path("version").asInt())
            .put("wantedMonths", 2)
            .putNull("backStock");
    change
        .putArray("chosen")
        .add(
            Client.object(
                """
                {"item": "%s", "stays": false, "empty": null, "count": null, "amount": null,
                 "usePerMonth": 4}
                """
                    .formatted(base)));
    client.put("/api/bench/sessions/" + session, change).expect(200);
    assertThat(row().path("useBasis").asString()).isEqualTo("told");
    assertThat(row().at("/pieces/0/amount").asDouble()).isEqualTo(8);
    assertThat(row().at("/fits/0/verdict").asString()).isEqualTo("fits");
  }
}
