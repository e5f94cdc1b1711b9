package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A booking that is worked from a trailer, over HTTP. */
@ExtendWith(Running.class)
class TrailerTest {

  private Client client;
  private String bag;
  private String powder;

  private String trailer;
  private String station;

  @BeforeEach
  void aTrailer(Client fresh) {
    client = fresh.signedUp();
    bag = Kits.addPlace(client, "Bag", "backpack");
    powder = Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    trailer = Kits.addPlace(client, "Trailer", "trailer");
    station = addWithin("Wren's station", "station", null);
  }

  private String addWithin(String name, String kind, String use) {
    String id = Kits.id();
    ObjectNode place = Kits.place(name, kind).put("parent", trailer).put("use", use);
    ObjectNode asked = act().put("id", id);
    if (use == null) {
      place.put("section", "powder");
    }
    asked.set("place", place);
    client.post("/api/places", asked).expect(204);
    return id;
  }

  @Test
  void whatIsPackedIsSetUpAtItsStationAndCarriedOutAgain() {
    String path = "/api/bookings/" + Kits.addBooking(client, bag, trailer) + "/";
    JsonNode before = client.get(path + "trailer").expect(200).body();
    assertThat(before.path("hasLeft").asBoolean()).isFalse();
    assertThat(before.at("/plan/movingIn/0/bag").asString()).isEqualTo(bag);
    assertThat(before.at("/plan/movingIn/0/station").asString()).isEqualTo(station);
    assertThat(before.path("bags").path(bag).asString()).isEqualTo("Bag");

    client.post(path + "pack", Kits.tick(powder)).expect(204);
    client.post(path + "depart", act()).expect(204);
    client.post("/api/kit/move", Kits.tick(powder).put("to", station)).expect(204);
    JsonNode set = client.get(path + "trailer").expect(200).body();
    assertThat(set.path("hasLeft").asBoolean()).isTrue();
    assertThat(set.at("/plan/movingIn").isEmpty()).isTrue();
    assertThat(set.at("/plan/movingOut/0/item").asString()).isEqualTo(powder);
    assertThat(set.at("/aboard/0").asString()).isEqualTo(powder);
    assertThat(set.at("/stations/0/liesThere/0").asString()).isEqualTo(powder);
    assertThat(set.at("/stations/0/name").asString()).isEqualTo("Wren's station");
  }

  @Test
  void withoutATrailerItIsSaidWhatToDo() {
    String path = "/api/bookings/" + Kits.addBooking(client, bag) + "/trailer";
    JsonNode refused = client.get(path).expect(409).body();
    assertThat(refused.path("code").asString()).isEqualTo("no-trailer");
  }

  /** What a place serves for comes back as it was told, and nothing else is taken for it. */
  @Test
  void whatAPlaceServesForIsKept() {
    String doubles = addWithin("Back stock", "shelf", "back-stock");
    JsonNode places = client.get("/api/places").expect(200).body();
    assertThat(places.path("places").valueStream())
        .filteredOn(place -> place.path("id").asString().equals(doubles))
        .extracting(place -> place.path("use").asString())
        .containsExactly("back-stock");
    ObjectNode asked = act().put("id", UUID.randomUUID().toString());
    asked.set("place", Kits.place("Odd", "shelf").put("use", "for-show"));
    client.post("/api/places", asked).expect(422);
  }
}
