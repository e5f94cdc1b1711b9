package gerula.app.platform.limits;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Csv;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.io.IOException;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What one account asks for does not stop the others, and ends by itself. */
@ExtendWith(Running.class)
@Timeout(60)
class HostileTenantTest {

  private static Answer csv(Client client, String table) {
    return client.sendBytes(
        "POST",
        "/api/kit/csv?actId=" + Kits.id(),
        "text/csv",
        table.getBytes(StandardCharsets.UTF_8));
  }

  @Test
  void aTableThatAsksForTenMillionThingsIsRefusedAtOnce(Client client) {
    client.signedUp();
    String table = "name,class,number\n" + "Thing,primer,200\n".repeat(50_000);
    Answer refused = csv(client, table).expect(422);
    assertThat(refused.body().toString()).contains("50,000 items");
    assertThat(client.get("/api/items").body().path("total").asInt()).isZero();
  }

  @Test
  void aTableOfAMillionColumnsIsRefusedInFewWords(Client client) {
    client.signedUp();
    String wide = "name" + ",x".repeat(1_000_000) + "\nThing\n";
    for (Answer refused :
        List.of(
            csv(client, wide).expect(422),
            Csv.preview(client, wide.getBytes(StandardCharsets.UTF_8), "").expect(422))) {
      assertThat(refused.raw().body()).hasSizeLessThan(2000).contains("at most 200 columns");
    }
    String below = "name\nThing\nOther" + ",".repeat(300) + "\n";
    csv(client, below).expect(422);
  }

  /** A rule that repeats every second since the year 1, told openly or in disguise. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "BEGIN:VTIMEZONE",
        "BEGIN:VTIME\r\n ZONE",
        "BE\r\n\tGIN:VTIMEZONE",
        "begin: vtimezone ",
        "BEGIN:X-ANY\r\nBEGIN:VTIMEZONE",
        "BEGIN:VEVENT\r\nBEGIN:VTIMEZONE"
      })
  void aCalendarsTimeZoneIsNotFollowed(String begin, Client client) {
    client.signedUp();
    String end =
        begin.startsWith("BEGIN:X-ANY")
            ? "\r\nEND:X-ANY"
            : begin.startsWith("BEGIN:VEVENT") ? "\r\nEND:VEVENT" : "";
    String calendar =
        """
        BEGIN:VCALENDAR
        VERSION:2.0
        PRODID:x
        %s
        TZID:Z
        BEGIN:STANDARD
        DTSTART:00010101T000000
        RRULE:FREQ=SECONDLY
        TZOFFSETFROM:+0000
        TZOFFSETTO:+0100
        END:STANDARD
        END:VTIMEZONE%s
        BEGIN:VEVENT
        UID:a
        SUMMARY:Portraits
        DTSTART;TZID=Z:20310601T090000
        END:VEVENT
        END:VCALENDAR
        """
            .replace("\n", "\r\n")
            .formatted(begin, end);
    Answer read =
        client.sendBytes(
            "POST",
            "/api/bookings/calendar",
            "text/calendar",
            calendar.getBytes(StandardCharsets.UTF_8));
    assertThat(read.status()).isIn(200, 422);
  }

  /** Thirty uploads that stand still hold up nobody. */
  @Test
  void slowUploadsHoldNoConnectionToTheDatabase(Client slow, Client other) throws IOException {
    slow.signedUp();
    other.signedUp();
    List<Socket> open = new ArrayList<>();
    try {
      for (int i = 0; i < 30; i++) {
        open.add(begun(slow, "/api/workspace/archive?actId=" + Kits.id()));
      }
      for (int i = 0; i < 10; i++) {
        long before = System.nanoTime();
        other.get("/api/places").expect(200);
        Kits.addPlace(other, "Drawer " + i, "drawer");
        assertThat(Duration.ofNanos(System.nanoTime() - before)).isLessThan(Duration.ofSeconds(5));
      }
    } finally {
      for (Socket one : open) {
        one.close();
      }
    }
  }

  private static Socket begun(Client client, String path) throws IOException {
    URI uri = URI.create(client.address());
    Socket socket = new Socket(uri.getHost(), uri.getPort());
    String head =
        "POST %s HTTP/1.1\r\nHost: %s\r\nContent-Type: application/json\r\nContent-Length: 100000\r\n"
                .formatted(path, uri.getAuthority())
            + client.cookieLine()
            + "\r\n\r\n{\"format\":";
    socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
    socket.getOutputStream().flush();
    return socket;
  }

  @Test
  void whoeverGoesOnWithoutBeingSignedInKeepsNobodyElseWaiting(Client other) throws IOException {
    other.signedUp();
    HttpRequest asked = HttpRequest.newBuilder(URI.create(other.address() + "/api/places")).build();
    List<Callable<Integer>> stubborn = new ArrayList<>();
    try (HttpClient http =
        HttpClient.newBuilder().localAddress(InetAddress.getByName("127.0.0.9")).build()) {
      for (int i = 0; i < 1000; i++) {
        stubborn.add(() -> http.send(asked, BodyHandlers.discarding()).statusCode());
      }
      assertThat(SideBySide.all(stubborn)).containsOnly(401, 429);
    }
    other.get("/api/places").expect(200);
  }

  @Test
  void whatIsAskedInVainIsWaitedForAfterwards() throws InterruptedException {
    Pace pace = new Pace(2, 3600, Duration.ofHours(1));
    assertThat(pace.await("a", Duration.ofNanos(1))).isTrue();
    pace.takeMore("a", 7);
    assertThat(pace.await("a", Duration.ofSeconds(3))).isFalse();
    assertThat(pace.secondsToWait("a"))
        .hasValueSatisfying(wait -> assertThat(wait).isBetween(6L, 8L));
    assertThat(pace.await("b", Duration.ofNanos(1))).as("another name").isTrue();
  }

  @Test
  void paceIsGivenBackEvenly() {
    Pace pace = new Pace(2, 3600, Duration.ofHours(1));
    assertThat(pace.secondsToWait("a")).isEmpty();
    assertThat(pace.secondsToWait("a")).isEmpty();
    assertThat(pace.secondsToWait("a"))
        .hasValueSatisfying(wait -> assertThat(wait).isBetween(1L, 2L));
    assertThat(pace.secondsToWait("b")).as("another name").isEmpty();
  }

  @Test
  void whoeverIsNotServedInTimeIsTold() {
    InFlight one = new InFlight(1, Duration.ofMillis(20));
    InFlight.Turn turn = one.await("a").orElseThrow();
    assertThat(one.await("a")).isEmpty();
    assertThat(one.await("b")).isPresent();
    turn.close();
    assertThat(one.await("a")).isPresent();
  }
}
