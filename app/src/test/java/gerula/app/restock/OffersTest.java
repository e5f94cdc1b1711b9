package gerula.app.restock;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The cheapest cover over HTTP. */
@ExtendWith(Running.class)
class OffersTest {

  private static final String ASKED =
      """
      {"needs": [{"id": "glue", "pieces": 3, "mostUsable": 4},
                 {"id": "wands", "pieces": 40, "mostUsable": null}],
       "shops": [{"id": "harbour", "shipping": "4.90", "freeFrom": "30.00"},
                 {"id": "hill", "shipping": "3.00", "freeFrom": null}],
       "offers": [
         {"id": "three", "shop": "harbour", "need": "glue", "packPieces": 1, "price": "6.90",
          "discount": {"kind": "three-for-two"}},
         {"id": "ten", "shop": "hill", "need": "glue", "packPieces": 10, "price": "9.00"},
         {"id": "bag", "shop": "harbour", "need": "wands", "packPieces": 20, "price": "8.10",
          "discount": {"kind": "from-amount", "percent": 10, "fromPacks": 3}, "most": 5}],
       "budget": %s, "priorities": {"glue": 1}}
      """;

  @Test
  void oneParcelWithItsDiscountsIsCheapest(Client client) {
    JsonNode answer =
        client
            .signedUp()
            .send("POST", "/api/calc/offers", ASKED.formatted("null"))
            .expect(200)
            .body();
    // 13.80 for three tubes and 16.20 for two bags reach 30.00: the parcel is free.
    assertThat(answer.path("total").asString()).isEqualTo("30.00");
    assertThat(answer.path("buy").toString())
        .isEqualTo("[{\"offer\":\"three\",\"packs\":3},{\"offer\":\"bag\",\"packs\":2}]");
    assertThat(answer.path("parcels").toString())
        .isEqualTo("[{\"shop\":\"harbour\",\"goods\":\"30.00\",\"shipping\":\"0.00\"}]");
    assertThat(answer.path("unmet").isEmpty()).isTrue();
    assertThat(answer.at("/waste/glue").asInt()).isZero();
    assertThat(answer.path("optimal").asBoolean()).isTrue();
  }

  @Test
  void aBudgetGoesToWhatStopsAJob(Client client) {
    JsonNode answer =
        client
            .signedUp()
            .send("POST", "/api/calc/offers", ASKED.formatted("\"18.70\""))
            .expect(200)
            .body();
    assertThat(answer.path("total").asString()).isEqualTo("18.70");
    assertThat(answer.path("pieces").toString()).contains("\"glue\":3").contains("\"wands\":0");
    assertThat(answer.path("unmet").toString()).isEqualTo("{\"wands\":40}");
  }

  @Test
  void everyFaultIsToldAtItsPlace(Client client) {
    JsonNode faults =
        client
            .signedUp()
            .send(
                "POST",
                "/api/calc/offers",
                """
                {"needs": [{"id": "glue", "pieces": 3, "mostUsable": 4}, {"id": "glue", "pieces": -1}],
                 "shops": [{"id": "harbour", "shipping": "4,90"}, {"id": "hill", "shipping": "-1"}],
                 "offers": [
                   {"id": "a", "shop": "nowhere", "need": "glue", "packPieces": 1, "price": "1"},
                   {"id": "b", "shop": "hill", "need": "glue", "packPieces": 0, "price": "1"},
                   {"id": "c", "shop": "hill", "need": "glue", "packPieces": 1, "price": "1",
                    "discount": {"kind": "percent", "percent": 101}},
                   {"id": "d", "shop": "hill", "need": "glue", "packPieces": 1, "price": 3,
                    "discount": {"kind": "gift"}}],
                 "budget": "-2", "priorities": {"wands": 1}, "currency": "EUR"}
                """)
            .expect(422)
            .body()
            .path("errors");
    assertThat(faults.valueStream().map(one -> one.path("path").asString()).toList())
        .containsAll(
            List.of(
                "needs.1.id",
                "needs.1.pieces",
                "shops.0.shipping",
                "shops.1.shipping",
                "offers.0.shop",
                "offers.1.packPieces",
                "offers.2.discount.percent",
                "offers.3.discount.kind",
                "offers.3.price",
                "budget",
                "priorities.wands",
                "currency"));
  }
}
