package gerula.app.rule;

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

/** Today is 2031-04-14; the pack was opened on 2031-01-10. */
@ExtendWith(Running.class)
class HouseTest {

  private Client client;
  private String mascara;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    mascara = Kits.id();
    ObjectNode asked = act().put("id", mascara).putNull("productId");
    asked.set("product", Kits.product("mascara", "mascara", "ml").putNull("periodAfterOpening"));
    asked.set(
        "item",
        Kits.item(drawer).put("openedOn", "2031-02-01").put("price", 24).put("currency", "EUR"));
    client.post("/api/items", asked).expect(201);
  }

  private static ObjectNode rules(String school) {
    ObjectNode rules =
        Client.object()
            .put("dateLimits", school)
            .put("eyeMarginDays", 14)
            .put("reservePercent", 20)
            .put("deliveryDays", 5);
    rules.putArray("ownLimits");
    return rules;
  }

  private ObjectNode change(ObjectNode rules) {
    ObjectNode asked =
        act().put("version", client.get("/api/house").body().path("version").asInt());
    asked.set("rules", rules);
    return asked;
  }

  private String lastDay() {
    return client.get("/api/items/" + mascara).body().at("/item/useBy/lastDay").asString();
  }

  private boolean endsOn(String day) {
    return client
        .get("/api/kit/ending?days=400")
        .body()
        .findValuesAsString("lastDay")
        .contains(day);
  }

  @Test
  void beforeSwitchingOneSeesWhatAStricterHouseWouldThrowOut() {
    ObjectNode attempt = Client.object();
    attempt.set("rules", rules("cautious"));
    JsonNode effect = client.post("/api/house/try", attempt).expect(200).body();
    assertThat(effect.at("/gone/0").asString()).isEqualTo(mascara);
    assertThat(lastDay()).isEqualTo("2031-05-01");
    ObjectNode asked = change(rules("cautious"));
    client.put("/api/house", asked).expect(200);
    assertThat(lastDay()).isEqualTo("2031-04-01");
    assertThat(client.get("/api/items?mark=date").body().path("total").asInt()).isEqualTo(1);
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(lastDay()).isEqualTo("2031-05-01");
    assertThat(endsOn("2031-05-01")).isTrue();
  }

  @Test
  void theHousesOwnLimitHoldsAndAnUndoneActFollowsTheRulesOfToday() {
    ObjectNode use = act().putNull("openedOn").put("level", "half");
    client.post("/api/items/" + mascara + "/use", use).expect(200);
    ObjectNode own = rules("usual");
    own.withArray("ownLimits").addObject().put("dateClass", "mascara").put("months", 6);
    client.put("/api/house", change(own)).expect(200);
    assertThat(lastDay()).isEqualTo("2031-08-01");
    assertThat(endsOn("2031-08-01")).isTrue();
    client.post("/api/ledger/" + use.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(endsOn("2031-08-01")).isTrue();
    JsonNode limit = client.get("/api/house").body().at("/limits/0");
    assertThat(limit.path("ownMonths").asInt()).isEqualTo(6);
    assertThat(limit.path("cautious").asString()).isEqualTo("P2M");
  }

  @Test
  void rulesThatCannotBeAreRefusedAndNobodyOverwritesAnothersChange() {
    ObjectNode wrong = rules("usual").put("eyeMarginDays", 400);
    client.put("/api/house", change(wrong)).expect(422);
    ObjectNode months = rules("usual");
    months.withArray("ownLimits").addObject().put("dateClass", "mascara").put("months", 121);
    client.put("/api/house", change(months)).expect(422);
    ObjectNode first = change(rules("cautious"));
    ObjectNode second = change(rules("usual"));
    client.put("/api/house", first).expect(200);
    assertThat(client.put("/api/house", second).expect(409).code()).isEqualTo("changed-meanwhile");
  }

  @Test
  void aReportOverridesEveryDateAndDiscardingTellsTheCostPerUse() {
    ObjectNode report = Client.object("{\"what\": [\"smell\", \"look\"], \"packBroken\": false}");
    client.post("/api/items/" + mascara + "/report", report.put("actId", Kits.id())).expect(200);
    JsonNode item = client.get("/api/items/" + mascara).body().path("item");
    assertThat(item.at("/marks/date/state").asString()).isEqualTo("stop");
    assertThat(item.at("/marks/date/reason/code").asString()).isEqualTo("spoilage-reported");
    assertThat(item.path("spoilage").path("what").size()).isEqualTo(2);
    client.post("/api/items/" + mascara + "/found-fine", act()).expect(200);
    client.post("/api/items/" + mascara + "/found-fine", act()).expect(409);
    for (int i = 0; i < 5; i++) {
      client
          .post("/api/items/" + mascara + "/use", act().putNull("openedOn").putNull("level"))
          .expect(200);
    }
    JsonNode wear = client.get("/api/items/" + mascara).body().path("wear");
    assertThat(wear.path("uses").asInt()).isEqualTo(5);
    assertThat(wear.path("costPerUse").asDouble()).isEqualTo(4.8);
    JsonNode sheet =
        client
            .post("/api/items/" + mascara + "/discard", act().put("cause", "date"))
            .expect(200)
            .body();
    assertThat(sheet.at("/history/entries/0/facts/costPerUse").asDouble()).isEqualTo(4.8);
    assertThat(sheet.at("/history/entries/0/facts/uses").asInt()).isEqualTo(5);
  }
}
