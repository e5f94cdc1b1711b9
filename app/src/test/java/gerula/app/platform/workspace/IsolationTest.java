package gerula.app.platform.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Pixels;
import gerula.app.Running;
import java.io.IOException;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

/** Tries to reach over from one workspace to another, in every table there is. */
@ExtendWith(Running.class)
class IsolationTest {

  @Test
  void noTableCanBeReadOrWrittenAcrossWorkspaces(Client one, Client other)
      throws SQLException, IOException {
    UUID theirs = fill(one);
    UUID mine = fill(other);
    List<String> tables = tables("gerula");
    assertThat(tables).hasSizeGreaterThanOrEqualTo(9);
    try (Connection application = Running.asApplication()) {
      for (String table : tables) {
        enter(application, mine);
        assertThat(count(application, table, mine)).as("own rows of " + table).isPositive();
        assertThat(count(application, table, theirs)).as("read " + table).isZero();
        assertUntouchable(
            application,
            "update gerula.%s set workspace_id = workspace_id where workspace_id = '%s'",
            table,
            theirs);
        assertUntouchable(
            application, "delete from gerula.%s where workspace_id = '%s'", table, theirs);
        assertInsertRefused(application, table, mine, theirs);
      }
    }
  }

  @Test
  void withoutAWorkspaceNothingIsSeen() throws SQLException {
    try (Connection application = Running.asApplication();
        Statement sql = application.createStatement()) {
      for (String table : tables("gerula")) {
        try (ResultSet rows = sql.executeQuery("select count(*) from gerula." + table)) {
          rows.next();
          assertThat(rows.getLong(1)).as(table).isZero();
        }
      }
    }
  }

  @Test
  void everyTableHasAPolicyThatEvenItsOwnerCannotPass() throws SQLException {
    try (Connection owner = Running.asOwner();
        Statement sql = owner.createStatement();
        ResultSet open =
            sql.executeQuery(
                """
                select c.relname from pg_class c join pg_namespace n on n.oid = c.relnamespace
                where n.nspname = 'gerula' and c.relkind in ('r', 'p')
                  and not (c.relrowsecurity and c.relforcerowsecurity
                    and exists (select 1 from pg_policy p where p.polrelid = c.oid))
                """)) {
      assertThat(open.next()).as("a table without a policy").isFalse();
    }
  }

  @Test
  void theApplicationsRoleOwnsNothingAndBypassesNothing() throws SQLException {
    try (Connection owner = Running.asOwner();
        Statement sql = owner.createStatement();
        ResultSet role =
            sql.executeQuery(
                """
                select r.rolsuper or r.rolbypassrls or r.rolcreaterole or r.rolcreatedb
                  or exists (select 1 from pg_class c where c.relowner = r.oid)
                from pg_roles r where r.rolname = 'gerula_app'
                """)) {
      role.next();
      assertThat(role.getBoolean(1)).isFalse();
    }
  }

  /** What has to be reachable before anyone is signed in, and nothing else. */
  @Test
  void outsideOfWorkspacesThereAreOnlySessionsAndFailedSignIns() throws SQLException {
    assertThat(tables("access"))
        .containsExactly(
            "flyway_schema_history",
            "known_device",
            "sign_in_failure",
            "spring_session",
            "spring_session_attributes");
    assertThat(tables("public")).isEmpty();
  }

  @Test
  void theLedgerCannotBeRewritten(Client client) throws SQLException, IOException {
    UUID workspace = fill(client);
    try (Connection application = Running.asApplication()) {
      for (String table : List.of("ledger", "ledger_thing")) {
        enter(application, workspace);
        assertThatThrownBy(() -> run(application, "delete from gerula." + table))
            .hasMessageContaining("permission denied");
        enter(application, workspace);
        assertThatThrownBy(
                () ->
                    run(application, "update gerula." + table + " set workspace_id = workspace_id"))
            .hasMessageContaining("permission denied");
      }
    }
  }

  /** A workspace with at least one row in every table. */
  private static UUID fill(Client client) throws SQLException, IOException {
    client.signedUp();
    String email = client.get("/api/session").body().path("email").asString();
    String bag = Kits.addPlace(client, "Bag", "backpack");
    String item = Kits.addPowder(client, bag);
    ObjectNode person = Client.act().put("id", Kits.id());
    person.set(
        "person",
        Client.object(
            "{\"name\": \"Corin\", \"aliases\": [], \"depth\": null, \"sensitivities\": [],"
                + " \"askedOn\": null}"));
    client.post("/api/people", person).expect(204);
    client
        .post("/api/items/" + item + "/use", Client.act().putNull("openedOn").putNull("level"))
        .expect(200);
    String booking = Kits.addBooking(client, bag);
    String face = client.get("/api/bookings/" + booking).body().at("/faces/0/id").asString();
    ObjectNode touched = Client.act();
    touched
        .withArray("things")
        .add(Client.object().put("id", Kits.id()).put("item", item).put("how", "direct"));
    client.post("/api/bookings/" + booking + "/faces/" + face + "/use", touched).expect(204);
    ObjectNode wiped = Client.act().put("moment", "after-job");
    wiped.putArray("steps").add("spray");
    wiped.putArray("items").add(item);
    client.post("/api/treatments", wiped).expect(204);
    ObjectNode dropped = Client.act().put("incident", "sneezed-on");
    dropped.putArray("items").add(item);
    client.post("/api/incidents", dropped).expect(204);
    client.post("/api/bookings/" + booking + "/pack", Kits.tick(item)).expect(204);
    String picture = "/api/items/" + item + "/picture/" + Kits.id() + "?actId=" + Kits.id();
    client.putBytes(picture, "image/png", Pixels.png(4, 4));
    String unnamed = "/api/kit/unnamed/" + Kits.id() + "?actId=" + Kits.id();
    client.sendBytes("PUT", unnamed, "image/png", Pixels.png(4, 4)).expect(204);
    String count =
        client
            .post("/api/places/" + bag + "/counts", Client.object().put("id", Kits.id()))
            .expect(200)
            .body()
            .path("id")
            .asString();
    client
        .post(
            "/api/counts/" + count + "/seen",
            Client.object().put("item", item).put("seen", true).putNull("counted"))
        .expect(200);
    client.post("/api/calendar/feed", null).expect(201);
    Kits.lookAtTheList(client, booking);
    Kits.everythingOfTheBench(client, bag);
    try (Connection application = Running.asApplication();
        PreparedStatement find =
            application.prepareStatement("select workspace_id from access.account_by_email(?)")) {
      find.setString(1, email);
      try (ResultSet row = find.executeQuery()) {
        row.next();
        return row.getObject(1, UUID.class);
      }
    }
  }

  private static List<String> tables(String schema) throws SQLException {
    List<String> tables = new ArrayList<>();
    try (Connection owner = Running.asOwner();
        Statement sql = owner.createStatement();
        ResultSet rows =
            sql.executeQuery(
                "select tablename from pg_tables where schemaname = '" + schema + "' order by 1")) {
      while (rows.next()) {
        tables.add(rows.getString(1));
      }
    }
    return tables;
  }

  private static void enter(Connection application, UUID workspace) throws SQLException {
    run(application, "select set_config('gerula.workspace', '" + workspace + "', false)");
  }

  private static void run(Connection connection, String statement) throws SQLException {
    try (Statement sql = connection.createStatement()) {
      sql.execute(statement);
    }
  }

  private static long count(Connection application, String table, UUID workspace)
      throws SQLException {
    String query = "select count(*) from gerula.%s where workspace_id = '%s'";
    try (Statement sql = application.createStatement();
        ResultSet rows = sql.executeQuery(query.formatted(table, workspace))) {
      rows.next();
      return rows.getLong(1);
    }
  }

  /** Touches no row: none is in sight, or the right to touch any is missing. */
  private static void assertUntouchable(
      Connection application, String statement, String table, UUID theirs) throws SQLException {
    try (Statement sql = application.createStatement()) {
      assertThat(sql.executeUpdate(statement.formatted(table, theirs))).as(table).isZero();
    } catch (SQLException refused) {
      assertThat(refused.getMessage()).contains("permission denied");
    }
  }

  /** One of my own rows, said to be theirs. */
  private static void assertInsertRefused(
      Connection application, String table, UUID mine, UUID theirs) {
    String insert =
        """
        do $$ declare columns_ text; begin
          select string_agg(quote_ident(column_name), ', ') into columns_
          from information_schema.columns
          where table_schema = 'gerula' and table_name = '%1$s' and is_generated = 'NEVER';
          execute format('insert into gerula.%1$s (%%1$s) overriding system value
            select %%1$s from jsonb_populate_record(null::gerula.%1$s,
              (select to_jsonb(t) from gerula.%1$s t where workspace_id = %%2$L limit 1)
                || jsonb_build_object(''workspace_id'', %%3$L))', columns_, '%2$s', '%3$s');
        end $$
        """
            .formatted(table, mine, theirs);
    assertThatThrownBy(() -> run(application, insert))
        .as("insert into " + table)
        .isInstanceOf(SQLException.class)
        .hasMessageContaining("row-level security");
  }
}
