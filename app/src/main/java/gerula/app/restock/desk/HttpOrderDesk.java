package gerula.app.restock.desk;

import gerula.app.platform.GerulaSettings;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.ObjectReader;
import tools.jackson.databind.json.JsonMapper;

/**
 * The desk over HTTP, at the one address the installation names; it has to lie on this machine. An
 * answer is waited for some seconds and read up to a bound.
 */
@Component
class HttpOrderDesk implements OrderDesk {

  private static final Duration PATIENCE = Duration.ofSeconds(4);
  private static final int MOST_BYTES = 256 * 1024;
  private static final int OK = 200;
  private static final int NOT_FOUND = 404;

  private final @Nullable URI base;
  private final JsonMapper json;
  private final ObjectReader lenient;
  private final HttpClient client;

  HttpOrderDesk(GerulaSettings settings, JsonMapper json) {
    this.base = settings.orderDesk() == null ? null : onThisMachine(settings.orderDesk());
    this.json = json;
    this.lenient =
        json.readerFor(DeskAnswer.class).without(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES);
    this.client =
        HttpClient.newBuilder()
            .connectTimeout(PATIENCE)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
  }

  private static URI onThisMachine(String told) {
    URI uri = URI.create(told);
    try {
      if (uri.getHost() == null || !InetAddress.getByName(uri.getHost()).isLoopbackAddress()) {
        throw new IllegalArgumentException("The order desk has to lie on this machine: " + told);
      }
    } catch (UnknownHostException unknown) {
      throw new IllegalArgumentException("The order desk's address is not known: " + told, unknown);
    }
    return uri;
  }

  @Override
  public boolean isThere() {
    return base != null;
  }

  @Override
  public Told send(UUID order, LocalDate asOf, List<Line> lines) {
    String body =
        json.writeValueAsString(Map.of("order", order, "asOf", asOf.toString(), "lines", lines));
    return told(
        order,
        lines.stream().map(Line::line).collect(Collectors.toSet()),
        asOf,
        at("/orders")
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body)));
  }

  @Override
  public Told ask(UUID order, LocalDate asOf, Set<UUID> lines) {
    return told(order, lines, asOf, at("/orders/" + order + "?asOf=" + asOf).GET());
  }

  @Override
  public void callOff(UUID order, LocalDate asOf) {
    answer(at("/orders/" + order + "?asOf=" + asOf).DELETE());
  }

  private HttpRequest.Builder at(String path) {
    if (base == null) {
      throw new DeskProblem(DeskProblem.Kind.NOT_THERE, "no desk");
    }
    return HttpRequest.newBuilder(base.resolve(path)).timeout(PATIENCE);
  }

  private Told told(UUID order, Set<UUID> lines, LocalDate asOf, HttpRequest.Builder request) {
    byte[] answer = answer(request);
    try {
      DeskAnswer read = lenient.readValue(answer);
      if (read == null) {
        throw new DeskProblem(DeskProblem.Kind.NONSENSE, "nothing");
      }
      return read.checked(order, lines, asOf);
    } catch (JacksonException broken) {
      throw new DeskProblem(DeskProblem.Kind.NONSENSE, "not JSON");
    }
  }

  private byte[] answer(HttpRequest.Builder request) {
    CompletableFuture<HttpResponse<byte[]>> sent =
        client.sendAsync(
            request.build(),
            HttpResponse.BodyHandlers.limiting(
                HttpResponse.BodyHandlers.ofByteArray(), MOST_BYTES));
    try {
      // The whole of it: a desk that sends a byte a second is a silent one.
      HttpResponse<byte[]> answer = sent.get(PATIENCE.toMillis(), TimeUnit.MILLISECONDS);
      return switch (answer.statusCode()) {
        case OK -> answer.body();
        case NOT_FOUND -> throw new DeskProblem(DeskProblem.Kind.NOT_KNOWN, "not known there");
        default -> throw new DeskProblem(DeskProblem.Kind.REFUSED, "" + answer.statusCode());
      };
    } catch (TimeoutException | ExecutionException silent) {
      sent.cancel(true);
      throw new DeskProblem(DeskProblem.Kind.SILENT, String.valueOf(silent.getMessage()));
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new DeskProblem(DeskProblem.Kind.SILENT, "stopped");
    }
  }
}
