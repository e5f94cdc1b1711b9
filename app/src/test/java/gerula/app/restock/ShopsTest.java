package gerula.app.restock;

import static gerula.app.Client.act;
import static gerula.app.Client.object;
import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Shops, what they offer, and where to buy what is on the list. */
@ExtendWith(Running.class)
class ShopsTest {

  private Client client;
  private String base;

  @BeforeEach
  void aBase(Client fresh) {
    client = fresh.signedUp();
    String item = Kits.addBase(client, Kits.addPlace(client, "Drawer", "drawer"));
    base = client.get("/api/items/" + item).body().at("/item/product/id").asString();
  }

  private JsonNode shops() {
    return client.get("/api/shops").expect(200).body();
  }

  private ObjectNode offer(String shop, double price) {
    ObjectNode asked = act().put("id", Kits.id()).putNull("newShop");
    asked.set("offer", Kits.offer(shop, base, 1, price));
    client.post("/api/offers", asked).expect(204);
    return asked;
  }

  private void undo(ObjectNode asked) {
    client.post("/api/ledger/" + asked.path("actId").asString() + "/undo", act()).expect(204);
  }

  private void want(int packs) {
    ObjectNode asked =
        act()
            .put("id", Kits.id())
            .put("product", base)
            .put("packs", packs)
            .put("neededOn", "2031-06-01")
            .put("why", "");
    client.post("/api/buying", asked).expect(204);
  }

  @Test
  void aNewPriceEndsTheOldOneAndUndoBringsItBack() {
    String shop = Kits.addOffer(client, "Harbour goods", base, 6.9);
    ObjectNode dearer = offer(shop, 7.5);
    List<JsonNode> offers = shops().path("offers").valueStream().toList();
    assertThat(offers).hasSize(2);
    JsonNode counting =
        offers.stream().filter(one -> one.path("counts").asBoolean()).findFirst().orElseThrow();
    assertThat(counting.at("/offer/price").asDouble()).isEqualTo(7.5);
    assertThat(shops().at("/shops/0/offers").asInt()).isEqualTo(1);
    undo(dearer);
    assertThat(shops().path("offers").size()).isEqualTo(1);
    assertThat(shops().at("/offers/0/counts").asBoolean()).isTrue();

    String id = shops().at("/offers/0/id").asString();
    client.post("/api/offers/" + id + "/end", act()).expect(204);
    assertThat(shops().at("/offers/0/counts").asBoolean()).isFalse();
    client.post("/api/offers/" + id + "/end", act()).expect(409);
  }

  /** In words, as a table and on paper; what is ordered then comes from that shop. */
  @Test
  void anOrderIsWrittenAndKept() throws IOException {
    String shop = Kits.addOffer(client, "Harbour goods", base, 6.9);
    String order = "/api/buying/order?shop=" + shop;
    client.get(order).expect(409);
    want(2);
    JsonNode words = client.get(order).expect(200).body();
    assertThat(words.path("subject").asString()).isEqualTo("Order of 14 April 2031");
    assertThat(words.path("body").asString())
        .startsWith("2 x Quillon Thing one, 30 ")
        .contains(": 13.80 EUR")
        .contains("in all ");
    String table = text("/api/buying/order.csv?shop=" + shop);
    assertThat(table.lines()).first().isEqualTo("packs,maker,name,shade,size,unit,cost,currency");
    assertThat(table).contains("2,Quillon,Thing,one,30,").contains(",13.80,EUR");
    byte[] paper = client.bytes("GET", "/api/buying/order.pdf?shop=" + shop, null);
    try (PDDocument document = Loader.loadPDF(paper)) {
      assertThat(new PDFTextStripper().getText(document))
          .contains("Order of 14 April 2031, Harbour goods")
          .contains("2 x Quillon Thing one");
    }
    ObjectNode ordered = act().put("shop", shop);
    ordered.putArray("entries").add(client.get("/api/buying").body().at("/0/id").asString());
    client.post("/api/buying/ordered", ordered).expect(204);
    JsonNode entry = client.get("/api/buying").body().path(0);
    assertThat(entry.at("/ordered/shop").asString()).isEqualTo("Harbour goods");
    // A Monday, and three working days.
    assertThat(entry.at("/ordered/thereBy").asString()).isEqualTo("2031-04-17");
    client.get(order).expect(409);
    JsonNode refused = client.post("/api/shops/" + shop + "/remove", act()).expect(409).body();
    assertThat(refused.path("code").asString()).isEqualTo("still-to-come");
    String id = entry.path("id").asString();
    client.post("/api/buying/" + id + "/call-off", act()).expect(204);
    client.post("/api/shops/" + shop + "/remove", act()).expect(204);
  }

  private String text(String path) {
    return new String(client.bytes("GET", path, null), StandardCharsets.UTF_8);
  }

  @Test
  void aShopIsChangedAndGoesWithItsOffers() {
    String shop = Kits.addOffer(client, "Harbour goods", base, 6.9);
    ObjectNode changed = act().put("version", 0);
    changed.set("shop", Kits.shop("Harbour goods").put("shipping", 3));
    client.put("/api/shops/" + shop, changed).expect(204);
    client
        .put("/api/shops/" + shop, act().put("version", 0).set("shop", Kits.shop("Late")))
        .expect(409);
    // A Monday, and three working days.
    assertThat(shops().at("/shops/0/arrivesOn").asString()).isEqualTo("2031-04-17");
    ObjectNode gone = act();
    client.post("/api/shops/" + shop + "/remove", gone).expect(204);
    assertThat(shops().path("shops").isEmpty()).isTrue();
    assertThat(shops().path("offers").isEmpty()).isTrue();
    undo(gone);
    assertThat(shops().at("/shops/0/offers").asInt()).isEqualTo(1);
    assertThat(shops().at("/shops/0/shop/shipping").asDouble()).isEqualTo(3);
  }

  @Test
  void aLineIsReadWithTheProductAndTheShopThatAreMeant() {
    String shop = Kits.addOffer(client, "Harbour goods", base, 6.9);
    ObjectNode asked =
        object("{\"dateOrder\": null}")
            .put("line", "quillon thing 3 for 2, 6.90, Harbour, until 30.6., by hand");
    JsonNode read = client.post("/api/offers/read-line", asked).expect(200).body();
    assertThat(read.at("/products/0/product/id").asString()).isEqualTo(base);
    assertThat(read.path("shop").asString()).isEqualTo(shop);
    assertThat(read.path("newShop").isNull()).isTrue();
    assertThat(read.at("/offer/price").asString()).isEqualTo("6.90");
    assertThat(read.at("/offer/discount/kind").asString()).isEqualTo("three-for-two");
    assertThat(read.at("/offer/until").asString()).isEqualTo("2031-06-30");
    assertThat(read.at("/notUnderstood/0").asString()).isEqualTo("by hand");

    asked.put("line", "thing, £5, Harbour goods, ships 9 days");
    JsonNode other = client.post("/api/offers/read-line", asked).expect(200).body();
    assertThat(other.at("/saidOfShop/deliveryDays").asInt()).isEqualTo(9);
    assertThat(other.at("/saidOfShop/currency").asString()).isEqualTo("GBP");

    asked.put("line", "foundation, 20, Brackwater Supplies, ships 5 days, shipping 4.90");
    read = client.post("/api/offers/read-line", asked).expect(200).body();
    assertThat(read.at("/products/0/product/id").asString()).as("by its class").isEqualTo(base);
    assertThat(read.path("shop").isNull()).isTrue();
    assertThat(read.at("/newShop/deliveryDays").asInt()).isEqualTo(5);
    assertThat(read.at("/newShop/shipping").asDouble()).isEqualTo(4.9);
    assertThat(read.at("/saidOfShop/deliveryDays").isNull()).as("it is written down").isTrue();
  }

  @Test
  void theBuyingListIsCoveredAtTheLeastPrice() {
    Kits.addOffer(client, "Harbour goods", base, 6.9);
    Kits.addOffer(client, "Hill goods", base, 9);
    want(2);
    // A Sunday; three working days before it.
    assertThat(client.get("/api/buying").body().at("/0/orderBy").asString())
        .isEqualTo("2031-05-27");
    JsonNode plan = client.get("/api/buying/plan").expect(200).body();
    assertThat(plan.path("total").asDouble()).isEqualTo(18.7);
    assertThat(plan.at("/parcels/0/goods").asDouble()).isEqualTo(13.8);
    assertThat(plan.at("/parcels/0/buys/0/packs").asInt()).isEqualTo(2);
    assertThat(plan.path("unmet").isEmpty()).isTrue();
    assertThat(plan.path("isOptimal").asBoolean()).isTrue();
    JsonNode tight = client.get("/api/buying/plan?budget=12").expect(200).body();
    assertThat(tight.path("total").asDouble()).isEqualTo(11.8);
    assertThat(tight.path("unmet").valueStream().findFirst().orElseThrow().asInt()).isEqualTo(1);
    client.get("/api/buying/plan?budget=-1").expect(422);
  }

  @Test
  void whatCannotBeIsRefused() {
    String shop = Kits.addOffer(client, "Harbour goods", base, 6.9);
    ObjectNode asked = act().put("id", Kits.id()).putNull("newShop");
    asked.set("offer", Kits.offer(shop, base, 0, 6.9));
    client.post("/api/offers", asked).expect(422);
    asked.set("offer", Kits.offer(shop, base, 1, -2));
    client.post("/api/offers", asked).expect(422);
    asked.set("offer", Kits.offer(shop, base, 1, 2).putNull("percent"));
    client.post("/api/offers", asked).expect(422);
    asked.set("offer", Kits.offer(Kits.id(), base, 1, 2));
    client.post("/api/offers", asked).expect(404);
    asked.set("offer", Kits.offer(shop, Kits.id(), 1, 2));
    client.post("/api/offers", asked).expect(404);
    ObjectNode wrong = act().put("id", Kits.id());
    wrong.set("shop", Kits.shop("X").put("currency", "euro"));
    client.post("/api/shops", wrong).expect(422);
    assertThat(shops().path("offers").size()).isEqualTo(1);
  }

  private JsonNode table(String path, String csv) {
    return client
        .sendBytes("POST", path, "text/csv", csv.getBytes(StandardCharsets.UTF_8))
        .expect(200)
        .body();
  }

  @Test
  void aTableOfOffersIsReadInOneAct() {
    Kits.addOffer(client, "Harbour goods", base, 6.9);
    String csv =
        """
        Maker;Product;Shade;Shop;Price;Packs;Discount;Until;Days;Extra;Currency
        Quillon;Thing;one;Harbour goods;7,20;1;;;9;x;
        Quillon;Thing;one;Harbour goods;7,20;2;;;;x;GBP
        ;Thing;one;Hill goods;30;5;3 for 2;30.6.2031;4;
        ;Thing;one;Hill goods;3.5;;half of it;;;
        ;Thing;one;Hill goods;;;;;;
        Nobody;Nothing;;Hill goods;3;;;;;
        """;
    JsonNode look = table("/api/offers/csv/preview", csv);
    assertThat(look.path("fresh").asInt()).isEqualTo(1);
    assertThat(look.path("changed").asInt()).isEqualTo(1);
    assertThat(look.path("notInTheKit").asInt()).isEqualTo(1);
    assertThat(look.at("/newShops/0").asString()).isEqualTo("Hill goods");
    assertThat(look.path("bad").valueStream().map(one -> one.path("line").asInt()).toList())
        .containsExactly(3, 5, 6);
    assertThat(look.at("/bad/0/what").asString()).startsWith("Harbour goods sells in EUR");
    assertThat(look.path("otherTerms").valueStream().map(JsonNode::asString).toList())
        .containsExactly("Harbour goods");
    assertThat(shops().path("offers").size()).isEqualTo(1);

    String act = Kits.id();
    JsonNode kept = table("/api/offers/csv?actId=" + act, csv);
    assertThat(table("/api/offers/csv?actId=" + act, csv)).as("sent again").isEqualTo(kept);
    assertThat(shops().path("shops").size()).isEqualTo(2);
    assertThat(shops().path("offers").size()).isEqualTo(3);
    JsonNode again = table("/api/offers/csv/preview", csv);
    assertThat(again.path("same").asInt()).isEqualTo(2);
    assertThat(again.path("fresh").asInt() + again.path("changed").asInt()).isZero();
    client.post("/api/ledger/" + act + "/undo", act()).expect(204);
    assertThat(shops().path("shops").size()).isEqualTo(1);
    assertThat(shops().at("/offers/0/counts").asBoolean()).isTrue();
  }

  @Test
  void twentyThousandOffersAreReadInOneAct() {
    StringBuilder csv = new StringBuilder("product,shade,shop,price,packs\n");
    for (int row = 0; row < 20_000; row++) {
      csv.append("Thing,one,Shop ").append(row % 7).append(',').append((row + 1) / 100.0);
      csv.append(',').append(1 + row / 7).append('\n');
    }
    JsonNode kept = table("/api/offers/csv?actId=" + Kits.id(), csv.toString());
    assertThat(kept.path("fresh").asInt()).isEqualTo(20_000);
    assertThat(shops().path("offersInAll").asInt()).isEqualTo(20_000);
    assertThat(shops().path("offers").size()).isEqualTo(500);
    want(2);
    assertThat(client.get("/api/buying/plan").expect(200).body().path("total").asDouble())
        .isEqualTo(0.02);
  }

  @Test
  void aTableWithoutAPriceIsRefused() {
    client
        .sendBytes(
            "POST",
            "/api/offers/csv/preview",
            "text/csv",
            "product,shop\nThing,Hill".getBytes(StandardCharsets.UTF_8))
        .expect(422);
  }

  @Test
  void moneyThatIsNoneIsRefusedAndOtherMoneyIsComparedByItsRate() {
    ObjectNode none = act().put("id", Kits.id());
    none.set("shop", Kits.shop("Nowhere").put("currency", "QQQ"));
    client.post("/api/shops", none).expect(422);
    none.set("shop", Kits.shop("Nowhere").put("currency", "eur"));
    JsonNode small = client.post("/api/shops", none).body();
    assertThat(small.at("/errors/0/path").asString()).isEqualTo("shop.currency");
    assertThat(small.at("/errors/0/message").asString())
        .isEqualTo("A currency has three letters, like EUR.");
    String north = Kits.id();
    ObjectNode krona = act().put("id", Kits.id());
    krona.set("newShop", Kits.shop("North").put("currency", "SEK").put("shipping", 0));
    krona.set("offer", Kits.offer(north, base, 1, 50));
    client.post("/api/offers", krona).expect(204);
    Kits.addOffer(client, "Harbour goods", base, 6.9);
    ObjectNode euros = act();
    euros.set("money", Client.object("{\"currency\": \"EUR\", \"rates\": []}"));
    client.put("/api/house/money", euros).expect(200);
    want(1);
    JsonNode plan = client.get("/api/buying/plan").body();
    assertThat(plan.path("otherCurrency").size()).isEqualTo(1);
    assertThat(plan.path("total").asDouble()).isEqualTo(11.8);
    euros.put("actId", Kits.id());
    euros.set(
        "money",
        Client.object(
            """
            {"currency": "EUR",
             "rates": [{"currency": "SEK", "worth": 0.088, "on": "2031-04-14"}]}
            """));
    client.put("/api/house/money", euros).expect(200);
    JsonNode compared = client.get("/api/buying/plan").body();
    assertThat(compared.path("otherCurrency").isEmpty()).isTrue();
    assertThat(compared.path("total").asDouble()).isEqualTo(4.4);
    assertThat(compared.at("/parcels/0/worth").asDouble()).isEqualTo(0.088);
    assertThat(client.get("/api/buying/order?shop=" + north).body().path("body").asString())
        .contains("4.40", "One SEK at 0.088 EUR.");
  }

  /** Another make within the house's distance is bought in its place where that is asked for. */
  @Test
  void whatDoesAsWellIsBoughtInItsPlaceWhereOneLikes() {
    ObjectNode other = act().put("id", Kits.id()).putNull("productId");
    other.set("product", Kits.product("foundation", "liquid-pump-or-squeeze", "ml"));
    other.withObject("product").put("maker", "Tarnwell");
    other.set("item", Kits.item(Kits.addPlace(client, "Shelf", "drawer")).put("left", 30));
    client.post("/api/items", other).expect(201);
    String item = other.path("id").asString();
    String product = client.get("/api/items/" + item).body().at("/item/product/id").asString();
    String shop = Kits.addOffer(client, "Harbour goods", product, 6.9);
    want(1);
    assertThat(client.get("/api/buying/plan").body().path("notOffered").size()).isEqualTo(1);
    JsonNode plan = client.get("/api/buying/plan?substitutes=true").expect(200).body();
    JsonNode buy = plan.at("/parcels/0/buys/0");
    assertThat(buy.at("/instead/product/id").asString()).isEqualTo(product);
    ObjectNode order = act().put("shop", shop);
    String entry = buy.path("wanted").asString();
    order.putArray("entries").add(entry);
    order.putArray("instead").addObject().put("entry", entry).put("product", product);
    client.post("/api/buying/ordered", order).expect(204);
    assertThat(client.get("/api/buying").body().at("/0/like/product/id").asString())
        .isEqualTo(product);
    undo(order);
    assertThat(client.get("/api/buying").body().at("/0/like/product/id").asString())
        .isEqualTo(base);
    ObjectNode unknown = act().put("shop", shop);
    unknown.putArray("entries").add(entry);
    unknown.putArray("instead").addObject().put("entry", entry).put("product", Kits.id());
    client.post("/api/buying/ordered", unknown).expect(404);
  }
}
