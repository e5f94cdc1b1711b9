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

  /** A whole sheet, looked at point by point: there is ink where it may be and nowhere else. */
  @ParameterizedTest
  @EnumSource(LabelSheet.class)
  void nothingIsPrintedWhereAPrinterWouldClipIt(LabelSheet sheet) throws IOException {
    List<String> whole = Collections.nCopies(sheet.perPage(), powder);
    BufferedImage page = pages(print(sheet, 0, whole, List.of())).getFirst();
    boolean[][] may = mayBePrinted(sheet, page);
    int inked = 0;
    for (int x = 0; x < page.getWidth(); x++) {
      for (int y = 0; y < page.getHeight(); y++) {
        if ((page.getRGB(x, y) & 0xff) < 128) {
          inked++;
          if (!may[x][y]) {
            throw new AssertionError("%s: ink at %.1f, %.1f mm".formatted(sheet, mm(x), mm(y)));
          }
        }
      }
    }
    assertThat(inked).isGreaterThan(1000);
  }

  private static boolean[][] mayBePrinted(LabelSheet sheet, BufferedImage page) {
    boolean[][] may = new boolean[page.getWidth()][page.getHeight()];
    for (int number = 0; number < sheet.perPage(); number++) {
      LabelSheet.Area area = sheet.inside(number);
      for (int x = dot(area.leftMm()) - 1; x <= dot(area.rightMm()) + 1; x++) {
        for (int y = dot(area.topMm()) - 1; y <= dot(area.bottomMm()) + 1; y++) {
          may[Math.min(x, page.getWidth() - 1)][Math.min(y, page.getHeight() - 1)] = true;
        }
      }
    }
    return may;
  }

  private static int dot(double mm) {
    return (int) Math.round(mm * DPI / 25.4);
  }

  private static double mm(int dot) {
    return dot * 25.4 / DPI;
  }

  /** The same frame, moved as far as the printer is off. */
  @Test
  void theTrialPageShowsTheGridAndFollowsTheOffset() throws IOException {
    BufferedImage page = trial("/api/labels/trial?sheet=a4-21");
    LabelSheet.Area area = LabelSheet.A4_21.inside(0);
    assertThat(isInked(page, area.leftMm(), area.topMm() + 10)).isTrue();
    assertThat(isInked(page, area.leftMm() + 5, area.topMm() + 10)).isFalse();
    BufferedImage moved = trial("/api/labels/trial?sheet=a4-21&rightMm=5&downMm=-2");
    assertThat(isInked(moved, area.leftMm() + 5, area.topMm() + 8)).isTrue();
    assertThat(isInked(moved, area.leftMm(), area.topMm() + 10)).isFalse();
    client.get("/api/labels/trial?sheet=a4-21&rightMm=11").expect(422);
    client.get("/api/labels/trial?sheet=napkin").expect(422);
  }

  private BufferedImage trial(String path) throws IOException {
    return pages(client.bytes("GET", path, "")).getFirst();
  }

  private static boolean isInked(BufferedImage page, double x, double y) {
    for (int near = -2; near <= 2; near++) {
      if ((page.getRGB(dot(x) + near, dot(y)) & 0xff) < 160) {
        return true;
      }
    }
    return false;
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
