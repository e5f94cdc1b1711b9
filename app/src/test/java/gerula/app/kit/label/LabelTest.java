package gerula.app.kit.label;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.Client;
import gerula.app.Kits;
import gerula.app.Running;
import gerula.core.kit.label.LabelSheet;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Labels say what they must, lie where the sheet has them, and are read by another decoder. */
@ExtendWith(Running.class)
class LabelTest {

  private static final int DPI = 300;

  private Client client;
  private String drawer;
  private String powder;

  @BeforeEach
  void aKit(Client fresh) {
    client = fresh.signedUp();
    drawer = Kits.addPlace(client, "Drawer 1, skin", "drawer");
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("product").put("name", "Fine powder").put("shade", "light ☃");
    // As lists before version 7 of the archive said it.
    ((ObjectNode) asked.path("product")).remove("composition");
    asked.withObject("product").putArray("contains").add("latex").add("nut-oil").add("own word");
    asked.withObject("item").put("batch", "B-77");
    powder = asked.path("id").asString();
    client.post("/api/items", asked).expect(201);
  }

  /** ZXing writes, zbar reads: two programs that share no code. */
  @ParameterizedTest
  @EnumSource(LabelSheet.class)
  void whatIsPrintedIsReadByAnotherDecoder(LabelSheet sheet) throws IOException {
    byte[] pdf = print(sheet, 0, List.of(powder), List.of(drawer));
    String item = client.get("/api/items/" + powder).body().at("/item/code").asString();
    String place = client.get("/api/places/" + drawer).body().at("/place/code").asString();
    assertThat(Zbar.read(pages(pdf))).contains(item, place);
  }

  @Test
  void aLabelSaysEverythingOnItsLines() throws IOException {
    String text = text(print(LabelSheet.A4_24, 0, List.of(powder), List.of()));
    assertThat(text)
        .contains(
            "Quillon Fine powder",
            "light ?",
            "open 10 Jan 2031",
            "use by 10 Jan 2032 months open",
            "batch B-77",
            "!! LX NU");
    assertThat(text(print(LabelSheet.TAPE_9, 0, List.of(powder), List.of())))
        .contains("Fine powder", "10 Jan 2032");
  }

  @Test
  void usedLabelsAreSkippedAndASheetGoesOnOverThePage() throws IOException {
    List<String> many = Collections.nCopies(24, powder);
    try (PDDocument pdf = Loader.loadPDF(print(LabelSheet.A4_24, 23, many, List.of()))) {
      assertThat(pdf.getNumberOfPages()).isEqualTo(2);
      assertThat(pdf.getPage(0).getResources().getFontNames()).hasSize(2);
      for (COSName font : pdf.getPage(0).getResources().getFontNames()) {
        assertThat(pdf.getPage(0).getResources().getFont(font).isEmbedded()).isTrue();
      }
    }
  }

  @Test
  void longNamesGetSmallerLettersAndThenAnEllipsis() throws IOException {
    ObjectNode asked = Kits.powder(Kits.id(), drawer);
    asked.withObject("product").put("name", "Extraordinarily long ".repeat(5).strip());
    client.post("/api/items", asked).expect(201);
    String id = asked.path("id").asString();
    assertThat(text(print(LabelSheet.A4_189, 0, List.of(id), List.of()))).contains("…");
    assertThat(text(print(LabelSheet.A4_24, 0, List.of(id), List.of()))).contains("Extraordin");
  }

  @Test
  void whatCannotBePrintedIsRefused() {
    client.post("/api/labels", asked(LabelSheet.A4_24, 24, List.of(powder), List.of())).expect(422);
    client.post("/api/labels", asked(LabelSheet.A4_24, 0, List.of(), List.of())).expect(422);
    client
        .post("/api/labels", asked(LabelSheet.A4_24, 0, List.of(Kits.id()), List.of()))
        .expect(404);
  }

  private byte[] print(LabelSheet sheet, int skip, List<String> items, List<String> places) {
    return client.bytes("POST", "/api/labels", asked(sheet, skip, items, places));
  }

  private static ObjectNode asked(
      LabelSheet sheet, int skip, List<String> items, List<String> places) {
    ObjectNode asked = Client.object().put("sheet", sheet.code()).put("skip", skip);
    ArrayNode things = asked.putArray("items");
    items.forEach(things::add);
    ArrayNode where = asked.putArray("places");
    places.forEach(where::add);
    return asked;
  }

  private static List<BufferedImage> pages(byte[] pdf) throws IOException {
    List<BufferedImage> pages = new ArrayList<>();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      for (int page = 0; page < document.getNumberOfPages(); page++) {
        pages.add(new PDFRenderer(document).renderImageWithDPI(page, DPI));
      }
    }
    return pages;
  }

  private static String text(byte[] pdf) throws IOException {
    try (PDDocument document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document);
    }
  }
}
