package gerula.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.UUID;

/** One browser as far as HTTP goes: cookies, the CSRF header, JSON. */
public final class Caller {

  private final CookieManager cookies = new CookieManager();
  private final HttpClient http =
      HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).cookieHandler(cookies).build();
  private final String address;

  public Caller(String address) {
    this.address = address;
  }

  /**
   * Somebody new.
   *
   * @return the name
   */
  public String signUp() throws IOException, InterruptedException {
    String email = UUID.randomUUID() + "@bench.test";
    ask("/api/session");
    ask(
        "/api/accounts",
        "{\"email\": \"%s\", \"passphrase\": \"a rope of seven strands\", \"zone\": \"UTC\"}"
            .formatted(email));
    ask("/api/session");
    return email;
  }

  /**
   * Milliseconds until the whole answer is there.
   *
   * @param request the path, and what is posted, if anything
   */
  public double milliseconds(String... request) throws IOException, InterruptedException {
    long before = System.nanoTime();
    ask(request);
    return (System.nanoTime() - before) / 1e6;
  }

  /** What is answered, as it came. */
  public String answer(String path) throws IOException, InterruptedException {
    return ask(path);
  }

  private String ask(String... request) throws IOException, InterruptedException {
    HttpRequest.Builder asked = HttpRequest.newBuilder(URI.create(address + request[0]));
    cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .forEach(token -> asked.header("X-XSRF-TOKEN", token.getValue()));
    if (request.length > 1) {
      asked.header("Content-Type", "application/json").POST(BodyPublishers.ofString(request[1]));
    }
    HttpResponse<String> answer = http.send(asked.build(), BodyHandlers.ofString());
    if (answer.statusCode() >= 300) {
      throw new IllegalStateException(request[0] + ": " + answer.body());
    }
    return answer.body();
  }
}
