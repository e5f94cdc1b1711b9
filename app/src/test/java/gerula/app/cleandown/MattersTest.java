package gerula.app.cleandown;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What each practice would mean for one's own kit, and choosing one. */
@ExtendWith(Running.class)
class MattersTest {

  @Test
  void theWaysAreToldForOnesOwnKitAndOneIsChosen(Client client) {
    client.signedUp();
    Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    JsonNode powder = client.get("/api/house/matters").expect(200).body().at("/matters/0");
    assertThat(powder.path("matter").asString()).isEqualTo("powder");
    assertThat(powder.path("items")).hasSize(1);
    assertThat(powder.path("holds").asString()).isEqualTo("spray-70");
    assertThat(powder.at("/ways/0/readyAfterMinutes").asInt()).isEqualTo(5);
    JsonNode strong =
        client.get("/api/house/matters?sprayPercent=99").expect(200).body().at("/matters/0");
    assertThat(strong.at("/ways/0/findings/0").asString()).isEqualTo("outside-effective-range");
    client.get("/api/house/matters?sprayPercent=0").expect(422);
    ObjectNode house = act().put("version", 0);
    house.set(
        "rules",
        Client.object(
            """
            {"dateLimits": "usual", "eyeMarginDays": 14, "reservePercent": 20, "deliveryDays": 7,
             "ownLimits": [], "practices": {"powder": "wipe-top-layer", "wands": "two", "sprayPercent": 99}}
            """));
    JsonNode saved = client.put("/api/house", house).expect(200).body();
    assertThat(saved.at("/practices/powder").asString()).isEqualTo("wipe-top-layer");
    assertThat(saved.at("/practices/bullet").asString()).isEqualTo("scrape-only");
    JsonNode after = client.get("/api/house/matters").expect(200).body();
    assertThat(after.at("/matters/0/holds").asString()).isEqualTo("wipe-top-layer");
    assertThat(after.at("/others/0/holds").asString()).isEqualTo("two");
    assertThat(after.path("assumed").asBoolean()).isTrue();
    assertThat(after.path("bookingsAhead").asInt()).isZero();
    house.withObject("rules").withObject("practices").put("sprayPercent", 0);
    client.put("/api/house", house.put("actId", Kits.id()).put("version", 1)).expect(422);
  }
}
