package gerula.app.restock.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import gerula.app.platform.GerulaSettings;
import gerula.shop.StandInShop;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** The desk against the shop that ships with the product, and against ones that lie. */
class HttpOrderDeskTest {

  private static final LocalDate MONDAY = LocalDate.of(2031, 4, 14);
  private static final UUID ORDER = new UUID(1, 1);
  private static final UUID LINE = new UUID(2, 2);
  private static final OrderDesk.Line TISSUES =
      new OrderDesk.Line(LINE, "Marrowby", "Tissues", "", 6);

  private static HttpOrderDesk desk(String url) {
    GerulaSettings settings = new GerulaSettings(null, null, null, null, Set.of(), 1, 1, 64, url);
    return new HttpOrderDesk(settings, JsonMapper.builder().build());
  }

  private static HttpOrderDesk desk(HttpServer server) {
    return desk("http://127.0.0.1:" + server.getAddress().getPort());
  }

  @Test
  void anOrderIsTakenOnceToldAndCalledOff() throws IOException {
    HttpServer shop = StandInShop.start(0, 3);
    try {
      HttpOrderDesk desk = desk(shop);
      assertThat(desk.isThere()).isTrue();
      OrderDesk.Told sent = desk.send(ORDER, MONDAY, List.of(TISSUES));
      assertThat(sent.lines()).containsExactly(new OrderDesk.Confirmed(LINE, 6));
      assertThat(sent.deliveries()).isEmpty();
      assertThat(desk.send(ORDER, MONDAY, List.of(TISSUES))).isEqualTo(sent);
      OrderDesk.Told later = desk.ask(ORDER, MONDAY.plusMonths(2), Set.of(LINE));
      assertThat(later.number()).isEqualTo(sent.number());
      assertThat(
              later.deliveries().stream()
                  .flatMap(one -> one.lines().stream())
                  .mapToInt(OrderDesk.Part::packs)
                  .sum())
          .isEqualTo(6);
      assertThatThrownBy(() -> desk.callOff(ORDER, MONDAY.plusMonths(2)))
          .isInstanceOfSatisfying(
              DeskProblem.class,
              problem -> assertThat(problem.kind()).isEqualTo(DeskProblem.Kind.REFUSED));
      desk.callOff(ORDER, MONDAY);
      assertThatThrownBy(() -> desk.ask(ORDER, MONDAY, Set.of(LINE)))
          .isInstanceOfSatisfying(
              DeskProblem.class,
              problem -> assertThat(problem.kind()).isEqualTo(DeskProblem.Kind.NOT_KNOWN));
    } finally {
      shop.stop(0);
    }
  }

  private static HttpServer answering(String body, long waitsMillis) throws IOException {
    HttpServer server =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.setExecutor(Executors.newVirtualThreadPerTaskExecutor());
    server.createContext(
        "/",
        exchange -> {
          byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
          exchange.sendResponseHeaders(200, 0);
          // Byte by byte: each comes soon, all of them never.
          for (byte one : bytes) {
            exchange.getResponseBody().write(one);
            if (waitsMillis > 0) {
              exchange.getResponseBody().flush();
              pause(waitsMillis);
            }
          }
          exchange.close();
        });
    server.start();
    return server;
  }

  private static void pause(long millis) {
    try {
      Thread.sleep(millis);
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
    }
  }

  private static DeskProblem.Kind kind(String body, long waitsMillis) throws IOException {
    HttpServer server = answering(body, waitsMillis);
    try {
      desk(server).ask(ORDER, MONDAY, Set.of(LINE));
      throw new AssertionError("This was taken: " + body);
    } catch (DeskProblem problem) {
      return problem.kind();
    } finally {
      server.stop(0);
    }
  }

  private static String answer(String rest) {
    return "{\"order\": \"" + ORDER + "\", \"number\": \"A 1\", \"lines\": [], " + rest + "}";
  }

  private static String delivery(String part) {
    return answer(
        "\"deliveries\": [{\"note\": \"N\", \"on\": \"2031-04-14\", \"lines\": [" + part + "]}]");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "null",
        "[]",
        "<html>",
        "{\"order\": 7}",
        "{}",
        "{\"order\": \"00000000-0000-0001-0000-000000000002\", \"number\": \"A\", \"lines\": []}"
      })
  void whatIsNoAnswerIsNoAnswer(String body) throws IOException {
    assertThat(kind(body, 0)).isEqualTo(DeskProblem.Kind.NONSENSE);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "\"packs\": -1",
        "\"packs\": 1000",
        "\"packs\": null",
        "\"packs\": 1, \"price\": -0.01",
        "\"packs\": 1, \"price\": 1000000.01",
        "\"packs\": 1, \"price\": 0.001",
        "\"packs\": 1, \"price\": 1e-99999",
        "\"packs\": 1, \"printedExpiry\": \"9999-01-01\"",
        "\"packs\": 1, \"batch\": \"a\\u0000b\"",
        "\"packs\": 1, \"batch\": \"aaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaaa\""
      })
  void whatCannotHaveComeIsNotBelieved(String part) throws IOException {
    String line = "{\"line\": \"" + LINE + "\", " + part + "}";
    assertThat(kind(delivery(line), 0)).isEqualTo(DeskProblem.Kind.NONSENSE);
  }

  /** It is told, and nothing comes of it. */
  @Test
  void whatNobodyAskedForIsNotOurs() throws IOException {
    String stranger = "{\"line\": \"" + new UUID(9, 9) + "\", \"packs\": 4}";
    HttpServer server = answering(delivery(stranger), 0);
    try {
      assertThat(desk(server).ask(ORDER, MONDAY, Set.of(LINE)).deliveries())
          .containsExactly(new OrderDesk.Delivery("N", MONDAY, List.of(), 4));
    } finally {
      server.stop(0);
    }
  }

  @Test
  void whatCannotBeIsNotBelieved() throws IOException {
    assertThat(kind(answer("\"deliveries\": [null]"), 0)).isEqualTo(DeskProblem.Kind.NONSENSE);
    assertThat(kind(answer("\"arrivesOn\": \"1900-01-01\""), 0))
        .isEqualTo(DeskProblem.Kind.NONSENSE);
  }

  @Test
  void aDeskThatIsSlowEndlessOrNotThereIsSilent() throws IOException {
    assertThat(kind(answer("\"deliveries\": []"), 250)).isEqualTo(DeskProblem.Kind.SILENT);
    assertThat(kind("[" + "7,".repeat(200_000), 0)).isEqualTo(DeskProblem.Kind.SILENT);
    HttpServer gone = answering("", 0);
    HttpOrderDesk desk = desk(gone);
    gone.stop(0);
    assertThatThrownBy(() -> desk.ask(ORDER, MONDAY, Set.of(LINE)))
        .isInstanceOfSatisfying(
            DeskProblem.class,
            problem -> assertThat(problem.kind()).isEqualTo(DeskProblem.Kind.SILENT));
  }

  @Test
  void onlyADeskOnThisMachineIsTaken() {
    assertThatThrownBy(() -> desk("http://192.0.2.1:80"))
        .isInstanceOf(IllegalArgumentException.class);
    assertThat(desk((String) null).isThere()).isFalse();
    assertThatThrownBy(() -> desk((String) null).ask(ORDER, MONDAY, Set.of()))
        .isInstanceOf(DeskProblem.class);
  }
}
