package gerula.bench.find;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/**
 * How long finding takes while somebody types, over HTTP, against the same SQL in psql in the same
 * run. Arguments: address of the application, JDBC address, host, port and database of the server,
 * all on loopback; GERULA_TEST_APP holds the password of the application's role.
 */
public final class FindBench {

  private static final int ITEMS = 20_000;
  private static final int ENTRIES = 1_000_000;
  private static final int ROUNDS = 15;

  /** Both sides are measured as they are after a while: compiled, their rows in memory. */
  private static final int ROUNDS_BEFORE = 40;

  /** What somebody types, letter by letter, with slips and words in any order. */
  private static final List<String> TYPED =
      List.of(
          "t",
          "tar",
          "tarn",
          "tarnwell",
          "tarnwell so",
          "soft base",
          "base soft",
          "sft base",
          "velvet 17",
          "mascra",
          "powder light",
          "drawer 7",
          "lip berry",
          "winter",
          "kelp matte",
          "shade 1234",
          "lampshade");

  private FindBench() {}

  public static void main(String[] arguments) throws Exception {
    String address = arguments[0];
    Server server = new Server(arguments[1], arguments[2], arguments[3]);
    try (HttpClient http = HttpClient.newBuilder().cookieHandler(new CookieManager()).build()) {
      Api api = new Api(http, address);
      String email = api.signUp();
      UUID workspace = fill(server, email);
      measure(api, new Psql(server, workspace));
    }
  }

  /** Where the database is. */
  record Server(String host, String port, String database) {
    String jdbc() {
      return "jdbc:postgresql://" + host + ":" + port + "/" + database;
    }

    static String password() {
      return System.getenv("GERULA_TEST_APP");
    }
  }

  private static UUID fill(Server server, String email) throws Exception {
    try (Connection application =
        DriverManager.getConnection(server.jdbc(), "gerula_app", Server.password())) {
      Filling filling = new Filling(application, email);
      System.out.printf("filling: %,d things, %,d ledger entries%n", ITEMS, ENTRIES);
      filling.things(ITEMS);
      filling.ledger(ENTRIES);
      return filling.workspace();
    }
  }

  private static void measure(Api api, Psql psql) throws IOException, InterruptedException {
    for (int round = 0; round < ROUNDS_BEFORE; round++) {
      for (String typed : TYPED) {
        api.find(typed);
      }
    }
    psql.times(TYPED, ROUNDS_BEFORE);
    List<Double> overHttp = new ArrayList<>();
    List<Double> inPsql = new ArrayList<>();
    for (int round = 0; round < ROUNDS; round++) {
      for (String typed : TYPED) {
        overHttp.add(api.find(typed));
      }
      inPsql.addAll(psql.times(TYPED, 1));
    }
    print("p50", at(overHttp, 0.5), at(inPsql, 0.5));
    print("p95", at(overHttp, 0.95), at(inPsql, 0.95));
  }

  private static void print(String what, double http, double psql) {
    System.out.printf(
        "find %s   HTTP %7.2f ms   psql %7.2f ms   ratio %.2f%n", what, http, psql, http / psql);
  }

  private static double at(List<Double> times, double part) {
    List<Double> sorted = times.stream().sorted().toList();
    return sorted.get((int) Math.min(sorted.size() - 1, Math.floor(sorted.size() * part)));
  }

  /** The application as a browser sees it. */
  private record Api(HttpClient http, String address) {

    String signUp() throws IOException, InterruptedException {
      String email = UUID.randomUUID() + "@bench.test";
      send(HttpRequest.newBuilder(URI.create(address + "/api/session")).build());
      String token = token();
      String body = "{\"email\": \"" + email + "\", \"passphrase\": \"a long enough passphrase\"}";
      HttpResponse<String> answer =
          send(
              HttpRequest.newBuilder(URI.create(address + "/api/accounts"))
                  .header("Content-Type", "application/json")
                  .header("X-XSRF-TOKEN", token)
                  .POST(HttpRequest.BodyPublishers.ofString(body))
                  .build());
      if (answer.statusCode() != 201) {
        throw new IllegalStateException("Nobody could sign up: " + answer.body());
      }
      return email;
    }

    private String token() {
      CookieManager cookies = (CookieManager) http.cookieHandler().orElseThrow();
      return cookies.getCookieStore().getCookies().stream()
          .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
          .findFirst()
          .orElseThrow()
          .getValue();
    }

    /** Milliseconds until the whole answer is there. */
    double find(String typed) throws IOException, InterruptedException {
      String query = URLEncoder.encode(typed, StandardCharsets.UTF_8);
      HttpRequest ask =
          HttpRequest.newBuilder(URI.create(address + "/api/find?q=" + query)).build();
      long before = System.nanoTime();
      HttpResponse<String> answer = send(ask);
      double took = (System.nanoTime() - before) / 1e6;
      if (answer.statusCode() != 200) {
        throw new IllegalStateException(answer.body());
      }
      return took;
    }

    private HttpResponse<String> send(HttpRequest request)
        throws IOException, InterruptedException {
      return http.send(request, HttpResponse.BodyHandlers.ofString());
    }
  }
}
