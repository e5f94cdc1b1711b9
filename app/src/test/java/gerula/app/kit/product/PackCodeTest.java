package gerula.app.kit.product;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(Running.class)
class PackCodeTest {

  @ParameterizedTest
  @CsvSource({
    "4006381333931, ean-13, true, 1",
    "4006381333932, ean-13, false, 1",
    "73513537, ean-8, true, 7",
    "hello, unknown, false, ",
  })
  void theCalculatorChecksPackCodes(
      String code, String kind, boolean valid, Integer expected, Client client) {
    JsonNode answer =
        client
            .signedUp()
            .post("/api/calc/pack-code", Client.object().put("code", code))
            .expect(200)
            .body();
    assertThat(answer.path("kind").asString()).isEqualTo(kind);
    assertThat(answer.path("valid").asBoolean()).isEqualTo(valid);
    assertThat(answer.path("expectedCheckDigit").isNull()).isEqualTo(expected == null);
    if (expected != null) {
      assertThat(answer.path("expectedCheckDigit").asInt()).isEqualTo(expected);
    }
  }

  @Test
  void unknownFieldsAndMissingOnesAreRefusedAndSoAreStrangers(Client client, Client stranger) {
    client.signedUp();
    client.post("/api/calc/pack-code", Client.object()).expect(422);
    client.post("/api/calc/pack-code", Client.object().put("code", "1").put("more", 1)).expect(422);
    stranger.get("/api/session");
    stranger.post("/api/calc/pack-code", Client.object().put("code", "1")).expect(401);
  }
}
