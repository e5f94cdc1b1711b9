package gerula.app.kit.intake;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(Running.class)
class UsualsTest {

  private Client client;

  @BeforeEach
  void aWorkspace(Client fresh) {
    client = fresh.signedUp();
  }

  @Test
  void whatIsTickedBecomesThingsWithoutAMakerInACaseWithATrayForEachPartOfTheWork() {
    ObjectNode asked = act().putNull("into");
    tick(asked, "foundation", 1, "half").withArray("depths").add(3).add(5.5);
    tick(asked, "blush", 1, "full").withArray("shades").add("pink").add("peach");
    tick(asked, "cotton-bud", 1, "full");
    tick(asked, "scissors", 2, "full");
    JsonNode added = client.post("/api/kit/usual", asked).expect(200).body();
    assertThat(added.path("added").asInt()).isEqualTo(7);
    assertThat(client.post("/api/kit/usual", asked).expect(200).body()).isEqualTo(added);

    assertThat(places()).containsExactly("Kit case", "Base", "Tools", "Disposables");
    assertThat(items())
        .containsExactlyInAnyOrder(
            "Foundation depth 3 in Base, half",
            "Foundation depth 5.5 in Base, half",
            "Blush pink in Base, full",
            "Blush peach in Base, full",
            "Cotton bud  in Disposables, full",
            "Scissors  in Tools, full",
            "Scissors  in Tools, full");
    JsonNode kinds = client.get("/api/kit/usual?work=event").body().path("kinds");
    assertThat(owned(kinds, "scissors")).isEqualTo(2);
    assertThat(owned(kinds, "tweezers")).isZero();

    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(places()).isEmpty();
    assertThat(items()).isEmpty();
  }

  @Test
  void aPlaceThatIsThereIsFilledByWhatItsPartsAreFor() {
    String bag = Kits.addPlace(client, "Bag / red", "backpack");
    ObjectNode pouch = Kits.place("Lip pouch", "pouch");
    pouch.put("parent", bag).put("section", "lips");
    ObjectNode add = act().put("id", Kits.id());
    add.set("place", pouch);
    client.post("/api/places", add).expect(204);
    ObjectNode asked = act().put("into", bag);
    tick(asked, "lipstick", 1, "full").withArray("shades").add("red");
    tick(asked, "marker-pen", 1, "full");
    client.post("/api/kit/usual", asked).expect(200);
    assertThat(items())
        .containsExactlyInAnyOrder(
            "Lipstick red in Lip pouch, full", "Marker pen  in Bag / red, full");
    assertThat(places()).hasSize(2);
  }

  @Test
  void whatIsNotOfferedIsRefusedAndNothingIsAdded() {
    ObjectNode asked = act().putNull("into");
    tick(asked, "scissors", 1, "full");
    tick(asked, "rocket", 1, "full");
    assertThat(
            client.post("/api/kit/usual", asked).expect(422).body().at("/errors/0/path").asString())
        .isEqualTo("ticked.1.code");
    ObjectNode many = act().putNull("into");
    tick(many, "scissors", 51, "full");
    client.post("/api/kit/usual", many).expect(422);
    ObjectNode nowhere = act().put("into", Kits.id());
    tick(nowhere, "scissors", 1, "full");
    client.post("/api/kit/usual", nowhere).expect(404);
    assertThat(items()).isEmpty();
    client.get("/api/kit/usual?work=plumbing").expect(422);
  }

  /** The way a first list comes about: everything usual for the work, ticked, then a booking. */
  @Test
  void aTickedKitServesAFirstBooking() {
    ObjectNode asked = act().putNull("into");
    client
        .get("/api/kit/usual?work=portraits")
        .body()
        .path("kinds")
        .forEach(
            kind -> {
              ObjectNode tick = tick(asked, kind.path("code").asString(), 3, "full");
              kind.path("shades").forEach(s -> tick.withArray("shades").add(s.path("name")));
              if (kind.path("asksDepths").asBoolean()) {
                tick.withArray("depths").add(3).add(5).add(5.5).add(7);
              }
            });
    client.post("/api/kit/usual", asked).expect(200);
    ObjectNode booking = act().put("id", Kits.id());
    booking.set("booking", Kits.booking());
    client.post("/api/bookings", booking).expect(201);
    JsonNode list =
        client.get("/api/bookings/" + booking.path("id").asString() + "/packing-list").body();
    assertThat(list.path("lines").size()).isGreaterThan(10);
    assertThat(
            list.path("findings")
                .valueStream()
                .filter(one -> one.path("code").asString().equals("gap")))
        .isEmpty();
  }

  private static ObjectNode tick(ObjectNode asked, String code, int count, String level) {
    ObjectNode tick = asked.withArray("ticked").addObject().put("code", code).put("count", count);
    tick.put("level", level).putArray("shades");
    tick.putArray("depths");
    return tick;
  }

  private static int owned(JsonNode kinds, String code) {
    return kinds
        .valueStream()
        .filter(kind -> kind.path("code").asString().equals(code))
        .findFirst()
        .orElseThrow()
        .path("owned")
        .asInt();
  }

  private List<String> places() {
    return client
        .get("/api/places")
        .body()
        .path("places")
        .valueStream()
        .map(place -> place.path("name").asString())
        .toList();
  }

  private List<String> items() {
    JsonNode places = client.get("/api/places").body().path("places");
    return client
        .get("/api/items")
        .body()
        .path("items")
        .valueStream()
        .map(
            item ->
                item.at("/product/name").asString()
                    + " "
                    + item.at("/product/shade").asString()
                    + " in "
                    + places
                        .valueStream()
                        .filter(place -> place.path("id").equals(item.path("now")))
                        .findFirst()
                        .orElseThrow()
                        .path("name")
                        .asString()
                    + ", "
                    + item.path("level").asString())
        .toList();
  }
}
