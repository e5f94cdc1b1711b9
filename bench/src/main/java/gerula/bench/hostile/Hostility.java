package gerula.bench.hostile;

import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.ConcurrentSkipListMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/** Everything one address can think of to keep the others from being served. */
final class Hostility implements AutoCloseable {

  private final String address;
  private final String from;
  private final String archive;
  private final AtomicBoolean isOver = new AtomicBoolean();
  private final ExecutorService threads = Executors.newCachedThreadPool();
  private final List<Socket> slow = new ArrayList<>();
  private final ConcurrentSkipListMap<Integer, Integer> statuses = new ConcurrentSkipListMap<>();

  Hostility(String address, String from, String archive) {
    this.address = address;
    this.from = from;
    this.archive = archive;
  }

  /** Something it does over and over. */
  private interface Deed {
    int once(Tenant tenant) throws InterruptedException;
  }

  void begin() throws IOException, InterruptedException {
    String rows = "name,class,size\n" + "Thing,primer,30 ml\n".repeat(50_000);
    String greedy = "name,class,number\n" + "Thing,primer,200\n".repeat(50_000);
    String wide = "name" + ",x".repeat(500_000) + "\nThing\n";
    String zone =
        """
        BEGIN:VCALENDAR\r
        VERSION:2.0\r
        BEGIN:VTIMEZONE\r
        TZID:Z\r
        BEGIN:STANDARD\r
        DTSTART:00010101T000000\r
        RRULE:FREQ=SECONDLY\r
        TZOFFSETFROM:+0000\r
        TZOFFSETTO:+0100\r
        END:STANDARD\r
        END:VTIMEZONE\r
        BEGIN:VEVENT\r
        UID:a\r
        DTSTART;TZID=Z:20310601T090000\r
        END:VEVENT\r
        END:VCALENDAR\r
        """;
    again(tenant -> csv(tenant, "/preview", rows));
    again(tenant -> csv(tenant, "?actId=" + UUID.randomUUID(), greedy));
    again(tenant -> csv(tenant, "/preview", wide));
    again(tenant -> tenant.send("POST", "/api/bookings/calendar", "text/calendar", zone));
    again(
        tenant ->
            tenant.send(
                "POST",
                "/api/workspace/archive?actId=" + UUID.randomUUID(),
                "application/json",
                archive));
    again(tenant -> tenant.send("GET", "/api/workspace/archive", "application/json", null));
    for (int i = 0; i < 6; i++) {
      again(tenant -> tenant.send("GET", "/api/items?most=200", "application/json", null));
      again(tenant -> tenant.send("GET", "/api/bench", "application/json", null));
    }
    again(Tenant::signUp);
    again(Tenant::signInWrongly);
    slowUploads();
  }

  private static int csv(Tenant tenant, String rest, String table) throws InterruptedException {
    return tenant.send("POST", "/api/kit/csv" + rest, "text/csv", table);
  }

  private void again(Deed deed) throws IOException, InterruptedException {
    Tenant tenant = new Tenant(address, from);
    tenant.signUp();
    threads.submit(
        () -> {
          while (!isOver.get()) {
            statuses.merge(deed.once(tenant), 1, Integer::sum);
          }
          tenant.close();
          return true;
        });
  }

  /** Forty archives of which nothing comes after the first few letters. */
  private void slowUploads() throws IOException, InterruptedException {
    Tenant tenant = new Tenant(address, from);
    tenant.signUp();
    URI uri = URI.create(address);
    for (int i = 0; i < 40; i++) {
      Socket socket = new Socket();
      socket.bind(new InetSocketAddress(InetAddress.getByName(from), 0));
      socket.connect(new InetSocketAddress(uri.getHost(), uri.getPort()));
      String head =
          """
          POST /api/workspace/archive?actId=%s HTTP/1.1\r
          Host: %s\r
          Content-Type: application/json\r
          Content-Length: 1000000\r
          X-XSRF-TOKEN: %s\r
          %s\r
          \r
          {"""
              .formatted(
                  UUID.randomUUID(), uri.getAuthority(), tenant.token(), tenant.cookieLine());
      socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
      socket.getOutputStream().flush();
      slow.add(socket);
    }
  }

  /** How often it got which answer. */
  String told() {
    return statuses.toString();
  }

  @Override
  public void close() throws IOException, InterruptedException {
    isOver.set(true);
    for (Socket one : slow) {
      one.close();
    }
    threads.shutdown();
    threads.awaitTermination(150, TimeUnit.SECONDS);
    threads.shutdownNow();
  }
}
