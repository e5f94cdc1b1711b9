package gerula.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.CookieManager;
import java.net.CookiePolicy;
import java.net.HttpCookie;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** One browser as far as HTTP goes: cookies, the CSRF header, JSON. */
public final class Client {

  private static final JsonMapper JSON = JsonMapper.builder().build();

  private final CookieManager cookies = new CookieManager(null, CookiePolicy.ACCEPT_ALL);
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String address;

  Client(int port) {
    address = "http://127.0.0.1:" + port;
  }

  /** An answer with its body as JSON; a missing node where there was none. */
  public record Answer(int status, JsonNode body, HttpResponse<String> raw) {

    public Answer expect(int expected) {
      assertThat(status).as("%s", raw.body()).isEqualTo(expected);
      return this;
    }

    /** The stable code of a problem. */
    public String code() {
      return body.path("code").asString("");
    }
  }

  public Answer get(String path) {
    return send("GET", path, null);
  }

  public Answer post(String path, Object body) {
    return send("POST", path, text(body));
  }

  public Answer put(String path, Object body) {
    return send("PUT", path, text(body));
  }

  public Answer delete(String path) {
    return send("DELETE", path, null);
  }

  private static String text(Object body) {
    return body instanceof String written ? written : JSON.writeValueAsString(body);
  }

  public Answer send(String method, String path, String body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
            .header("Content-Type", "application/json");
    cookie("XSRF-TOKEN").ifPresent(token -> request.header("X-XSRF-TOKEN", token.getValue()));
    return send(request.build());
  }

  /** Sends a file as it is. */
  public Answer sendBytes(String method, String path, String type, byte[] body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .method(method, BodyPublishers.ofByteArray(body))
            .header("Content-Type", type);
    cookie("XSRF-TOKEN").ifPresent(token -> request.header("X-XSRF-TOKEN", token.getValue()));
    return send(request.build());
  }

  /** Sends a file and closes the connection as soon as the answer holds this text. */
  public void sendAndGoAway(String path, String type, String body, String until)
      throws IOException {
    URI uri = URI.create(address + path);
    byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
    String head =
        "POST %s HTTP/1.1\r\nHost: %s\r\nContent-Type: %s\r\nContent-Length: %d\r\n"
                .formatted(
                    uri.getPath() + "?" + uri.getQuery(), uri.getAuthority(), type, bytes.length)
            + cookieLine()
            + "\r\n\r\n";
    try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
      socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
      socket.getOutputStream().write(bytes);
      StringBuilder heard = new StringBuilder();
      int one = socket.getInputStream().read();
      while (one >= 0 && heard.indexOf(until) < 0) {
        heard.append((char) one);
        one = socket.getInputStream().read();
      }
      assertThat(heard).contains(until);
      // Closed with a reset, as when a tab is closed.
      socket.setSoLinger(true, 0);
    }
  }

  /** The header lines a request of this browser carries. */
  public String cookieLine() {
    String all =
        cookies.getCookieStore().getCookies().stream()
            .map(one -> one.getName() + "=" + one.getValue())
            .collect(Collectors.joining("; "));
    return "Cookie: %s\r\nX-XSRF-TOKEN: %s"
        .formatted(all, cookie("XSRF-TOKEN").orElseThrow().getValue());
  }

  public Answer putBytes(String path, String type, byte[] body) {
    return sendBytes("PUT", path, type, body).expect(200);
  }

  /** Fetches a file. */
  public byte[] bytes(String method, String path, Object body) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .method(
                method,
                body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(text(body)))
            .header("Content-Type", "application/json");
    cookie("XSRF-TOKEN").ifPresent(token -> request.header("X-XSRF-TOKEN", token.getValue()));
    try {
      HttpResponse<byte[]> answer = http.send(request.build(), BodyHandlers.ofByteArray());
      assertThat(answer.statusCode()).as(path).isEqualTo(200);
      return answer.body();
    } catch (IOException broken) {
      throw new AssertionError("No answer to " + path, broken);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new AssertionError(stopped);
    }
  }

  /** Sends a request as it is, without adding anything but cookies. */
  public Answer send(HttpRequest request) {
    try {
      HttpResponse<String> response = http.send(request, BodyHandlers.ofString());
      String type = response.headers().firstValue("Content-Type").orElse("");
      boolean isJson = type.contains("json") && !type.contains("ndjson");
      JsonNode json = JSON.readTree(isJson ? response.body() : "null");
      return new Answer(response.statusCode(), json, response);
    } catch (IOException broken) {
      throw new AssertionError("No answer to " + request, broken);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new AssertionError(stopped);
    }
  }

  public String address() {
    return address;
  }

  public java.util.Optional<HttpCookie> cookie(String name) {
    return cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals(name))
        .findFirst();
  }

  /** Signs up under a name of its own, into a workspace of its own. */
  public Client signedUp() {
    get("/api/session").expect(200);
    post("/api/accounts", signIn(UUID.randomUUID() + "@example.test", "a long enough passphrase"))
        .expect(201);
    get("/api/session").expect(200);
    return this;
  }

  public static ObjectNode signIn(String email, String passphrase) {
    return object().put("email", email).put("passphrase", passphrase);
  }

  public static ObjectNode object() {
    return JSON.createObjectNode();
  }

  public static ObjectNode object(String json) {
    return (ObjectNode) JSON.readTree(json);
  }

  /** An act with an id of its own. */
  public static ObjectNode act() {
    return object().put("actId", UUID.randomUUID().toString());
  }
}
