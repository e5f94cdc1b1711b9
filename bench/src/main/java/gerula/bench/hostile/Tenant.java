package gerula.bench.hostile;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.InetAddress;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.UUID;

/** One browser from one address of loopback. */
final class Tenant implements AutoCloseable {

  private static final String PASSPHRASE = "seven wet umbrellas in march";

  private final CookieManager cookies = new CookieManager();
  private final HttpClient http;
  private final String address;

  Tenant(String address, String from) throws IOException {
    this.address = address;
    http =
        HttpClient.newBuilder()
            .cookieHandler(cookies)
            .localAddress(InetAddress.getByName(from))
            .connectTimeout(Duration.ofSeconds(10))
            .build();
  }

  String address() {
    return address;
  }

  /** The status; 0 when there was no answer. */
  int signUp() throws InterruptedException {
    send("GET", "/api/session", "application/json", null);
    return send("POST", "/api/accounts", "application/json", credentials(PASSPHRASE));
  }

  int signInWrongly() throws InterruptedException {
    send("GET", "/api/session", "application/json", null);
    return send("POST", "/api/session", "application/json", credentials("not this one"));
  }

  private static String credentials(String passphrase) {
    return "{\"email\":\"%s@example.test\",\"passphrase\":\"%s\"}"
        .formatted(UUID.randomUUID(), passphrase);
  }

  int send(String method, String path, String type, String body) throws InterruptedException {
    return answer(method, path, type, body).status();
  }

  /** What came back; no body when nothing came. */
  record Answer(int status, String body) {}

  Answer answer(String method, String path, String type, String body) throws InterruptedException {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address + path))
            .timeout(Duration.ofSeconds(120))
            .header("Content-Type", type)
            .header("X-XSRF-TOKEN", token())
            .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
            .build();
    try {
      HttpResponse<String> response = http.send(request, BodyHandlers.ofString());
      return new Answer(response.statusCode(), response.body());
    } catch (IOException none) {
      return new Answer(0, "");
    }
  }

  String token() {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElse("");
  }

  String cookieLine() {
    StringBuilder line = new StringBuilder("Cookie: ");
    cookies
        .getCookieStore()
        .getCookies()
        .forEach(one -> line.append(one.getName()).append('=').append(one.getValue()).append("; "));
    return line.toString();
  }

  @Override
  public void close() {
    http.shutdownNow();
  }
}
