package gerula.app.probe;

import static gerula.app.Client.act;

import gerula.app.Client;
import gerula.app.Client.Answer;
import gerula.app.Kits;
import gerula.app.Pixels;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.random.RandomGenerator;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Acts of the rarer kinds in random order: edits, whole imports, pictures, a session at the bench.
 */
final class RandomWork {

  static final int KINDS = 26;

  private static final byte[] PICTURE = picture();

  private final Client client;
  private final RandomGenerator random;
  private final RandomActs.Known known;

  RandomWork(Client client, RandomGenerator random, RandomActs.Known known) {
    this.client = client;
    this.random = random;
    this.known = known;
  }

  /**
   * @param kind from 0 to {@link #KINDS} exclusive
   */
  Answer any(int kind) {
    String item = "/api/items/" + oneOf(known.items);
    return switch (kind) {
      case 0 -> sent(item + "/use", act().put("level", "half").putNull("openedOn"));
      case 1 ->
          random.nextBoolean()
              ? sent(item + "/keep", act())
              : sent(
                  item + "/cleanliness",
                  act().put("cleanliness", random.nextBoolean() ? "clean" : "used"));
      case 2 ->
          random.nextBoolean()
              ? sent(item + "/found-fine", act())
              : sent(
                  item + "/opened", act().put("openedOn", "2031-02-0" + (1 + random.nextInt(9))));
      case 3 -> moveSome();
      case 4 -> shades();
      case 5, 6 -> editItem();
      case 7 -> editPlace();
      case 8 -> editBooking();
      case 9 -> editEmpty();
      case 10 -> sent("/api/empties/" + oneOf(known.empties) + "/count", act().put("stock", 30));
      case 11, 12 -> plan();
      case 13 -> changePlan();
      case 14, 15, 16, 17 -> goOn();
      case 18 -> fromCalendar();
      case 19 -> known.wanted.isEmpty() ? plan() : wanted();
      case 20 -> table();
      case 21, 22 -> anyPicture();
      case 23 -> offer();
      case 24 ->
          known.shops.isEmpty()
              ? offer()
              : sent("/api/shops/" + oneOf(known.shops) + "/remove", act());
      default -> sent(item + "/picture/remove", act());
    };
  }

  /** Ordered, called off or not wanted any more, whether it is there or not. */
  private Answer wanted() {
    String entry = oneOf(known.wanted);
    return switch (random.nextInt(7)) {
      case 0 -> sent("/api/buying/" + entry + "/remove", act());
      case 1 -> sent("/api/buying/" + entry + "/call-off", act());
      case 2 -> delivered(entry);
      case 3 -> ofTheRange();
      default -> {
        ObjectNode asked = act();
        asked.putArray("entries").add(entry).add(oneOf(known.wanted));
        String parcel = Kits.id();
        known.parcels.add(parcel);
        asked.put("parcel", parcel);
        boolean isFromAShop = random.nextBoolean() && !known.shops.isEmpty();
        yield sent(
            "/api/buying/ordered", isFromAShop ? asked.put("shop", oneOf(known.shops)) : asked);
      }
    };
  }

  /** A note of an order that may be called off, with a pack of what may not be in it. */
  private Answer delivered(String entry) {
    if (known.parcels.isEmpty()) {
      return ofTheRange();
    }
    String parcel = "/api/buying/parcels/" + oneOf(known.parcels);
    if (random.nextInt(3) == 0) {
      return sent(parcel + "/call-off", act());
    }
    ObjectNode asked = act().put("note", "note " + random.nextInt(3));
    ObjectNode line = asked.putArray("lines").addObject().put("entry", entry);
    String item = Kits.id();
    line.putArray("newItems").add(item);
    Answer answer = sent(parcel + "/received", asked);
    if (answer.status() < 300) {
      known.items.add(item);
    }
    return answer;
  }

  /** On trial or not, made or not any more; and in what money one reckons. */
  private Answer ofTheRange() {
    String item = "/api/items/" + oneOf(known.items);
    return switch (random.nextInt(4)) {
      case 0 -> sent(item + "/trial", act());
      case 1 -> sent(item + "/trial/end", act().put("verdict", "good"));
      case 2 -> sent(item + "/discontinued", act().put("discontinued", random.nextBoolean()));
      default -> {
        ObjectNode asked = act();
        asked.withObject("money").put("currency", "EUR").putArray("rates");
        yield put("/api/house/money", asked);
      }
    };
  }

  /** Of a shop that is new, or of one that may be gone. */
  private Answer offer() {
    String product =
        client.get("/api/items/" + oneOf(known.items)).body().at("/item/product/id").asString();
    boolean isNew = known.shops.isEmpty() || random.nextBoolean();
    String shop = isNew ? Kits.id() : oneOf(known.shops);
    known.shops.add(shop);
    ObjectNode asked = act().put("id", Kits.id());
    asked.set("newShop", isNew ? Kits.shop("Shop " + random.nextInt(9)) : null);
    asked.set("offer", Kits.offer(shop, product, 1 + random.nextInt(3), 1 + random.nextInt(20)));
    return sent("/api/offers", asked);
  }

  private Answer sent(String path, ObjectNode body) {
    return noted(body, client.post(path, body));
  }

  private Answer put(String path, ObjectNode body) {
    return noted(body, client.put(path, body));
  }

  private Answer noted(ObjectNode body, Answer answer) {
    if (answer.status() < 300) {
      known.acts.add(body.path("actId").asString());
    }
    return answer;
  }

  private Answer moveSome() {
    ObjectNode asked = act().put("to", oneOf(known.places));
    asked.putArray("items").add(oneOf(known.items)).add(oneOf(known.items));
    return sent("/api/kit/move", asked);
  }

  private Answer shades() {
    ObjectNode asked = Kits.powder(Kits.id(), oneOf(known.places));
    asked.remove(List.of("id", "productId"));
    for (int i = 1; i < 3; i++) {
      String id = Kits.id();
      asked
          .withArray("shades")
          .addObject()
          .put("id", id)
          .put("shade", "" + i)
          .putNull("colour")
          .putNull("depth");
      known.items.add(id);
    }
    return sent("/api/items/shades", asked);
  }

  /** The form of a thing, sent back with another note and another name of its product. */
  private Answer editItem() {
    String id = oneOf(known.items);
    JsonNode now = client.get("/api/items/" + id).body().path("item");
    ObjectNode asked = Kits.powder(id, now.path("home").asString(oneOf(known.places)));
    asked.remove(List.of("id", "productId"));
    asked.put("version", now.path("version").asInt());
    asked.put("productVersion", now.at("/product/version").asInt());
    asked
        .withObject("product")
        .put("name", "Thing " + random.nextInt(5))
        .put("unit", now.at("/product/unit").asString("g"))
        .put("productClass", now.at("/product/productClass").asString("face-powder"));
    asked.set("item", Kits.description(now.path("home").asString(oneOf(known.places))));
    asked.withObject("item").put("note", "Note " + random.nextInt(5));
    asked.withObject("item").set("decant", now.path("decant"));
    return put("/api/items/" + id, asked);
  }

  private Answer editPlace() {
    String id = oneOf(known.places);
    JsonNode now = client.get("/api/places/" + id).body().path("place");
    if (!(now.deepCopy() instanceof ObjectNode place)) {
      return moveSome();
    }
    ObjectNode asked = act().put("version", place.path("version").asInt());
    place.remove(List.of("id", "code", "version", "things", "walk"));
    place.put("use", random.nextInt(3) == 0 ? "back-stock" : null);
    asked.set("place", place.put("note", "Note " + random.nextInt(5)));
    return put("/api/places/" + id, asked);
  }

  private Answer editBooking() {
    String id = oneOf(known.bookings);
    int version = client.get("/api/bookings/" + id).body().path("version").asInt();
    ObjectNode asked = act().put("version", version);
    asked.set(
        "booking", Kits.booking(oneOf(known.places)).put("title", "Evening " + random.nextInt(5)));
    return put("/api/bookings/" + id, asked);
  }

  private Answer editEmpty() {
    JsonNode kinds = client.get("/api/empties").body().path("kinds");
    JsonNode one = kinds.get(random.nextInt(kinds.size()));
    ObjectNode asked = act().put("version", one.path("version").asInt());
    asked.set(
        "empty", ((ObjectNode) one.path("empty").deepCopy()).put("tareG", random.nextInt(1, 9)));
    return put("/api/empties/" + one.path("id").asString(), asked);
  }

  private Answer fromCalendar() {
    String id = Kits.id();
    ObjectNode asked = act();
    ObjectNode one = asked.putArray("bookings").addObject().put("id", id);
    one.set("booking", Kits.booking());
    Answer answer = sent("/api/bookings/from-calendar", asked);
    known.bookings.add(id);
    return answer;
  }

  private Answer table() {
    String id = Kits.id();
    byte[] table = "name,class,size\nSea mist,primer,30 ml\n".getBytes(StandardCharsets.UTF_8);
    return noted(
        act().put("actId", id),
        client.sendBytes("POST", "/api/kit/csv?actId=" + id, "text/csv", table));
  }

  private static byte[] picture() {
    try {
      return Pixels.png(8, 8);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private Answer anyPicture() {
    String id = Kits.id();
    String path = "/api/items/%s/picture/%s?actId=%s".formatted(oneOf(known.items), Kits.id(), id);
    return noted(act().put("actId", id), client.sendBytes("PUT", path, "image/png", PICTURE));
  }

  private ObjectNode chosen(ObjectNode asked) {
    asked.put("wantedMonths", 2).putNull("backStock");
    asked
        .putArray("chosen")
        .addObject()
        .put("item", oneOf(known.items))
        .put("stays", random.nextBoolean())
        .put("empty", oneOf(known.empties))
        .put("count", 2)
        .put("amount", 1)
        .putNull("usePerMonth");
    return asked;
  }

  private Answer plan() {
    String id = Kits.id();
    known.sessions.add(id);
    return sent("/api/bench/sessions", chosen(act().put("id", id)));
  }

  private Answer changePlan() {
    if (known.sessions.isEmpty()) {
      return plan();
    }
    String path = "/api/bench/sessions/" + oneOf(known.sessions);
    return put(path, chosen(act().put("version", client.get(path).body().path("version").asInt())));
  }

  /** Goes on with a session in any way there is. */
  private Answer goOn() {
    if (known.sessions.isEmpty()) {
      return plan();
    }
    String path = "/api/bench/sessions/" + oneOf(known.sessions);
    JsonNode session = client.get(path).body();
    JsonNode pieces = session.path("pieces");
    if (!session.path("state").asString("").equals("running") || pieces.isEmpty()) {
      return sent(path + oneOf(List.of("/begin", "/resume", "/give-up")), act());
    }
    String piece =
        path + "/pieces/" + pieces.get(random.nextInt(pieces.size())).path("id").asString();
    return switch (random.nextInt(7)) {
      case 0 -> sent(path + "/pause", act());
      case 1 -> sent(path + "/finish", act());
      case 2 -> sent(piece + "/leave-out", act());
      case 3 -> sent(piece + "/mishap", act().put("what", "spilt").put("lost", 0.5));
      case 4 -> sent(piece + "/pick-up", act());
      default -> fill(piece);
    };
  }

  private Answer fill(String piece) {
    sent(piece + "/pick-up", act());
    String id = Kits.id();
    ObjectNode asked = act().put("newItem", id).put("amount", 1).putNull("openedOn");
    Answer answer = sent(piece + "/fill", asked.putNull("place").putNull("slot"));
    if (answer.status() < 300) {
      known.items.add(id);
    }
    return answer;
  }

  private <T> T oneOf(List<T> list) {
    return list.get(random.nextInt(list.size()));
  }
}
