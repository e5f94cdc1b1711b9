package gerula.app.probe;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

/** Every address of the API's own document, with the ids of somebody else's workspace. */
@ExtendWith(Running.class)
class ForeignWorkspaceTest {

  private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(?:-[0-9a-f]{4}){3}-[0-9a-f]{12}");
  private static final String SECRET = "Quillonette";
  private static final int ROUNDS = 3;

  @Test
  void nothingOfAnotherWorkspaceIsReadOrChanged(Client owner, Client stranger) {
    owner.signedUp();
    String drawer = Kits.addPlace(owner, SECRET, "drawer");
    ObjectNode powder = Kits.powder(Kits.id(), drawer);
    powder.withObject("product").put("name", SECRET);
    powder.withObject("item").put("note", SECRET);
    owner.post("/api/items", powder).expect(201);
    Kits.addBooking(owner, drawer);
    Kits.everythingOfTheBench(owner, drawer);
    String before = told(owner);
    List<String> ids = new ArrayList<>(ids(before));
    assertThat(ids).hasSizeGreaterThan(20);

    stranger.signedUp();
    Random random = new Random(3);
    List<Operation> operations =
        Operation.all(stranger.get("/api/openapi.json").expect(200).body()).stream()
            .filter(one -> !one.path().startsWith("/api/session"))
            .filter(one -> !one.path().startsWith("/api/account"))
            .toList();
    int answered = 0;
    for (int round = 0; round < ROUNDS; round++) {
      for (Operation one : operations) {
        Answer answer =
            stranger.send(
                one.method(),
                one.address(random, ids),
                one.takesJson() ? one.body(random, ids).toString() : null);
        assertThat(answer.status()).as(one.toString()).isLessThan(500);
        assertThat(answer.raw().body()).as(one.method() + " " + one.path()).doesNotContain(SECRET);
        answered++;
      }
    }
    assertThat(answered).isGreaterThan(250);
    assertThat(told(owner)).isEqualTo(before);
  }

  /** The whole workspace but for its closing part, which says the same again. */
  private static String told(Client owner) {
    ObjectNode archive = Client.object(owner.get("/api/workspace/archive").raw().body());
    archive.remove("closing");
    return archive.toString();
  }

  private static Set<String> ids(String archive) {
    return new TreeSet<>(ID.matcher(archive).results().map(MatchResult::group).toList());
  }
}
