package gerula.app.ledger;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import tools.jackson.databind.node.ObjectNode;

/**
 * The database's connections are cut all the time: what an answer says of an act is true, and what
 * nobody can know is said to be so.
 */
@ExtendWith(Running.class)
@Isolated
class CutConnectionsTest {

  private static final int ACTS = 80;

  /** What was sent and what came back. */
  private record Sent(ObjectNode body, Answer answer) {
    String id() {
      return body.path("actId").asString();
    }
  }

  @Test
  void whatAnAnswerSaysIsTrue(Client fresh) throws SQLException {
    Client client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String bag = Kits.addPlace(client, "Bag", "backpack");
    String powder = Kits.addPowder(client, drawer);
    String path = "/api/items/" + powder + "/move";
    AtomicBoolean isOver = new AtomicBoolean();
    Callable<List<Sent>> cutting =
        () -> {
          while (!isOver.get()) {
            Running.cutConnections();
          }
          return List.of();
        };
    Callable<List<Sent>> acting =
        () -> {
          List<Sent> sent = new ArrayList<>();
          try {
            for (int i = 0; i < ACTS; i++) {
              ObjectNode body = act().put("to", i % 2 == 0 ? bag : drawer);
              sent.add(new Sent(body, client.post(path, body)));
            }
          } finally {
            isOver.set(true);
          }
          return sent;
        };
    List<Sent> all = SideBySide.all(cutting, acting).getLast();
    Set<String> done = entered(powder);
    for (Sent one : all) {
      String what = one.answer().raw().body();
      switch (one.answer().status()) {
        case 200 -> assertThat(done).as(what).contains(one.id());
        case 503 -> {
          assertThat(one.answer().raw().headers().firstValue("Retry-After")).isPresent();
          if (!one.answer().code().equals("outcome-unknown")) {
            assertThat(what).contains("Nothing was");
            assertThat(done).as(what).doesNotContain(one.id());
          }
        }
        default -> throw new AssertionError(one.answer().status() + " " + what);
      }
    }
    assertThat(all.stream().filter(one -> one.answer().status() == 503)).isNotEmpty();
    // Sent again, each is done, and done once.
    for (Sent one : all) {
      client.post(path, one.body()).expect(200);
    }
    assertThat(entered(powder)).containsAll(all.stream().map(Sent::id).toList());
  }

  private static Set<String> entered(String item) throws SQLException {
    try (Connection owner = Running.asOwner();
        Statement sql = owner.createStatement();
        ResultSet workspace =
            sql.executeQuery("select workspace_id from gerula.item where id = '" + item + "'")) {
      workspace.next();
      String id = workspace.getString(1);
      try (Connection application = Running.asApplication();
          Statement asking = application.createStatement()) {
        asking.execute("select set_config('gerula.workspace', '" + id + "', false)");
        ResultSet rows = asking.executeQuery("select id from gerula.ledger");
        Set<String> entered = new HashSet<>();
        while (rows.next()) {
          entered.add(rows.getString(1));
        }
        return entered;
      }
    }
  }
}
