package gerula.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is changed in a good archive, it is read whole or refused whole, never half. */
@ExtendWith(Running.class)
class HostileArchiveTest {

  private static final List<String> HOSTILE =
      List.of(
          "null",
          "7",
          "-1",
          "1e400",
          "true",
          "\"\"",
          "\"../../etc/passwd\"",
          "[]",
          "{}",
          "\"2031-02-30\"",
          "\"\\u0000\"",
          "\"00000000-0000-0000-0000-000000000000\"",
          "\"<script>alert(1)</script>\"");

  static LongStream seeds() {
    return LongStream.range(1, 61);
  }

  @ParameterizedTest(name = "seed {0}")
  @MethodSource("seeds")
  void oneHostileValueAnywhereIsToldOrHarmless(long seed, Client client) throws IOException {
    client.signedUp();
    Random random = new Random(seed);
    ObjectNode demo = Client.object(Files.readString(Path.of("../demo/workspace.json")));
    String where = spoil(demo, random);
    Client.Answer answer = client.post("/api/workspace/archive?actId=" + Kits.id(), demo);
    assertThat(answer.status()).as(where + " " + answer.raw().body()).isIn(204, 409, 422);
    int things = client.get("/api/items").expect(200).body().path("total").asInt();
    int places = client.get("/api/places").expect(200).body().path("places").size();
    if (answer.status() == 204) {
      assertThat(things).as(where).isEqualTo(there(demo));
    } else {
      assertThat(things + places).as(where).isZero();
    }
  }

  /** Changes one value somewhere in one thing of one list. */
  /** Those that are not discarded. */
  private static int there(JsonNode demo) {
    return (int)
        demo.path("items").valueStream().filter(one -> one.path("discardedOn").isNull()).count();
  }

  private static String spoil(ObjectNode demo, Random random) {
    List<String> lists =
        List.of("places", "products", "items", "bookings", "empties", "fillings", "wanted");
    ArrayNode list = demo.withArray(lists.get(random.nextInt(lists.size())));
    int number = random.nextInt(list.size());
    ObjectNode thing = (ObjectNode) list.get(number);
    List<String> parts = List.of("place", "product", "item", "booking", "empty", "besides");
    for (String part : parts) {
      if (thing.path(part) instanceof ObjectNode inner && random.nextInt(4) > 0) {
        thing = inner;
      }
    }
    List<String> fields = new ArrayList<>(thing.propertyNames());
    String field = fields.get(random.nextInt(fields.size()));
    String value = HOSTILE.get(random.nextInt(HOSTILE.size()));
    thing.set(field, Client.object("{\"v\": " + value + "}").get("v"));
    return number + "." + field + " = " + value;
  }
}
