package gerula.app.cleandown;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What touched whom is known, and in which state it left the thing. */
@ExtendWith(Running.class)
class ContactsTest {

  private Client client;
  private String bag;
  private String powder;
  private String booking;
  private String face;

  @BeforeEach
  void aFace(Client fresh) {
    client = fresh.signedUp();
    bag = Kits.addPlace(client, "Bag", "backpack");
    powder = Kits.addPowder(client, bag);
    booking = Kits.addBooking(client, bag);
    face = faceOf(booking).path("id").asString();
  }

  private JsonNode faceOf(String of) {
    return client.get("/api/bookings/" + of).body().at("/faces/0");
  }

  private static ObjectNode used(String how, String... items) {
    ObjectNode asked = act();
    for (String item : items) {
      asked
          .withArray("things")
          .add(Client.object().put("id", Kits.id()).put("item", item).put("how", how));
    }
    return asked;
  }

  private Client.Answer use(ObjectNode asked) {
    return client.post("/api/bookings/" + booking + "/faces/" + face + "/use", asked);
  }

  private JsonNode item(String id) {
    return client.get("/api/items/" + id).body().path("item");
  }

  private JsonNode contacts(String of) {
    return client.get(of + "/contacts").expect(200).body().path("contacts");
  }

  @Test
  void whatTouchedAFaceIsUsedAndBothKnowOfIt() {
    String other = Kits.addPowder(client, bag);
    ObjectNode both = used("palette", powder, other);
    use(both).expect(204);
    use(both).expect(204);

    assertThat(item(powder).path("cleanliness").asString()).isEqualTo("in-use");
    assertThat(item(powder).path("cleanBy").asString()).isEqualTo("contact");
    assertThat(item(powder).path("cleanSince").asString()).startsWith(Running.TODAY);
    String person = faceOf(booking).path("person").asString();
    assertThat(contacts("/api/people/" + person)).hasSize(2);
    JsonNode contact = contacts("/api/items/" + powder).get(0);
    assertThat(contact.path("person").asString()).isEqualTo(person);
    assertThat(contact.path("booking").asString()).isEqualTo(booking);
    assertThat(contact.path("face").asString()).isEqualTo(face);
    assertThat(contact.path("how").asString()).isEqualTo("palette");
    assertThat(client.get("/api/items/" + powder).body().at("/wear/uses").asInt()).isEqualTo(1);
  }

  /**
   * A face is somebody as soon as it has to be known whom something touched; never somebody else.
   */
  @Test
  void theFaceOfAnotherBookingIsAnotherPerson() {
    use(used("direct", powder)).expect(204);
    String first = faceOf(booking).path("person").asString();
    booking = Kits.addBooking(client, bag);
    face = faceOf(booking).path("id").asString();
    // It has the same name, which is the first one's by now.
    assertThat(faceOf(booking).path("person").asString()).isEqualTo(first);
    ObjectNode another = Kits.booking(bag);
    ((ObjectNode) another.path("faces").get(0)).put("name", "Violinist");
    String third = Kits.id();
    ObjectNode add = act().put("id", third);
    add.set("booking", another);
    client.post("/api/bookings", add).expect(201);
    booking = third;
    face = faceOf(third).path("id").asString();
    use(used("direct", powder)).expect(204);
    assertThat(faceOf(third).path("person").asString()).isNotEqualTo(first);
    assertThat(contacts("/api/items/" + powder)).hasSize(2);
  }

  @Test
  void whatMustNotTouchSomebodyTouchesNobody() {
    String kept = Kits.id();
    ObjectNode hers = Kits.powder(kept, bag);
    hers.withObject("item").put("onlyFor", "Isaura");
    client.post("/api/items", hers).expect(201);
    String own = Kits.id();
    ObjectNode mine = Kits.powder(own, bag);
    mine.withObject("item").put("personal", true);
    client.post("/api/items", mine).expect(201);
    String spoilt = Kits.id();
    ObjectNode dirty = Kits.powder(spoilt, bag);
    dirty.withObject("item").put("cleanliness", "quarantined");
    client.post("/api/items", dirty).expect(201);

    JsonNode faults =
        use(used("direct", powder, kept, own, spoilt)).expect(422).body().path("errors");
    assertThat(faults)
        .extracting(one -> one.path("path").asString() + " " + one.path("code").asString())
        .containsExactly(
            "things[1].item for-somebody-else",
            "things[2].item personal",
            "things[3].item stopped");
    // All or none.
    assertThat(contacts("/api/items/" + powder)).isEmpty();
    assertThat(item(powder).path("cleanliness").asString()).isEqualTo("clean");
  }

  @Test
  void anUndoneContactNeverWas() {
    ObjectNode asked = used("double-dip", powder);
    use(asked).expect(204);
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(contacts("/api/items/" + powder)).isEmpty();
    assertThat(item(powder).path("cleanliness").asString()).isEqualTo("clean");
    assertThat(item(powder).path("cleanBy").asString()).isEqualTo("told");
    assertThat(faceOf(booking).path("person").isNull()).isTrue();
    assertThat(client.get("/api/people").body().path("people")).isEmpty();
  }

  @Test
  void aContactOutlivesTheFaceThatIsRemoved() {
    use(used("direct", powder)).expect(204);
    String person = faceOf(booking).path("person").asString();
    JsonNode before = client.get("/api/bookings/" + booking).body();
    ObjectNode edit = act().put("version", before.path("version").asInt());
    ObjectNode without = Kits.booking(bag);
    without.putArray("faces");
    edit.set("booking", without);
    client.put("/api/bookings/" + booking, edit).expect(200);
    assertThat(contacts("/api/people/" + person)).hasSize(1);
    ObjectNode merge = act().put("into", Kits.id());
    client.post("/api/people/" + person + "/merge", merge).expect(404);
  }

  @Test
  void everyWayOfUsingAndEveryStateHasItsCode() {
    for (String how : new String[] {"direct", "applicator", "palette", "double-dip", "spray"}) {
      use(used(how, powder)).expect(204);
    }
    assertThat(contacts("/api/items/" + powder)).hasSize(5);
    assertThat(use(used("licked", powder)).status()).isBetween(400, 422);
  }
}
