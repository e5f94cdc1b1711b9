package gerula.app.cleandown;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * From a face over the turnover to the clean-down: what was used, what is done, what it is then.
 */
@ExtendWith(Running.class)
class CleaningTest {

  private Client client;
  private String bag;
  private String booking;
  private String face;

  @BeforeEach
  void aFace(Client fresh) {
    client = fresh.signedUp();
    bag = Kits.addPlace(client, "Bag", "backpack");
    booking = Kits.addBooking(client, bag);
    face = faces().get(0).path("id").asString();
  }

  private JsonNode faces() {
    return client.get("/api/bookings/" + booking).body().path("faces");
  }

  private String add(String productClass, String form, String unit, double left) {
    String id = Kits.id();
    ObjectNode asked = act().put("id", id).putNull("productId");
    asked.set("product", Kits.product(productClass, form, unit));
    asked.set("item", Kits.item(bag).put("left", left));
    client.post("/api/items", asked).expect(201);
    return id;
  }

  private Client.Answer use(String how, String... items) {
    ObjectNode asked = act();
    for (String item : items) {
      asked
          .withArray("things")
          .add(Client.object().put("id", Kits.id()).put("item", item).put("how", how));
    }
    return client.post("/api/bookings/" + booking + "/faces/" + face + "/use", asked);
  }

  private ObjectNode movement(String moment, String step, String... items) {
    ObjectNode asked = act().put("moment", moment);
    asked.putArray("steps").add(step);
    asked.put("booking", booking).put("face", face).putArray("items");
    for (String item : items) {
      asked.withArray("items").add(item);
    }
    return asked;
  }

  private Client.Answer done(String step, String... items) {
    return client.post("/api/treatments", movement("between-faces", step, items));
  }

  private JsonNode turnover() {
    return client.get("/api/bookings/" + booking + "/turnover?from=" + face).expect(200).body();
  }

  private static List<String> steps(JsonNode work) {
    return work.path("acts")
        .valueStream()
        .flatMap(act -> act.path("steps").valueStream())
        .map(JsonNode::asString)
        .toList();
  }

  private String state(String id) {
    return client.get("/api/items/" + id).body().at("/item/cleanliness").asString();
  }

  @Test
  void aTurnoverIsDoneActByActAndWhatIsDoneIsClean() {
    String powder = Kits.addPowder(client, bag);
    String base = Kits.addBase(client, bag);
    String spatula = add("spatula", "metal-tool", "piece", 1);
    use("palette", powder, base).expect(204);
    use("direct", spatula).expect(204);
    assertThat(state(powder)).isEqualTo("in-use");
    client.post("/api/bookings/" + booking + "/faces/" + face + "/done", act()).expect(204);
    assertThat(state(powder)).isEqualTo("used");

    JsonNode work = turnover();
    assertThat(steps(work)).containsExactly("wipe-residue", "spray", "wipe", "surfaces", "hands");
    assertThat(work.path("handSeconds").asInt()).isEqualTo(15 + 2 + 60 + 10 + 30);
    assertThat(work.path("alcoholMl").asInt()).isEqualTo(1);
    assertThat(work.at("/acts/0/cautions/0").asString()).isEqualTo("no-heat-or-flame");

    // In another order than told, as hands happen to go; the packs are one act.
    done("wipe", powder, base).expect(204);
    assertThat(List.of(state(powder), state(base))).containsOnly("clean");
    done("wipe-residue", spatula).expect(204);
    assertThat(state(spatula)).isEqualTo("used");
    ObjectNode spray = movement("between-faces", "spray", spatula);
    client.post("/api/treatments", spray).expect(204);
    client.post("/api/treatments", spray).expect(204);
    assertThat(state(spatula)).isEqualTo("drying");
    JsonNode dries = turnover().path("drying").get(0);
    assertThat(dries.path("thing").asString()).isEqualTo(spatula);
    assertThat(dries.path("until").asString()).startsWith(Running.TODAY);
    done("surfaces").expect(204);
    done("hands").expect(204);
    assertThat(steps(turnover())).isEmpty();

    // Sent by somebody else a moment later: nothing is doubled, and it is said.
    assertThat(done("wipe", powder).expect(409).body().path("code").asString())
        .isEqualTo("done-already");
    client.post("/api/ledger/" + spray.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(state(spatula)).isEqualTo("used");
    assertThat(steps(turnover())).containsExactly("spray");
  }

  @Test
  void whatWasUsedIsPartOfHerLookThatDayInOneActAndPansAreOfferedOneByOne() {
    String powder = Kits.addPowder(client, bag);
    String spatula = add("spatula", "metal-tool", "piece", 1);
    ObjectNode asked = act().put("day", "2031-04-20");
    for (String item : List.of(powder, spatula)) {
      asked
          .withArray("things")
          .add(Client.object().put("id", Kits.id()).put("item", item).put("how", "direct"));
    }
    String her = "/api/bookings/" + booking + "/faces/" + face;
    client.post(her + "/use", asked).expect(204);
    JsonNode look = faces().get(0).path("looks").get(0);
    assertThat(look.path("purpose").asString()).isEqualTo("done");
    assertThat(look.path("parts"))
        .singleElement()
        .satisfies(part -> assertThat(part.path("told").asString()).isEqualTo("Quillon Thing one"));
    use("palette", powder).expect(204);
    assertThat(faces().get(0).at("/looks/0/parts")).hasSize(1);
    JsonNode usable = client.get(her + "/usable").expect(200).body();
    assertThat(usable)
        .filteredOn(one -> one.at("/item/id").asString().equals(powder))
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.path("on").asBoolean()).isTrue();
              assertThat(one.at("/ways/0").asString()).isEqualTo("palette");
              assertThat(one.path("state").asString()).isEqualTo("in-use");
            });
  }

  @Test
  void whoIsNotOnTheBookingIsNeitherDoneNorNext() {
    String nobody = Kits.id();
    client.get("/api/bookings/" + booking + "/turnover?from=" + nobody).expect(404);
    client.post("/api/bookings/" + booking + "/faces/" + nobody + "/done", act()).expect(404);
    String powder = Kits.addPowder(client, bag);
    ObjectNode report = act().put("incident", "dropped").put("booking", booking);
    report.put("face", nobody).putArray("items").add(powder);
    client.post("/api/incidents", report).expect(404);
    client.post("/api/incidents", report.put("booking", nobody).putNull("face")).expect(404);
    assertThat(state(powder)).isEqualTo("clean");
  }

  @Test
  void usedAgainItIsTreatedAnew() {
    String spatula = add("spatula", "metal-tool", "piece", 1);
    use("direct", spatula).expect(204);
    done("wipe-residue", spatula).expect(204);
    use("direct", spatula).expect(204);
    assertThat(steps(turnover())).contains("wipe-residue");
    done("wipe-residue", spatula).expect(204);
    done("spray", spatula).expect(204);
    // It looks dry: nobody waits for the clock.
    client
        .post("/api/items/" + spatula + "/cleanliness", act().put("cleanliness", "clean"))
        .expect(200);
    use("direct", spatula).expect(204);
    assertThat(steps(turnover())).contains("wipe-residue", "surfaces", "hands");
  }

  @Test
  void brushesGoToTheDirtyHolderAndAreWashedAfterTheJob() {
    String brush = add("lip-brush", "brush-synthetic", "piece", 1);
    use("direct", brush).expect(204);
    done("to-dirty-holder", brush).expect(204);
    assertThat(state(brush)).isEqualTo("used");
    assertThat(steps(turnover())).containsExactlyInAnyOrder("surfaces", "hands");
    JsonNode down = client.get("/api/clean-down").expect(200).body();
    assertThat(steps(down)).containsExactly("wash", "rinse", "spray", "wipe-handle");
    for (String step : List.of("wash", "rinse", "spray")) {
      client.post("/api/treatments", movement("after-job", step, brush)).expect(204);
    }
    JsonNode wet = client.get("/api/clean-down").body();
    assertThat(wet.at("/waits/0/step").asString()).isEqualTo("lay-flat");
    client.post("/api/treatments", movement("after-job", "lay-flat", brush)).expect(204);
    client.post("/api/treatments", movement("after-job", "wipe-handle", brush)).expect(204);
    assertThat(state(brush)).isEqualTo("clean");
  }

  /** Nobody launders between two faces: it is set aside, and laundered after the job. */
  @Test
  void aTowelIsSetAsideAndCleanOnceItIsLaundered() {
    String towel = add("towel", "textile", "piece", 1);
    use("direct", towel).expect(204);
    done("launder", towel).expect(204);
    assertThat(state(towel)).isEqualTo("used");
    assertThat(steps(turnover())).doesNotContain("launder");
    assertThat(steps(client.get("/api/clean-down").body())).containsExactly("launder");
    client.post("/api/treatments", movement("after-job", "launder", towel)).expect(204);
    assertThat(state(towel)).isEqualTo("clean");
  }

  @Test
  void whatIsNotUsedOnOthersAgainIsKeptGivenOrDiscarded() {
    String bullet = add("lip-colour", "lipstick-bullet", "g", 3);
    String cream = add("concealer", "cream", "g", 3);
    String sponge = add("washable-sponge", "foam-sponge", "piece", 1);
    use("direct", bullet, cream, sponge).expect(204);
    assertThat(turnover().path("ends"))
        .extracting(end -> end.path("outcome").asString())
        .containsExactly("one-person", "discard");
    end("one-person", bullet).expect(204);
    JsonNode hers = client.get("/api/items/" + bullet).body().path("item");
    assertThat(hers.path("onlyFor").asString()).isEqualTo("Cellist");
    assertThat(hers.path("cleanliness").asString()).isEqualTo("clean");
    end("discard", cream, sponge).expect(204);
    assertThat(turnover().path("ends")).isEmpty();
    assertThat(end("ready", bullet).status()).isEqualTo(422);
  }

  private Client.Answer end(String outcome, String... items) {
    ObjectNode asked = act().put("outcome", outcome);
    for (String item : items) {
      asked.withArray("items").add(item);
    }
    return client.post("/api/treatments/end", asked);
  }

  @Test
  void aPieceOfABoxIsUsedUpAndTheBoxTouchesNobody() {
    String wands = add("wand", "single-use", "piece", 2);
    use("direct", wands).expect(204);
    use("direct", wands).expect(204);
    assertThat(state(wands)).isEqualTo("clean");
    assertThat(client.get("/api/items/" + wands).body().at("/item/left").asInt()).isZero();
    assertThat(client.get("/api/items/" + wands + "/contacts").body().path("contacts")).isEmpty();
    assertThat(use("direct", wands).expect(422).body().at("/errors/0/code").asString())
        .isEqualTo("none-left");
  }

  @Test
  void aUseTakesTheUsualAmountUntilItIsMeasured() {
    String base = Kits.addBase(client, bag);
    double before = item(base).path("left").asDouble();
    use("palette", base).expect(204);
    assertThat(item(base).path("left").asDouble()).isEqualTo(before - 0.6);
    assertThat(item(base).path("leftEstimated").asBoolean()).isTrue();
    client.post("/api/items/" + base + "/left", act().put("level", "half")).expect(200);
    assertThat(item(base).path("leftEstimated").asBoolean()).isFalse();
  }

  @Test
  void aUseIsToldLaterAndNeverBeforeTheThingWasThere() {
    String powder = Kits.addPowder(client, bag);
    String entered = item(powder).path("cleanSince").asString();
    ObjectNode asked = act().put("at", entered);
    asked
        .withArray("things")
        .add(Client.object().put("id", Kits.id()).put("item", powder).put("how", "palette"));
    String path = "/api/bookings/" + booking + "/faces/" + face + "/use";
    client.post(path, asked).expect(204);
    assertThat(state(powder)).isEqualTo("used");
    assertThat(item(powder).path("cleanSince").asString()).isEqualTo(entered);
    // The same once more, as another act: nothing is doubled.
    client.post(path, ((ObjectNode) asked.deepCopy()).put("actId", Kits.id())).expect(204);
    assertThat(client.get("/api/items/" + powder + "/contacts").body().path("contacts")).hasSize(1);
    ObjectNode early = asked.deepCopy();
    early.put("actId", Kits.id()).put("at", "2020-01-01T10:00:00Z");
    ((ObjectNode) early.path("things").get(0)).put("id", Kits.id());
    assertThat(client.post(path, early).expect(422).raw().body()).contains("not-there-yet");
    ObjectNode ahead = asked.deepCopy();
    ahead.put("actId", Kits.id()).put("at", "2099-01-01T10:00:00Z");
    assertThat(client.post(path, ahead).expect(422).raw().body()).contains("in-the-future");
    // It was cleaned before anybody told of it.
    client.post("/api/treatments", movement("between-faces", "wipe", powder)).expect(204);
    assertThat(state(powder)).isEqualTo("clean");
    ObjectNode late = asked.deepCopy();
    late.put("actId", Kits.id()).put("at", Running.TODAY + "T00:00:02Z");
    ((ObjectNode) late.path("things").get(0)).put("id", Kits.id());
    client.post(path, late).expect(204);
    assertThat(state(powder)).isEqualTo("clean");
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).body().path("item");
  }

  @Test
  void whatCannotBeMadeCleanGoesToNoSecondFaceAndMayToTheSameOne() {
    String felt = add("liquid-liner", "felt-tip-pen", "ml", 1);
    String pencil = add("lip-pencil", "sharpenable-pencil", "g", 1);
    use("direct", felt, pencil).expect(204);
    String first = face;
    anotherFace("Violinist");
    JsonNode refused = use("direct", felt).expect(422).body();
    assertThat(refused.at("/errors/0/code").asString()).isEqualTo("touched-another");
    use("direct", pencil).expect(204);
    face = first;
    use("palette", felt).expect(204);
  }

  @Test
  void whatSheReactsToIsStoppedBeforeItTouchesHer() {
    String glue = Kits.id();
    ObjectNode asked = act().put("id", glue).putNull("productId");
    ObjectNode product = Kits.product("lash-adhesive", "adhesive", "g");
    product
        .withArray("composition")
        .add(Client.object().put("of", "latex").put("found", "contains").putNull("checkedOn"));
    asked.set("product", product);
    asked.set("item", Kits.item(bag));
    client.post("/api/items", asked).expect(201);
    assertThat(use("applicator", glue).expect(422).body().at("/errors/0/code").asString())
        .isEqualTo("reacts");
  }

  @Test
  void whatHappensStopsWhatMustNotBeUsedAndIsKnown() {
    String cream = add("concealer", "cream", "g", 3);
    String scissors = add("scissors", "metal-tool", "piece", 1);
    String powder = Kits.addPowder(client, bag);
    use("direct", cream, scissors).expect(204);
    ObjectNode tried = Client.object().put("incident", "cold-sore");
    for (String item : List.of(cream, scissors, powder)) {
      tried.withArray("items").add(item);
    }
    assertThat(client.post("/api/incidents/try", tried).expect(200).body())
        .extracting(one -> one.at("/treatment/outcome").asString())
        .containsExactly("discard", "quarantine", "treat");
    assertThat(state(cream)).isEqualTo("in-use");
    ObjectNode report = tried.deepCopy().put("actId", Kits.id());
    report.put("booking", booking).put("face", face);
    client.post("/api/incidents", report).expect(204);
    assertThat(List.of(state(cream), state(scissors), state(powder)))
        .containsExactly("contaminated", "quarantined", "used");
    assertThat(client.get("/api/clean-down").body().path("stopped")).hasSize(2);
    assertThat(use("palette", scissors).expect(422).body().at("/errors/0/code").asString())
        .isEqualTo("stopped");
    client.post("/api/ledger/" + report.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(state(scissors)).isEqualTo("in-use");
  }

  @Test
  void whatDriedMeanwhileIsClean(Client other) {
    String powder = Kits.addPowder(client, bag);
    use("direct", powder).expect(204);
    done("spray", powder).expect(204);
    assertThat(state(powder)).isEqualTo("drying");
    ObjectNode archive = (ObjectNode) client.get("/api/workspace/archive").expect(200).body();
    archive.put("version", 1).remove("closing");
    ((ObjectNode) archive.at("/items/0/besides")).put("cleanUntil", "2030-01-01T00:00:00Z");
    other.signedUp();
    other.post("/api/workspace/archive?asIfToday=false&actId=" + Kits.id(), archive).expect(204);
    assertThat(other.get("/api/items/" + powder).body().at("/item/cleanliness").asString())
        .isEqualTo("clean");
    assertThat(other.get("/api/items?mark=clean").body().path("total").asInt()).isZero();
  }

  /**
   * Through a tool that touched her, to whoever it touched next; and back from her to the things.
   */
  @Test
  void whomAThingReachedAndWhatTouchedSomebodyAreKnown() {
    String cream = add("concealer", "cream", "g", 3);
    String spatula = add("spatula", "metal-tool", "piece", 1);
    use("palette", cream).expect(204);
    use("direct", spatula).expect(204);
    String first = faces().get(0).path("person").asString();
    String second = anotherFace("Violinist");
    use("direct", spatula).expect(204);
    String since = "?since=" + Running.TODAY + "T00:00:00Z";
    JsonNode reach = client.get("/api/items/" + cream + "/reach" + since).expect(200).body();
    assertThat(reach.path("faces"))
        .extracting(one -> one.path("name").asString())
        .containsExactly("Cellist", "Violinist");
    assertThat(reach.at("/faces/1/through"))
        .extracting(JsonNode::asString)
        .containsExactly(cream, spatula);
    assertThat(reach.path("items")).hasSize(2);
    face = second;
    done("wipe-residue", spatula).expect(204);
    done("spray", spatula).expect(204);
    JsonNode later = client.get("/api/items/" + cream + "/reach" + since).body();
    assertThat(later.at("/items/1/until").asString()).startsWith(Running.TODAY);
    JsonNode touched = client.get("/api/people/" + first + "/touched" + since).expect(200).body();
    assertThat(touched.path("things")).hasSize(2);
    assertThat(touched.path("things"))
        .filteredOn(one -> one.at("/item/id").asString().equals(spatula))
        .singleElement()
        .satisfies(
            one -> {
              assertThat(one.path("treatedAt").asString()).startsWith(Running.TODAY);
              assertThat(one.path("steps")).hasSize(2);
              assertThat(one.path("now").asString()).isEqualTo(bag);
            });
    assertThat(client.get("/api/items/" + cream + "/reach?since=soon").status()).isEqualTo(422);
    assertThat(client.get("/api/items/" + Kits.id() + "/reach" + since).status()).isEqualTo(404);
  }

  private String anotherFace(String name) {
    JsonNode there = client.get("/api/bookings/" + booking).body();
    ObjectNode with = Kits.booking(bag);
    ObjectNode her = (ObjectNode) with.path("faces").get(0).deepCopy();
    ObjectNode before = (ObjectNode) with.path("faces").get(0);
    before.put("id", there.at("/faces/0/id").asString());
    before.put("person", there.at("/faces/0/person").asString());
    String id = Kits.id();
    with.withArray("faces").add(her.put("id", id).put("name", name));
    ObjectNode edit = act().put("version", there.path("version").asInt());
    edit.set("booking", with);
    client.put("/api/bookings/" + booking, edit).expect(200);
    face = id;
    return id;
  }

  /** The list takes it for clean, as it will be; the mark says that it still dries. */
  @Test
  void whatIsDryByTheCallGoesAlong() {
    String powder = Kits.addPowder(client, bag);
    use("direct", powder).expect(204);
    String list = "/api/bookings/" + booking + "/packing-list";
    assertThat(codes(client.get(list).body())).contains("clean-first");
    done("spray", powder).expect(204);
    JsonNode told = client.get(list).expect(200).body();
    assertThat(codes(told)).doesNotContain("clean-first");
    assertThat(told.path("lines"))
        .filteredOn(line -> line.at("/item/id").asString().equals(powder))
        .singleElement()
        .satisfies(
            line ->
                assertThat(line.at("/item/marks/clean/reason/facts/cleanliness").asString())
                    .isEqualTo("drying"));
  }

  private static List<String> codes(JsonNode list) {
    return list.path("findings").valueStream().map(one -> one.path("code").asString()).toList();
  }

  @Test
  void theRecordTellsWhatWasDoneByWhomAndPeopleByTheirInitials() throws IOException {
    String spatula = add("spatula", "metal-tool", "piece", 1);
    use("direct", spatula).expect(204);
    done("wipe-residue", spatula).expect(204);
    done("spray", spatula).expect(204);
    done("hands").expect(204);
    ObjectNode dropped = act().put("incident", "dropped").put("booking", booking);
    dropped.putArray("items").add(spatula);
    client.post("/api/incidents", dropped).expect(204);
    String asked = "?booking=" + booking + "&from=" + Running.TODAY + "&until=" + Running.TODAY;
    String[] rows =
        client.get("/api/cleaning-record/csv" + asked).expect(200).raw().body().split("\r\n");
    assertThat(rows[0]).isEqualTo("at,kind,thing,what,face,alcohol percent,alcohol from,by");
    assertThat(rows).hasSize(5);
    assertThat(rows[1]).contains(",used,Quillon Thing one,direct,C.,");
    assertThat(rows[2]).contains(",cleaned,Quillon Thing one,\"wipe residue, spray\",C.,70,");
    assertThat(rows[3]).contains(",cleaned,,hands,C.,,");
    assertThat(rows[4]).contains(",happened,Quillon Thing one,dropped,,,").contains("@example");
    String page = text(client.bytes("GET", "/api/cleaning-record" + asked, null));
    assertThat(page)
        .contains("Cleaning record: Portraits", "wipe residue, spray, alcohol 70 %, C.")
        .doesNotContain("Cellist");
    String person = faces().get(0).path("person").asString();
    anotherFace("Violinist");
    String notice =
        text(
            client.bytes(
                "GET",
                "/api/people/%s/notice?item=%s&since=%sT00:00:00Z&words=It+was+dropped."
                    .formatted(person, spatula, Running.TODAY),
                null));
    assertThat(notice)
        .contains("For Cellist", "It was dropped.", "no medical advice")
        .doesNotContain("Violinist", "sterile");
    assertThat(client.get("/api/cleaning-record?booking=" + Kits.id()).status()).isEqualTo(404);
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  @Test
  void whatTakesTooLongIsNamedToHaveTwoOf() {
    String spatula = add("spatula", "metal-tool", "piece", 1);
    use("direct", spatula).expect(204);
    String path = "/api/bookings/" + booking + "/turnover?from=" + face + "&seconds=";
    assertThat(client.get(path + "100").expect(200).body().path("twoOf").get(0).asString())
        .isEqualTo(spatula);
    assertThat(client.get(path + "3600").body().path("twoOf")).isEmpty();
    assertThat(turnover().path("twoOf").isNull()).isTrue();
    assertThat(client.get(path + "-1").status()).isEqualTo(422);
  }
}
