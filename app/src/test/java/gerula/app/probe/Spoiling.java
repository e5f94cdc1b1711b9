package gerula.app.probe;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What can be wrong with a value, a body or a part of an address. */
final class Spoiling {

  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** Each as it stands in JSON. */
  private static final List<String> VALUES =
      List.of(
          "null",
          "true",
          "{}",
          "[]",
          "[null]",
          "[[[[[[]]]]]]",
          "{\"a\": null}",
          "-1",
          "0",
          "0.0001",
          "2147483648",
          "1e400",
          "1e-9999",
          "1e999999999",
          "-1e999999999",
          "9".repeat(400),
          "0." + "1".repeat(300),
          "\"\"",
          "\" \"",
          "\"\\u0000\"",
          "\"\\u001b[31m\"",
          "\"a\\rb\"",
          "\"\\ud83c\"",
          "\"\\udc00x\"",
          "\"\\u200b\\u2066\"",
          "\"=cmd|' /C calc'!A0\"",
          "\"2031-02-30\"",
          "\"0000-00-00\"",
          "\"+999999999-12-31\"",
          "\"25:61\"",
          "\"NaN\"",
          "\"../../etc/passwd\"",
          "\"'; drop table gerula.item; --\"",
          "\"${jndi:x}\"",
          "\"" + "x".repeat(5000) + "\"",
          "\"00000000-0000-0000-0000-000000000000\"",
          "\"not-an-id\"");

  private static final List<String> BODIES =
      List.of(
          "", "null", "[]", "{", "\"", "{}", "{\"actId\"", "[".repeat(2000), "\u0000", "{\"a\":1}");

  private static final List<String> SEGMENTS =
      List.of(
          "x",
          "00000000-0000-0000-0000-000000000000",
          "%00",
          "%ff",
          "%2e%2e",
          "a%2fb",
          ";a=b",
          "%F0%9F%8E%A8",
          "x".repeat(2000),
          "-1",
          "1e999");

  private static final List<String> TYPES =
      List.of(
          "",
          "*/*",
          "text/plain",
          "multipart/form-data",
          "multipart/form-data; boundary=",
          "application/x-www-form-urlencoded",
          "application/json; charset=nonsense",
          "application/json; charset=UTF-16",
          "image/png",
          "nonsense");

  private Spoiling() {}

  static String value(RandomGenerator random) {
    return VALUES.get(random.nextInt(VALUES.size()));
  }

  static String body(RandomGenerator random) {
    return BODIES.get(random.nextInt(BODIES.size()));
  }

  static String segment(RandomGenerator random) {
    return SEGMENTS.get(random.nextInt(SEGMENTS.size()));
  }

  static String type(RandomGenerator random) {
    return TYPES.get(random.nextInt(TYPES.size()));
  }

  /**
   * The body with one value somewhere in it replaced, left out, or something unknown put beside.
   */
  static String inside(JsonNode body, RandomGenerator random) {
    List<Runnable> ways = new ArrayList<>();
    String mark = "\"here-it-goes\"";
    collect(body, random, ways);
    if (ways.isEmpty()) {
      return value(random);
    }
    ways.get(random.nextInt(ways.size())).run();
    // Put in as text: no parser of ours could hold some of these.
    return JSON.writeValueAsString(body).replace(mark, value(random));
  }

  private static void collect(JsonNode at, RandomGenerator random, List<Runnable> ways) {
    if (at instanceof ObjectNode object) {
      ways.add(() -> object.put("noSuchField", "here-it-goes"));
      for (String name : List.copyOf(object.propertyNames())) {
        ways.add(() -> object.put(name, "here-it-goes"));
        ways.add(() -> object.put(name, "here-it-goes"));
        ways.add(() -> object.remove(name));
        collect(object.get(name), random, ways);
      }
    } else if (at instanceof ArrayNode array) {
      ways.add(() -> array.add("here-it-goes"));
      for (int i = 0; i < array.size(); i++) {
        collect(array.get(i), random, ways);
      }
    }
  }
}
