package gerula.app.platform.signin;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What somebody may do is asked for each request. */
@ExtendWith(Running.class)
class RoleTest {

  @Test
  void whoeverMayOnlyLookChangesNothingFromTheNextRequestOn(Client client) throws SQLException {
    client.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String powder = Kits.addPowder(client, drawer);
    String moved = Kits.id();
    client
        .post("/api/items/" + powder + "/move", object().put("actId", moved).putNull("to"))
        .expect(200);
    become(client, "viewer");

    assertThat(client.get("/api/session").body().path("role").asString()).isEqualTo("viewer");
    client.get("/api/items/" + powder).expect(200);
    Client.Answer refused =
        client.post("/api/items/" + powder + "/move", act().put("to", drawer)).expect(403);
    assertThat(refused.code()).isEqualTo("not-your-role");
    client.post("/api/ledger/" + moved + "/undo", act()).expect(403);
    client.put("/api/workspace/zone", object().put("zone", "Europe/Oslo")).expect(403);
    // What was done before is told again: nothing is done.
    client
        .post("/api/items/" + powder + "/move", object().put("actId", moved).putNull("to"))
        .expect(200);

    become(client, "assistant");
    client.post("/api/ledger/" + moved + "/undo", act()).expect(204);
    client.put("/api/workspace/zone", object().put("zone", "Europe/Oslo")).expect(403);
    become(client, "owner");
    client.put("/api/workspace/zone", object().put("zone", "Europe/Oslo")).expect(204);
  }

  private static void become(Client client, String role) throws SQLException {
    String email = client.get("/api/session").body().path("email").asString();
    try (Connection application = Running.asApplication();
        Statement sql = application.createStatement()) {
      sql.execute(
          "select set_config('gerula.workspace', (select workspace_id::text from"
              + " access.account_by_email('"
              + email
              + "')), false)");
      assertThat(sql.executeUpdate("update gerula.actor set role = '" + role + "'")).isEqualTo(1);
    }
  }
}
