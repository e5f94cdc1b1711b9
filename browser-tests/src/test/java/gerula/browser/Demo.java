package gerula.browser;

import com.google.gson.Gson;
import com.google.gson.JsonArray;
import com.google.gson.JsonObject;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The demo workspace as the browser sends it. */
final class Demo {

  private static final String TEXT = read();

  /** Looked at only, never changed. */
  private static final JsonObject WHOLE = new Gson().fromJson(TEXT, JsonObject.class);

  private Demo() {}

  static String archive() {
    return TEXT;
  }

  /** As an older version might have left it: something was discarded and is still packed. */
  static String leftByAnOlderVersion() {
    JsonObject archive = new Gson().fromJson(TEXT, JsonObject.class);
    JsonObject item = archive.getAsJsonArray("items").get(3).getAsJsonObject();
    item.addProperty("discardedOn", archive.get("writtenOn").getAsString());
    item.addProperty("discardCause", "broken");
    JsonObject tick = new JsonObject();
    tick.addProperty("booking", booking("Tidal island block"));
    tick.add("item", item.get("id"));
    tick.addProperty("packedAt", "2031-04-01T08:00:00Z");
    JsonArray packed = new JsonArray();
    packed.add(tick);
    archive.add("packed", packed);
    return new Gson().toJson(archive);
  }

  /** With this code on the maker's pack of what is first on the buying list. */
  static String withPackCode(String code) {
    JsonObject archive = new Gson().fromJson(TEXT, JsonObject.class);
    String wanted =
        archive.getAsJsonArray("wanted").get(0).getAsJsonObject().get("product").getAsString();
    for (var one : archive.getAsJsonArray("products")) {
      if (one.getAsJsonObject().get("id").getAsString().equals(wanted)) {
        one.getAsJsonObject().getAsJsonObject("product").addProperty("packCode", code);
      }
    }
    return new Gson().toJson(archive);
  }

  /** Id of the booking of this title. */
  static String booking(String title) {
    for (var one : WHOLE.getAsJsonArray("bookings")) {
      JsonObject booking = one.getAsJsonObject();
      if (booking.getAsJsonObject("booking").get("title").getAsString().equals(title)) {
        return booking.get("id").getAsString();
      }
    }
    throw new IllegalArgumentException("The demo has no booking " + title);
  }

  /** Id of the first face of the booking of this title. */
  static String firstFace(String title) {
    for (var one : WHOLE.getAsJsonArray("bookings")) {
      JsonObject booking = one.getAsJsonObject().getAsJsonObject("booking");
      if (booking.get("title").getAsString().equals(title)) {
        return booking.getAsJsonArray("faces").get(0).getAsJsonObject().get("id").getAsString();
      }
    }
    throw new IllegalArgumentException("The demo has no booking " + title);
  }

  /** Id of the place of this name. */
  static String place(String name) {
    for (var one : WHOLE.getAsJsonArray("places")) {
      JsonObject place = one.getAsJsonObject();
      if (place.getAsJsonObject("place").get("name").getAsString().equals(name)) {
        return place.get("id").getAsString();
      }
    }
    throw new IllegalArgumentException("The demo has no place " + name);
  }

  /** Id of the first item of the product of this name. */
  static String item(String productName) {
    for (var one : WHOLE.getAsJsonArray("products")) {
      JsonObject product = one.getAsJsonObject();
      if (product.getAsJsonObject("product").get("name").getAsString().equals(productName)) {
        for (var item : WHOLE.getAsJsonArray("items")) {
          if (item.getAsJsonObject().get("product").equals(product.get("id"))) {
            return item.getAsJsonObject().get("id").getAsString();
          }
        }
      }
    }
    throw new IllegalArgumentException("The demo has no thing " + productName);
  }

  private static String read() {
    try {
      return Files.readString(Path.of("../demo/workspace.json"));
    } catch (IOException missing) {
      throw new UncheckedIOException(missing);
    }
  }
}
