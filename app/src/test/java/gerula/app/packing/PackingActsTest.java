package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.app.SideBySide;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class PackingActsTest {

  private Client client;
  private String drawer;
  private String bag;
  private String powder;
  private String booking;

  @BeforeEach
  void aBooking(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    bag = Kits.addPlace(client, "Bag", "backpack");
    powder = Kits.addPowder(client, drawer);
    booking = Kits.addBooking(client, bag);
  }

  @Test
  void theListTakesWhatTheFaceNeedsAndSaysWhatIsMissing() {
    JsonNode list = list();
    JsonNode line = list.path("lines").get(0);
    assertThat(line.path("item").path("id").asString()).isEqualTo(powder);
    assertThat(line.path("goesTo").asString()).isEqualTo(bag);
    // Two days of 0.3 g.
    assertThat(line.path("amount").decimalValue()).isEqualByComparingTo("0.6");
    assertThat(line.path("reasons").get(0).path("code").asString()).isEqualTo("for-service");
    assertThat(line.path("needs").get(0).asString()).isEqualTo("face-powder");
    assertThat(list.path("findings").findValuesAsString("need"))
        .contains("puff", "hand-sanitiser", "mirror");
  }

  /** Two shades she lies between, and one tap of the finger on the paper: what to mix. */
  @Test
  void aFaceBetweenTwoMeasuredShadesGetsARecipe() {
    String light = base("#e4c1a1");
    String deep = base("#7a4f35");
    ObjectNode edit = act().put("version", 0);
    edit.set("booking", Kits.booking(bag));
    ObjectNode face = (ObjectNode) edit.withObject("booking").withArray("faces").get(0);
    face.put("colour", "#9b6e4e").withArray("services").add("base");
    face.put("id", Kits.id());
    client.put("/api/bookings/" + booking, edit).expect(200);
    JsonNode recipe = list().path("recipes").get(0);
    assertThat(recipe.path("isMet").asBoolean()).isTrue();
    assertThat(recipe.path("deltaE").asDouble()).isLessThan(2);
    assertThat(recipe.path("parts").findValuesAsString("item"))
        .containsExactlyInAnyOrder(light, deep);
    assertThat(recipe.path("parts").findValues("tenths").stream().mapToInt(JsonNode::asInt).sum())
        .isEqualTo(10);
  }

  @Test
  void aBookingIsTriedWithoutKeepingAnything() {
    ObjectNode asked = act();
    asked.remove("actId");
    asked.set("booking", Kits.booking(bag));
    ObjectNode face = (ObjectNode) asked.withObject("booking").withArray("faces").get(0);
    face.put("id", Kits.id()).withArray("services").add("eyes");
    JsonNode tried = client.post(path("try"), asked).expect(200).body();
    assertThat(tried.path("items").asInt()).isEqualTo(1);
    assertThat(tried.path("gapCount").asInt()).isGreaterThan(6);
    assertThat(tried.path("gaps")).hasSize(6);
    assertThat(tried.at("/readiness/state").asString()).isEqualTo("too-late-to-order");
    assertThat(list().at("/booking/faces/0/services")).hasSize(1);
    String unknown = Kits.id();
    face.put("id", Kits.id());
    client.post("/api/bookings/" + unknown + "/try", asked).expect(200);
    client.get("/api/bookings/" + unknown).expect(404);
    face.put("depth", 11);
    client.post("/api/bookings/" + unknown + "/try", asked).expect(422);
  }

  /** Each person is told what she herself has not seen, and only that. */
  @Test
  void whatBecameOfTheListSinceItWasLookedAtIsTold() {
    assertThat(list().at("/since/lookedAt").isNull()).isTrue();
    assertThat(list().at("/since/changes")).isEmpty();
    String old = list().at("/since/fingerprint").asString();
    Kits.lookAtTheList(client, booking);
    assertThat(list().at("/since/lookedAt").isNull()).isFalse();
    String other = Kits.addPowder(client, drawer);
    client.post("/api/items/" + powder + "/discard", act().put("cause", "empty")).expect(200);
    JsonNode off = list().at("/since/changes/0");
    assertThat(off.path("code").asString()).isEqualTo("went-off");
    assertThat(off.at("/facts/item").asString()).isEqualTo(powder);
    assertThat(off.at("/facts/isInKit").asBoolean()).isFalse();
    assertThat(off.at("/facts/instead/0").asString()).isEqualTo(other);
    ObjectNode asked = Client.object().put("fingerprint", old);
    JsonNode refused = client.post(path("packing-list/looked-at"), asked).expect(409).body();
    assertThat(refused.path("code").asString()).isEqualTo("list-changed");
    assertThat(list().at("/since/changes")).isNotEmpty();
    Kits.lookAtTheList(client, booking);
    Kits.lookAtTheList(client, booking);
    assertThat(list().at("/since/changes")).isEmpty();
  }

  /** A bag on a hook and the tier of a case go along by themselves, and come home at the end. */
  @Test
  void aBagLeavesItsHookAndHangsThereAgainWhenEverythingIsBack() {
    String belt = Kits.id();
    ObjectNode hung = act().put("id", belt);
    hung.set("place", Kits.place("Belt", "belt").put("parent", drawer).put("portable", true));
    client.post("/api/places", hung).expect(204);
    assertThat(place(belt).path("bag").asBoolean()).isTrue();
    booking = Kits.addBooking(client, belt);
    client.post(path("pack"), Kits.tick(powder)).expect(204);
    ObjectNode depart = act();
    client.post(path("depart"), depart).expect(204);
    assertThat(place(belt).path("parent").isNull()).isTrue();
    assertThat(place(belt).path("home").asString()).isEqualTo(drawer);
    client.post("/api/ledger/" + depart.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(place(belt).path("parent").asString()).isEqualTo(drawer);
    client.post(path("depart"), act()).expect(204);
    client.post(path("put-back"), Kits.tick()).expect(200);
    assertThat(place(belt).path("parent").asString()).isEqualTo(drawer);
  }

  private JsonNode place(String id) {
    return client
        .get("/api/places")
        .body()
        .path("places")
        .valueStream()
        .filter(one -> one.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  /** Asked again it is told again, and another once anything was done. */
  @Test
  void howTheBookingsAheadStandFollowsWhatIsDone() {
    JsonNode before = client.get("/api/bookings/readiness").expect(200).body();
    assertThat(before).hasSize(1);
    assertThat(before.at("/0/booking").asString()).isEqualTo(booking);
    assertThat(before.at("/0/readiness")).isEqualTo(list().path("readiness"));
    client
        .post(
            path("decide-need"),
            act().put("need", "mirror").put("without", true).putNull("instead"))
        .expect(204);
    JsonNode after = client.get("/api/bookings/readiness").body();
    assertThat(after.at("/0/readiness/toGet").asInt())
        .isEqualTo(before.at("/0/readiness/toGet").asInt() - 1);
    assertThat(client.get("/api/bookings/readiness").body()).isEqualTo(after);
    client.post(path("call-off"), act()).expect(204);
    assertThat(client.get("/api/bookings/readiness").body()).isEmpty();
  }

  /** Whoever decides at the same moment: all of it holds, and is undone from the last one on. */
  @Test
  void decisionsSideBySideAllHold() {
    List<String> items =
        IntStream.range(0, 6).mapToObj(_ -> Kits.addPowder(client, drawer)).toList();
    List<String> acts = items.stream().map(_ -> Kits.id()).toList();
    List<Callable<Integer>> decisions = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      ObjectNode asked =
          Client.object()
              .put("actId", acts.get(i))
              .put("item", items.get(i))
              .put("choice", i % 2 == 0 ? "leave-out" : "add");
      decisions.add(() -> client.post(path("decide-item"), asked).status());
    }
    assertThat(SideBySide.all(decisions)).containsOnly(204);
    JsonNode choices = client.get("/api/bookings/" + booking).body().path("choices");
    assertThat(texts(choices.path("leftOut")))
        .containsExactlyInAnyOrderElementsOf(everySecond(items, 0));
    assertThat(texts(choices.path("added")))
        .containsExactlyInAnyOrderElementsOf(everySecond(items, 1));
    for (int left = acts.size(); left > 0; left--) {
      assertThat(acts).anyMatch(this::isUndone);
    }
    choices = client.get("/api/bookings/" + booking).body().path("choices");
    assertThat(choices.path("leftOut")).isEmpty();
    assertThat(choices.path("added")).isEmpty();
  }

  private boolean isUndone(String act) {
    return client.post("/api/ledger/" + act + "/undo", act()).status() == 204;
  }

  private static List<String> everySecond(List<String> items, int from) {
    return IntStream.range(0, items.size())
        .filter(i -> i % 2 == from)
        .mapToObj(items::get)
        .toList();
  }

  private static List<String> texts(JsonNode list) {
    return list.valueStream().map(JsonNode::asString).toList();
  }

  @Test
  void howManyOfWhatIsCountedIsDecidedByHandAndUndone() {
    ObjectNode puffs = Kits.powder(Kits.id(), drawer);
    puffs
        .withObject("product")
        .put("productClass", "puff")
        .put("form", "single-use")
        .put("content", 50)
        .put("unit", "piece");
    puffs.withObject("item").put("left", 50);
    client.post("/api/items", puffs).expect(201);
    double before = puffs();
    ObjectNode decide = act().put("need", "puff").put("pieces", 25);
    client.post(path("decide-amount"), decide).expect(204);
    assertThat(puffs()).isEqualTo(25);
    client.post("/api/ledger/" + decide.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(puffs()).isEqualTo(before).isLessThan(25);
    client.post(path("decide-amount"), act().put("need", "puff").put("pieces", 0)).expect(422);
  }

  private double puffs() {
    return list()
        .path("lines")
        .valueStream()
        .filter(line -> line.path("needs").get(0).asString().equals("puff"))
        .mapToDouble(line -> line.path("amount").asDouble())
        .sum();
  }

  @Test
  void whatIsNotQuiteRightIsTakenInsteadAndTheGapIsDoneWithout() {
    String deep = base("#7a4f35");
    ObjectNode edit = act().put("version", 0);
    edit.set("booking", Kits.booking(bag));
    ObjectNode face = (ObjectNode) edit.withObject("booking").withArray("faces").get(0);
    face.put("id", Kits.id()).put("colour", "#e4c1a1").withArray("services").add("base");
    client.put("/api/bookings/" + booking, edit).expect(200);
    assertThat(nearest("foundation").path("remedy").asString()).isEqualTo("instead");
    JsonNode why = client.get(path("why-not?item=" + deep)).expect(200).body().path("whyNot");
    assertThat(why.at("/answers/0/refusal/code").asString()).isEqualTo("wrong-colour");
    ObjectNode instead = act().put("need", "foundation").put("without", true).put("instead", deep);
    client.post(path("decide-need"), instead).expect(204);
    assertThat(list().path("lines").valueStream().map(line -> line.at("/item/id").asString()))
        .contains(deep);
    assertThat(gap("foundation").path("isAccepted").asBoolean()).isTrue();
    client.post("/api/ledger/" + instead.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(gap("foundation").path("isAccepted").asBoolean()).isFalse();
    assertThat(list().path("lines").valueStream().map(line -> line.at("/item/id").asString()))
        .doesNotContain(deep);
  }

  private JsonNode nearest(String need) {
    return gap(need).path("nearest").get(0);
  }

  private String base(String colour) {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked
        .withObject("product")
        .put("productClass", "foundation")
        .put("form", "liquid-pump-or-squeeze")
        .put("content", 30)
        .put("unit", "ml")
        .put("colour", colour);
    asked.withObject("item").put("left", 30);
    client.post("/api/items", asked).expect(201);
    return asked.path("id").asString();
  }

  @Test
  void whatIsPackedDepartsAndComesHomeAgain() {
    pack(powder).expect(204);
    assertThat(list().path("packedCount").asInt()).isEqualTo(1);
    assertThat(now()).isEqualTo(drawer);
    ObjectNode depart = act();
    client.post(path("depart"), depart).expect(204);
    assertThat(now()).isEqualTo(bag);
    assertThat(stage()).isEqualTo("away");
    JsonNode back = client.post(path("put-back"), Kits.tick()).expect(200).body();
    assertThat(back.path("count").asInt()).isEqualTo(1);
    assertThat(now()).isEqualTo(drawer);
    assertThat(stage()).isEqualTo("back");
    assertThat(history()).containsExactly("put-back", "departed", "packed", "added");
  }

  /** What has no home stays where it is, and its history says nothing of it. */
  @Test
  void whatHasNoHomeIsNotPutBack() {
    pack(powder).expect(204);
    client.post(path("depart"), act()).expect(204);
    JsonNode away = client.get("/api/items/" + powder).body().path("item");
    ObjectNode edit =
        act()
            .put("version", away.path("version").asInt())
            .put("productVersion", away.at("/product/version").asInt());
    edit.set("product", Kits.product("face-powder", "pressed-powder", "g"));
    edit.set("item", Kits.description(drawer).putNull("home"));
    client.put("/api/items/" + powder, edit).expect(200);
    JsonNode back = client.post(path("put-back"), Kits.tick()).expect(200).body();
    assertThat(back.path("withoutHome").get(0).asString()).isEqualTo(powder);
    assertThat(now()).isEqualTo(away.path("now").asString());
    assertThat(history()).doesNotContain("put-back");
  }

  @Test
  void everyStepIsUndoneInTurn() {
    ObjectNode pack = Kits.tick(powder);
    client.post(path("pack"), pack).expect(204);
    ObjectNode depart = act();
    client.post(path("depart"), depart).expect(204);
    ObjectNode back = Kits.tick(powder);
    client.post(path("put-back"), back).expect(200);
    undo(back);
    assertThat(now()).isEqualTo(bag);
    assertThat(stage()).isEqualTo("away");
    undo(depart);
    assertThat(now()).isEqualTo(drawer);
    assertThat(stage()).isEqualTo("planned");
    assertThat(list().path("packedCount").asInt()).isEqualTo(1);
    undo(pack);
    assertThat(list().path("packedCount").asInt()).isZero();
  }

  @Test
  void takingOutUnticks() {
    pack(powder).expect(204);
    client.post(path("take-out"), Kits.tick(powder)).expect(204);
    assertThat(list().path("packedCount").asInt()).isZero();
  }

  @Test
  void aThingIsInOneBookingsBagOnly() {
    pack(powder).expect(204);
    String other = Kits.addBooking(client, bag);
    Client.Answer refused =
        client.post("/api/bookings/" + other + "/pack", Kits.tick(powder)).expect(409);
    assertThat(refused.code()).isEqualTo("packed-elsewhere");
    assertThat(refused.body().path("detail").asString()).contains("Portraits");
  }

  @Test
  void emptyBagsDoNotDepartAndBagsDepartOnce() {
    assertThat(client.post(path("depart"), act()).expect(409).code()).isEqualTo("nothing-packed");
    assertThat(client.post(path("put-back"), Kits.tick()).expect(409).code()).isEqualTo("not-away");
    pack(powder).expect(204);
    ObjectNode depart = act();
    client.post(path("depart"), depart).expect(204);
    client.post(path("depart"), depart).expect(204);
    assertThat(client.post(path("depart"), act()).expect(409).code()).isEqualTo("departed-already");
    assertThat(pack(powder).expect(409).code()).isEqualTo("departed-already");
  }

  @Test
  void aThingThatWasNotFoundLeavesTheListAndBecomesAGap() {
    client.post("/api/items/" + powder + "/move", act().putNull("to")).expect(200);
    JsonNode list = list();
    assertThat(list.path("lines")).isEmpty();
    assertThat(list.path("findings").toString()).contains("\"not-located\"");
  }

  @Test
  void aBookingWhoseBagsAreOutCannotBeCalledOff() {
    pack(powder).expect(204);
    client.post(path("depart"), act()).expect(204);
    assertThat(client.post(path("call-off"), act()).expect(409).code()).isEqualTo("on-the-way");
  }

  @Test
  void aBookingThatWasCalledOffComesBackWithItsFacesAndTicks() {
    pack(powder).expect(204);
    ObjectNode callOff = act();
    client.post(path("call-off"), callOff).expect(204);
    client.get("/api/bookings/" + booking).expect(404);
    undo(callOff);
    assertThat(list().path("booking").path("faces").get(0).path("name").asString())
        .isEqualTo("Cellist");
    assertThat(list().path("packedCount").asInt()).isEqualTo(1);
  }

  private Client.Answer pack(String item) {
    return client.post(path("pack"), Kits.tick(item));
  }

  private void undo(ObjectNode act) {
    client.post("/api/ledger/" + act.path("actId").asString() + "/undo", act()).expect(204);
  }

  private String path(String act) {
    return "/api/bookings/" + booking + "/" + act;
  }

  private JsonNode list() {
    return client.get(path("packing-list")).expect(200).body();
  }

  private String stage() {
    return client.get("/api/bookings/" + booking).expect(200).body().path("stage").asString();
  }

  private String now() {
    return client.get("/api/items/" + powder).body().path("item").path("now").asString();
  }

  private java.util.List<String> history() {
    return client
        .get("/api/items/" + powder)
        .body()
        .at("/history/entries")
        .findValuesAsString("act");
  }

  /** Pinned, left out, added, done without: it holds for the next list, and is undone. */
  @Test
  void whatIsDecidedAboutAListHolds() {
    ObjectNode leave = decide(powder, "leave-out");
    client.post(path("decide-item"), leave).expect(204);
    assertThat(list().path("lines").findValuesAsString("goesTo")).isEmpty();
    assertThat(gap("face-powder").path("nearest").get(0).at("/reason/code").asString())
        .isEqualTo("left-out");
    client.post(path("decide-item"), leave).expect(204);
    client.post("/api/ledger/" + leave.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(list().path("lines")).hasSize(1);
    client.post(path("decide-item"), decide(powder, "pin")).expect(204);
    assertThat(list().at("/lines/0/taken").findValuesAsString("code")).contains("pinned");
    client.post(path("decide-item"), decide(powder, "as-worked-out")).expect(204);
    assertThat(list().at("/lines/0/taken").findValuesAsString("code")).doesNotContain("pinned");
    ObjectNode without = act().put("need", "mirror").put("without", true);
    client.post(path("decide-need"), without).expect(204);
    assertThat(gap("mirror").path("isAccepted").asBoolean()).isTrue();
    assertThat(list().at("/booking/choices/without/0").asString()).isEqualTo("mirror");
    client
        .post(path("decide-need"), act().put("need", "No need!").put("without", true))
        .expect(422);
    client
        .post(path("decide-item"), decide("00000000-0000-0000-0000-000000000001", "pin"))
        .expect(404);
  }

  /** The same two days: the powder is in one bag or in the other. */
  @Test
  void whatOneBookingHasAnotherOnTheSameDayHasNot() {
    String first = booking;
    String second = Kits.addBooking(client, bag);
    boolean isFirst = hasPowder(first);
    assertThat(hasPowder(second)).isNotEqualTo(isFirst);
    booking = isFirst ? second : first;
    assertThat(gap("face-powder").path("nearest").get(0).at("/reason/code").asString())
        .isEqualTo("on-another-booking");
    // Whoever has it in the bag has it, whoever was to have it.
    pack(powder).expect(204);
    assertThat(hasPowder(booking)).isTrue();
    assertThat(hasPowder(isFirst ? first : second)).isFalse();
  }

  private boolean hasPowder(String of) {
    return client
        .get("/api/bookings/" + of + "/packing-list")
        .body()
        .path("lines")
        .valueStream()
        .anyMatch(line -> line.at("/item/id").asString().equals(powder));
  }

  private static ObjectNode decide(String item, String choice) {
    return act().put("item", item).put("choice", choice);
  }

  private JsonNode gap(String need) {
    return list()
        .path("findings")
        .valueStream()
        .filter(one -> one.at("/facts/need").asString("").equals(need))
        .findFirst()
        .orElseThrow()
        .path("facts");
  }
}
