package gerula.app.probe;

import static gerula.app.Client.act;
import static gerula.app.Client.object;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Pixels;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Somebody who does acts of every kind in random order, and undoes any of them. Several may do so
 * in one workspace at once.
 */
final class RandomActs {

  /** What is in the workspace: shared by all who work in it. */
  static final class Known {
    final List<String> places = Collections.synchronizedList(new ArrayList<>());
    final List<String> items = Collections.synchronizedList(new ArrayList<>());
    final List<String> stocks = Collections.synchronizedList(new ArrayList<>());
    final List<String> bookings = Collections.synchronizedList(new ArrayList<>());
    final List<String> empties = Collections.synchronizedList(new ArrayList<>());
    final List<String> palettes = Collections.synchronizedList(new ArrayList<>());
    final List<String> wanted = Collections.synchronizedList(new ArrayList<>());
    final List<String> parcels = Collections.synchronizedList(new ArrayList<>());
    final List<String> shops = Collections.synchronizedList(new ArrayList<>());
    final List<String> sessions = Collections.synchronizedList(new ArrayList<>());
    final List<String> unnamed = Collections.synchronizedList(new ArrayList<>());
    final List<String> acts = Collections.synchronizedList(new ArrayList<>());
  }

  static final int KINDS = 37;

  private static final byte[] PIXELS = pixels();

  private final Client client;
  private final RandomGenerator random;
  private final Known known;

  RandomActs(Client client, RandomGenerator random, Known known) {
    this.client = client;
    this.random = random;
    this.known = known;
  }

  /** Some of everything. */
  void fill() {
    for (int i = 0; i < 5; i++) {
      known.places.add(Kits.addPlace(client, "Place " + i, i % 2 == 0 ? "backpack" : "pouch"));
    }
    for (int i = 0; i < 10; i++) {
      addItem(i % 4 == 0);
    }
    known.empties.add(Kits.addEmpty(client, "loose-magnetic-pan", 4, 40));
    known.empties.add(Kits.addEmpty(client, "screw-jar", 10, 40));
    known.bookings.add(Kits.addBooking(client, place()));
    addPalette();
  }

  /** Does something, or undoes something. */
  Answer any() {
    return any(random.nextInt(KINDS + 1));
  }

  /**
   * @param kind from 0 to {@link #KINDS} exclusive; above, something is undone
   */
  Answer any(int kind) {
    String item = "/api/items/" + oneOf(known.items);
    return switch (kind) {
      case 0, 1 -> sent(item + "/move", act().put("to", random.nextInt(6) == 0 ? null : place()));
      case 2, 3 ->
          sent(
              "/api/places/" + place() + "/move",
              act().put("to", random.nextInt(4) == 0 ? null : place()));
      case 4 -> sent(item + "/left", act().put("level", "quarter").putNull("left"));
      case 5 -> sent(item + "/discard", act().put("cause", "broken"));
      case 6 -> part();
      case 7 -> lend();
      case 8 -> putAway();
      case 9 -> count();
      case 10, 11 -> decant();
      case 12 -> refill();
      case 13 -> sent(item + "/wash-out", act());
      case 14 -> report();
      case 15 -> recall();
      case 16 ->
          sent(
              "/api/palettes/" + oneOf(known.palettes) + "/put",
              act().put("item", oneOf(known.items)).put("slot", 1 + random.nextInt(6)));
      case 17 -> sent("/api/palettes/" + oneOf(known.palettes) + "/sort", act());
      case 18 -> sent(item + "/lift-out", act().put("to", place()).put("person", "Isaura"));
      case 19 -> sent(item + "/retire", act().put("to", place()));
      case 20 -> addItem(random.nextInt(3) == 0);
      case 21 -> sent("/api/bookings/" + oneOf(known.bookings) + "/pack", items());
      case 22 -> sent("/api/bookings/" + oneOf(known.bookings) + "/take-out", items());
      case 23 -> sent("/api/bookings/" + oneOf(known.bookings) + "/depart", act());
      case 24 -> putBack();
      case 25 -> addBooking();
      case 26 -> sent("/api/bookings/" + oneOf(known.bookings) + "/call-off", act());
      case 27 -> want();
      case 28 -> got();
      case 29 -> sent("/api/empties/" + oneOf(known.empties) + "/stock", act().put("stock", 30));
      case 30 -> sent(item + "/use-first", act().put("first", random.nextBoolean()));
      case 31 -> sent("/api/places/" + place() + "/remove", act());
      case 32 -> house();
      case 33 -> placeLine();
      case 34 -> photograph();
      case 35 -> name();
      case 36 -> sent("/api/kit/unnamed/" + unnamed() + "/remove", act());
      default -> undoAny();
    };
  }

  Answer undoAny() {
    String undone = known.acts.isEmpty() ? Kits.id() : oneOf(known.acts);
    return sent("/api/ledger/" + undone + "/undo", act());
  }

  private Answer sent(String path, ObjectNode body) {
    Answer answer = client.post(path, body);
    if (answer.status() < 300) {
      known.acts.add(body.path("actId").asString());
    }
    return answer;
  }

  private Answer addItem(boolean isStock) {
    ObjectNode asked = Kits.powder(Kits.id(), place());
    if (isStock) {
      asked.withObject("product").put("unit", "piece").put("productClass", "wand");
      asked.withObject("item").put("left", 20);
    }
    Answer answer = sent("/api/items", asked);
    if (answer.status() == 201) {
      (isStock ? known.stocks : known.items).add(asked.path("id").asString());
    }
    return answer;
  }

  private void addPalette() {
    String id = Kits.id();
    ObjectNode place = Kits.place("Palette", "palette").put("thing", oneOf(known.items));
    place.putObject("slots").put("count", 6).put("widthMm", 30).putNull("depthMm");
    place.withObject("slots").putNull("heightMm");
    String now =
        client
            .get("/api/items/" + place.path("thing").asString())
            .body()
            .at("/item/now")
            .asString();
    ObjectNode asked = act().put("id", id);
    asked.set("place", place.put("parent", now));
    sent("/api/places", asked);
    known.palettes.add(id);
    known.places.add(id);
  }

  private Answer part() {
    return sent(
        "/api/items/" + oneOf(known.stocks.isEmpty() ? known.items : known.stocks) + "/part",
        act().put("newItem", Kits.id()).put("to", place()).put("pieces", random.nextInt(9)));
  }

  private Answer lend() {
    ObjectNode asked =
        act().put("newPlace", Kits.id()).put("person", "Friend " + random.nextInt(3));
    asked.put("askBackOn", "2031-06-01").putArray("items").add(oneOf(known.items));
    return sent("/api/kit/lend", asked);
  }

  private Answer putAway() {
    ObjectNode asked = act();
    asked.putArray("places").add(place());
    asked.putArray("items").add(oneOf(known.items)).add(oneOf(known.items));
    return sent("/api/kit/put-away", asked);
  }

  private Answer count() {
    JsonNode begun =
        client.post("/api/places/" + place() + "/counts", object().put("id", Kits.id())).body();
    String count = begun.path("id").asString(Kits.id());
    client.post(
        "/api/counts/" + count + "/seen",
        object().put("item", oneOf(known.items)).put("seen", true).putNull("counted"));
    return sent("/api/counts/" + count + "/settle", act());
  }

  private Answer decant() {
    String id = Kits.id();
    ObjectNode asked =
        Kits.decant(id, oneOf(known.items), oneOf(known.empties), 0.5 + random.nextInt(3));
    if (random.nextInt(3) == 0) {
      asked.put("place", oneOf(known.palettes)).put("slot", 1 + random.nextInt(6));
    }
    Answer answer = sent("/api/decants", asked);
    if (answer.status() < 300) {
      known.items.add(id);
    }
    return answer;
  }

  private Answer refill() {
    ObjectNode asked =
        act()
            .put("source", oneOf(known.items))
            .put("amount", 0.5)
            .put("wash", random.nextBoolean());
    return sent("/api/items/" + oneOf(known.items) + "/refill", asked.putNull("openedOn"));
  }

  private Answer report() {
    ObjectNode asked = act().put("packBroken", random.nextBoolean());
    asked.putArray("what").add("smell");
    return sent("/api/items/" + oneOf(known.items) + "/report", asked);
  }

  private Answer recall() {
    ObjectNode asked = act().put("discard", random.nextInt(4) == 0);
    asked.putArray("items").add(oneOf(known.items));
    return sent("/api/recall", asked);
  }

  private ObjectNode items() {
    return Kits.tick(oneOf(known.items), oneOf(known.items));
  }

  private Answer putBack() {
    ObjectNode asked = act();
    asked.putArray("items");
    return sent("/api/bookings/" + oneOf(known.bookings) + "/put-back", asked);
  }

  private Answer addBooking() {
    String id = Kits.id();
    ObjectNode asked = act().put("id", id);
    asked.set("booking", Kits.booking(place()));
    Answer answer = sent("/api/bookings", asked);
    known.bookings.add(id);
    return answer;
  }

  private Answer want() {
    String id = Kits.id();
    String product =
        client.get("/api/items/" + oneOf(known.items)).body().at("/item/product/id").asString();
    known.wanted.add(id);
    return sent(
        "/api/buying",
        act()
            .put("id", id)
            .put("product", product)
            .put("packs", 1 + random.nextInt(3))
            .putNull("neededOn")
            .put("why", ""));
  }

  private Answer got() {
    if (known.wanted.isEmpty()) {
      return want();
    }
    ObjectNode asked = act().put("restToCome", random.nextBoolean());
    asked.putArray("newItems").add(Kits.id());
    return sent("/api/buying/" + oneOf(known.wanted) + "/got", asked);
  }

  private Answer placeLine() {
    ObjectNode asked = act().put("line", "tin 12x8x5, 2 trays (base, lips), pouch below");
    Answer answer = sent("/api/kit/places", asked.put("in", place()));
    answer.body().path("made").forEach(made -> known.places.add(made.asString()));
    return answer;
  }

  private static byte[] pixels() {
    try {
      return Pixels.png(4, 3);
    } catch (IOException never) {
      throw new UncheckedIOException(never);
    }
  }

  private Answer photograph() {
    String id = Kits.id();
    String act = Kits.id();
    String where = "?place=" + place() + "&actId=" + act;
    Answer answer = client.sendBytes("PUT", "/api/kit/unnamed/" + id + where, "image/png", PIXELS);
    if (answer.status() < 300) {
      known.unnamed.add(id);
      known.acts.add(act);
    }
    return answer;
  }

  private Answer name() {
    ObjectNode asked = act().put("place", place()).put("picture", unnamed());
    asked.putArray("lines").addObject().put("line", "Soft base 1-2").putObject("corrections");
    return sent("/api/kit/lines", asked);
  }

  private String unnamed() {
    return known.unnamed.isEmpty() ? Kits.id() : oneOf(known.unnamed);
  }

  private Answer house() {
    int version = client.get("/api/house").body().path("version").asInt();
    ObjectNode asked = act().put("version", version);
    asked.set(
        "rules",
        object(
                "{\"dateLimits\": \"cautious\", \"reservePercent\": 30, \"deliveryDays\": 4, \"ownLimits\": []}")
            .put("eyeMarginDays", random.nextInt(30)));
    Answer answer = client.put("/api/house", asked);
    if (answer.status() < 300) {
      known.acts.add(asked.path("actId").asString());
    }
    return answer;
  }

  private String place() {
    return oneOf(known.places);
  }

  private String oneOf(List<String> list) {
    return list.get(random.nextInt(list.size()));
  }
}
