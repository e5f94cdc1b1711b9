package gerula.app.kit.intake;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Csv;
import gerula.app.Kits;
import gerula.app.Running;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A kit somebody else wrote down is read, looked at first, whole or not at all. */
@ExtendWith(Running.class)
class CsvTest {

  private static final String SOMEBODYS =
      """
      Brand;Product name;Colour;Category;Qty;Size;Opened;Expiry date;Where;Price paid;Favourite snack
      Ambervale;"Glow; soft focus";Ivory;Foundation;1;30 ml;05/03/2031;;Case / Top tray;39,90 €;nuts
      Ambervale;Velvet lips;Berry "No. 4";Lipstick;2;3,5 g;;2032-06;Case / Lips;£12.50;
      Thornmere;Spoolies;;Mascara wands;200;;;;Cupboard;;
      ;Odd thing;;;;;;;;;
      """;

  private Client client;

  @BeforeEach
  void aWorkspace(Client fresh) {
    client = fresh.signedUp();
  }

  @Test
  void somebodyElsesKitIsReadAndFoundAgainPieceByPiece() {
    JsonNode preview = Csv.preview(client, utf8(SOMEBODYS), "").expect(200).body();
    assertThat(preview.path("things").asInt()).isEqualTo(5);
    assertThat(preview.path("separator").asString()).isEqualTo(";");
    assertThat(preview.path("newPlaces").values())
        .extracting(JsonNode::asString)
        .containsExactly("Case", "Case > Top tray", "Case > Lips", "Cupboard");
    assertThat(client.get("/api/items").body().path("total").asInt()).isZero();

    assertThat(Csv.read(client, SOMEBODYS).at("/result/added").asInt()).isEqualTo(5);
    JsonNode glow = found("glow soft focus").get(0);
    assertThat(glow.at("/product/productClass").asString()).isEqualTo("foundation");
    assertThat(glow.at("/product/shade").asString()).isEqualTo("Ivory");
    assertThat(glow.path("openedOn").asString()).isEqualTo("2031-03-05");
    assertThat(glow.path("price").asDouble()).isEqualTo(39.9);
    assertThat(found("velvet berry")).hasSize(2);
    assertThat(found("velvet").get(0).path("printedExpiry").asString()).isEqualTo("2032-06-30");
    assertThat(found("spoolies").get(0).path("left").asInt()).isEqualTo(200);
    assertThat(found("odd thing").get(0).at("/product/productClass").asString()).isEqualTo("other");
    assertThat(found("berry lips")).hasSize(2);
  }

  private JsonNode found(String words) {
    return client.get("/api/items?q=" + words.replace(" ", "%20")).body().path("items");
  }

  @Test
  void shadesThatLieInOnePackAreReadFromOneCell() {
    Csv.read(
        client,
        """
        name,class,size,shades in it
        Wheel,corrector,12 g,"fair, #F2D6C0, 2; tan, 6.5; green, #8fb58a"
        """);
    JsonNode shades = found("wheel").get(0).at("/product/shades");
    assertThat(shades.values())
        .extracting(
            one ->
                one.path("name").asString() + one.path("colour").asString("") + one.path("depth"))
        .containsExactly("fair#f2d6c02.0", "tan6.5", "green#8fb58anull");
    JsonNode bad =
        Csv.preview(client, utf8("name,class,size,shades in it\nW,corrector,1 g,\"a, b, c\"\n"), "")
            .expect(200)
            .body();
    assertThat(bad.at("/bad/0/faults/0/message").asString()).contains("semicolons between");
  }

  @Test
  void everyBadRowIsToldWithItsLineAndNothingIsRead() {
    String table =
        """
        name,class,size,opened,left,code
        Good,primer,30 ml,2031-01-01,half,
        ,primer,30 ml,,,
        "Two
        lines",primer,a lot,,,
        Late,primer,30 ml,2031-05-01,,
        More,primer,30 ml,,40 ml,
        Coded,primer,30 ml,,,AAAAAA
        """;
    JsonNode preview = Csv.preview(client, utf8(table), "").expect(200).body();
    assertThat(preview.path("bad").values())
        .extracting(row -> row.path("line").asInt())
        .containsExactly(3, 4, 6, 7, 8);
    JsonNode problem =
        client
            .sendBytes("POST", "/api/kit/csv?actId=" + Kits.id(), "text/csv", utf8(table))
            .expect(422)
            .body();
    assertThat(problem.path("code").asString()).isEqualTo("faulty");
    assertThat(problem.path("errors").findValuesAsString("path"))
        .containsExactly(
            "line 3, name", "line 4, size", "line 6, openedOn", "line 7, left", "line 8, code");
    assertThat(client.get("/api/items").body().path("total").asInt()).isZero();
  }

  @Test
  void columnsAndDatesCanBeChosen() {
    String table = "A,B,When\nSoft base,31,04/03/2031\n";
    JsonNode preview =
        Csv.preview(client, utf8(table), "?columns=name,size,opened&dates=month-first")
            .expect(200)
            .body();
    assertThat(preview.path("dates").asString()).isEqualTo("month-first");
    assertThat(preview.at("/rows/0/content").asInt()).isEqualTo(31);
    assertThat(preview.at("/rows/0/guessed").values())
        .extracting(JsonNode::asString)
        .contains("class", "form", "left");
    Csv.preview(client, utf8(table), "?columns=nonsense").expect(422);
  }

  /**
   * Guesses are told with the words they came from, the least sure first; one choice goes for all.
   */
  @Test
  void whatIsGuessedIsToldAndChosenForAllRowsAlike() {
    String table = "name\nRain veil\nSea veil\nRain veil deep\nVelvet lipstick\nRed lipstick\n";
    JsonNode guesses = Csv.preview(client, utf8(table), "").expect(200).body().path("guesses");
    JsonNode lipstick = guesses.path(guesses.size() - 1);
    assertThat(lipstick.path("words").asString()).isEqualTo("lipstick");
    assertThat(lipstick.path("rows").asInt()).isEqualTo(2);
    assertThat(lipstick.path("sure").asBoolean()).isTrue();
    JsonNode unsure = guesses.path(0);
    assertThat(unsure.path("sure").asBoolean()).isFalse();
    assertThat(unsure.path("examples")).isNotEmpty();
    String choice = unsure.path("words").asString().replace(" ", "%20") + ":setting-spray";
    JsonNode chosen =
        Csv.preview(client, utf8(table), "?columns=name&classes=" + choice).expect(200).body();
    assertThat(chosen.path("guesses").values())
        .filteredOn(one -> one.path("chosen").asBoolean())
        .singleElement()
        .satisfies(
            one -> assertThat(one.path("productClass").asString()).isEqualTo("setting-spray"));
    Csv.preview(client, utf8(table), "?classes=veil:napkin").expect(422);
    Csv.preview(client, utf8(table), "?classes=veil").expect(422);
    client
        .sendBytes(
            "POST",
            "/api/kit/csv?actId=" + Kits.id() + "&columns=name&classes=" + choice,
            "text/csv",
            utf8(table))
        .expect(200);
    assertThat(client.get("/api/items?productClass=setting-spray").body().path("total").asInt())
        .isEqualTo(unsure.path("rows").asInt());
  }

  @Test
  void oldSpreadsheetsAndByteOrderMarksAreRead() {
    byte[] old = "name,shade\nCrème,Café\n".getBytes(Charset.forName("windows-1252"));
    assertThat(Csv.preview(client, old, "").body().at("/rows/0/name").asString())
        .isEqualTo("Crème");
    byte[] marked = utf8("\uFEFFname;shade\nCrème;Café\n");
    assertThat(Csv.preview(client, marked, "").body().at("/rows/0/shade").asString())
        .isEqualTo("Café");
  }

  @Test
  void whatIsNoTableIsRefusedInWords() {
    for (String text : List.of("", "a\0b", "name\n\"open")) {
      Client.Answer refused = Csv.preview(client, utf8(text), "").expect(422);
      assertThat(refused.body().at("/errors/0/code").asString()).isEqualTo("not-a-table");
    }
  }

  @Test
  void theSameActSentTwiceAddsOnceAndIsUndoneWhole() {
    String act = Kits.id();
    JsonNode first = Csv.lastLine(client, utf8(SOMEBODYS), act);
    assertThat(Csv.lastLine(client, utf8(SOMEBODYS), act)).isEqualTo(first);
    assertThat(first.at("/result/added").asInt()).isEqualTo(5);
    String other = SOMEBODYS + "Another,primer,30 ml\n";
    Client.Answer used =
        client.sendBytes("POST", "/api/kit/csv?actId=" + act, "text/csv", utf8(other)).expect(409);
    assertThat(used.code()).isEqualTo("act-id-used");
    assertThat(client.get("/api/items").body().path("total").asInt()).isEqualTo(5);
    client.post("/api/ledger/" + act + "/undo", Client.act()).expect(204);
    assertThat(client.get("/api/items").body().path("total").asInt()).isZero();
    assertThat(client.get("/api/places").body().path("places")).isEmpty();
  }

  private static byte[] utf8(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }
}
