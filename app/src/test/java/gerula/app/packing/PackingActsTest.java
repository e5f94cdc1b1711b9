package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Ticking off, departing, putting back. */
class PackingActsTest extends GivenBooking {

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

  /** Used, emptier, missing or given away: told where it is put back, and undone with it. */
  @Test
  void howAThingCameBackIsToldWithIt() {
    String spent = Kits.addPowder(client, drawer);
    String lost = Kits.addPowder(client, drawer);
    String given = Kits.addPowder(client, drawer);
    for (String one : List.of(spent, lost, given)) {
      client.post(path("decide-item"), decide(one)).expect(204);
      pack(one).expect(204);
    }
    client.post(path("depart"), act()).expect(204);
    ObjectNode used = Kits.tick(spent).put("used", true).put("left", 3.5);
    client.post(path("put-back"), used).expect(200);
    JsonNode back = item(spent);
    assertThat(back.path("left").decimalValue()).isEqualByComparingTo("3.5");
    assertThat(back.path("cleanliness").asString()).isEqualTo("used");
    assertThat(back.path("now").asString()).isEqualTo(drawer);
    client.post("/api/ledger/" + used.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(item(spent).path("left").decimalValue()).isEqualByComparingTo("12.5");
    assertThat(item(spent).path("now").asString()).isEqualTo(bag);
    client.post(path("put-back"), Kits.tick(spent).put("level", "half")).expect(200);
    assertThat(item(spent).path("left").decimalValue()).isEqualByComparingTo("15");
    client.post(path("put-back"), Kits.tick(lost).put("fate", "missing")).expect(200);
    assertThat(item(lost).path("now").isNull()).isTrue();
    assertThat(stage()).isEqualTo("away");
    ObjectNode gift = Kits.tick(given).put("fate", "given-away");
    client.post(path("put-back"), gift).expect(200);
    assertThat(item(given).path("discardCause").asString()).isEqualTo("given-away");
    // Nothing is out any more, though not everything came home.
    assertThat(stage()).isEqualTo("back");
    client.post("/api/ledger/" + gift.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(stage()).isEqualTo("away");
    assertThat(item(given).path("now").asString()).isEqualTo(bag);
    ObjectNode both = Kits.tick(given, spent).put("level", "half");
    client.post(path("put-back"), both).expect(422);
    client.post(path("put-back"), Kits.tick(given).put("left", 900)).expect(422);
    client.post(path("put-back"), Kits.tick().put("fate", "missing")).expect(422);
    assertThat(stage()).isEqualTo("away");
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).expect(200).body().path("item");
  }

  private static ObjectNode decide(String item) {
    return act().put("item", item).put("choice", "add");
  }

  /** Where the house does so, a pan leaves its palette for one that weighs less. */
  @Test
  void aPanTravelsInAnEmptyPaletteAndGoesBackIntoItsSlot() {
    housesThatLift();
    String own = palette("Twelve", 600);
    String empty = palette("Travel palette", 60);
    String pan = pan(own, 3);
    Kits.addPowder(client, own);
    JsonNode line = line(pan);
    assertThat(line.at("/taken").findValuesAsString("code")).contains("lifted");
    String carrier = line.at("/taken/0/facts/into").asString();
    assertThat(place(empty).path("thing").asString()).isEqualTo(carrier);
    // The palette that carries it need not be ticked off: it is in the bag with the pan.
    pack(pan).expect(204);
    ObjectNode depart = act();
    client.post(path("depart"), depart).expect(204);
    assertThat(now(pan)).isEqualTo(empty);
    assertThat(now(carrier)).isEqualTo(bag);
    assertThat(place(empty).path("parent").asString()).isEqualTo(bag);
    assertThat(waitingIn(own, 3)).isEqualTo(pan);
    assertThat(list().path("lines").valueStream().map(one -> one.at("/item/id").asString()))
        .containsExactlyInAnyOrder(pan, carrier);
    client.post("/api/ledger/" + depart.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(now(pan)).isEqualTo(own);
    assertThat(list().path("packedCount").asInt()).isEqualTo(1);
    client.post(path("depart"), act()).expect(204);
    client.post(path("put-back"), Kits.tick()).expect(200);
    assertThat(now(pan)).isEqualTo(own);
    assertThat(inSlot(own, 3)).isEqualTo(pan);
    assertThat(place(empty).path("parent").asString()).isEqualTo(drawer);
  }

  private void housesThatLift() {
    ObjectNode house = act().put("version", 0);
    house.set(
        "rules",
        Client.object(
            """
            {"dateLimits": "usual", "eyeMarginDays": 14, "reservePercent": 20, "deliveryDays": 7,
             "ownLimits": [], "practices": {"palettes": "lift-pans"}}
            """));
    JsonNode told = client.put("/api/house", house).expect(200).body();
    assertThat(told.at("/practices/palettes").asString()).isEqualTo("lift-pans");
  }

  private String palette(String name, int grams) {
    String thing = Kits.id();
    ObjectNode asked = act().put("id", thing).putNull("productId");
    ObjectNode product = Kits.product("palette", "other", "piece").put("name", name);
    product
        .put("content", 1)
        .putObject("measures")
        .put("outline", "flat")
        .put("widthMm", 200)
        .put("depthMm", 100)
        .put("heightMm", 12)
        .put("massG", grams);
    asked.set("product", product);
    asked.set("item", Kits.item(drawer).put("left", 1));
    client.post("/api/items", asked).expect(201);
    String inside = Kits.id();
    ObjectNode place = act().put("id", inside);
    ObjectNode within = Kits.place(name, "palette").put("parent", drawer).put("thing", thing);
    within.putNull("greatestMassG").put("ownMassG", 0);
    within.putObject("slots").put("count", 4).put("widthMm", 90).put("depthMm", 90);
    within.withObject("slots").put("heightMm", 60);
    place.set("place", within);
    client.post("/api/places", place).expect(204);
    return inside;
  }

  private String pan(String palette, int slot) {
    String pan = Kits.id();
    ObjectNode asked = Kits.powder(pan, palette);
    ((ObjectNode) asked.path("item")).put("favourite", true);
    client.post("/api/items", asked).expect(201);
    client
        .post("/api/palettes/" + palette + "/put", act().put("item", pan).put("slot", slot))
        .expect(200);
    client.post("/api/items/" + powder + "/discard", act().put("cause", "empty")).expect(200);
    return pan;
  }

  private JsonNode line(String item) {
    return list()
        .path("lines")
        .valueStream()
        .filter(one -> one.at("/item/id").asString().equals(item))
        .findFirst()
        .orElseThrow();
  }

  private String now(String item) {
    return client.get("/api/items/" + item).body().at("/item/now").asString();
  }

  private String inSlot(String palette, int slot) {
    return slot(palette, slot).at("/item/id").asString("");
  }

  private String waitingIn(String palette, int slot) {
    return slot(palette, slot).at("/belongs/id").asString("");
  }

  private JsonNode slot(String palette, int slot) {
    return client.get("/api/palettes/" + palette).expect(200).body().path("slots").get(slot - 1);
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
}
