package gerula.app.invariant;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.Arrays;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * However a thing goes, whatever it was in hand for can be finished: every ending against every
 * open state.
 */
@ExtendWith(Running.class)
class EndingsTest {

  private static final BiConsumer<EndingsTest, String> NOTHING = (_, _) -> {};

  private Client client;
  private String drawer;
  private String bag;
  private String booking;
  private String count;
  private String palette;
  private String session;
  private String piece;

  /** How a thing goes. */
  enum Ending {
    DISCARDED(
        (test, item) -> test.post("/api/items/" + item + "/discard", act().put("cause", "broken"))),
    LENT(
        (test, item) -> {
          ObjectNode asked = act().put("newPlace", Kits.id()).put("person", "Isaura");
          asked.putNull("askBackOn").putArray("items").add(item);
          test.post("/api/kit/lend", asked);
        }),
    LOST((test, item) -> test.post("/api/items/" + item + "/move", act().putNull("to"))),
    USED_UP(
        (test, item) ->
            test.post("/api/items/" + item + "/left", act().putNull("level").put("left", 0))),
    RETIRED(
        (test, item) -> test.post("/api/items/" + item + "/retire", act().put("to", test.drawer))),
    RECALLED(
        (test, item) -> {
          ObjectNode asked = act().put("discard", true);
          asked.putArray("items").add(item);
          test.post("/api/recall", asked);
        }),
    DECANTED_TO_THE_LAST(
        (test, item) -> {
          String pot = Kits.addEmpty(test.client, "screw-jar", 60, 1);
          test.post("/api/decants", Kits.decant(Kits.id(), item, pot, 30));
        });

    private final BiConsumer<EndingsTest, String> how;

    Ending(BiConsumer<EndingsTest, String> how) {
      this.how = how;
    }
  }

  /** What a thing is in hand for, and how that is brought to its end. */
  enum Open {
    PACKED(EndingsTest::pack, (test, _) -> test.client.post(test.bookingPath() + "/depart", act())),
    AWAY(
        (test, item) -> {
          test.pack(item);
          test.post(test.bookingPath() + "/depart", act());
        },
        NOTHING),
    COUNTED(
        EndingsTest::count, (test, _) -> test.post("/api/counts/" + test.count + "/settle", act())),
    IN_A_SLOT(
        EndingsTest::slot,
        (test, _) -> {
          String other = Kits.addBase(test.client, test.drawer);
          boolean isHeld =
              test.client
                  .get("/api/palettes/" + test.palette)
                  .body()
                  .at("/slots/2/item")
                  .isObject();
          if (!isHeld) {
            test.post(
                "/api/palettes/" + test.palette + "/put", act().put("item", other).put("slot", 3));
          }
          test.post("/api/palettes/" + test.palette + "/sort", act());
        }),
    CHOSEN_AT_THE_BENCH(
        EndingsTest::plan,
        (test, _) -> {
          test.client.get(test.sessionPath()).expect(200);
          test.post(test.sessionPath() + "/give-up", act());
        }),
    ON_THE_BENCH(
        (test, item) -> {
          test.plan(item);
          test.post(test.sessionPath() + "/begin", act());
          test.piece = test.client.get(test.sessionPath()).body().at("/pieces/0/id").asString();
        },
        (test, _) -> {
          test.post(test.sessionPath() + "/pieces/" + test.piece + "/leave-out", act());
          test.post(test.sessionPath() + "/finish", act());
        });

    private final BiConsumer<EndingsTest, String> begin;
    private final BiConsumer<EndingsTest, String> end;

    Open(BiConsumer<EndingsTest, String> begin, BiConsumer<EndingsTest, String> end) {
      this.begin = begin;
      this.end = end;
    }
  }

  static Stream<Arguments> all() {
    return Arrays.stream(Ending.values())
        .flatMap(ending -> Arrays.stream(Open.values()).map(open -> Arguments.of(ending, open)));
  }

  @ParameterizedTest(name = "{0} while {1}")
  @MethodSource("all")
  void whateverItWasInHandForCanBeFinished(Ending ending, Open open, Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    bag = Kits.addPlace(client, "Bag", "backpack");
    booking = Kits.addBooking(client, bag);
    String item = Kits.addBase(client, drawer);
    open.begin.accept(this, item);
    String before = actsSoFar(item);

    ending.how.accept(this, item);
    ImpossibleKitTest.everyViewAnswers(client);
    listTellsWhatIsPacked();
    open.end.accept(this, item);
    listTellsWhatIsPacked();
    comeHome();
    ImpossibleKitTest.everyViewAnswers(client);
    assertThat(actsSoFar(item)).isNotEqualTo(before);
    JsonNode mended = client.post("/api/workspace/check", act()).expect(200).body().path("mended");
    assertThat(mended).isEmpty();
  }

  private String actsSoFar(String item) {
    return client.get("/api/items/" + item).expect(200).body().at("/history/entries").toString();
  }

  /** What is counted as packed stands in a line. */
  private void listTellsWhatIsPacked() {
    JsonNode list = client.get(bookingPath() + "/packing-list").expect(200).body();
    long told =
        list.path("lines").values().stream()
            .filter(line -> line.path("packed").asBoolean())
            .count();
    assertThat(told).isEqualTo(list.path("packedCount").asLong());
  }

  /** Everything that is out can be put back, and then the booking is over. */
  private void comeHome() {
    JsonNode now = client.get(bookingPath()).expect(200).body();
    if (now.path("stage").asString().equals("away")) {
      ObjectNode asked = act();
      asked.putArray("items");
      post(bookingPath() + "/put-back", asked);
      assertThat(client.get(bookingPath()).body().path("stage").asString()).isEqualTo("back");
    }
  }

  private String bookingPath() {
    return "/api/bookings/" + booking;
  }

  private String sessionPath() {
    return "/api/bench/sessions/" + session;
  }

  private void post(String path, Object body) {
    assertThat(client.post(path, body).status()).as(path).isBetween(200, 204);
  }

  private void pack(String item) {
    post(bookingPath() + "/pack", Kits.tick(item, Kits.addPowder(client, drawer)));
  }

  private void count(String item) {
    count = Kits.id();
    post("/api/places/" + drawer + "/counts", object().put("id", count));
    post(
        "/api/counts/" + count + "/seen",
        object().put("item", item).put("seen", true).put("counted", 20));
  }

  private void slot(String item) {
    palette = Kits.id();
    ObjectNode place = Kits.place("Palette", "palette");
    place.putObject("slots").put("count", 6).put("widthMm", 30).putNull("depthMm");
    place.withObject("slots").putNull("heightMm");
    ObjectNode asked = act().put("id", palette);
    asked.set("place", place);
    post("/api/places", asked);
    post("/api/palettes/" + palette + "/put", act().put("item", item).put("slot", 3));
  }

  private void plan(String item) {
    String bottles = Kits.addEmpty(client, "pointed-squeeze-bottle", 10, 3);
    session = Kits.id();
    ObjectNode plan = act().put("id", session).put("wantedMonths", 2.5).putNull("backStock");
    plan.putArray("chosen")
        .addObject()
        .put("item", item)
        .put("stays", false)
        .put("empty", bottles)
        .put("count", 1)
        .put("amount", 3)
        .putNull("usePerMonth");
    post("/api/bench/sessions", plan);
  }
}
