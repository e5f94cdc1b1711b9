package gerula.app.platform.workspace;

import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.node.ObjectNode;

/** Days begin and end where the artist works. */
@ExtendWith(Running.class)
class WorkspaceTimeTest {

  /** Their days never are the same: they lie 25 hours apart. */
  private static final String FIRST = "Pacific/Kiritimati";

  private static final String LAST = "Pacific/Pago_Pago";

  @ParameterizedTest
  @ValueSource(strings = {FIRST, LAST})
  void todayIsTheDayOfTheZoneAskedForAtSignUp(String zone, Client client) {
    client.get("/api/session").expect(200);
    client
        .post(
            "/api/accounts",
            object()
                .put("email", UUID.randomUUID() + "@zone.example")
                .put("passphrase", "lantern under the long pier")
                .put("zone", zone))
        .expect(201);
    assertThat(client.get("/api/session").body().path("zone").asString()).isEqualTo(zone);
    assertThat(today(client)).isEqualTo(there(zone));
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    client.post("/api/items", opened(drawer, today(client))).expect(201);
    client.post("/api/items", opened(drawer, today(client).plusDays(1))).expect(422);
  }

  @Test
  void anotherZoneIsAnotherDay(Client client) {
    client.signedUp();
    client.put("/api/workspace/zone", object().put("zone", FIRST)).expect(204);
    LocalDate early = today(client);
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String id = Kits.addPowder(client, drawer);
    client.put("/api/workspace/zone", object().put("zone", LAST)).expect(204);
    LocalDate late = today(client);
    assertThat(late).isBefore(early);
    client.post("/api/items/" + id + "/use", object(USE.formatted(Kits.id()))).expect(200);
    assertThat(client.get("/api/items/" + id).body().at("/wear/lastUsed").asString())
        .isEqualTo(late.toString());
    client.put("/api/workspace/zone", object().put("zone", FIRST)).expect(204);
    assertThat(client.get("/api/items/" + id).body().at("/wear/lastUsed").asString())
        .isEqualTo(early.toString());
  }

  private static final String USE = "{\"actId\": \"%s\", \"openedOn\": null, \"level\": null}";

  @Test
  void aZoneNobodyKnowsIsRefused(Client client) {
    client.signedUp();
    Client.Answer refused =
        client.put("/api/workspace/zone", object().put("zone", "Ostermoor/Quay")).expect(422);
    assertThat(refused.body().at("/errors/0/path").asString()).isEqualTo("zone");
  }

  @Test
  void datesAreReadInTheOrderAskedForAndChangedLater(Client client) {
    client.get("/api/session").expect(200);
    client
        .post(
            "/api/accounts",
            object()
                .put("email", UUID.randomUUID() + "@order.example")
                .put("passphrase", "lantern under the long pier")
                .put("dateOrder", "month-first"))
        .expect(201);
    assertThat(read(client, "5/4/2031", "ends")).isEqualTo("2031-05-04");
    client.put("/api/workspace/date-order", object().put("dateOrder", "day-first")).expect(204);
    assertThat(client.get("/api/session").body().path("dateOrder").asString())
        .isEqualTo("day-first");
    assertThat(read(client, "5/4/2031", "ends")).isEqualTo("2031-04-05");
    assertThat(read(client, "mar 2031", "ends")).isEqualTo("2031-03-31");
    assertThat(read(client, "mar 2031", "began")).isEqualTo("2031-03-01");
    assertThat(read(client, "mar 2031", "day")).isEmpty();
    assertThat(read(client, "yesterday", "began")).isEqualTo(today(client).minusDays(1).toString());
    String line = "{\"lines\": [{\"line\": \"Soft base exp 5/4/2031\", \"corrections\": {}}]}";
    assertThat(client.post("/api/kit/lines/read", object(line)).expect(200).body().toString())
        .contains("2031-04-05");
  }

  @Test
  void anOrderNobodyKnowsIsRefused(Client client) {
    client.signedUp();
    client.put("/api/workspace/date-order", object().put("dateOrder", "sideways")).expect(422);
    client.get("/api/read-date?text=today&meant=never").expect(422);
  }

  private static String read(Client client, String text, String meant) {
    String asked = URLEncoder.encode(text, StandardCharsets.UTF_8);
    return client
        .get("/api/read-date?text=" + asked + "&meant=" + meant)
        .expect(200)
        .body()
        .path("date")
        .asString("");
  }

  private static ObjectNode opened(String place, LocalDate day) {
    ObjectNode asked = Kits.powder(Kits.id(), place);
    asked.withObject("item").put("openedOn", day.toString());
    return asked;
  }

  private static LocalDate today(Client client) {
    return LocalDate.parse(client.get("/api/session").body().path("today").asString());
  }

  /** Where the application's day begins at eight, on this machine. */
  private static LocalDate there(String zone) {
    return LocalDate.parse(Running.TODAY)
        .atTime(LocalTime.parse(Running.BEGINS))
        .atZone(ZoneId.systemDefault())
        .withZoneSameInstant(ZoneId.of(zone))
        .toLocalDate();
  }
}
