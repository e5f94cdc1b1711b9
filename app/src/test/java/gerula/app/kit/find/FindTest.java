package gerula.app.kit.find;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** One field finds things however they are spelt, and codes wherever they come from. */
@ExtendWith(Running.class)
class FindTest {

  private Client client;
  private String drawer;
  private String base;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Harbour drawer", "drawer");
    base = add("Tarnwell", "Soft base", "2 neutral", "foundation", "4006381333931");
    add("Vesperholt", "Day mascara", "black", "mascara", null);
    add("Quillon", "Rose cream", "", "moisturiser", null);
  }

  private String add(String maker, String name, String shade, String productClass, String code) {
    String id = Kits.id();
    ObjectNode asked = Kits.powder(id, drawer);
    asked
        .withObject("product")
        .put("maker", maker)
        .put("name", name)
        .put("shade", shade)
        .put("productClass", productClass)
        .put("packCode", code);
    asked.withObject("item").put("note", name.equals("Rose cream") ? "for windy days" : "");
    client.post("/api/items", asked).expect(201);
    return id;
  }

  @ParameterizedTest
  @CsvSource({
    "soft base, Soft base",
    "base soft, Soft base",
    "neutral tarnwell, Soft base",
    "sof, Soft base",
    "sfot base, Soft base",
    "mascra, Day mascara",
    "fondation, Soft base",
    "windy, Rose cream",
    "moisturiser, Rose cream",
    "quilon rose, Rose cream",
    "black harbour, Day mascara",
  })
  void wordsInAnyOrderAndNearlySpeltFind(String words, String name) {
    JsonNode items = find(words).path("items");
    assertThat(items).as(words).isNotEmpty();
    assertThat(items.get(0).at("/product/name").asString()).as(words).isEqualTo(name);
  }

  @ParameterizedTest
  @ValueSource(strings = {"lampshade", "soft lampshade", "%", "'; drop table gerula.item; --"})
  void whatIsNotThereIsNotFound(String words) {
    assertThat(find(words).path("items")).isEmpty();
  }

  @Test
  void everyThingInAPlaceIsFoundByItsNameAndSoIsThePlace() {
    JsonNode found = find("harbour");
    assertThat(found.path("items")).hasSize(3);
    assertThat(found.path("places").get(0).asString()).isEqualTo(drawer);
  }

  @Test
  void nobodyFindsWhatIsInAnotherWorkspace(Client other) {
    other.signedUp();
    assertThat(other.get("/api/find?q=soft").body().path("items")).isEmpty();
    String code = client.get("/api/items/" + base).body().at("/item/code").asString();
    assertThat(other.get("/api/codes?code=" + code).body().path("kind").asString())
        .isEqualTo("nothing");
  }

  @Test
  void discardedThingsAreNotFoundAndUndoneOnesAre() {
    ObjectNode discard = act().put("cause", "broken");
    client.post("/api/items/" + base + "/discard", discard).expect(200);
    assertThat(find("soft base").path("items")).isEmpty();
    client.post("/api/ledger/" + discard.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(find("soft base").path("items")).hasSize(1);
  }

  @Test
  void aCodeIsOfAnItemAPlaceOrAPack() {
    JsonNode item = client.get("/api/items/" + base).body().path("item");
    String code = item.path("code").asString();
    assertThat(kind(code.toLowerCase(Locale.ROOT))).isEqualTo("item");
    assertThat(kind(code.substring(0, 3) + "%20" + code.substring(3))).isEqualTo("item");
    assertThat(kind(client.get("/api/places/" + drawer).body().at("/place/code").asString()))
        .isEqualTo("place");
    assertThat(kind("4006381333931")).isEqualTo("product");
    assertThat(kind("4006381333932")).isEqualTo("nothing");
    assertThat(kind("73513537")).isEqualTo("nothing");
    assertThat(find(code).path("items").get(0).path("id").asString()).isEqualTo(base);
  }

  private String kind(String code) {
    return client.get("/api/codes?code=" + code).expect(200).body().path("kind").asString();
  }

  @Test
  void theListIsNarrowedAndToldInParts() {
    assertThat(total("?section=base")).isEqualTo(1);
    assertThat(total("?productClass=mascara&form=pressed-powder")).isEqualTo(1);
    assertThat(total("?mark=place")).isZero();
    assertThat(total("?mark=date")).isEqualTo(1);
    assertThat(total("?place=" + drawer)).isEqualTo(3);
    assertThat(total("?until=2031-04-20")).isZero();
    JsonNode second = client.get("/api/items?from=1&most=1").body();
    assertThat(second.path("total").asInt()).isEqualTo(3);
    assertThat(second.path("items").get(0).at("/product/name").asString()).isEqualTo("Rose cream");
    client.get("/api/items?most=100000").expect(422);
    client.get("/api/items?mark=nonsense").expect(422);
  }

  @Test
  void theListIsNarrowedByTheStateOfThings() {
    String sealed = Kits.id();
    ObjectNode asked = Kits.powder(sealed, drawer);
    asked.withObject("item").putNull("openedOn").put("rare", true).put("onlyFor", "The cellist");
    client.post("/api/items", asked).expect(201);
    ObjectNode lend = act().put("newPlace", Kits.id()).put("person", "Ilse").putNull("askBackOn");
    lend.putArray("items").add(base);
    client.post("/api/kit/lend", lend).expect(204);
    assertThat(total("?state=sealed")).isEqualTo(1);
    assertThat(total("?state=opened")).isEqualTo(3);
    assertThat(total("?state=rare&q=thing")).isEqualTo(1);
    assertThat(total("?state=not-for-all")).isEqualTo(1);
    assertThat(total("?state=lent")).isEqualTo(1);
    assertThat(total("?state=lost")).isZero();
    client.post("/api/items/" + base + "/discard", act().put("cause", "broken")).expect(200);
    assertThat(total("?state=discarded")).isEqualTo(1);
    assertThat(total("?state=discarded&q=base soft")).isEqualTo(1);
    assertThat(total("?state=discarded&q=mascara")).isZero();
  }

  @Test
  void aSlipFindsWhatIsMostLikeItFirst() {
    add("Brindlewick", "Corrector", "peach", "corrector", null);
    add("Umberline", "Brow pencil", "cork brown", "brow-pencil", null);
    JsonNode items = find("corector").path("items");
    assertThat(items.get(0).at("/product/name").asString()).isEqualTo("Corrector");
    assertThat(items).hasSize(1);
  }

  @Test
  void whatChangesIsFoundAsItIsNow() {
    ObjectNode edit = act();
    JsonNode item = client.get("/api/items/" + base).body().path("item");
    edit.put("version", item.path("version").asInt());
    edit.put("productVersion", item.at("/product/version").asInt());
    edit.set("product", Kits.product("foundation", "cream", "g").put("name", "Kelp balm"));
    edit.set("item", Kits.description(drawer).put("note", "for the oboist"));
    client.put("/api/items/" + base, edit).expect(200);
    assertThat(find("soft base").path("items")).isEmpty();
    assertThat(find("oboist kelp").path("items")).hasSize(1);
    client.post("/api/ledger/" + edit.path("actId").asString() + "/undo", act()).expect(204);
    assertThat(find("soft base").path("items")).hasSize(1);
    assertThat(find("kelp").path("items")).isEmpty();
  }

  private int total(String query) {
    return client
        .get("/api/items" + query.replace(" ", "+"))
        .expect(200)
        .body()
        .path("total")
        .asInt();
  }

  @Test
  void theSummaryAndTheLastDaysCountTheSame() {
    JsonNode summary = client.get("/api/kit/summary").expect(200).body();
    assertThat(summary.path("things").asInt()).isEqualTo(3);
    assertThat(summary.path("pastDate").asInt()).isEqualTo(1);
    assertThat(client.get("/api/kit/ending?days=300").body().findValuesAsString("lastDay"))
        .containsExactly("2032-01-10");
  }

  @Test
  void whatWasTypedBeforeIsOffered() {
    JsonNode lines = client.get("/api/kit/earlier?begins=tarn").expect(200).body();
    assertThat(lines.get(0).path("name").asString()).isEqualTo("Soft base");
    assertThat(client.get("/api/kit/earlier?begins=%25").body()).isEmpty();
  }

  private JsonNode find(String words) {
    return client
        .get("/api/find?q=" + URLEncoder.encode(words, StandardCharsets.UTF_8))
        .expect(200)
        .body();
  }
}
