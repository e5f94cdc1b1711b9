package gerula.app.ledger;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.node.ObjectNode;

/** The same act again, another act under its id, and several writers at one moment. */
@ExtendWith(Running.class)
class SameActTest {

  @Test
  void sentAgainAnActIsAnsweredAsItWas(Client fresh) {
    Client client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String bag = Kits.addPlace(client, "Bag", "backpack");
    String powder = Kits.addPowder(client, drawer);
    ObjectNode move = act().put("to", bag);
    String path = "/api/items/" + powder + "/move";
    Answer first = client.post(path, move).expect(200);
    client.post(path, act().put("to", drawer)).expect(200);
    Answer again = client.post(path, move).expect(200);
    assertThat(again.body()).isEqualTo(first.body());
    assertThat(client.get("/api/items/" + powder).body().at("/item/now").asString())
        .isEqualTo(drawer);
    String inAnotherOrder =
        "{ \"to\": \"%s\",\n \"actId\": \"%s\" }".formatted(bag, move.path("actId").asString());
    assertThat(client.post(path, inAnotherOrder).expect(200).body()).isEqualTo(first.body());
  }

  @Test
  void somethingElseUnderAKnownIdIsRefused(Client fresh) {
    Client client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String bag = Kits.addPlace(client, "Bag", "backpack");
    String powder = Kits.addPowder(client, drawer);
    ObjectNode move = act().put("to", bag);
    client.post("/api/items/" + powder + "/move", move).expect(200);
    ObjectNode other = move.deepCopy().put("to", drawer);
    assertThat(client.post("/api/items/" + powder + "/move", other).expect(409).code())
        .isEqualTo("act-id-used");
    ObjectNode discard =
        object().put("actId", move.path("actId").asString()).put("cause", "broken");
    assertThat(client.post("/api/items/" + powder + "/discard", discard).expect(409).code())
        .isEqualTo("act-id-used");
    assertThat(client.get("/api/items/" + powder).body().at("/item/now").asString()).isEqualTo(bag);
  }

  @Test
  void sentManyTimesAtOnceAnActIsDoneOnce(Client fresh) {
    Client client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    List<Callable<Answer>> same = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      same.add(() -> client.post("/api/items", asked));
    }
    List<Answer> answers = SideBySide.all(same);
    assertThat(answers).allSatisfy(answer -> assertThat(answer.status()).isEqualTo(201));
    assertThat(answers.stream().map(answer -> answer.body().toString()).distinct()).hasSize(1);
    assertThat(client.get("/api/items").body().path("total").asInt()).isEqualTo(1);
  }

  /** Everything that is edited with the version that was read. */
  enum Editable {
    HOUSE,
    ITEM,
    PRODUCT_BY_TWO_OF_ITS_ITEMS,
    PLACE,
    BOOKING,
    EMPTY,
    SESSION
  }

  @ParameterizedTest
  @EnumSource
  void ofTwoWritersWithOneVersionOneIsRefused(Editable what, Client fresh) {
    Client client = fresh.signedUp();
    for (int round = 0; round < 4; round++) {
      List<Callable<Answer>> writers = writers(what, client);
      List<Answer> answers = SideBySide.all(writers);
      assertThat(answers.stream().filter(answer -> answer.status() < 300))
          .as("round " + round + ": " + answers.stream().map(one -> one.raw().body()).toList())
          .hasSize(1);
      assertThat(answers.stream().filter(answer -> answer.status() == 409).map(Answer::code))
          .containsOnly("changed-meanwhile")
          .hasSize(writers.size() - 1);
    }
  }

  private List<Callable<Answer>> writers(Editable what, Client client) {
    String place = Kits.addPlace(client, "Drawer", "drawer");
    return switch (what) {
      case HOUSE -> {
        int version = client.get("/api/house").body().path("version").asInt();
        yield three(
            i -> {
              ObjectNode asked = act().put("version", version);
              asked.set(
                  "rules",
                  object(
                          """
                          {"dateLimits": "cautious", "reservePercent": 30, "deliveryDays": 4,
                           "ownLimits": []}
                          """)
                      .put("eyeMarginDays", 10 + i));
              return client.put("/api/house", asked);
            });
      }
      case ITEM -> {
        String item = Kits.addPowder(client, place);
        yield three(i -> edit(client, item, i));
      }
      case PRODUCT_BY_TWO_OF_ITS_ITEMS -> {
        String first = Kits.addPowder(client, place);
        ObjectNode another = Kits.powder(Kits.id(), place).put("productId", first);
        another.putNull("product");
        client.post("/api/items", another).expect(201);
        String second = another.path("id").asString();
        yield List.of(() -> edit(client, first, 1), () -> edit(client, second, 2));
      }
      case PLACE ->
          three(
              i -> {
                ObjectNode asked = act().put("version", 0);
                asked.set("place", Kits.place("Drawer " + i, "drawer"));
                return client.put("/api/places/" + place, asked);
              });
      case BOOKING -> {
        String booking = Kits.addBooking(client, place);
        ObjectNode as = Kits.booking(place);
        yield three(
            i -> {
              ObjectNode asked = act().put("version", 0);
              asked.set("booking", as.deepCopy().put("title", "Portraits " + i));
              return client.put("/api/bookings/" + booking, asked);
            });
      }
      case EMPTY -> {
        String empty = Kits.addEmpty(client, "screw-jar", 5, 3);
        yield three(
            i -> {
              ObjectNode asked = act().put("version", 0);
              asked.set("empty", Kits.empty("screw-jar", 5, 10 + i));
              return client.put("/api/empties/" + empty, asked);
            });
      }
      case SESSION -> {
        String session = Kits.id();
        ObjectNode plan = act().put("id", session).put("wantedMonths", 2).putNull("backStock");
        plan.putArray("chosen");
        client.post("/api/bench/sessions", plan).expect(201);
        yield three(
            i -> {
              ObjectNode asked = act().put("version", 0).put("wantedMonths", 3 + i);
              asked.putNull("backStock").putArray("chosen");
              return client.put("/api/bench/sessions/" + session, asked);
            });
      }
    };
  }

  private static List<Callable<Answer>> three(java.util.function.IntFunction<Answer> writer) {
    return List.of(() -> writer.apply(1), () -> writer.apply(2), () -> writer.apply(3));
  }

  private static Answer edit(Client client, String item, int i) {
    ObjectNode asked = act().put("version", 0).put("productVersion", 0);
    asked.set(
        "product", Kits.product("face-powder", "pressed-powder", "g").put("name", "Thing " + i));
    asked.set(
        "item",
        client.get("/api/items/" + item).body().path("item").isObject()
            ? draft(client, item)
            : object());
    return client.put("/api/items/" + item, asked);
  }

  private static ObjectNode draft(Client client, String item) {
    String home = client.get("/api/items/" + item).body().at("/item/home").asString();
    return Kits.description(home);
  }
}
