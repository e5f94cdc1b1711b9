package gerula.app.kit;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A thing and a place tell what was done with them, the newest act first, each act once. */
@ExtendWith(Running.class)
class HistoryTest {

  private Client client;
  private String drawer;
  private String bag;
  private String powder;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    bag = Kits.addPlace(client, "Bag", "backpack");
    powder = Kits.addPowder(client, drawer);
  }

  @Test
  void anActTellsWhatItChangedAndNothingElse() {
    client.post("/api/items/" + powder + "/move", act().put("to", bag)).expect(200);
    JsonNode newest = history("/api/items/" + powder).get(0);
    assertThat(newest.path("act").asString()).isEqualTo("moved");
    assertThat(newest.path("changes")).hasSize(1);
    assertThat(newest.at("/changes/0/field").asString()).isEqualTo("now");
    assertThat(newest.at("/changes/0/from").asString()).isEqualTo(drawer);
    assertThat(newest.at("/changes/0/to").asString()).isEqualTo(bag);
    assertThat(newest.path("who").asString()).contains("@");
    assertThat(history("/api/items/" + powder).toString())
        .doesNotContain("search", "workspace_id", "last_day");
  }

  @Test
  void aPlaceTellsItsOwnActs() {
    client.post("/api/places/" + bag + "/move", act().put("to", drawer)).expect(204);
    JsonNode history = history("/api/places/" + bag);
    assertThat(acts(history)).containsExactly("moved", "added");
    assertThat(history.at("/0/changes/0/field").asString()).isEqualTo("parent");
  }

  @Test
  void anActOnManyThingsStandsInTheHistoryOfEach() {
    String other = Kits.addPowder(client, drawer);
    ObjectNode move = act().put("to", bag);
    move.putArray("items").add(powder).add(other);
    client.post("/api/kit/move", move).expect(204);
    for (String one : List.of(powder, other)) {
      assertThat(history("/api/items/" + one).get(0).path("id").asString())
          .isEqualTo(move.path("actId").asString());
    }
    client.post("/api/ledger/" + move.path("actId").asString() + "/undo", act()).expect(204);
    JsonNode history = history("/api/items/" + powder);
    assertThat(acts(history)).containsExactly("undone", "moved", "added");
    assertThat(history.get(1).path("undone").asBoolean()).isTrue();
  }

  @Test
  void whyAnActCannotBeUndoneIsSaid() {
    ObjectNode first = act().put("to", bag);
    client.post("/api/items/" + powder + "/move", first).expect(200);
    client.post("/api/items/" + powder + "/discard", act().put("cause", "broken")).expect(200);
    Client.Answer refused =
        client.post("/api/ledger/" + first.path("actId").asString() + "/undo", act()).expect(409);
    assertThat(refused.body().path("detail").asString()).contains("discarded", "Undo that first");
    client.post("/api/ledger/" + Kits.id() + "/undo", act()).expect(404);
  }

  @Test
  void theHistorySaysInAdvanceWhatRestsOnAnAct() {
    String other = Kits.addPowder(client, drawer);
    ObjectNode both = act().put("to", bag);
    both.putArray("items").add(powder).add(other);
    client.post("/api/kit/move", both).expect(204);
    ObjectNode lower = act().put("level", "half").putNull("left");
    client.post("/api/items/" + other + "/left", lower).expect(200);
    // Nothing was done with the powder since, but the move took another thing along.
    assertThat(history("/api/items/" + powder).at("/0/undoFirst").asString()).isEqualTo("measured");
    assertThat(history("/api/items/" + powder).at("/1/undoFirst").asString()).isEqualTo("moved");
    assertThat(history("/api/items/" + other).at("/0/undoFirst").isNull()).isTrue();
    client.post("/api/ledger/" + lower.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(history("/api/items/" + powder).at("/0/undoFirst").isNull()).isTrue();
    client.post("/api/ledger/" + both.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(history("/api/items/" + powder).at("/2/undoFirst").isNull()).isTrue();
  }

  @Test
  void whatWasDoneLongAgoIsShownOnceItIsAskedFor() {
    for (int i = 0; i < 25; i++) {
      String to = i % 2 == 0 ? bag : drawer;
      client.post("/api/items/" + powder + "/move", act().put("to", to)).expect(200);
    }
    JsonNode shown = client.get("/api/items/" + powder).expect(200).body().path("history");
    assertThat(shown.path("entries")).hasSize(20);
    assertThat(shown.path("hasEarlier").asBoolean()).isTrue();
    String last = shown.at("/entries/19/id").asString();
    JsonNode earlier = earlier(powder, last);
    assertThat(acts(earlier.path("entries")))
        .containsExactly("moved", "moved", "moved", "moved", "moved", "added");
    assertThat(earlier.path("hasEarlier").asBoolean()).isFalse();
    assertThat(earlier.at("/entries/0/changes/0/from").asString()).isEqualTo(drawer);
    assertThat(earlier(powder, UUID.randomUUID().toString()).path("entries")).isEmpty();
    assertThat(earlier(UUID.randomUUID().toString(), last).path("entries")).isEmpty();
  }

  private JsonNode earlier(String thing, String before) {
    return client.get("/api/history/" + thing + "?before=" + before).expect(200).body();
  }

  private static List<String> acts(JsonNode history) {
    return history.valueStream().map(act -> act.path("act").asString()).toList();
  }

  private JsonNode history(String path) {
    return client.get(path).expect(200).body().at("/history/entries");
  }
}
