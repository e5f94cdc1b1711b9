package gerula.app.kit.find;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The list of the kit is sorted by what it shows, and what shows nothing comes last. */
@ExtendWith(Running.class)
class SortedTest {

  private static final int ITEMS = 12;

  /** What a list is sorted by, and where that stands in it. */
  private static final Map<String, String> COLUMNS =
      Map.of(
          "use-by", "/useBy/lastDay",
          "opened", "/openedOn",
          "depth", "/product/depth",
          "bought", "/boughtOn",
          "price", "/price",
          "left", "/left");

  private final Random random = new Random(174);
  private Client client;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    List<String> places =
        List.of(
            Kits.addPlace(client, "Zinc drawer", "drawer"),
            Kits.addPlace(client, "Ash drawer", "drawer"));
    List<String> classes = List.of("mascara", "cleanser", "lip-colour");
    for (int i = 0; i < ITEMS; i++) {
      ObjectNode asked = Kits.powder(Kits.id(), places.get(random.nextInt(2)));
      asked
          .withObject("product")
          .put("productClass", classes.get(random.nextInt(3)))
          .put("name", "Thing " + random.nextInt(100))
          .put("depth", some() ? 1 + random.nextInt(10) : null);
      ObjectNode item = asked.withObject("item");
      item.put("left", 1 + random.nextInt(29));
      item.put("openedOn", some() ? "2030-12-0" + (1 + random.nextInt(9)) : null);
      item.put("boughtOn", some() ? "2030-11-0" + (1 + random.nextInt(9)) : null);
      if (some()) {
        item.put("price", 5 + random.nextInt(40)).put("currency", "EUR");
      }
      client.post("/api/items", asked).expect(201);
    }
  }

  private boolean some() {
    return random.nextInt(3) > 0;
  }

  @Test
  void everyColumnSortsBothWays() {
    COLUMNS.forEach(
        (sort, where) -> {
          List<Object> up = shown("sort=" + sort, where);
          List<Object> down = shown("sort=" + sort + "&descending=true", where);
          assertThat(told(up)).as(sort).isSorted().isEqualTo(told(down).reversed());
          for (List<Object> list : List.of(up, down)) {
            assertThat(list.subList(0, told(list).size())).as(sort).doesNotContainNull();
          }
        });
  }

  /** Classes in the order of the work, places in the order one walks. */
  @Test
  void classesComeInTheOrderOfTheWorkAndPlacesAsOneWalks() {
    assertThat(shown("sort=class", "/product/productClass").stream().distinct())
        .containsExactly("cleanser", "mascara", "lip-colour");
    List<Object> walk = new ArrayList<>();
    client.get("/api/places").body().path("places").forEach(one -> walk.add(value(one, "/id")));
    List<Object> met = shown("sort=place", "/now").stream().distinct().toList();
    assertThat(met).isEqualTo(walk.stream().filter(met::contains).toList());
  }

  /** What was sought for is the best first, until somebody sorts it. */
  @Test
  void whatIsFoundIsSortedWhenAsked() {
    assertThat(told(shown("q=thing&sort=price", "/price"))).isSorted().isNotEmpty();
    client.get("/api/items?sort=weight").expect(422);
  }

  private List<Object> shown(String query, String where) {
    List<Object> shown = new ArrayList<>();
    for (JsonNode item : client.get("/api/items?" + query).expect(200).body().path("items")) {
      shown.add(value(item, where));
    }
    assertThat(shown).hasSize(ITEMS);
    return shown;
  }

  private static Object value(JsonNode item, String where) {
    JsonNode value = item.at(where);
    return value.isNull() ? null : value.isNumber() ? (Object) value.asDouble() : value.asString();
  }

  @SuppressWarnings({"unchecked", "rawtypes"})
  private static List<Comparable> told(List<Object> shown) {
    return shown.stream().filter(Objects::nonNull).map(one -> (Comparable) one).toList();
  }
}
