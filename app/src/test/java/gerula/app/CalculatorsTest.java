package gerula.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** The calculators over HTTP: the core's answers in the agreed shapes, every fault at its field. */
@ExtendWith(Running.class)
class CalculatorsTest {

  private Client client;

  @BeforeEach
  void somebody(Client fresh) {
    client = fresh.signedUp();
  }

  // 2027-08-31 + P6M = 2028-02-29: ISO 8601 calendar months.
  @Test
  void aLastDayIsToldWithEveryClock() {
    JsonNode answer =
        ask(
            "use-by",
            """
            {"productClass": "foundation", "houseLimit": "usual", "openedOn": "2027-08-31",
             "printedExpiry": "2029-02", "paoMonths": 6, "neededUntil": "2028-03-01"}
            """);
    assertThat(answer.path("useBy").asString()).isEqualTo("2028-02-29");
    assertThat(answer.path("clock").asString()).isEqualTo("period-after-opening");
    assertThat(answer.path("replaceBy").asString()).isEqualTo("2028-02-29");
    assertThat(answer.path("goodUntilNeeded").asBoolean(true)).isFalse();
    assertThat(answer.path("fromSource").isNull()).isTrue();
    assertThat(answer.path("reasons").findValuesAsString("date"))
        .containsExactly("2028-02-29", "2028-08-31", "2029-02-28");
  }

  @Test
  void aDecantTakesTheClockOfItsSourceAndAnEyeProductItsMargin() {
    JsonNode answer =
        ask(
            "use-by",
            """
            {"productClass": "eye-cream", "houseLimit": {"months": 4}, "openedOn": "2031-04-10",
             "eyeMarginDays": 10, "neededUntil": null,
             "sources": [{"openedOn": "2031-02-28"}, {"openedOn": "2031-01-31"}]}
            """);
    assertThat(answer.path("useBy").asString()).isEqualTo("2031-05-31");
    assertThat(answer.path("fromSource").asInt()).isEqualTo(1);
    assertThat(answer.path("replaceBy").asString()).isEqualTo("2031-05-21");
    assertThat(answer.path("goodUntilNeeded").isNull()).isTrue();
    JsonNode undated =
        ask("use-by", "{\"productClass\": \"undated\", \"openedOn\": \"2001-01-01\"}");
    assertThat(undated.path("useBy").isNull()).isTrue();
    assertThat(undated.path("clock").isNull()).isTrue();
  }

  @Test
  void aLineIsReadIntoWhatItTells() {
    JsonNode answer =
        ask(
            "read-line",
            """
            {"line": "Tarnwell Soft base 1-3 30 ml opened 3/26 half x2", "today": "2026-11-26",
             "dateOrder": "dmy", "known": {"makers": ["Tarnwell"], "names": []}}
            """);
    assertThat(answer.path("items").findValuesAsString("shade")).containsExactly("1", "2", "3");
    JsonNode first = answer.at("/items/0");
    assertThat(first.path("maker").asString()).isEqualTo("Tarnwell");
    assertThat(first.path("name").asString()).isEqualTo("Soft base");
    assertThat(first.path("productClass").asString()).isEqualTo("foundation");
    assertThat(first.path("sure").asBoolean(true)).isFalse();
    assertThat(first.path("content").asDouble()).isEqualTo(30);
    assertThat(first.path("unit").asString()).isEqualTo("ml");
    assertThat(first.path("openedOn").asString()).isEqualTo("2026-03-01");
    assertThat(first.path("leftShare").asDouble()).isEqualTo(0.5);
    assertThat(first.path("count").asInt()).isEqualTo(2);
    assertThat(first.path("printedExpiry").isNull()).isTrue();
    assertThat(answer.path("tokens").findValuesAsString("as"))
        .containsExactly(
            "maker", "name", "productClass", "shade", "content", "openedOn", "leftShare", "count");
    assertThat(answer.at("/tokens/1/from").asInt()).isEqualTo(9);
    assertThat(answer.at("/tokens/1/to").asInt()).isEqualTo(13);
    // Without a day of its own "last month" follows the workspace's.
    assertThat(ask("read-line", "{\"line\": \"mascara\"}").at("/items/0/sure").asBoolean())
        .isTrue();
  }

  // C1 x V1 = C2 x V2; "70 parts of 91 % and 30 of water" give 63.7 %.
  @Test
  void aDilutionIsToldWithWhatThePopularRuleGives() {
    JsonNode answer =
        ask("dilution", "{\"stockPercent\": 91, \"targetPercent\": 70, \"finalMl\": 1000}");
    assertThat(answer.path("stockMl").asDouble()).isEqualTo(769.2);
    assertThat(answer.path("waterMl").asDouble()).isEqualTo(230.8);
    assertThat(answer.path("popularRulePercent").asDouble()).isEqualTo(63.7);
    assertThat(answer.path("inEffectiveRange").asBoolean()).isTrue();
    assertThat(answer.path("findings")).isEmpty();
  }

  @Test
  void aContainerIsToldWithItsReasons() {
    JsonNode answer =
        ask(
            "container-fit",
            """
            {"form": "thin-spray", "traits": {"thickness": "thin", "alcoholPercent": 99},
             "container": "fine-spray-bottle", "material": "acrylic"}
            """);
    assertThat(answer.path("verdict").asString()).isEqualTo("no");
    assertThat(answer.path("reasons").valueStream().map(JsonNode::asString))
        .containsExactly("clouds-the-material", "evaporates-slowly", "label-as-flammable");
    JsonNode usual = ask("container-fit", "{\"form\": \"cream\", \"container\": \"screw-jar\"}");
    assertThat(usual.path("verdict").asString()).isEqualTo("fits");
  }

  @Test
  void aSessionIsPlanned() {
    JsonNode answer =
        ask(
            "depot-plan",
            """
            {"day": "2031-04-14", "wantedMonths": 3,
             "empties": [{"container": "pointed-squeeze-bottle", "sizeMl": 10, "tareG": 5,
               "outerMl": 15.999999999999998, "count": 2}],
             "products": [
               {"id": "base", "form": "liquid-pump-or-squeeze", "traits": {"thickness": "medium"},
                "contentMl": 30, "densityGPerMl": 1.05, "packTareG": 60, "packOuterMl": 90,
                "usePerMonthMl": 3, "useBy": null},
               {"id": "mascara", "form": "mascara", "traits": {}, "contentMl": 8,
                "densityGPerMl": 1, "packTareG": 15, "packOuterMl": 25, "usePerMonthMl": 1,
                "useBy": "2031-06-01"}]}
            """);
    JsonNode piece = answer.at("/pieces/0");
    assertThat(piece.path("productId").asString()).isEqualTo("base");
    assertThat(piece.path("fillMl").asDouble()).isEqualTo(9);
    assertThat(piece.path("refillInMonths").asDouble()).isEqualTo(3);
    assertThat(answer.at("/notDecanted/0/reasons/0").asString()).isEqualTo("never-decanted");
    assertThat(answer.at("/before/massG").asDouble()).isEqualTo(91.5 + 23);
    assertThat(answer.at("/after/massG").asDouble()).isEqualTo(14.45 + 23);
    assertThat(answer.at("/after/volumeMl").asDouble()).isEqualTo(16 + 25);
    assertThat(answer.at("/minutes/total").asInt()).isEqualTo(30);
    assertThat(answer.path("labels").asInt()).isEqualTo(1);
    assertThat(answer.path("order").get(0).asString()).isEqualTo("base");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "use-by | {\"productClass\": \"hat\", \"openedOn\": \"2031-02-30\", \"paoMonths\": 0} |"
            + " openedOn,paoMonths,productClass",
        "use-by | {\"productClass\": \"primer\", \"madeOn\": \"2031-01-02\", \"openedOn\":"
            + " \"2031-01-01\", \"printedExpiry\": \"2030-12\", \"eyeMarginDays\": -1} |"
            + " eyeMarginDays,openedOn,printedExpiry",
        "use-by | {\"productClass\": \"primer\", \"openedOn\": \"2031-04-15\", \"houseLimit\":"
            + " {\"months\": 1.5, \"days\": 3}} | houseLimit.days,houseLimit.months,openedOn",
        "use-by | {\"productClass\": \"primer\", \"houseLimit\": \"lax\", \"sources\":"
            + " [{}, {\"openedOn\": 5, \"madeOn\": \"+999999999-01-01\"}], \"colour\": 1} |"
            + " colour,houseLimit,sources.1.madeOn,sources.1.openedOn",
        "dilution | {\"stockPercent\": 0, \"targetPercent\": 101, \"finalMl\": 10000.1} |"
            + " finalMl,stockPercent,targetPercent",
        "dilution | {\"stockPercent\": 70, \"targetPercent\": 91, \"finalMl\": 0} |"
            + " finalMl,targetPercent",
        "dilution | {\"stockPercent\": \"91\", \"water\": true} |"
            + " finalMl,stockPercent,targetPercent,water",
        "dilution | {\"stockPercent\": 1e999999, \"targetPercent\": 1e-999999, \"finalMl\": 1} |"
            + " stockPercent,targetPercent",
        "container-fit | {\"form\": \"soup\", \"traits\": {\"thickness\": 3, \"alcoholPercent\":"
            + " 101, \"glitter\": \"yes\"}} | container,form,traits.alcoholPercent,traits.glitter,"
            + "traits.thickness",
        "depot-plan | {\"wantedMonths\": 0, \"empties\": [{\"container\": \"screw-jar\", \"sizeMl\":"
            + " -1, \"tareG\": 1, \"outerMl\": 0, \"count\": 1}], \"products\": [{\"id\": \"a\"}]} |"
            + " day,empties.0.outerMl,empties.0.sizeMl,products.0.contentMl,"
            + "products.0.densityGPerMl,products.0.form,products.0.packOuterMl,"
            + "products.0.packTareG,products.0.usePerMonthMl,wantedMonths",
        "read-line | {\"line\": 3, \"today\": \"soon\", \"dateOrder\": \"dym\", \"known\": {\"makers\":"
            + " [1, \"a\"], \"brands\": []}, \"more\": 1} | dateOrder,known.brands,known.makers.0,line,"
            + "more,today",
      })
  void everyFaultIsToldAtItsField(String calculator, String asked, String paths) {
    Client.Answer refused = client.send("POST", "/api/calc/" + calculator, asked).expect(422);
    assertThat(refused.code()).isEqualTo("faulty");
    assertThat(
            refused.body().path("errors").findValuesAsString("path").stream().distinct().sorted())
        .isEqualTo(List.of(paths.split(",")));
    assertThat(refused.body().path("errors").findValuesAsString("message"))
        .noneMatch(String::isBlank);
  }

  @ParameterizedTest
  @ValueSource(strings = {"use-by", "dilution", "container-fit", "depot-plan", "read-line"})
  void strangersAndBrokenJsonAreRefused(String calculator) {
    String address = "/api/calc/" + calculator;
    client.send("POST", address, "{").expect(400);
    client.send("POST", address, "[]").expect(422);
    client.send("POST", address, "null").expect(422);
    client.send("POST", address, "\"text\"").expect(422);
  }

  private JsonNode ask(String calculator, String asked) {
    return client.send("POST", "/api/calc/" + calculator, asked).expect(200).body();
  }
}
