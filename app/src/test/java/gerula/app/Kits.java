package gerula.app;

import static gerula.app.Client.act;
import static gerula.app.Client.object;

import java.util.List;
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
         "traits": [], "composition": [], "periodAfterOpening": 12, "measures": null, "finish": null, "coverage": null,
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

  /** What describes an item that is there. */
  public static ObjectNode description(String home) {
    ObjectNode description = item(home);
    description.remove(List.of("left", "now", "openedOn", "cleanliness", "askBackOn"));
    return description;
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

  public static ObjectNode empty(String container, double sizeMl, int stock) {
    return object(
        """
        {"name": "%1$s %2$s", "container": "%1$s", "material": "polyethylene", "sizeMl": %2$s,
         "tareG": 5, "outerWidthMm": 22, "outerDepthMm": 22, "outerHeightMm": 60, "stock": %3$d}
        """
            .formatted(container, sizeMl, stock));
  }

  public static String addEmpty(Client client, String container, double sizeMl, int stock) {
    String id = id();
    ObjectNode asked = act().put("id", id);
    asked.set("empty", empty(container, sizeMl, stock));
    client.post("/api/empties", asked).expect(204);
    return id;
  }

  /** Adds 30 ml of an open liquid foundation, opened on 10 January. */
  public static String addBase(Client client, String place) {
    String id = id();
    ObjectNode asked = act().put("id", id).putNull("productId");
    asked.set("product", product("foundation", "liquid-pump-or-squeeze", "ml"));
    asked.set("item", item(place).put("left", 30).put("batch", "B 7"));
    client.post("/api/items", asked).expect(201);
    return id;
  }

  /** The body that fills an empty from a pack. */
  public static ObjectNode decant(String newItem, String source, String empty, double amount) {
    return act()
        .put("newItem", newItem)
        .put("source", source)
        .put("empty", empty)
        .put("amount", amount)
        .putNull("place")
        .putNull("slot")
        .putNull("sourceTo")
        .putNull("openedOn");
  }

  /** House rules, empties, a filling, a session with a piece, and something to buy. */
  public static void everythingOfTheBench(Client client, String place) {
    ObjectNode house = act().put("version", 0);
    house.set(
        "rules",
        object(
            """
            {"dateLimits": "cautious", "eyeMarginDays": 10, "reservePercent": 30,
             "deliveryDays": 4, "ownLimits": [{"dateClass": "primer", "months": 9}],
             "practices": {"palettes": "lift-pans"}}
            """));
    client.put("/api/house", house).expect(200);
    String base = addBase(client, place);
    String bottles = addEmpty(client, "pointed-squeeze-bottle", 10, 3);
    String decant = id();
    client.post("/api/decants", decant(decant, base, bottles, 4)).expect(204);
    client
        .post(
            "/api/items/" + decant + "/report",
            object("{\"what\": [\"look\"], \"packBroken\": true}").put("actId", id()))
        .expect(200);
    String session = id();
    ObjectNode plan = act().put("id", session).put("wantedMonths", 2.5).putNull("backStock");
    plan.putArray("chosen")
        .addObject()
        .put("item", base)
        .put("stays", false)
        .put("empty", bottles)
        .put("count", 1)
        .put("amount", 3)
        .putNull("usePerMonth");
    client.post("/api/bench/sessions", plan).expect(201);
    client.post("/api/bench/sessions/" + session + "/begin", act()).expect(200);
    client
        .post(
            "/api/buying",
            act()
                .put("id", id())
                .put("product", base)
                .put("packs", 1)
                .put("neededOn", "2031-06-01")
                .put("why", "low"))
        .expect(204);
    addOffer(client, "Harbour goods", base, 6.9);
    everythingOfMoney(client, base);
  }

  /** Money one reckons in, something on trial, something no longer made, something ordered. */
  private static void everythingOfMoney(Client client, String base) {
    ObjectNode money = act();
    money.set(
        "money",
        object(
            """
            {"currency": "EUR",
             "rates": [{"currency": "SEK", "worth": 0.088, "on": "2031-04-01"}]}
            """));
    client.put("/api/house/money", money).expect(200);
    client.post("/api/items/" + base + "/trial", act().put("until", "2031-05-20")).expect(200);
    client
        .post("/api/items/" + base + "/discontinued", act().put("discontinued", true))
        .expect(200);
    String entry = id();
    client
        .post(
            "/api/buying",
            act().put("id", entry).put("product", base).put("packs", 2).put("why", ""))
        .expect(204);
    ObjectNode order =
        act().put("parcel", id()).put("shipping", 4.9).put("currency", "EUR").putNull("shop");
    order.putArray("entries").add(entry);
    client.post("/api/buying/ordered", order).expect(204);
  }

  public static ObjectNode shop(String name) {
    return object(
        """
        {"name": "%s", "deliveryDays": 3, "workingDays": [1, 2, 3, 4, 5], "shipping": 4.9,
         "freeFrom": 50, "leastOrder": null, "currency": "EUR", "professionalPercent": null,
         "proofUntil": "2031-12-31", "note": "by the harbour"}
        """
            .formatted(name));
  }

  public static ObjectNode offer(String shop, String product, int packs, double price) {
    return object(
            """
            {"discount": "from-amount", "percent": 10, "amount": null, "fromPacks": 3,
             "until": "2031-12-31", "most": null}
            """)
        .put("shop", shop)
        .put("product", product)
        .put("packs", packs)
        .put("price", price);
  }

  /** A shop with an offer of this product. */
  public static String addOffer(Client client, String name, String product, double price) {
    String shop = id();
    ObjectNode asked = act().put("id", id());
    asked.set("newShop", shop(name));
    asked.set("offer", offer(shop, product, 1, price));
    client.post("/api/offers", asked).expect(204);
    return shop;
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

  /** Says that the list of a booking was looked at as it stands. */
  public static void lookAtTheList(Client client, String booking) {
    String path = "/api/bookings/" + booking + "/packing-list";
    String fingerprint = client.get(path).body().at("/since/fingerprint").asString();
    client.post(path + "/looked-at", Client.object().put("fingerprint", fingerprint)).expect(204);
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
