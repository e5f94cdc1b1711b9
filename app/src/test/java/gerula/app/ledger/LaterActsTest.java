package gerula.app.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Running;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * What may be undone, of acts on one thing. They are given in their order; each has a name of its
 * own.
 */
@ExtendWith(Running.class)
class LaterActsTest {

  private static final boolean COUNTS = true;
  private static final boolean DOES_NOT_COUNT = false;

  private final UUID thing = UUID.randomUUID();
  private Connection application;
  private Statement sql;

  @BeforeEach
  void aWorkspace(Client client) throws SQLException {
    client.signedUp();
    String email = client.get("/api/session").body().path("email").asString();
    application = Running.asApplication();
    sql = application.createStatement();
    sql.execute(
        "select set_config('gerula.workspace', (select workspace_id::text from"
            + " access.account_by_email('"
            + email
            + "')), false)");
  }

  @AfterEach
  void close() throws SQLException {
    application.close();
  }

  private UUID act(String name, UUID undoes, boolean inEffect) throws SQLException {
    UUID id = UUID.randomUUID();
    String undone = undoes == null ? "null" : "'" + undoes + "'";
    sql.execute(
        """
        insert into gerula.ledger (id, act, at, who, undoes, in_effect)
        select '%s', '%s', now(), id, %s, %s from gerula.actor
        """
            .formatted(id, name, undone, inEffect));
    touched(id, thing);
    return id;
  }

  private void touched(UUID act, UUID what) throws SQLException {
    sql.execute(
        """
        insert into gerula.ledger_thing (ledger_id, seq, kind, thing_id, level)
        select id, seq, 'item', '%s', 12 from gerula.ledger where id = '%s'
        """
            .formatted(what, act));
  }

  private Optional<String> inTheWayOf(UUID act) throws SQLException {
    try (ResultSet found =
        sql.executeQuery(
            "select later from gerula.in_the_way(array['" + act + "'::uuid], null, 100)")) {
      return found.next() ? Optional.of(found.getString(1)) : Optional.empty();
    }
  }

  @Test
  void anActStandsInTheWay() throws SQLException {
    UUID first = act("opened", null, COUNTS);
    UUID second = act("moved", null, COUNTS);
    assertThat(inTheWayOf(first)).contains("moved");
    assertThat(inTheWayOf(second)).isEmpty();
  }

  @Test
  void anActAndItsUndoCancelEachOther() throws SQLException {
    UUID first = act("opened", null, COUNTS);
    UUID move = act("moved", null, DOES_NOT_COUNT);
    act("undone", move, COUNTS);
    assertThat(inTheWayOf(first)).isEmpty();
  }

  @Test
  void anUndoThatWasUndoneBringsItsActBack() throws SQLException {
    UUID first = act("opened", null, COUNTS);
    UUID move = act("moved", null, COUNTS);
    UUID undo = act("undone", move, DOES_NOT_COUNT);
    act("undone again", undo, COUNTS);
    assertThat(inTheWayOf(first)).contains("moved");
  }

  @Test
  void theUndoOfSomethingEarlierStandsInTheWay() throws SQLException {
    UUID earlier = act("added", null, DOES_NOT_COUNT);
    UUID first = act("opened", null, COUNTS);
    act("undone", earlier, COUNTS);
    assertThat(inTheWayOf(first)).contains("undone");
  }

  @Test
  void theNewestOfAllItsThingsIsNamed() throws SQLException {
    UUID first = act("opened", null, COUNTS);
    UUID other = UUID.randomUUID();
    touched(first, other);
    act("moved", null, COUNTS);
    UUID lent = act("lent", null, COUNTS);
    touched(lent, other);
    act("discarded", null, COUNTS);
    assertThat(inTheWayOf(first)).contains("discarded");
  }

  /** However often somebody changed his mind since. */
  @Test
  void whatStandsBelowManyUndoneActsIsFound() throws SQLException {
    UUID first = act("opened", null, COUNTS);
    act("moved", null, COUNTS);
    for (int i = 0; i < 60; i++) {
      act("undone", act("used", null, DOES_NOT_COUNT), COUNTS);
    }
    assertThat(inTheWayOf(first)).contains("moved");
  }
}
