package gerula.app.packing;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** On the way and at the job: lifting, flying and the chairs, over HTTP. */
@ExtendWith(Running.class)
class RoadTest {

  private Client client;

  @BeforeEach
  void somebody(Client fresh) {
    client = fresh.signedUp();
  }

  private JsonNode ask(String calculator, String asked) {
    return client.send("POST", "/api/calc/" + calculator, asked).expect(200).body();
  }

  @Test
  void aLiftIsToldToSoManyDecimals() {
    JsonNode answer =
        ask(
            "lift",
            """
            {"massKg": 20, "horizontalCm": 30, "verticalCm": 50, "travelCm": 60,
             "asymmetryDegrees": 30, "liftsPerMinute": 0.2, "hours": 2, "coupling": "fair"}
            """);
    assertThat(answer.at("/multipliers/hm").asDouble()).isEqualTo(0.833);
    assertThat(answer.at("/multipliers/vm").asDouble()).isEqualTo(0.925);
    assertThat(answer.at("/multipliers/dm").asDouble()).isEqualTo(0.895);
    assertThat(answer.at("/multipliers/am").asDouble()).isEqualTo(0.904);
    assertThat(answer.at("/multipliers/fm").asDouble()).isEqualTo(0.95);
    assertThat(answer.at("/multipliers/cm").asDouble()).isEqualTo(0.95);
    // 23 x 25/30 x 0.925 x 0.895 x 0.904 x 0.95 x 0.95
    assertThat(answer.path("rwlKg").asDouble()).isEqualTo(12.95);
    assertThat(answer.path("liftingIndex").asDouble()).isEqualTo(1.54);
    assertThat(answer.path("findings").get(0).asString()).isEqualTo("above-limit");
  }

  @Test
  void whatFliesIsToldPieceByPieceAndTogether() {
    JsonNode answer =
        ask(
            "travel",
            """
            {"pieces": [
              {"id": "base", "kind": "cream", "containerMl": 30, "leftMl": 12, "massG": 60,
               "toiletry": true},
              {"id": "bank", "kind": "lithium-spare", "wattHours": 120},
              {"id": "powder", "kind": "powder", "containerMl": 400}]}
            """);
    assertThat(answer.at("/pieces/0/cabin").asString()).isEqualTo("yes");
    assertThat(answer.at("/pieces/1/cabin").asString()).isEqualTo("ask");
    assertThat(answer.at("/pieces/1/hold").asString()).isEqualTo("no");
    assertThat(answer.at("/pieces/2/reasons/0").asString()).isEqualTo("may-be-inspected");
    assertThat(answer.at("/lags/ml").asDouble()).isEqualTo(30);
    assertThat(answer.at("/lags/limitMl").asInt()).isEqualTo(1000);
    assertThat(answer.at("/toiletries/massG").asDouble()).isEqualTo(60);
    assertThat(answer.at("/spareBatteries/over100Wh").asInt()).isOne();
  }

  @Test
  void theChairsAreToldInTimesOfTheDay() {
    JsonNode answer =
        ask(
            "chair-plan",
            """
            {"artists": [{"id": "wren", "from": "04:00", "until": "12:00",
                          "breaks": [{"from": "07:00", "until": "07:15"}]}],
             "faces": [{"id": "lead", "minutes": 75, "readyBy": "07:00"},
                       {"id": "maid", "minutes": 45, "readyBy": "08:30", "notBefore": "07:30",
                        "artist": "wren"}],
             "turnoverMinutes": 8}
            """);
    assertThat(answer.path("latestStart").asString()).isEqualTo("05:45");
    assertThat(answer.at("/slots/1/start").asString()).isEqualTo("07:30");
    assertThat(answer.path("maxLatenessMinutes").asInt()).isZero();
    assertThat(answer.path("optimal").asBoolean()).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "lift | {\"massKg\": -1, \"liftsPerMinute\": 1, \"hours\": 9} | massKg,liftsPerMinute,hours",
        "travel | {\"pieces\": [{\"id\": \"a\", \"kind\": \"cream\", \"toiletry\": true}]} |"
            + " pieces.0.containerMl,pieces.0.massG",
        "travel | {\"pieces\": [{\"id\": \"a\", \"kind\": \"other\"}, {\"id\": \"a\", \"kind\":"
            + " \"boat\"}]} | pieces.1.id,pieces.1.kind",
        "chair-plan | {\"artists\": [], \"faces\": [], \"turnoverMinutes\": 5} | artists",
        "chair-plan | {\"artists\": [{\"id\": \"a\", \"from\": \"08:00\", \"until\": \"09:00\"}],"
            + " \"faces\": [{\"id\": \"f\", \"minutes\": 10, \"readyBy\": \"08:00\", \"notBefore\":"
            + " \"09:00\", \"artist\": \"b\"}], \"turnoverMinutes\": 5} |"
            + " faces.0.readyBy,faces.0.artist"
      })
  void everyFaultIsToldAtItsField(String calculator, String asked, String paths) {
    JsonNode answer = client.send("POST", "/api/calc/" + calculator, asked).expect(422).body();
    assertThat(answer.path("errors").findValuesAsString("path")).contains(paths.split(","));
  }
}
