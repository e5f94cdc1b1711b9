package gerula.app.probe;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * One address and method of the API's own document, with a body of the shape it says it takes.
 *
 * @param consumes media type of its body, empty when it takes none
 */
record Operation(
    String method,
    String path,
    List<Parameter> parameters,
    String consumes,
    JsonNode schema,
    JsonNode document) {

  /** In the path or the query. */
  record Parameter(String name, boolean isInPath, JsonNode schema) {}

  private static final JsonMapper JSON = JsonMapper.builder().build();

  /** Without the document, which is long and is in all of them. */
  @Override
  public String toString() {
    return method + " " + path;
  }

  /** Every operation, in the document's order. */
  static List<Operation> all(JsonNode document) {
    List<Operation> all = new ArrayList<>();
    for (Map.Entry<String, JsonNode> path : document.path("paths").properties()) {
      for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
        all.add(of(path.getKey(), method.getKey(), method.getValue(), document));
      }
    }
    return all;
  }

  private static Operation of(String path, String method, JsonNode told, JsonNode document) {
    List<Parameter> parameters = new ArrayList<>();
    told.path("parameters")
        .values()
        .forEach(
            one ->
                parameters.add(
                    new Parameter(
                        one.path("name").asString(),
                        one.path("in").asString().equals("path"),
                        one.path("schema"))));
    JsonNode content = told.path("requestBody").path("content");
    String type = content.propertyNames().stream().findFirst().orElse("");
    return new Operation(
        method.toUpperCase(Locale.ROOT),
        path,
        List.copyOf(parameters),
        type,
        content.path(type).path("schema"),
        document);
  }

  boolean takesJson() {
    return consumes.equals("application/json") && !path.equals("/api/workspace/archive");
  }

  /** An address as it is meant to be, with ids of the kit at hand. */
  String address(RandomGenerator random, List<String> ids) {
    String address = path;
    List<String> query = new ArrayList<>();
    for (Parameter one : parameters) {
      String value = value(resolved(one.schema()), random, ids, 0).asString("1");
      value = URLEncoder.encode(value, StandardCharsets.UTF_8).replace("+", "%20");
      if (one.isInPath()) {
        address = address.replace("{" + one.name() + "}", value);
      } else {
        query.add(one.name() + "=" + value);
      }
    }
    return query.isEmpty() ? address : address + "?" + String.join("&", query);
  }

  /** A body of the right shape; whether its content makes sense is another question. */
  JsonNode body(RandomGenerator random, List<String> ids) {
    return value(resolved(schema), random, ids, 0);
  }

  private JsonNode resolved(JsonNode told) {
    JsonNode at = told;
    while (at.has("$ref")) {
      String name = at.path("$ref").asString();
      at = document.at(name.substring(1));
    }
    return at;
  }

  private JsonNode value(JsonNode told, RandomGenerator random, List<String> ids, int depth) {
    JsonNode at = resolved(told);
    if (at.has("anyOf")) {
      JsonNode options = at.path("anyOf");
      return value(options.get(random.nextInt(options.size())), random, ids, depth);
    }
    if (at.has("enum")) {
      return at.path("enum").get(random.nextInt(at.path("enum").size()));
    }
    String type =
        at.path("type").isArray()
            ? at.path("type").get(0).asString()
            : at.path("type").asString("");
    return switch (type) {
      case "object" -> object(at, random, ids, depth);
      case "array" -> array(at, random, ids, depth);
      case "integer" -> JSON.getNodeFactory().numberNode(random.nextInt(20));
      case "number" -> JSON.getNodeFactory().numberNode(random.nextInt(200) / 10.0);
      case "boolean" -> JSON.getNodeFactory().booleanNode(random.nextBoolean());
      case "null" -> JSON.getNodeFactory().nullNode();
      default ->
          JSON.getNodeFactory().stringNode(text(at.path("format").asString(""), random, ids));
    };
  }

  private JsonNode object(JsonNode at, RandomGenerator random, List<String> ids, int depth) {
    ObjectNode object = JSON.createObjectNode();
    if (depth < 8) {
      at.path("properties")
          .properties()
          .forEach(one -> object.set(one.getKey(), value(one.getValue(), random, ids, depth + 1)));
    }
    if (object.has("actId")) {
      object.put("actId", UUID.randomUUID().toString());
    }
    return object;
  }

  private JsonNode array(JsonNode at, RandomGenerator random, List<String> ids, int depth) {
    ArrayNode array = JSON.createArrayNode();
    int length = depth > 6 ? 0 : random.nextInt(3);
    for (int i = 0; i < length; i++) {
      array.add(value(at.path("items"), random, ids, depth + 1));
    }
    return array;
  }

  private static String text(String format, RandomGenerator random, List<String> ids) {
    return switch (format) {
      case "uuid" ->
          random.nextInt(3) == 0 || ids.isEmpty()
              ? UUID.randomUUID().toString()
              : ids.get(random.nextInt(ids.size()));
      case "date" -> "2031-0" + (1 + random.nextInt(9)) + "-1" + random.nextInt(10);
      case "date-time" -> "2031-04-14T08:00:00Z";
      case "time", "partial-time" -> "09:30";
      default -> "Word " + random.nextInt(9);
    };
  }
}
