package gerula.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody who calls the API of the packaged application without a browser. */
final class Caller {

  private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
  private static final Pattern TOTAL = Pattern.compile("\"total\":(\\d+)");

  private final CookieManager cookies = new CookieManager();
  private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
  private final String address;

  private Caller(String address) {
    this.address = address;
  }

  static Caller signedUp(Packaged application) {
    Caller caller = new Caller(application.address());
    caller.get("/api/session");
    String who =
        "{\"email\":\"%s@example.test\",\"passphrase\":\"seven wet umbrellas in march\"}"
            .formatted(UUID.randomUUID());
    caller.send("POST", "/api/accounts", "application/json", who);
    return caller;
  }

  /**
   * Ids of the places whose adding was confirmed.
   *
   * @param onEach run after each of them
   */
  List<String> addPlacesUntilItEnds(Runnable onEach) {
    List<String> confirmed = new ArrayList<>();
    while (true) {
      String id = UUID.randomUUID().toString();
      String body =
          """
          {"actId": "%s", "id": "%s", "place": {"parent": null, "name": "Drawer", "kind": "drawer",
           "portable": true, "reach": 1, "innerWidthMm": null, "innerDepthMm": null,
           "innerHeightMm": null, "ownMassG": 0, "greatestMassG": null, "section": null,
           "home": null, "slots": null, "sealed": false, "windowed": false, "worn": false,
           "allowed": [], "performer": null, "thing": null, "note": ""}}
          """
              .formatted(UUID.randomUUID(), id);
      try {
        if (send("POST", "/api/places", "application/json", body).statusCode() == 204) {
          confirmed.add(id);
          onEach.run();
        }
      } catch (UncheckedIOException ended) {
        return confirmed;
      }
    }
  }

  /** Whether it was confirmed that all rows were added. */
  boolean importTable(String name, int rows) {
    StringBuilder table = new StringBuilder("name,class,size\n");
    for (int i = 0; i < rows; i++) {
      table.append(name).append(' ').append(i).append(",primer,30 ml\n");
    }
    try {
      String path = "/api/kit/csv?actId=" + UUID.randomUUID();
      return send("POST", path, "text/csv", table.toString()).body().contains("\"result\"");
    } catch (UncheckedIOException ended) {
      return false;
    }
  }

  int things() {
    Matcher total = TOTAL.matcher(get("/api/items?most=1").body());
    if (!total.find()) {
      throw new IllegalStateException("The kit does not say how many things there are.");
    }
    return Integer.parseInt(total.group(1));
  }

  Set<String> places() {
    return ID.matcher(get("/api/places").body())
        .results()
        .map(one -> one.group(1))
        .collect(Collectors.toSet());
  }

  private HttpResponse<String> get(String path) {
    return send("GET", path, "application/json", null);
  }

  private HttpResponse<String> send(String method, String path, String type, String body) {
    String token =
        cookies.getCookieStore().getCookies().stream()
            .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
            .map(HttpCookie::getValue)
            .findFirst()
            .orElse("");
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", type)
            .header("X-XSRF-TOKEN", token)
            .method(method, body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
            .build();
    try {
      return http.send(request, BodyHandlers.ofString());
    } catch (IOException ended) {
      throw new UncheckedIOException(ended);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(stopped);
    }
  }
}
