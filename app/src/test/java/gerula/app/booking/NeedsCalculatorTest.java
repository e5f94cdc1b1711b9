package gerula.app.booking;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/**
 * What a booking needs, over HTTP: the core's needs in the agreed shape, every fault at its field.
 */
@ExtendWith(Running.class)
class NeedsCalculatorTest {

  private Client client;

  @BeforeEach
  void somebody(Client fresh) {
    client = fresh.signedUp();
  }

  @Test
  void aWeddingPartyIsToldWithItsReasons() {
    JsonNode needs =
        client
            .send(
                "POST",
                "/api/calc/needs",
                """
                {"kind": "event", "firstDay": "2031-06-07", "lastDay": "2031-06-07",
                 "callTime": "05:30", "conditions": ["heat"], "travel": "car",
                 "faces": [
                   {"id": "bride", "name": "Lio", "depth": 3, "undertone": "cool", "hair": "fair",
                    "skinType": "dry", "zones": {"nose": "oily"}, "concerns": ["redness"],
                    "sensitivities": {"known": ["latex"], "askedOn": "2031-05-01"},
                    "services": ["skin-preparation", "base", "mascara", "lashes", "lips", "brows"],
                    "daysPresent": null, "looksPerDay": 1},
                   {"id": "mother", "depth": 8.5, "concerns": [], "services": ["base", "lips"]}],
                 "house": {"reservePercent": 0, "wands": 2}}
                """)
            .expect(200)
            .body()
            .path("needs");
    JsonNode mascara = one(needs, "mascara");
    assertThat(mascara.path("face").asString()).isEqualTo("bride");
    assertThat(mascara.path("amount").asDouble()).isEqualTo(0.1);
    assertThat(mascara.path("unit").asString()).isEqualTo("ml");
    assertThat(mascara.path("must").get(0).asString()).isEqualTo("waterproof");
    assertThat(mascara.path("because").valueStream().map(JsonNode::asString))
        .contains("for-service:mascara", "for-work:event");
    assertThat(one(needs, "wand").path("amount").asInt()).isEqualTo(3);
    assertThat(one(needs, "wand").path("unit").asString()).isEqualTo("piece");
    assertThat(one(needs, "mat").path("unit").asString()).isEqualTo("shared");
    assertThat(needs.findValuesAsString("code"))
        .contains(
            "lips:nude-light",
            "lips:nude-deep",
            "lips:rose",
            "lips:red",
            "brows:fair",
            "correct:green",
            "straw",
            "card",
            "blotting-paper",
            "remover-wipe")
        .doesNotContain("touch-up-jar", "airbrush-gun");
    assertThat(one(needs, "primer").path("should").valueStream().map(JsonNode::asString))
        .contains("hydrating", "oil-control");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "{} | faces firstDay lastDay",
        "{'firstDay': '2031-06-08', 'lastDay': '2031-06-07', 'faces': []} | lastDay",
        "{'firstDay': '2031-02-30', 'lastDay': '2031-06-07', 'faces': [], 'kind': 'party', 'callTime': '25:00', 'conditions': ['wet', 'damp'], 'travel': 'boat'} | callTime conditions.1 firstDay kind travel",
        "{'firstDay': '2031-06-07', 'lastDay': '2031-06-07', 'faces': [{'id': 'a', 'depth': 11, 'services': ['nails'], 'zones': {'ear': 'dry'}, 'looksPerDay': 1}, {'id': 'a', 'depth': 5, 'looksPerDay': 10, 'colour': 1}]} | faces.0.depth faces.0.services.0 faces.0.zones.ear faces.1.colour faces.1.id faces.1.looksPerDay",
        "{'firstDay': '2031-06-07', 'lastDay': '2031-06-07', 'faces': [], 'house': {'wands': 9}} | house"
      })
  void everyFaultIsToldAtItsField(String asked, String paths) {
    Client.Answer refused =
        client.send("POST", "/api/calc/needs", asked.replace('\'', '"')).expect(422);
    assertThat(
            refused.body().path("errors").findValuesAsString("path").stream().distinct().sorted())
        .containsExactlyElementsOf(List.of(paths.split(" ")));
  }

  private static JsonNode one(JsonNode needs, String code) {
    return needs
        .valueStream()
        .filter(need -> need.path("code").asString().equals(code))
        .findFirst()
        .orElseThrow();
  }
}
