package gerula.app.packing;

import static gerula.app.Client.act;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A booking on paper, as it is read there. */
@ExtendWith(Running.class)
class PrintTest {

  private static final float MM = 25.4f / 72;
  private static final int DPI = 72;

  private Client client;
  private String booking;

  @BeforeEach
  void aBooking(Client fresh) {
    client = fresh.signedUp();
    String bag = Kits.addPlace(client, "Steel case", "backpack");
    Kits.addPowder(client, Kits.addPlace(client, "Drawer", "drawer"));
    booking = Kits.addBooking(client, bag);
  }

  @Test
  void theListStandsByBagWithItsGaps() throws IOException {
    String text = text("list", "a4");
    assertThat(text)
        .contains("Portraits", "Sun 20 Apr 2031 to Mon 21 Apr 2031", "call 09:30", "Concert hall")
        .contains("Steel case", "1 item", "Thing one, 0.6 g", "Drawer")
        .contains("Missing", "Hand sanitiser")
        .contains("1 of ");
    client
        .post(
            "/api/bookings/" + booking + "/decide-need",
            act().put("need", "hand-sanitiser").put("decided", "borrowed"))
        .expect(204);
    assertThat(text("list", "a4")).contains("borrowed: give it back");
  }

  @Test
  void theKitListTellsWhatWasPaidAndWhatHasNoPrice() throws IOException {
    ObjectNode dear = Kits.powder(Kits.id(), Kits.addPlace(client, "Shelf", "drawer"));
    dear.withObject("item").put("price", 24.5).put("currency", "EUR");
    client.post("/api/items", dear).expect(201);
    try (PDDocument pdf = Loader.loadPDF(client.bytes("GET", "/api/kit/print", null))) {
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("2 items, worth ", "Of 1 the price is not known.", "paid 24.50 EUR", "Shelf");
    }
  }

  @Test
  void whatGoesAlongIsListedWithItsValue() throws IOException {
    assertThat(text("values", "a4"))
        .contains("Portraits", "What goes along", "Thing one", "not known", "No price is known.");
  }

  @Test
  void aFaceHasAPageWithWhatMustNotTouchHerFirst() throws IOException {
    String text = text("faces", "a4");
    assertThat(text).startsWith("Cellist").contains("Reacts to latex.", "depth 5.5, normal skin");
    assertThat(text.indexOf("Reacts to latex")).isLessThan(text.indexOf("What is where"));
    assertThat(text("touch-up", "a4")).contains("Nobody on this booking takes");
  }

  @Test
  void aTouchUpCardSaysWhomItIsForAndWhatToDoIfItStings() throws IOException {
    change(face -> face.withArray("services").add("touch-up-kit"));
    assertThat(text("touch-up", "a4"))
        .contains("Cellist", "For you alone", "ask a doctor or pharmacist");
  }

  /** Sixty faces with names as long as they come fill many pages, and none runs off its page. */
  @ParameterizedTest
  @CsvSource({"a4, 210, 297", "letter, 215.9, 279.4"})
  void manyPagesKeepTheirMargins(String paper, double width, double height) throws IOException {
    ObjectNode edit = act().put("version", 0);
    ObjectNode changed = Kits.booking();
    ArrayNode faces = changed.putArray("faces");
    for (int i = 0; i < 60; i++) {
      ObjectNode face = (ObjectNode) Kits.booking().path("faces").get(0);
      faces.add(face.put("id", Kits.id()).put("name", ("Ængström№" + i + "x").repeat(5)));
    }
    edit.set("booking", changed);
    client.put("/api/bookings/" + booking, edit).expect(200);
    for (String what : new String[] {"list", "faces"}) {
      try (PDDocument pdf = pdf(what, paper)) {
        assertThat(pdf.getNumberOfPages()).isGreaterThan(what.equals("faces") ? 59 : 0);
        for (PDPage page : pdf.getPages()) {
          assertThat(page.getMediaBox().getWidth() * MM).isCloseTo((float) width, within(0.1f));
          assertThat(page.getMediaBox().getHeight() * MM).isCloseTo((float) height, within(0.1f));
          page.getResources()
              .getFontNames()
              .forEach(font -> assertThat(isEmbedded(page, font)).isTrue());
        }
        for (int i = 0; i < Math.min(4, pdf.getNumberOfPages()); i++) {
          assertNothingWithin(14, new PDFRenderer(pdf).renderImageWithDPI(i, DPI));
        }
      }
    }
  }

  private static boolean isEmbedded(PDPage page, COSName font) {
    try {
      return page.getResources().getFont(font).isEmbedded();
    } catch (IOException broken) {
      return false;
    }
  }

  private static void assertNothingWithin(double mm, BufferedImage page) {
    int edge = (int) (mm / MM);
    for (int x = 0; x < page.getWidth(); x++) {
      for (int y = 0; y < page.getHeight(); y++) {
        boolean isInside =
            x >= edge && y >= edge && x < page.getWidth() - edge && y < page.getHeight() - edge;
        if (!isInside) {
          assertThat(page.getRGB(x, y) & 0xffffff).as("%d, %d", x, y).isEqualTo(0xffffff);
        }
      }
    }
  }

  private interface FaceChange {
    void apply(ObjectNode face);
  }

  private void change(FaceChange change) {
    ObjectNode edit = act().put("version", 0);
    ObjectNode changed = Kits.booking();
    change.apply((ObjectNode) changed.withArray("faces").get(0));
    edit.set("booking", changed);
    client.put("/api/bookings/" + booking, edit).expect(200);
  }

  private PDDocument pdf(String what, String paper) throws IOException {
    return Loader.loadPDF(
        client.bytes(
            "GET", "/api/bookings/" + booking + "/print?what=" + what + "&paper=" + paper, null));
  }

  private String text(String what, String paper) throws IOException {
    try (PDDocument pdf = pdf(what, paper)) {
      return new PDFTextStripper().getText(pdf);
    }
  }
}
