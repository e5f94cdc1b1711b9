package gerula.app;

import static gerula.app.Client.act;
import static gerula.app.Client.object;

import java.util.UUID;
import tools.jackson.databind.node.ObjectNode;

/** What tests put into a workspace, over HTTP like everybody else. */
public final class Kits {

  private Kits() {}

  public static String id() {
    return UUID.randomUUID().toString();
  }

  public static ObjectNode place(String name, String kind) {
    return object(
        """
        {"parent": null, "name": "%s", "kind": "%s", "portable": true, "reach": 1,
         "innerWidthMm": 300, "innerDepthMm": 200, "innerHeightMm": 150, "ownMassG": 500,
         "greatestMassG": 9000, "section": null, "home": null, "slots": null, "sealed": false,
         "windowed": false, "worn": false, "allowed": [], "performer": null, "thing": null,
         "note": ""}
        """
            .formatted(name, kind));
  }

  public static String addPlace(Client client, String name, String kind) {
    String id = id();
    ObjectNode asked = act().put("id", id);
    asked.set("place", place(name, kind));
    client.post("/api/places", asked).expect(204);
    return id;
  }

  public static ObjectNode product(String productClass, String form, String unit) {
    return object(
        """
        {"maker": "Quillon", "name": "Thing", "shade": "one", "colour": "#C49A78",
         "productClass": "%s", "form": "%s", "content": 30, "unit": "%s", "depth": null,
         "traits": [], "contains": [], "periodAfterOpening": 12, "measures": null, "finish": null, "coverage": null,
         "spf": null, "wattHours": null, "packCode": null}
        """
            .formatted(productClass, form, unit));
  }

  public static ObjectNode item(String place) {
    return object(
        """
        {"madeOn": null, "boughtOn": null, "openedOn": "2031-01-10", "printedExpiry": null,
         "left": 12.5, "home": "%s", "now": "%s", "cleanliness": "clean", "personal": false,
         "note": "", "batch": "", "price": null, "currency": null, "onlyFor": null,
         "favourite": false, "rare": false, "brushSet": "", "decant": null, "askBackOn": null}
        """
            .formatted(place, place));
  }

  /** The body that adds a face powder to the kit. */
  public static ObjectNode powder(String id, String place) {
    ObjectNode asked = act().put("id", id).putNull("productId");
    asked.set("product", product("face-powder", "pressed-powder", "g"));
    asked.set("item", item(place));
    return asked;
  }

  public static String addPowder(Client client, String place) {
    String id = id();
    client.post("/api/items", powder(id, place)).expect(201);
    return id;
  }

  public static ObjectNode booking(String... bags) {
    ObjectNode booking =
        object(
            """
            {"title": "Portraits", "firstDay": "2031-04-20", "lastDay": "2031-04-21",
             "callTime": "09:30", "location": "Concert hall", "conditions": ["close-up"],
             "bags": [], "faces": [{"id": "%s", "name": "Cellist", "depth": 5.5,
               "skinType": "normal", "concerns": [], "sensitivities": ["latex"],
               "services": ["powder"]}]}
            """
                .formatted(id()));
    for (String bag : bags) {
      booking.withArray("bags").add(bag);
    }
    return booking;
  }

  public static String addBooking(Client client, String... bags) {
    String id = id();
    ObjectNode asked = act().put("id", id);
    asked.set("booking", booking(bags));
    client.post("/api/bookings", asked).expect(201);
    return id;
  }

  /** The body that ticks these off. */
  public static ObjectNode tick(String... items) {
    ObjectNode asked = act();
    asked.withArray("items");
    for (String item : items) {
      asked.withArray("items").add(item);
    }
    return asked;
  }
}
