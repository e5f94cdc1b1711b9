package gerula.app.restock;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** When to order, and when something runs out, over HTTP. */
@ExtendWith(Running.class)
class RestockTest {

  @Test
  void aReorderPointIsToldToSoManyDecimals(Client client) {
    JsonNode answer =
        client
            .signedUp()
            .send(
                "POST",
                "/api/calc/reorder-point",
                "{\"meanPerDay\": 2, \"sigmaPerDay\": 1.5, \"leadDays\": 9, \"serviceLevel\": 0.95}")
            .expect(200)
            .body();
    assertThat(answer.path("z").asDouble()).isEqualTo(1.6449);
    assertThat(answer.path("safetyStock").asDouble()).isEqualTo(7.4);
    assertThat(answer.path("reorderPoint").asDouble()).isEqualTo(25.4);
    JsonNode faults =
        client
            .send(
                "POST",
                "/api/calc/reorder-point",
                "{\"meanPerDay\": -2, \"leadDays\": 9, \"serviceLevel\": 95, \"days\": 1}")
            .expect(422)
            .body()
            .path("errors");
    assertThat(faults.valueStream().map(one -> one.path("path").asString()).toList())
        .containsExactlyInAnyOrderElementsOf(
            List.of("meanPerDay", "sigmaPerDay", "serviceLevel", "days"));
  }

  @Test
  void whatRunsOutSaysWhenAndForWhat(Client client) {
    client.signedUp();
    JsonNode answer =
        client
            .send(
                "POST",
                "/api/calc/run-out",
                """
                {"left": 10, "on": "2031-04-14", "perWeek": 7, "usableUntil": null,
                 "events": [{"date": "2031-04-17", "amount": 8}, {"date": "2031-04-15", "amount": 1}]}
                """)
            .expect(200)
            .body();
    assertThat(answer.path("runsOutOn").asString()).isEqualTo("2031-04-17");
    assertThat(answer.at("/shortFor/date").asString()).isEqualTo("2031-04-17");
    assertThat(answer.at("/shortFor/missing").asDouble()).isEqualTo(2);
    assertThat(answer.path("leftAfter").get(0).asDouble()).isEqualTo(8);
    assertThat(answer.path("leftAfter").get(1).asDouble()).isZero();
    JsonNode faults =
        client
            .send(
                "POST",
                "/api/calc/run-out",
                """
                {"left": -1, "on": "2031-04-31",
                 "events": [{"date": "2031-04-17", "amount": -8}]}
                """)
            .expect(422)
            .body()
            .path("errors");
    assertThat(faults.valueStream().map(one -> one.path("path").asString()).toList())
        .containsExactlyInAnyOrder("left", "on", "events.0.amount");
  }
}
