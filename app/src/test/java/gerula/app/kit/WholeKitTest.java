package gerula.app.kit;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What is told of the whole kit is what is told of each thing by itself, whatever was done last.
 */
@ExtendWith(Running.class)
class WholeKitTest {

  private static final long SEED = 20310414;
  private static final int ACTS = 25;

  private final Random random = new Random(SEED);
  private final List<String> items = new ArrayList<>();
  private final List<String> acts = new ArrayList<>();
  private Client client;
  private Client somebodyElse;
  private String drawer;
  private String shelf;

  @BeforeEach
  void aKit(Client fresh, Client other) {
    client = fresh.signedUp();
    somebodyElse = other.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    shelf = Kits.addPlace(client, "Shelf", "shelf");
    for (int i = 0; i < 6; i++) {
      items.add(Kits.addPowder(client, drawer));
    }
  }

  private final List<Consumer<String>> ways =
      List.of(
          item -> did(item, "move", act().put("to", random.nextBoolean() ? shelf : drawer)),
          item -> did(item, "use", act().putNull("openedOn").put("level", "half")),
          item -> did(item, "left", act().putNull("level").put("left", 1 + random.nextInt(20))),
          item -> did(item, "use-first", act().put("first", random.nextBoolean())),
          this::isRenamed,
          this::isReadFor,
          _ -> undo(),
          _ -> items.add(Kits.addPowder(client, shelf)));

  @Test
  void theWholeIsItsParts() {
    for (int i = 0; i < ACTS; i++) {
      ways.get(random.nextInt(ways.size())).accept(items.get(random.nextInt(items.size())));
      Map<String, JsonNode> each = each();
      assertThat(told()).as("seed %d, act %d", SEED, i).isEqualTo(each);
      // Twice: the second time nothing was written since.
      assertThat(told()).isEqualTo(each);
    }
    assertThat(acts).hasSizeGreaterThan(ACTS / 3);
    assertThat(somebodyElse.get("/api/dates?weeks=110").body().path("total").asInt()).isZero();
  }

  /** Also within the act itself, which may have written more than once. */
  @Test
  void whatIsDiscardedIsGoneAndComesBackWithUndo() {
    String gone = items.getFirst();
    assertThat(told()).containsKey(gone);
    ObjectNode discard = act().put("cause", "empty");
    String id = discard.path("actId").asString();
    client.post("/api/items/" + gone + "/discard", discard).expect(200);
    assertThat(told()).doesNotContainKey(gone).hasSize(items.size() - 1);
    client.post("/api/ledger/" + id + "/undo", act()).expect(204);
    assertThat(told()).containsEntry(gone, one(gone));
  }

  private void did(String item, String way, ObjectNode asked) {
    if (client.post("/api/items/" + item + "/" + way, asked).status() < 300) {
      acts.add(asked.path("actId").asString());
    }
  }

  /** A product's name is told with every thing of it. */
  private void isRenamed(String item) {
    JsonNode now = one(item);
    ObjectNode asked =
        act()
            .put("version", now.path("version").asInt())
            .put("productVersion", now.at("/product/version").asInt());
    ObjectNode product = Kits.product("face-powder", "pressed-powder", "g");
    asked.set("product", product.put("name", "Named " + random.nextInt(1_000)));
    asked.set("item", Kits.description(drawer).put("onlyFor", "Ines " + random.nextInt(3)));
    client.put("/api/items/" + item, asked).expect(200);
    acts.add(asked.path("actId").asString());
  }

  private void isReadFor(String item) {
    ObjectNode asked = act();
    asked.putArray("found").addObject().put("of", "latex").put("found", "free-of");
    did(item, "label", asked);
  }

  private void undo() {
    if (!acts.isEmpty()) {
      client.post("/api/ledger/" + acts.removeLast() + "/undo", act());
    }
  }

  private Map<String, JsonNode> told() {
    Map<String, JsonNode> told = new TreeMap<>();
    for (JsonNode one : client.get("/api/dates?weeks=110").body().path("things")) {
      told.put(one.at("/item/id").asString(), one.path("item"));
    }
    return told;
  }

  private Map<String, JsonNode> each() {
    Map<String, JsonNode> each = new TreeMap<>();
    items.forEach(id -> each.put(id, one(id)));
    return each;
  }

  private JsonNode one(String id) {
    return client.get("/api/items/" + id).body().path("item");
  }
}
