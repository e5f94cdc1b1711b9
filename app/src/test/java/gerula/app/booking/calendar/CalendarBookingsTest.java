package gerula.app.booking.calendar;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Events by RFC 5545: folded lines, escapes, whole days and times of a zone. */
@ExtendWith(Running.class)
class CalendarBookingsTest {

  private static final String FILE =
      """
      BEGIN:VCALENDAR
      VERSION:2.0
      PRODID:-//Harbour office//Plan//EN
      BEGIN:VEVENT
      UID:tour-1@harbour.invalid
      DTSTAMP:20310401T120000Z
      DTSTART;VALUE=DATE:20310610
      DTEND;VALUE=DATE:20310615
      SUMMARY:Dance tour\\, by air\\; leg
       \u0020one
      LOCATION:Lower quay
      END:VEVENT
      BEGIN:VEVENT
      UID:call-2@harbour.invalid
      DTSTAMP:20310401T120000Z
      DTSTART;TZID=Europe/Oslo:20310503T053000
      DTEND;TZID=Europe/Oslo:20310504T000000
      RRULE:FREQ=WEEKLY;COUNT=3
      SUMMARY:Election night
      END:VEVENT
      BEGIN:VEVENT
      UID:past@harbour.invalid
      DTSTAMP:20310401T120000Z
      DTSTART;VALUE=DATE:20310101
      SUMMARY:Long ago
      END:VEVENT
      BEGIN:VEVENT
      UID:off@harbour.invalid
      DTSTAMP:20310401T120000Z
      DTSTART;VALUE=DATE:20310501
      DURATION:P3D
      STATUS:CANCELLED
      SUMMARY:Called off
      END:VEVENT
      END:VCALENDAR
      """
          .replace("\n", "\r\n");

  private static JsonNode preview(Client client, String file) {
    return client
        .sendBytes(
            "POST",
            "/api/bookings/calendar",
            "text/calendar",
            file.getBytes(StandardCharsets.UTF_8))
        .expect(200)
        .body();
  }

  @Test
  void bookingsAreLookedAtBeforeTheyAreKept(Client client) {
    client.signedUp();
    JsonNode seen = preview(client, FILE);
    assertThat(seen.findValuesAsString("outlook"))
        .containsExactly("past", "cancelled", "new", "new");
    assertThat(seen.at("/1/booking/lastDay").asString()).isEqualTo("2031-05-03");
    JsonNode call = seen.get(2);
    assertThat(call.at("/booking/firstDay").asString()).isEqualTo("2031-05-03");
    assertThat(call.at("/booking/lastDay").asString()).isEqualTo("2031-05-03");
    assertThat(call.at("/booking/callTime").asString()).startsWith("05:30");
    assertThat(call.path("repeats").asBoolean()).isTrue();
    JsonNode tour = seen.get(3).path("booking");
    assertThat(tour.path("title").asString()).isEqualTo("Dance tour, by air; leg one");
    assertThat(tour.path("lastDay").asString()).isEqualTo("2031-06-14");
    assertThat(tour.path("location").asString()).isEqualTo("Lower quay");
    assertThat(client.get("/api/bookings").body().isEmpty()).isTrue();

    ObjectNode keep = act();
    for (JsonNode one : seen) {
      if (one.path("outlook").asString().equals("new")) {
        ObjectNode kept = keep.withArray("bookings").addObject();
        kept.set("id", one.path("id"));
        kept.set("booking", one.path("booking"));
      }
    }
    client.post("/api/bookings/from-calendar", keep).expect(204);
    client.post("/api/bookings/from-calendar", keep.deepCopy().put("actId", Kits.id())).expect(204);
    assertThat(client.get("/api/bookings").body().size()).isEqualTo(2);
    assertThat(preview(client, FILE).findValuesAsString("outlook"))
        .containsExactly("past", "cancelled", "there-already", "there-already");
    client.post("/api/ledger/" + keep.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(client.get("/api/bookings").body().isEmpty()).isTrue();
  }

  @Test
  void itsOwnCalendarBringsNothingNew(Client client) {
    client.signedUp();
    Kits.addBooking(client, Kits.addPlace(client, "Bag", "backpack"));
    String own = client.get("/api/calendar.ics").raw().body();
    assertThat(preview(client, own).isEmpty()).isTrue();
  }

  @Test
  void whatIsNoCalendarIsToldAndChangesNothing(Client client) {
    client.signedUp();
    String nowhere = FILE.replace("Europe/Oslo", "Mars/Base");
    for (String file :
        new String[] {"", "name;shade", "BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\n", nowhere}) {
      Client.Answer answer =
          client.sendBytes(
              "POST",
              "/api/bookings/calendar",
              "text/calendar",
              file.getBytes(StandardCharsets.UTF_8));
      assertThat(answer.status()).as(file + answer.raw().body()).isBetween(400, 422);
    }
  }
}
