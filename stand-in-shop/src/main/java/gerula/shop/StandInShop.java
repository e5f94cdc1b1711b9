package gerula.shop;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import gerula.shop.Order.Asked;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.Executors;
import tools.jackson.databind.json.JsonMapper;

/**
 * The shop over HTTP, on loopback only: docs/formats/shop-orders.md describes what it answers.
 * Started with its port and a seed.
 */
public final class StandInShop {

  private static final int MOST_BYTES = 1 << 20;
  private static final int MOST_LINES = 500;
  private static final int MOST_PACKS = 999;
  private static final JsonMapper JSON = JsonMapper.builder().build();

  private static final Answer NOT_KNOWN = Answer.refused(404, "No such order is known here.");

  private final Counter counter;

  private StandInShop(Counter counter) {
    this.counter = counter;
  }

  /**
   * @param port 0: any that is free
   */
  public static HttpServer start(int port, long seed) throws IOException {
    HttpServer server =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
    StandInShop shop = new StandInShop(new Counter(Catalogue.shipped(), seed));
    server.createContext("/", shop::answer);
    server.setExecutor(Executors.newFixedThreadPool(2));
    server.start();
    return server;
  }

  static void main(String[] told) throws IOException {
    HttpServer server = start(Integer.parseInt(told[0]), Long.parseLong(told[1]));
    System.out.println("The stand-in shop answers on port " + server.getAddress().getPort() + ".");
  }

  private record OrderIn(UUID order, LocalDate asOf, List<Asked> lines) {}

  private record Answer(int status, String type, byte[] body) {

    static Answer of(int status, Object told) {
      return new Answer(status, "application/json", JSON.writeValueAsBytes(told));
    }

    static Answer refused(int status, String why) {
      return of(status, Map.of("error", why));
    }
  }

  private void answer(HttpExchange exchange) throws IOException {
    try (exchange) {
      Answer answer = answered(exchange);
      exchange.getResponseHeaders().set("Content-Type", answer.type());
      exchange.sendResponseHeaders(answer.status(), answer.body().length);
      exchange.getResponseBody().write(answer.body());
    }
  }

  private Answer answered(HttpExchange exchange) {
    try {
      String path = exchange.getRequestURI().getPath();
      String asked = exchange.getRequestMethod() + " " + path;
      if (asked.equals("POST /orders")) {
        return take(exchange);
      }
      if (asked.equals("GET /catalogue.csv")) {
        byte[] csv = counter.catalogue().csv().getBytes(StandardCharsets.UTF_8);
        return new Answer(200, "text/csv;charset=UTF-8", csv);
      }
      if (asked.startsWith("GET /orders/")) {
        return tell(id(path), asOf(exchange));
      }
      return asked.startsWith("DELETE /orders/")
          ? callOff(id(path), asOf(exchange))
          : Answer.refused(404, "There is nothing here.");
    } catch (RuntimeException | IOException wrong) {
      return Answer.refused(400, "This could not be read.");
    }
  }

  private Answer take(HttpExchange exchange) throws IOException {
    OrderIn in = JSON.readValue(exchange.getRequestBody().readNBytes(MOST_BYTES), OrderIn.class);
    boolean isRight =
        in.order() != null
            && in.asOf() != null
            && in.lines() != null
            && !in.lines().isEmpty()
            && in.lines().size() <= MOST_LINES
            && in.lines().stream()
                .allMatch(
                    line -> line.line() != null && line.packs() > 0 && line.packs() <= MOST_PACKS);
    return isRight
        ? told(counter.take(in.order(), in.asOf(), in.lines()), in.asOf())
        : Answer.refused(400, "An order has an id, a day and 1 to 500 lines of 1 to 999 packs.");
  }

  private Answer tell(UUID id, LocalDate day) {
    return counter.find(id).map(order -> told(order, day)).orElse(NOT_KNOWN);
  }

  private Answer callOff(UUID id, LocalDate day) {
    if (counter.find(id).isEmpty()) {
      return NOT_KNOWN;
    }
    return counter.callOff(id, day)
        ? Answer.of(200, Map.of("calledOff", true))
        : Answer.refused(409, "It is on its way already.");
  }

  private static Answer told(Order order, LocalDate day) {
    Map<String, Object> told = new LinkedHashMap<>();
    told.put("order", order.order());
    told.put("number", order.number());
    told.put("state", order.stateOn(day));
    told.put("arrivesOn", order.nextAfter(day));
    told.put("lines", order.lines());
    told.put("deliveries", order.arrivedBy(day));
    return Answer.of(200, told);
  }

  private static UUID id(String path) {
    return UUID.fromString(path.substring("/orders/".length()));
  }

  private static LocalDate asOf(HttpExchange exchange) {
    return Arrays.stream(exchange.getRequestURI().getQuery().split("&"))
        .filter(part -> part.startsWith("asOf="))
        .map(part -> LocalDate.parse(part.substring("asOf=".length())))
        .findFirst()
        .orElseThrow();
  }
}
