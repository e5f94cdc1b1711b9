package gerula.app.probe;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import java.net.URI;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Every address of the API's own document against every kind of fault: nothing that is sent makes a
 * failure of ours, and every refusal is one. A new address is in it by itself. As many requests as
 * the system property probe.requests says.
 */
@ExtendWith(Running.class)
class BadRequestsTest {

  private static final int REQUESTS = Integer.getInteger("probe.requests", 1200);
  private static final long SEED = Long.getLong("probe.seed", 7);

  private Client client;
  private final Random random = new Random(SEED);
  private final List<String> ids = new ArrayList<>();

  @Test
  void noRequestMakesAFailureOfOurs(Client fresh) {
    client = fresh.signedUp();
    fill();
    List<Operation> operations =
        Operation.all(client.get("/api/openapi.json").expect(200).body()).stream()
            // These end the session or the account the probe works with.
            .filter(one -> !one.path().startsWith("/api/session"))
            .filter(one -> !one.path().startsWith("/api/account"))
            .toList();
    assertThat(operations).hasSizeGreaterThan(80);
    TreeMap<Integer, Integer> statuses = new TreeMap<>();
    for (int i = 0; i < REQUESTS; i++) {
      Operation operation = operations.get(i % operations.size());
      HttpRequest request = request(operation);
      Answer answer = client.send(request);
      statuses.merge(answer.status(), 1, Integer::sum);
      String what =
          "request " + i + " of seed " + SEED + ": " + request + "\n" + answer.raw().body();
      assertThat(answer.status()).as(what).isLessThan(500);
      requireTold(answer, what);
    }
    System.out.println("Bad requests by status: " + statuses);
    assertThat(statuses).containsKeys(200, 404, 422);
    // The kit is as sound as before, whatever of it was accepted.
    assertThat(client.post("/api/workspace/check", Client.act()).expect(200).body().path("mended"))
        .isEmpty();
  }

  private static void requireTold(Answer answer, String what) {
    if (answer.status() >= 400) {
      assertThat(answer.code()).as(what).isNotBlank();
      assertThat(answer.raw().body()).as(what).doesNotContain("Exception", "at gerula.", "org.");
    }
  }

  private void fill() {
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String powder = Kits.addPowder(client, drawer);
    String booking = Kits.addBooking(client, drawer);
    Kits.everythingOfTheBench(client, drawer);
    ids.addAll(List.of(drawer, powder, booking));
    JsonNode sessions = client.get("/api/bench/sessions").body();
    sessions.values().forEach(one -> ids.add(one.path("id").asString()));
    client
        .get("/api/empties")
        .body()
        .path("kinds")
        .values()
        .forEach(one -> ids.add(one.path("id").asString()));
  }

  private HttpRequest request(Operation operation) {
    String address = operation.address(random, ids);
    String type = operation.consumes().isEmpty() ? "application/json" : operation.consumes();
    String body = operation.takesJson() ? operation.body(random, ids).toString() : "";
    switch (random.nextInt(6)) {
      case 0 -> address = spoiltAddress(operation, address);
      case 1 -> type = Spoiling.type(random);
      case 2 -> body = Spoiling.body(random);
      default -> {
        if (operation.takesJson()) {
          body = Spoiling.inside(operation.body(random, ids), random);
        } else {
          address = spoiltAddress(operation, address);
        }
      }
    }
    String token = client.cookie("XSRF-TOKEN").orElseThrow().getValue();
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(client.address() + address))
            .method(
                operation.method(),
                operation.method().equals("GET")
                    ? BodyPublishers.noBody()
                    : BodyPublishers.ofString(body))
            .header("X-XSRF-TOKEN", token);
    if (!type.isEmpty()) {
      request.header("Content-Type", type);
    }
    return request.build();
  }

  private String spoiltAddress(Operation operation, String right) {
    String address = operation.path();
    boolean hasPlace = address.contains("{");
    address =
        address.replaceAll(
            "\\{[^}]*}", java.util.regex.Matcher.quoteReplacement(Spoiling.segment(random)));
    String query = right.contains("?") ? right.substring(right.indexOf('?')) : "";
    if (!hasPlace || random.nextBoolean()) {
      query =
          query.isEmpty()
              ? "?x=%00"
              : query.replaceAll(
                  "=[^&]*",
                  "=" + java.util.regex.Matcher.quoteReplacement(Spoiling.segment(random)));
    }
    return address + query;
  }
}
