package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Kits;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The plan of a booking's bags. */
class LoadTest extends GivenBooking {

  private String pouch(String name, int heightMm) {
    String id = Kits.id();
    ObjectNode asked = act().put("id", id);
    asked.set(
        "place",
        Kits.place(name, "pouch")
            .put("parent", bag)
            .put("innerWidthMm", 150)
            .put("innerDepthMm", 100)
            .put("innerHeightMm", heightMm));
    client.post("/api/places", asked).expect(204);
    return id;
  }

  private JsonNode plan() {
    return client.post(path("load/plan"), act().put("run", Kits.id())).expect(200).body();
  }

  private JsonNode load() {
    return client.get(path("load")).expect(200).body();
  }

  private JsonNode piece(JsonNode plan, String item) {
    return plan.path("pieces")
        .valueStream()
        .filter(one -> one.at("/item/id").asString().equals(item))
        .findFirst()
        .orElseThrow();
  }

  private static ObjectNode at(String item, String compartment) {
    return act().put("item", item).put("compartment", compartment);
  }

  private String goesTo(String item) {
    return list()
        .path("lines")
        .valueStream()
        .filter(one -> one.at("/item/id").asString().equals(item))
        .findFirst()
        .orElseThrow()
        .path("goesTo")
        .asString();
  }

  @Test
  void aPlanIsKeptFollowedByTheListAndUndone() {
    String flat = pouch("Flat", 20);
    assertThat(load().path("planned").asBoolean()).isFalse();
    assertThat(goesTo(powder)).isEqualTo(bag);
    ObjectNode pin = at(powder, flat);
    client.post(path("load/pin"), pin).expect(204);
    ObjectNode asked = act().put("run", Kits.id());
    JsonNode plan = client.post(path("load/plan"), asked).expect(200).body();
    assertThat(client.post(path("load/plan"), asked).expect(200).body()).isEqualTo(plan);
    JsonNode placed = piece(plan, powder);
    assertThat(placed.path("compartment").asString()).isEqualTo(flat);
    assertThat(placed.path("pinned").asBoolean()).isTrue();
    assertThat(placed.path("order").asInt()).isOne();
    assertThat(placed.path("reasons").get(0).asString()).isEqualTo("pinned");
    assertThat(placed.path("heightMm").asInt()).isLessThanOrEqualTo(20);
    assertThat(goesTo(powder)).isEqualTo(flat);
    // Nothing was moved in the kit.
    assertThat(client.get("/api/items/" + powder).body().at("/item/now").asString())
        .isEqualTo(drawer);
    assertThat(load()).isEqualTo(plan);
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(load().path("planned").asBoolean()).isFalse();
    client.post("/api/ledger/" + pin.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(goesTo(powder)).isEqualTo(bag);
  }

  @Test
  void whatIsTickedOffStaysWhereItWasPut() {
    String first = pouch("First", 60);
    client.post(path("load/pin"), at(powder, first)).expect(204);
    plan();
    client.post(path("pack"), Kits.tick(powder)).expect(204);
    client.post(path("load/pin"), act().put("item", powder).putNull("compartment")).expect(204);
    JsonNode again = piece(plan(), powder);
    assertThat(again.path("compartment").asString()).isEqualTo(first);
    assertThat(again.path("packed").asBoolean()).isTrue();
  }

  @Test
  void aPieceIsLaidElsewhereOrToldWhyNot() {
    String thin = pouch("Thin", 3);
    String roomy = pouch("Roomy", 60);
    plan();
    JsonNode fits =
        client
            .get(path("load/fits") + "?item=" + powder + "&compartment=" + thin)
            .expect(200)
            .body();
    assertThat(fits.path("obstacle").asString()).isEqualTo("too-large");
    JsonNode refused = client.post(path("load/move"), at(powder, thin)).expect(409).body();
    assertThat(refused.path("code").asString()).isEqualTo("too-large");
    assertThat(refused.path("detail").asString()).contains("larger than this compartment");
    client.post(path("load/move"), at(powder, roomy)).expect(204);
    JsonNode moved = piece(load(), powder);
    assertThat(moved.path("compartment").asString()).isEqualTo(roomy);
    assertThat(moved.path("pinned").asBoolean()).isTrue();
    JsonNode elsewhere = client.post(path("load/move"), at(powder, drawer)).expect(409).body();
    assertThat(elsewhere.path("code").asString()).isEqualTo("not-there");
    client.post(path("load/move"), at(powder, "the pouch")).expect(422);
  }

  @Test
  void aCompartmentIsLeftAloneAndWhatHasNoPlaceSaysWhatCanBeDone() {
    ObjectNode close = act().put("compartment", bag).put("closed", true);
    client.post(path("load/close"), close).expect(204);
    String sack = Kits.addPlace(client, "Sack", "backpack");
    JsonNode plan = plan();
    assertThat(plan.at("/bags/0/rooms/0/closed").asBoolean()).isTrue();
    assertThat(piece(plan, powder).path("compartment").isNull()).isTrue();
    assertThat(plan.path("planned").asBoolean()).isTrue();
    assertThat(plan.path("left")).hasSize(1);
    assertThat(load().path("left")).isEqualTo(plan.path("left"));
    ObjectNode take = act().put("place", sack);
    client.post(path("load/take-bag"), take).expect(204);
    client.post("/api/ledger/" + take.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(load().path("bags")).hasSize(1);
    client.post(path("load/take-bag"), act().put("place", sack)).expect(204);
    JsonNode both = plan();
    assertThat(piece(both, powder).path("compartment").asString()).isEqualTo(sack);
    client.post(path("load/take-bag"), act().put("place", drawer)).expect(404);
  }

  @Test
  void whatDoesNotFitTellsThreeWaysOut() {
    large();
    large();
    String sack = Kits.addPlace(client, "Sack", "backpack");
    JsonNode plan = plan();
    assertThat(plan.path("left")).hasSize(1);
    JsonNode left = plan.path("left").get(0);
    assertThat(left.path("because").asString()).isEqualTo("room-taken");
    assertThat(left.at("/ways/bag/place").asString()).isEqualTo(sack);
    assertThat(left.at("/ways/usesInAYear").asInt()).isZero();
    assertThat(left.at("/ways/alike").asInt()).isPositive();
    JsonNode needed = client.get(path("load/bags-needed")).expect(200).body().path("bags");
    assertThat(needed).hasSize(2);
  }

  /** Of which a bag takes one. */
  private String large() {
    ObjectNode tall = act().put("id", Kits.id()).putNull("productId");
    ObjectNode product = Kits.product("face-powder", "pressed-powder", "g");
    product
        .putObject("measures")
        .put("outline", "flat")
        .put("widthMm", 280)
        .put("depthMm", 180)
        .put("heightMm", 120)
        .put("massG", 300);
    tall.set("product", product);
    tall.set("item", Kits.item(drawer));
    client.post("/api/items", tall).expect(201);
    String large = tall.path("id").asString();
    client.post(path("decide-item"), act().put("item", large).put("choice", "add")).expect(204);
    return large;
  }

  @Test
  void nothingIsPlannedWithoutABagOrOnceTheBagsHaveLeft() {
    plan();
    client.post(path("pack"), Kits.tick(powder)).expect(204);
    client.post(path("depart"), act()).expect(204);
    assertThat(
            client
                .post(path("load/plan"), act().put("run", Kits.id()))
                .expect(409)
                .body()
                .path("code")
                .asString())
        .isEqualTo("departed");
    booking = Kits.addBooking(client);
    JsonNode refused =
        client.post(path("load/plan"), act().put("run", Kits.id())).expect(409).body();
    assertThat(refused.path("code").asString()).isEqualTo("no-bag");
    assertThat(load().path("bags")).isEmpty();
  }

  @Test
  void aSearchThatIsNotUnderWayIsToldSoAndStoppedInVain() {
    String run = "/api/load-runs/" + Kits.id();
    assertThat(client.get(run).expect(200).body().path("running").asBoolean()).isFalse();
    client.send("DELETE", run, "{}").expect(204);
  }

  @Test
  void thePlanIsPrintedAPageABag() throws IOException {
    pouch("Flat", 20);
    plan();
    byte[] pdf = client.bytes("GET", path("load/print"), null);
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(document.getNumberOfPages()).isOne();
      assertThat(new PDFTextStripper().getText(document))
          .contains("Bag", "kg of 9.0 kg", "Thing one");
    }
  }

  @Test
  void theCalculatorPlansAndTellsEveryFault() {
    JsonNode plan =
        client
            .send(
                "POST",
                "/api/calc/load-plan",
                """
                {"bags": [{"id": "case", "ownMassG": 500, "greatestMassG": 1000, "compartments": [
                   {"id": "top", "widthMm": 100, "depthMm": 100, "heightMm": 50, "usableShare": 0.85,
                    "allowed": ["lips"], "sealed": false, "reach": 1, "person": null}]}],
                 "pieces": [
                   {"id": "glue", "widthMm": 20, "depthMm": 20, "heightMm": 40, "massG": 30,
                    "section": "lips", "required": true, "orientation": "upright", "rigid": true,
                    "companionOf": "lash", "openedFirst": 2, "usual": "top"},
                   {"id": "lash", "widthMm": 60, "depthMm": 30, "heightMm": 10, "massG": 12.5,
                    "section": "lips", "required": false, "value": 2.5, "orientation": "flat"},
                   {"id": "iron", "widthMm": 60, "depthMm": 30, "heightMm": 10, "massG": 12,
                    "section": "tools", "required": true}],
                 "timeLimitMs": 2000, "seed": 1}
                """)
            .expect(200)
            .body();
    assertThat(plan.path("placed")).hasSize(2);
    assertThat(plan.at("/left/0/piece").asString()).isEqualTo("iron");
    assertThat(plan.at("/left/0/because").asString()).isEqualTo("not-allowed");
    assertThat(plan.at("/levels/requiredLeft").asInt()).isOne();
    assertThat(plan.at("/levels/value").asDouble()).isEqualTo(2.5);
    assertThat(plan.at("/levels/reach").asInt()).isOne();
    assertThat(plan.at("/bounds/requiredLeft").asInt()).isOne();
    assertThat(plan.path("optimal").asBoolean()).isTrue();
    assertThat(plan.path("stopped").asBoolean()).isFalse();
    JsonNode faults =
        client
            .send(
                "POST",
                "/api/calc/load-plan",
                """
                {"bags": [{"id": "case", "colour": "red", "compartments": [
                   {"id": "top", "widthMm": 0, "depthMm": 100, "heightMm": 50},
                   {"id": "top", "widthMm": 10, "depthMm": 100, "heightMm": 50}]}],
                 "pieces": [
                   {"id": "glue", "widthMm": 20, "depthMm": 20, "massG": 30, "usual": "bottom",
                    "companionOf": "lash", "orientation": "sideways"}],
                 "timeLimitMs": 0}
                """)
            .expect(422)
            .body()
            .path("errors");
    assertThat(faults.valueStream().map(one -> one.path("path").asString()).toList())
        .containsExactlyInAnyOrderElementsOf(
            List.of(
                "bags.0.colour",
                "bags.0.compartments.0.widthMm",
                "bags.0.compartments.1.id",
                "pieces.0.heightMm",
                "pieces.0.usual",
                "pieces.0.companionOf",
                "pieces.0.orientation",
                "timeLimitMs"));
  }

  @Test
  void aWornBagHoldsNoMoreThanTheHouseWants() {
    String worn = Kits.id();
    ObjectNode asked = act().put("id", worn);
    asked.set("place", Kits.place("Set bag", "set-bag"));
    client.post("/api/places", asked).expect(204);
    // Of two bookings at one time only one has the powder.
    client.post(path("call-off"), act()).expect(204);
    booking = Kits.addBooking(client, worn);
    assertThat(plan().at("/bags/0/greatestMassG").asInt()).isEqualTo(4000);
    ObjectNode rules = act().put("version", 0);
    rules
        .putObject("rules")
        .put("dateLimits", "usual")
        .put("eyeMarginDays", 14)
        .put("reservePercent", 20)
        .put("deliveryDays", 7)
        .putArray("ownLimits");
    rules
        .withObject("rules")
        .putObject("load")
        .put("usablePercent", 85)
        .put("wornGrams", 520)
        .put("carriedGrams", 8000);
    client.put("/api/house", rules).expect(200);
    JsonNode plan = plan();
    assertThat(plan.at("/bags/0/greatestMassG").asInt()).isEqualTo(520);
    assertThat(piece(plan, powder).path("compartment").isNull()).isTrue();
    rules.put("actId", Kits.id()).put("version", 1);
    rules.withObject("rules").withObject("load").put("wornGrams", 100);
    assertThat(client.put("/api/house", rules).expect(422).body().at("/errors/0/path").asString())
        .isEqualTo("rules.load.wornGrams");
  }

  private static ObjectNode carry(String part, String into) {
    return act().put("part", part).put("into", into);
  }

  /** A pouch unclips with all it holds, and hangs where it belongs when the job is over. */
  @Test
  void aPartGoesIntoAnotherBagAndComesHome() {
    String other = Kits.addPlace(client, "Other bag", "backpack");
    client.post(path("load/take-bag"), act().put("place", other)).expect(204);
    String part = pouch("Flat", 20);
    String high = pouch("High", 2000);
    client.post(path("load/pin"), at(powder, part)).expect(204);
    JsonNode told = load().at("/portable/0");
    assertThat(told.path("place").asString()).isEqualTo(part);
    assertThat(told.path("home").isNull()).isTrue();
    assertThat(told.at("/ways/0/into").asString()).isEqualTo(other);
    assertThat(told.at("/ways/0/obstacle").isNull()).isTrue();

    ObjectNode asked = carry(part, other);
    client.post(path("load/carry"), asked).expect(204);
    client.post(path("load/carry"), asked).expect(204);
    assertThat(place(part).path("parent").asString()).isEqualTo(other);
    assertThat(place(part).path("home").asString()).isEqualTo(bag);
    assertThat(goesTo(powder)).isEqualTo(part);
    client.post(path("load/carry"), carry(part, null)).expect(204);
    assertThat(place(part).path("parent").asString()).isEqualTo(bag);
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(409);

    ObjectNode again = carry(part, other);
    client.post(path("load/carry"), again).expect(204);
    client.post("/api/ledger/" + again.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(place(part).path("parent").asString()).isEqualTo(bag);

    JsonNode refused = client.post(path("load/carry"), carry(high, other)).expect(409).body();
    assertThat(refused.path("code").asString()).isEqualTo("too-large");
    for (ObjectNode wrong :
        List.of(carry(part, drawer), carry(part, null), carry(bag, other), carry(part, part))) {
      assertThat(client.post(path("load/carry"), wrong).expect(409).code()).isEqualTo("not-there");
    }

    client.post(path("load/carry"), carry(part, other)).expect(204);
    client.post(path("pack"), Kits.tick(powder)).expect(204);
    client.post(path("depart"), act()).expect(204);
    assertThat(client.post(path("load/carry"), carry(part, null)).expect(409).code())
        .isEqualTo("departed");
    ObjectNode back = Kits.tick();
    client.post(path("put-back"), back).expect(200);
    assertThat(place(part).path("parent").asString()).isEqualTo(bag);
    client.post("/api/ledger/" + back.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(place(part).path("parent").asString()).isEqualTo(other);
  }
}
