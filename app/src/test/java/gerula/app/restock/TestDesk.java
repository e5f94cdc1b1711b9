package gerula.app.restock;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A desk that fares with an order as its first product is called: "refuses", "lies", "sells
 * nothing", "sends too much", or else takes it. What it took it delivers at once, but for one pack.
 */
public final class TestDesk {

  private static final JsonMapper JSON = JsonMapper.builder().build();
  private static final Map<String, ObjectNode> TAKEN = new ConcurrentHashMap<>();

  private TestDesk() {}

  /** Where it answers from now on. */
  public static String start() {
    try {
      HttpServer server =
          HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
      server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
      server.createContext("/", TestDesk::answer);
      server.start();
      return "http://127.0.0.1:" + server.getAddress().getPort();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private static void answer(HttpExchange exchange) throws IOException {
    String path = exchange.getRequestURI().getPath();
    if (exchange.getRequestMethod().equals("POST")) {
      take(exchange, (ObjectNode) JSON.readTree(exchange.getRequestBody().readAllBytes()));
      return;
    }
    String order = path.substring("/orders/".length());
    ObjectNode taken = TAKEN.get(order);
    if (taken == null) {
      send(exchange, 404, JSON.createObjectNode());
    } else if (exchange.getRequestMethod().equals("DELETE")) {
      boolean isOnItsWay = how(taken).equals("sends too much");
      if (!isOnItsWay) {
        TAKEN.remove(order);
      }
      send(exchange, isOnItsWay ? 409 : 200, JSON.createObjectNode());
    } else {
      send(exchange, 200, told(taken, true));
    }
  }

  private static String how(JsonNode asked) {
    return asked.at("/lines/0/name").asString();
  }

  private static void take(HttpExchange exchange, ObjectNode asked) throws IOException {
    switch (how(asked)) {
      case "refuses" -> send(exchange, 400, JSON.createObjectNode());
      case "lies" -> send(exchange, 200, JSON.createObjectNode().put("number", "L"));
      default -> {
        TAKEN.putIfAbsent(asked.path("order").asString(), asked);
        send(exchange, 200, told(asked, false));
      }
    }
  }

  private static ObjectNode told(ObjectNode asked, boolean isLater) {
    ObjectNode told = JSON.createObjectNode();
    told.put("order", asked.path("order").asString()).put("number", "T-1");
    ArrayNode lines = told.putArray("lines");
    ArrayNode deliveries = told.putArray("deliveries");
    ArrayNode parts =
        isLater
            ? deliveries.addObject().put("note", "T-1-1").put("on", "2031-04-14").putArray("lines")
            : JSON.createArrayNode();
    for (JsonNode line : asked.path("lines")) {
      boolean isSold = !line.path("name").asString().equals("sells nothing");
      int packs = line.path("packs").asInt();
      String id = line.path("line").asString();
      lines.addObject().put("line", id).put("packs", isSold ? packs : 0);
      int comes = how(asked).equals("sends too much") ? packs + 2 : packs - 1;
      if (isSold && comes > 0) {
        parts
            .addObject()
            .put("line", id)
            .put("packs", comes)
            .put("batch", "B 7")
            .put("printedExpiry", "2033-06-30")
            .put("price", 2.9);
      }
    }
    told.put("arrivesOn", "2031-04-16");
    return told;
  }

  private static void send(HttpExchange exchange, int status, ObjectNode body) throws IOException {
    try (exchange) {
      byte[] bytes = JSON.writeValueAsString(body).getBytes(StandardCharsets.UTF_8);
      exchange.sendResponseHeaders(status, bytes.length);
      exchange.getResponseBody().write(bytes);
    }
  }
}
