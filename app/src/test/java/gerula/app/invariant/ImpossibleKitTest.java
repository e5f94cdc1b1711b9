package gerula.app.invariant;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** No act, no undo and no two of them at once leave a kit that cannot be. */
@ExtendWith(Running.class)
class ImpossibleKitTest {

  private static Answer move(Client client, String place, String to) {
    return client.post("/api/places/" + place + "/move", act().put("to", to));
  }

  private static String in(Client client, String name, String parent) {
    String id = Kits.id();
    ObjectNode asked = act().put("id", id);
    asked.set("place", Kits.place(name, "pouch").put("parent", parent));
    client.post("/api/places", asked).expect(204);
    return id;
  }

  /** Every view that reads places or things; none of them may stumble over the kit. */
  static void everyViewAnswers(Client client) {
    for (String view :
        List.of(
            "/api/places",
            "/api/items",
            "/api/find?q=powder",
            "/api/kit/out-of-place",
            "/api/kit/summary",
            "/api/dates?weeks=8",
            "/api/palettes",
            "/api/calendar.ics",
            "/api/bench",
            "/api/bookings",
            "/api/buying",
            "/api/workspace/archive",
            "/api/kit/csv")) {
      assertThat(client.get(view).status()).as(view).isEqualTo(200);
    }
  }

  @Test
  void anUndoDoesNotPutTwoPlacesIntoEachOther(Client fresh) {
    Client client = fresh.signedUp();
    String a = Kits.addPlace(client, "Case A", "case");
    String b = in(client, "Pouch B", a);
    Kits.addPowder(client, b);
    ObjectNode out = act().put("to", (String) null);
    client.post("/api/places/" + b + "/move", out).expect(204);
    move(client, a, b).expect(204);
    Answer undone =
        client.post("/api/ledger/" + out.path("actId").asString() + "/undo", act()).expect(409);
    assertThat(undone.code()).isEqualTo("place-in-itself");
    assertThat(undone.body().path("detail").asString()).contains("Case A").contains("Pouch B");
    everyViewAnswers(client);
  }

  @ParameterizedTest(name = "try {0}")
  @ValueSource(ints = {1, 2, 3, 4, 5, 6, 7, 8})
  void twoSessionsDoNotCloseACircleAtOnce(int round, Client fresh) {
    Client client = fresh.signedUp();
    String p1 = Kits.addPlace(client, "P1", "pouch");
    String g = Kits.addPlace(client, "G", "case");
    String p2 = in(client, "P2", g);
    List<Answer> both = SideBySide.all(() -> move(client, p1, p2), () -> move(client, g, p1));
    assertThat(both.stream().map(Answer::status)).containsExactlyInAnyOrder(204, 409);
    everyViewAnswers(client);
    List<Answer> crossed = SideBySide.all(() -> move(client, p1, g), () -> move(client, g, p1));
    assertThat(crossed.stream().map(Answer::status)).allMatch(status -> status < 500);
    everyViewAnswers(client);
  }

  @Test
  void aChainOfFortyDoesNotGoIntoAChainOfForty(Client fresh) {
    Client client = fresh.signedUp();
    List<String> first = chain(client, "First", 40);
    List<String> second = chain(client, "Second", 40);
    Answer refused = move(client, second.getFirst(), first.getLast()).expect(409);
    assertThat(refused.code()).isEqualTo("too-deep");
    move(client, second.getFirst(), first.get(19)).expect(204);
    everyViewAnswers(client);
  }

  private static List<String> chain(Client client, String name, int length) {
    List<String> chain = new ArrayList<>();
    chain.add(Kits.addPlace(client, name + " 1", "case"));
    for (int i = 2; i <= length; i++) {
      chain.add(in(client, name + " " + i, chain.getLast()));
    }
    return chain;
  }

  @Test
  void aTableDoesNotMakePlacesDeeperThanAKitHas(Client fresh) {
    Client client = fresh.signedUp();
    String home =
        IntStream.rangeClosed(1, 62).mapToObj(i -> "L" + i).collect(Collectors.joining(" > "));
    byte[] table = ("Name,Home\nPowder," + home + "\n").getBytes(StandardCharsets.UTF_8);
    Answer read =
        client.sendBytes("POST", "/api/kit/csv?actId=" + Kits.id(), "text/csv", table).expect(422);
    assertThat(read.body().toString()).contains("line 2").contains("60");
    Answer looked = client.sendBytes("POST", "/api/kit/csv/preview", "text/csv", table).expect(200);
    assertThat(looked.body().path("badCount").asInt()).isEqualTo(1);
    everyViewAnswers(client);
  }

  @Test
  void twoLendingsToOneNewPersonMakeOnePlace(Client fresh) {
    Client client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    List<Callable<Answer>> lendings = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      String item = Kits.addPowder(client, drawer);
      ObjectNode asked = act().put("newPlace", Kits.id()).put("person", "Isaura");
      asked.putNull("askBackOn").putArray("items").add(item);
      lendings.add(() -> client.post("/api/kit/lend", asked).expect(204));
    }
    SideBySide.all(lendings);
    long lent =
        client.get("/api/places").body().path("places").values().stream()
            .filter(place -> place.path("kind").asString().equals("lent"))
            .count();
    assertThat(lent).isEqualTo(1);
  }

  /** Four clients move and undo among eight pouches; nothing of it ends in a failure of ours. */
  @ParameterizedTest(name = "seed {0}")
  @ValueSource(longs = {1, 2})
  void manyAtOnceLeaveATree(long seed, Client fresh) {
    Client client = fresh.signedUp();
    List<String> pouches = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      pouches.add(Kits.addPlace(client, "Pouch " + i, "pouch"));
    }
    List<Callable<Set<Integer>>> clients = new ArrayList<>();
    for (int i = 0; i < 4; i++) {
      Random random = new Random(seed * 10 + i);
      clients.add(() -> movesAndUndoes(client, pouches, random));
    }
    Set<Integer> statuses = new HashSet<>();
    SideBySide.all(clients).forEach(statuses::addAll);
    assertThat(statuses).isSubsetOf(200, 204, 409);
    everyViewAnswers(client);
    JsonNode check = client.post("/api/workspace/check", act()).expect(200).body().path("mended");
    assertThat(check).isEmpty();
  }

  private static Set<Integer> movesAndUndoes(Client client, List<String> pouches, Random random) {
    Set<Integer> statuses = new HashSet<>();
    List<String> acts = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      if (!acts.isEmpty() && random.nextInt(3) == 0) {
        String any = acts.get(random.nextInt(acts.size()));
        statuses.add(client.post("/api/ledger/" + any + "/undo", act()).status());
      } else {
        ObjectNode asked =
            act().put("to", random.nextInt(4) == 0 ? null : pouches.get(random.nextInt(8)));
        int status =
            client.post("/api/places/" + pouches.get(random.nextInt(8)) + "/move", asked).status();
        statuses.add(status);
        if (status == 204) {
          acts.add(asked.path("actId").asString());
        }
      }
      statuses.add(client.get("/api/places").status());
      statuses.add(client.get("/api/kit/out-of-place").status());
    }
    return statuses;
  }

  @Test
  void noBookingIsLeftWithoutItsBag(Client fresh, Client other) {
    Client client = fresh.signedUp();
    String id = Kits.id();
    ObjectNode added = act().put("id", id);
    added.set("place", Kits.place("Bag", "backpack"));
    client.post("/api/places", added).expect(204);
    Kits.addBooking(client, id);
    String undo = "/api/ledger/" + added.path("actId").asString() + "/undo";
    assertThat(client.post(undo, act()).expect(409).code()).isEqualTo("no-such-bag");
    client.post("/api/places/" + id + "/remove", act()).expect(204);
    String archive = client.get("/api/workspace/archive").expect(200).raw().body();
    other.signedUp();
    other.post("/api/workspace/archive?actId=" + Kits.id(), archive).expect(204);
  }

  /** What was chosen for the bench may be undone from under it. */
  @Test
  void aSessionOutlivesWhatWasChosenForIt(Client fresh) {
    Client client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    ObjectNode added = Kits.powder(Kits.id(), drawer);
    client.post("/api/items", added).expect(201);
    String bottles = Kits.addEmpty(client, "loose-magnetic-pan", 4, 3);
    String session = Kits.id();
    ObjectNode plan = act().put("id", session).put("wantedMonths", 2).putNull("backStock");
    plan.putArray("chosen")
        .addObject()
        .put("item", added.path("id").asString())
        .put("stays", false)
        .put("empty", bottles)
        .put("count", 1)
        .put("amount", 3)
        .putNull("usePerMonth");
    client.post("/api/bench/sessions", plan).expect(201);
    client.post("/api/ledger/" + added.path("actId").asString() + "/undo", act());
    client.get("/api/bench/sessions/" + session).expect(200);
    everyViewAnswers(client);
  }

  @Test
  void aPaletteAndItsPlaceAreNeverApart(Client fresh) {
    Client client = fresh.signedUp();
    String drawer = Kits.addPlace(client, "Drawer", "drawer");
    String item = Kits.addPowder(client, drawer);
    String palette = Kits.id();
    ObjectNode asked = act().put("id", palette);
    asked.set("place", Kits.place("Palette", "palette").put("parent", drawer).put("thing", item));
    client.post("/api/places", asked).expect(204);
    String case_ = Kits.addPlace(client, "Case", "case");
    move(client, palette, case_).expect(204);
    assertThat(client.get("/api/items/" + item).body().path("item").path("now").asString())
        .isEqualTo(case_);
    // It follows on every other way as well: packed, counted, edited, made a place.
    String bag = Kits.addPlace(client, "Bag", "backpack");
    String booking = Kits.addBooking(client, bag);
    client.post("/api/bookings/" + booking + "/pack", Kits.tick(item)).expect(204);
    client.post("/api/bookings/" + booking + "/depart", act()).expect(204);
    assertThat(parentOf(client, palette)).isEqualTo(bag);
    ObjectNode all = act();
    all.putArray("items");
    client.post("/api/bookings/" + booking + "/put-back", all).expect(200);
    assertThat(parentOf(client, palette)).isEqualTo(drawer);
    String other = Kits.addPowder(client, drawer);
    ObjectNode tray = act().put("id", Kits.id());
    tray.set("place", Kits.place("Tray", "palette").put("parent", case_).put("thing", other));
    client.post("/api/places", tray).expect(204);
    assertThat(client.get("/api/items/" + other).body().at("/item/now").asString())
        .isEqualTo(case_);
    String count = Kits.id();
    client.post("/api/places/" + drawer + "/counts", object().put("id", count)).expect(200);
    client.post("/api/counts/" + count + "/settle", act()).expect(200);
    assertThat(parentOf(client, palette)).as("counted and not there").isEmpty();
    everyViewAnswers(client);
  }

  private static String parentOf(Client client, String place) {
    return client.get("/api/places/" + place).expect(200).body().at("/place/parent").asString("");
  }
}
