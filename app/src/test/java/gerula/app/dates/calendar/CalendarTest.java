package gerula.app.dates.calendar;

import static gerula.app.Client.act;
import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.util.ICalDate;
import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.time.LocalDate;
import java.time.ZoneId;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** RFC 5545: written by one library, read by another. Today is 14 April 2031. */
@ExtendWith(Running.class)
class CalendarTest {

  private Client client;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
  }

  @Test
  void bookingsAndLastDaysAreReadBackByAnotherParser() {
    ObjectNode add = act().put("id", Kits.id());
    String title =
        "Portraits; 32 faces, \"flash\"\nand a very long title that has to be folded "
            + "— Ostermoor hall";
    add.set("booking", Kits.booking().put("title", title).put("location", "Hall, door 3; left"));
    client.post("/api/bookings", add).expect(201);
    Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    ICalendar calendar = read(new String(client.bytes("GET", "/api/calendar.ics", null), UTF_8));
    assertThat(calendar.validate(ICalVersion.V2_0).isEmpty()).isTrue();
    assertThat(calendar.getEvents()).hasSize(2);
    VEvent booking = calendar.getEvents().getFirst();
    assertThat(booking.getSummary().getValue()).isEqualTo(title);
    assertThat(booking.getLocation().getValue()).isEqualTo("Hall, door 3; left");
    assertThat(booking.getDescription().getValue()).isEqualTo("One face. Call at 09:30.");
    assertThat(day(booking.getDateStart().getValue())).isEqualTo("2031-04-20");
    // The end is the day after the last.
    assertThat(day(booking.getDateEnd().getValue())).isEqualTo("2031-04-22");
    VEvent end = calendar.getEvents().get(1);
    assertThat(end.getSummary().getValue()).isEqualTo("Last day: Thing one");
    assertThat(day(end.getDateStart().getValue())).isEqualTo("2032-01-10");
    assertThat(end.getTransparency().isTransparent()).isTrue();
  }

  @Test
  void daysToOrderByAreReadBackToo() {
    String powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    String product = client.get("/api/items/" + powder).body().at("/item/product/id").asString();
    for (String neededOn : new String[] {"2031-05-01", "2031-05-01", "2031-05-20", "2031-04-16"}) {
      ObjectNode want = act().put("id", Kits.id()).put("product", product).put("packs", 3);
      client.post("/api/buying", want.put("neededOn", neededOn).put("why", "low")).expect(204);
    }
    ICalendar calendar = read(new String(client.bytes("GET", "/api/calendar.ics", null), UTF_8));
    assertThat(calendar.validate(ICalVersion.V2_0).isEmpty()).isTrue();
    // Seven days of delivery; what is late already stands on the list, not in the calendar.
    assertThat(
            calendar.getEvents().stream()
                .filter(event -> event.getUid().getValue().startsWith("order-"))
                .map(
                    event ->
                        day(event.getDateStart().getValue()) + " " + event.getSummary().getValue()))
        .containsExactly(
            "2031-04-24 Order 2 things by today", "2031-05-13 Order by today: 3 Thing one");
  }

  private static ICalendar read(String text) {
    assertThat(text.lines().mapToInt(line -> line.getBytes(UTF_8).length).max().orElseThrow())
        .isLessThanOrEqualTo(75);
    assertThat(text).contains("\r\n").startsWith("BEGIN:VCALENDAR");
    return Biweekly.parse(text).first();
  }

  private static String day(ICalDate date) {
    assertThat(date.hasTime()).isFalse();
    return LocalDate.ofInstant(date.toInstant(), ZoneId.systemDefault()).toString();
  }

  @Test
  void thePrivateAddressOpensThisCalendarUntilItIsReplacedOrRevoked(Client stranger) {
    Kits.addBooking(client);
    assertThat(client.get("/api/calendar/feed").body().path("madeAt").isNull()).isTrue();
    String first = make();
    assertThat(client.get("/api/calendar/feed").body().path("madeAt").isNull()).isFalse();
    assertThat(new String(stranger.bytes("GET", first, null), UTF_8)).contains("Portraits");
    String second = make();
    assertThat(second).isNotEqualTo(first).hasSizeGreaterThan(50);
    stranger.get(first).expect(404);
    assertThat(new String(stranger.bytes("GET", second, null), UTF_8)).contains("Portraits");
    client.delete("/api/calendar/feed").expect(204);
    client.delete("/api/calendar/feed").expect(204);
    assertThat(stranger.get(second).expect(404).code()).isEqualTo("not-there");
    stranger.get("/calendar/guess.ics").expect(404);
    stranger.get("/api/calendar.ics").expect(401);
  }

  private String make() {
    JsonNode made = client.post("/api/calendar/feed", null).expect(201).body();
    return made.path("path").asString();
  }

  @Test
  void anEmptyWorkspaceHasAnEmptyCalendar() {
    String text = new String(client.bytes("GET", "/api/calendar.ics", null), UTF_8);
    ICalendar calendar = read(text);
    assertThat(calendar.getEvents()).isEmpty();
    assertThat(calendar.getJournals()).hasSize(1);
    assertThat(calendar.validate(ICalVersion.V2_0).isEmpty()).isTrue();
  }
}
