package gerula.app.invariant;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A kit that became impossible before its invariants were held is put right, and says so. */
@ExtendWith(Running.class)
class MendingTest {

  @Test
  void aBrokenKitIsMendedOnceAndSaysWhatWasDone(Client fresh) throws SQLException {
    Client client = fresh.signedUp();
    String a = Kits.addPlace(client, "Case A", "case");
    String b = Kits.addPlace(client, "Pouch B", "pouch");
    String powder = Kits.addPowder(client, b);
    String booking = Kits.addBooking(client, a);
    client.post("/api/bookings/" + booking + "/pack", Kits.tick(powder)).expect(204);
    UUID workspace = workspaceOf(powder);
    change(workspace, "update gerula.place set parent_id = '" + b + "' where id = '" + a + "'");
    change(workspace, "update gerula.place set parent_id = '" + a + "' where id = '" + b + "'");
    change(workspace, "update gerula.item set discarded_on = '2031-04-01'");

    JsonNode mended = client.post("/api/workspace/check", act()).expect(200).body().path("mended");
    assertThat(mended).hasSize(1);
    assertThat(mended.at("/0/words").toString())
        .contains("Case A", "Pouch B", "inside each other", "still packed for Portraits");
    ImpossibleKitTest.everyViewAnswers(client);
    assertThat(
            client
                .get("/api/bookings/" + booking + "/packing-list")
                .body()
                .path("packedCount")
                .asInt())
        .isZero();
    // Told again until it is old; found nothing more.
    client.post("/api/workspace/check", act()).expect(200);
    assertThat(client.get("/api/workspace/check").body().path("mended")).hasSize(1);
    String actOfMending = mended.at("/0/act").asString();
    assertThat(client.post("/api/ledger/" + actOfMending + "/undo", act()).expect(409).code())
        .isEqualTo("place-in-itself");
  }

  @Test
  void whatAnOlderVersionLeftIsMendedWhenItIsFirstUsed(Client one, Client other) {
    one.signedUp();
    String drawer = Kits.addPlace(one, "Drawer", "drawer");
    String powder = Kits.addPowder(one, drawer);
    String booking = Kits.addBooking(one, drawer);
    one.post("/api/bookings/" + booking + "/pack", Kits.tick(powder)).expect(204);
    ObjectNode archive = Client.object(one.get("/api/workspace/archive").raw().body());
    archive.put("version", 1).remove("closing");
    ((ObjectNode) archive.at("/items/0"))
        .put("discardedOn", "2031-04-01")
        .put("discardCause", "broken");
    archive.putArray("ledger");
    other.signedUp();
    other.post("/api/workspace/archive?actId=" + Kits.id(), archive).expect(204);
    assertThat(other.get("/api/workspace/check").body().path("mended").toString())
        .contains("still packed for Portraits");
    ObjectNode all = act();
    all.putArray("items");
    ImpossibleKitTest.everyViewAnswers(other);
  }

  private static UUID workspaceOf(String item) throws SQLException {
    try (Connection owner = Running.asOwner();
        PreparedStatement sql =
            owner.prepareStatement("select workspace_id from gerula.item where id = ?::uuid")) {
      sql.setString(1, item);
      ResultSet row = sql.executeQuery();
      row.next();
      return row.getObject(1, UUID.class);
    }
  }

  private static void change(UUID workspace, String update) throws SQLException {
    try (Connection application = Running.asApplication();
        Statement sql = application.createStatement()) {
      sql.execute("select set_config('gerula.workspace', '" + workspace + "', false)");
      sql.executeUpdate(update);
    }
  }
}
