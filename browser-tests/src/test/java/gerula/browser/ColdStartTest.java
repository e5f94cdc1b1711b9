package gerula.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/**
 * Everything asked for the first time at once, on two processors: each of them loads classes from
 * the packed application, and none may wait for another for ever.
 */
class ColdStartTest {

  private static final int AT_ONCE = 24;
  private static final Duration PATIENCE = Duration.ofSeconds(90);

  private Packaged application;

  @AfterEach
  void end() {
    application.kill();
  }

  @Test
  void whoeverComesFirstIsAnsweredHoweverManyComeAtOnce() throws Exception {
    application = Packaged.packed("gerula_cold", "-XX:ActiveProcessorCount=2");
    try (ExecutorService all = Executors.newFixedThreadPool(AT_ONCE)) {
      List<Future<Integer>> answers =
          IntStream.range(0, AT_ONCE).mapToObj(i -> all.submit(() -> ask(i))).toList();
      for (Future<Integer> answer : answers) {
        assertThat(answer.get()).isIn(200, 201, 401, 404, 422, 429);
      }
    }
    // Seldom does it come to that; what made it possible is told at once.
    assertThat(application.threads()).contains("-exec-").doesNotContain("tomcat-handler");
  }

  /** A different first question each, the sign-up of some among them. */
  private int ask(int i) throws Exception {
    CookieManager cookies = new CookieManager();
    HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
    return switch (i % 4) {
      case 0 -> status(http, HttpRequest.newBuilder(at("/api/openapi.json")).build());
      case 1 -> status(http, HttpRequest.newBuilder(at("/kit")).build());
      case 2 -> {
        status(http, HttpRequest.newBuilder(at("/api/session")).build());
        yield status(http, posted(cookies, "/api/session", "\"email\": \"nobody@gerula.test\""));
      }
      default -> {
        status(http, HttpRequest.newBuilder(at("/api/session")).build());
        String account = "\"zone\": \"UTC\", \"email\": \"" + UUID.randomUUID() + "@gerula.test\"";
        yield status(http, posted(cookies, "/api/accounts", account));
      }
    };
  }

  private URI at(String path) {
    return URI.create(application.address() + path);
  }

  private HttpRequest posted(CookieManager cookies, String path, String facts) {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
            .findFirst()
            .orElseThrow()
            .getValue();
    return HttpRequest.newBuilder(at(path))
        .header("Content-Type", "application/json")
        .header("X-XSRF-TOKEN", token)
        .POST(
            BodyPublishers.ofString("{" + facts + ", \"passphrase\": \"a rope of seven strands\"}"))
        .build();
  }

  private static int status(HttpClient http, HttpRequest asked) throws Exception {
    HttpRequest patient = HttpRequest.newBuilder(asked, (_, _) -> true).timeout(PATIENCE).build();
    return http.send(patient, BodyHandlers.ofString()).statusCode();
  }
}
