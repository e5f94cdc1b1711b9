package gerula.app.packing;

import static gerula.app.Client.act;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A powder in a drawer, a bag, and a booking that needs powder. */
@ExtendWith(Running.class)
abstract class GivenBooking {

  Client client;
  String drawer;
  String bag;
  String powder;
  String booking;

  @BeforeEach
  void aBooking(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer", "drawer");
    bag = Kits.addPlace(client, "Bag", "backpack");
    powder = Kits.addPowder(client, drawer);
    booking = Kits.addBooking(client, bag);
  }

  String path(String act) {
    return "/api/bookings/" + booking + "/" + act;
  }

  JsonNode place(String id) {
    return client
        .get("/api/places")
        .expect(200)
        .body()
        .path("places")
        .valueStream()
        .filter(one -> one.path("id").asString().equals(id))
        .findFirst()
        .orElseThrow();
  }

  JsonNode list() {
    return client.get(path("packing-list")).expect(200).body();
  }

  JsonNode gap(String need) {
    return list()
        .path("findings")
        .valueStream()
        .filter(one -> one.at("/facts/need").asString("").equals(need))
        .findFirst()
        .orElseThrow()
        .path("facts");
  }
}
