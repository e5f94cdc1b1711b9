package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.SideBySide;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The list of a booking, what is decided about it, and what became of it. */
class PackingListOverHttpTest extends GivenBooking {

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
            act().put("need", "mirror").put("decided", "without").putNull("instead"))
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
    ObjectNode instead =
        act().put("need", "foundation").put("decided", "without").put("instead", deep);
    client.post(path("decide-need"), instead).expect(204);
    assertThat(list().path("lines").valueStream().map(line -> line.at("/item/id").asString()))
        .contains(deep);
    assertThat(gap("foundation").path("decided").asString()).isEqualTo("without");
    client.post("/api/ledger/" + instead.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(gap("foundation").path("decided").isNull()).isTrue();
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
    ObjectNode without = act().put("need", "mirror").put("decided", "without");
    client.post(path("decide-need"), without).expect(204);
    assertThat(gap("mirror").path("decided").asString()).isEqualTo("without");
    assertThat(list().at("/booking/choices/without/0").asString()).isEqualTo("mirror");
    client
        .post(path("decide-need"), act().put("need", "No need!").put("decided", "without"))
        .expect(422);
    client
        .post(path("decide-item"), decide("00000000-0000-0000-0000-000000000001", "pin"))
        .expect(404);
  }

  /** A colleague lends it: no gap any more, told as what goes back. */
  @Test
  void whatIsBorrowedIsNoGapAnyMore() {
    ObjectNode borrowed = act().put("need", "mirror").put("decided", "borrowed");
    client.post(path("decide-need"), borrowed).expect(204);
    assertThat(gap("mirror").path("decided").asString()).isEqualTo("borrowed");
    assertThat(list().at("/booking/choices/borrowed/0").asString()).isEqualTo("mirror");
    client.post("/api/ledger/" + borrowed.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(gap("mirror").path("decided").isNull()).isTrue();
    assertThat(list().at("/booking/choices/borrowed")).isEmpty();
  }

  /** The kit never had one: it stays a gap, and stands on the buying list until it is there. */
  @Test
  void whatTheKitNeverHadIsBoughtForTheBooking() {
    ObjectNode bought = act().put("need", "mirror").put("decided", "to-buy");
    client.post(path("decide-need"), bought).expect(204);
    assertThat(gap("mirror").path("isOpen").asBoolean()).isTrue();
    JsonNode entry = client.get("/api/buying/to-choose").expect(200).body().path(0);
    assertThat(entry.path("need").asString()).isEqualTo("mirror");
    assertThat(entry.path("productClass").asString()).isEqualTo("mirror");
    assertThat(entry.path("neededOn").asString()).isEqualTo("2031-04-20");
    assertThat(entry.path("late").asBoolean()).isTrue();
    ObjectNode mirror = Kits.powder(Kits.id(), drawer);
    mirror
        .withObject("product")
        .put("productClass", "mirror")
        .put("form", "other")
        .put("content", 1)
        .put("unit", "piece");
    mirror.withObject("item").put("left", 1);
    client.post("/api/items", mirror).expect(201);
    assertThat(client.get("/api/buying/to-choose").expect(200).body()).isEmpty();
  }

  @Test
  void anotherServiceThanWasBookedIsDoneOnceAndUndone() {
    ObjectNode edit = act().put("version", 0);
    edit.set("booking", Kits.booking(bag));
    ObjectNode face = (ObjectNode) edit.withObject("booking").withArray("faces").get(0);
    face.put("id", Kits.id()).withArray("services").add("contour");
    client.put("/api/bookings/" + booking, edit).expect(200);
    String id = face.path("id").asString();
    ObjectNode other = act().put("from", "contour").put("to", "bronzer");
    other.withArray("faces").add(id);
    client.post(path("do-instead"), other).expect(204);
    client.post(path("do-instead"), other).expect(204);
    assertThat(services()).containsExactlyInAnyOrder("powder", "bronzer");
    // She has no contour any more: said once more it changes nothing.
    client.post(path("do-instead"), act().setAll(other.deepCopy().without("actId"))).expect(204);
    assertThat(services()).containsExactlyInAnyOrder("powder", "bronzer");
    client.post("/api/ledger/" + other.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(services()).containsExactlyInAnyOrder("powder", "contour");
    String asked = "other-services?need=";
    assertThat(client.get(path(asked + "mirror")).expect(200).body()).isEmpty();
    assertThat(client.get(path(asked + "no-such-need")).expect(200).body()).isEmpty();
    ObjectNode far = act().put("from", "contour").put("to", "lips");
    far.withArray("faces").add(id);
    client.post(path("do-instead"), far).expect(422);
    ObjectNode stranger = act().put("from", "contour").put("to", "bronzer");
    stranger.withArray("faces").add(Kits.id());
    client.post(path("do-instead"), stranger).expect(404);
  }

  private List<String> services() {
    return list().at("/booking/faces/0/services").valueStream().map(JsonNode::asString).toList();
  }

  private static ObjectNode decide(String item, String choice) {
    return act().put("item", item).put("choice", choice);
  }
}
