package gerula.app.cleandown;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Treatments and brush rotations over HTTP, in the agreed shapes. */
@ExtendWith(Running.class)
class HygieneCalculatorsTest {

  private Client client;

  @BeforeEach
  void somebody(Client fresh) {
    client = fresh.signedUp();
  }

  @Test
  void aTreatmentIsToldWithItsStepsAndCautions() {
    JsonNode answer =
        ask(
            "treatment",
            """
            {"form": "pressed-powder", "how": "direct", "moment": "between-faces", "event": null,
             "house": {"sprayPercent": 91}}
            """);
    assertThat(answer.path("outcome").asString()).isEqualTo("treat");
    assertThat(answer.path("steps").valueStream().map(JsonNode::asString))
        .containsExactly("spray", "dry");
    assertThat(answer.path("readyAfterMinutes").asInt()).isEqualTo(5);
    assertThat(answer.path("findings").get(0).asString()).isEqualTo("outside-effective-range");
    assertThat(answer.path("cautions").valueStream().map(JsonNode::asString))
        .contains("no-heat-or-flame");
    JsonNode blown =
        ask(
            "treatment",
            """
            {"form": "lipstick-bullet", "how": "palette", "moment": "after-job",
             "event": "blown-on", "lipProduct": true}
            """);
    assertThat(blown.path("steps").valueStream().map(JsonNode::asString))
        .containsExactly("spray", "dry");
    JsonNode mine =
        ask(
            "treatment",
            """
            {"form": "twist-up-pencil", "how": "direct", "moment": "between-faces", "hard": false}
            """);
    assertThat(mine.path("outcome").asString()).isEqualTo("one-person");
    assertThat(mine.path("steps")).isEmpty();
    assertThat(mine.path("readyAfterMinutes").isNull()).isTrue();
  }

  @Test
  void everyFaultOfATreatmentIsTold() {
    assertThat(
            faults(
                "treatment",
                """
                {"form": "powder", "moment": "later", "house": {"felt": "share", "spray": 70}}
                """))
        .contains("form wrong-value", "how missing", "moment wrong-value", "house.felt wrong-value")
        .contains("house.spray unknown-field");
    assertThat(
            faults(
                "treatment",
                """
                {"form": "other", "how": "direct", "moment": "after-job"}
                """))
        .containsExactly("how no-such-use");
    assertThat(
            faults(
                "treatment",
                """
                {"form": "cream", "how": "direct", "moment": "after-job",
                 "house": {"sprayPercent": 0}}
                """))
        .containsExactly("house.sprayPercent rule");
  }

  @Test
  void brushesAreRotated() {
    JsonNode answer =
        ask(
            "brush-rotation",
            """
            {"sets": [{"id": "A", "brushes": 20}, {"id": "B", "brushes": 12, "dense": true}],
             "days": [{"date": "2031-04-14", "call": "08:00", "wrap": "18:00", "faces": 3},
                      {"date": "2031-04-15", "call": "08:00", "wrap": "07:00", "faces": 2}],
             "method": "second-set"}
            """);
    assertThat(answer.at("/days/0/used").valueStream().map(JsonNode::asString))
        .containsExactly("A", "B");
    assertThat(answer.at("/days/0/unserved").asInt()).isEqualTo(1);
    assertThat(answer.at("/days/1/used").valueStream().map(JsonNode::asString))
        .containsExactly("A");
    assertThat(answer.at("/days/1/unserved").asInt()).isEqualTo(1);
    assertThat(answer.at("/sets/0/id").asString()).isEqualTo("A");
    // It wrapped at seven the next morning: half an hour of washing and eight hours of drying.
    assertThat(answer.at("/sets/0/readyAt").asString()).startsWith("2031-04-16T15:30");
  }

  @Test
  void everyFaultOfARotationIsTold() {
    assertThat(
            faults(
                "brush-rotation",
                """
                {"sets": [{"id": "A", "brushes": 0}, {"id": "A", "brushes": 3}],
                 "days": [{"date": "2031-04-14", "call": "8", "wrap": "18:00", "faces": 1}],
                 "method": "third-set", "dryHours": 1000}
                """))
        .contains("sets.0.brushes rule", "sets.1.id twice", "days.0.call wrong-value")
        .contains("method wrong-value", "dryHours rule");
    assertThat(
            faults(
                "brush-rotation",
                """
                {"sets": [], "method": "quick-dry",
                 "days": [{"date": "2031-04-14", "call": "08:00", "wrap": "18:00", "faces": 1},
                          {"date": "2031-04-14", "call": "17:00", "wrap": "20:00", "faces": 1}]}
                """))
        .containsExactly("days.1.date overlaps");
  }

  private JsonNode ask(String calculator, String body) {
    return client.post("/api/calc/" + calculator, Client.object(body)).expect(200).body();
  }

  private List<String> faults(String calculator, String body) {
    return client
        .post("/api/calc/" + calculator, Client.object(body))
        .expect(422)
        .body()
        .path("errors")
        .valueStream()
        .map(one -> one.path("path").asString() + " " + one.path("code").asString())
        .toList();
  }
}
