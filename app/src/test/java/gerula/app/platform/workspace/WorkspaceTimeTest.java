package gerula.app.platform.workspace;

import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.time.LocalDate;
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
    assertThat(today(client)).isBetween(shifted(zone), shifted(zone));
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

  private static ObjectNode opened(String place, LocalDate day) {
    ObjectNode asked = Kits.powder(Kits.id(), place);
    asked.withObject("item").put("openedOn", day.toString());
    return asked;
  }

  private static LocalDate today(Client client) {
    return LocalDate.parse(client.get("/api/session").body().path("today").asString());
  }

  /** The application's clock runs by whole days ahead of this machine's. */
  private static LocalDate shifted(String zone) {
    long days = LocalDate.parse(Running.TODAY).toEpochDay() - LocalDate.now().toEpochDay();
    return LocalDate.now(ZoneId.of(zone)).plusDays(days);
  }
}
