package gerula.app.shade;

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

/** The calculators of colour over HTTP: the core's answers, and every fault at its field. */
@ExtendWith(Running.class)
class ShadeCalculatorsTest {

  private Client client;

  @BeforeEach
  void somebody(Client fresh) {
    client = fresh.signedUp();
  }

  // Sharma, Wu, Dalal 2005, table 1.
  @Test
  void howDifferentTwoColoursLook() {
    JsonNode answer =
        ask(
            "colour-difference",
            """
            {"a": {"l": 50, "a": 2.6772, "b": -79.7751}, "b": {"l": 50, "a": 0, "b": -82.7485}}
            """);
    assertThat(answer.path("deltaE").asDouble()).isEqualTo(2.0425);
    assertThat(answer.at("/a/a").asDouble()).isEqualTo(2.6772);
    JsonNode same =
        ask(
            "colour-difference",
            "{\"a\": {\"srgb\": \"#FFFFFF\"}, \"b\": {\"l\": 100, \"a\": 0, \"b\": 0}}");
    assertThat(same.path("deltaE").asDouble()).isZero();
  }

  @Test
  void theClassOfASkin() {
    JsonNode answer = ask("skin-class", "{\"colour\": {\"l\": 65, \"a\": 12, \"b\": 15}}");
    assertThat(answer.path("itaDegrees").asDouble()).isEqualTo(45.0);
    assertThat(answer.path("class").asString()).isEqualTo("light");
  }

  @Test
  void aMixIsAnEstimate() {
    JsonNode answer =
        ask(
            "mix",
            """
            {"parts": [{"colour": {"srgb": "#e6bfa3"}, "tenths": 7},
                       {"colour": {"srgb": "#8a5a3c"}, "tenths": 3}]}
            """);
    assertThat(answer.path("estimate").asBoolean()).isTrue();
    assertThat(answer.path("srgb").asString()).matches("#[0-9a-f]{6}");
    assertThat(answer.at("/lab/l").asDouble()).isBetween(45.0, 80.0);
    assertThat(
            ask("mix", "{\"parts\": [{\"colour\": {\"srgb\": \"#e6bfa3\"}, \"tenths\": 10}]}")
                .path("srgb")
                .asString())
        .isEqualTo("#e6bfa3");
  }

  @Test
  void theFewestShadesForAllFaces() {
    JsonNode answer =
        ask(
            "shades-to-carry",
            """
            {"shades": [{"id": "deep", "colour": {"srgb": "#8a5a3c"}, "massG": 40, "mixer": false},
                        {"id": "light", "colour": {"srgb": "#e6bfa3"}, "massG": 30}],
             "faces": [{"id": "a", "colour": {"srgb": "#e6bfa3"}},
                       {"id": "b", "colour": {"srgb": "#3a2418"}}]}
            """);
    assertThat(answer.path("carry").valueStream().map(JsonNode::asString)).containsExactly("light");
    assertThat(answer.at("/recipes/0/parts/0/id").asString()).isEqualTo("light");
    assertThat(answer.at("/holes/0/face").asString()).isEqualTo("b");
    assertThat(answer.at("/holes/0/parts/0/id").asString()).isEqualTo("deep");
    assertThat(answer.at("/holes/0/deltaE").asDouble()).isGreaterThan(2);
    assertThat(answer.path("optimal").asBoolean()).isTrue();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "colour-difference | {} | a b",
        "colour-difference | {'a': {'l': 101, 'a': 201, 'b': -201}, 'b': {'srgb': 'red'}} | a.a a.b a.l b.srgb",
        "colour-difference | {'a': {'l': 50, 'a': 0, 'b': 0, 'srgb': '#ffffff'}, 'b': {'l': '5'}} | a b.a b.b b.l",
        "colour-difference | {'a': 3, 'b': {'srgb': '#ffffff'}, 'c': 1} | a c",
        "skin-class | {'colour': {'l': 60, 'a': 0, 'b': -3}} | colour",
        "skin-class | {'colour': {}} | colour.a colour.b colour.l",
        "mix | {'parts': [{'colour': {'srgb': '#ffffff'}, 'tenths': 11}]} | parts.0.tenths",
        "mix | {'parts': [{'colour': {'srgb': '#ffffff'}, 'tenths': 4}]} | parts",
        "mix | {'parts': []} | parts",
        "mix | {} | parts",
        "shades-to-carry | {'shades': [], 'faces': [], 'limit': -1} | limit",
        "shades-to-carry | {'faces': [{'id': 'a', 'colour': {'srgb': '#ffffff'}}, {'id': 'a', 'colour': {'srgb': '#ffffff'}}]} | faces.1.id shades",
        "shades-to-carry | {'shades': [{'id': 'x', 'colour': {'srgb': '#ffffff'}, 'massG': -1, 'mixer': 'no'}], 'faces': []} | shades.0.massG shades.0.mixer"
      })
  void everyFaultIsToldAtItsField(String calculator, String asked, String paths) {
    Client.Answer refused =
        client.send("POST", "/api/calc/" + calculator, asked.replace('\'', '"')).expect(422);
    assertThat(
            refused.body().path("errors").findValuesAsString("path").stream().distinct().sorted())
        .containsExactlyElementsOf(List.of(paths.split(" ")));
  }

  @Test
  void whatIsNoSkinHasACodeOfItsOwn() {
    Client.Answer refused =
        client
            .send("POST", "/api/calc/skin-class", "{\"colour\": {\"l\": 50, \"a\": 0, \"b\": 0}}")
            .expect(422);
    assertThat(refused.body().at("/errors/0/code").asString()).isEqualTo("not-a-skin-colour");
  }

  private JsonNode ask(String calculator, String asked) {
    return client.send("POST", "/api/calc/" + calculator, asked).expect(200).body();
  }
}
