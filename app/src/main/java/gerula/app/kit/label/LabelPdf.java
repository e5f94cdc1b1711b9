package gerula.app.kit.label;

import gerula.app.platform.paper.PaperFonts;
import gerula.core.kit.label.Label;
import gerula.core.kit.label.LabelSheet;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.util.Matrix;

/** Draws labels into a PDF: to the millimetre, with the fonts in it. */
final class LabelPdf {

  private static final float POINTS_PER_MM = 72f / 25.4f;
  private static final double LARGEST_CODE_MM = 15;

  /** Half the length of an arm of a cross. */
  private static final double CROSS_MM = 2;

  /** Beside a code of this share of the label's width there is room for words. */
  private static final double WIDEST_CODE = 0.4;

  private final LabelSheet sheet;
  private final int skip;
  private final Offset offset;

  LabelPdf(LabelSheet sheet, int skip, Offset offset) {
    this.sheet = sheet;
    this.skip = skip;
    this.offset = offset;
  }

  /** How far everything is moved so that it lies right on paper, mm; negative: left, up. */
  record Offset(double rightMm, double downMm) {}

  byte[] print(List<Label> labels) {
    try (PDDocument pdf = new PDDocument()) {
      PaperFonts fonts = PaperFonts.in(pdf);
      int number = skip;
      for (int from = 0; from < labels.size(); ) {
        int onThisPage = Math.min(labels.size() - from, sheet.perPage() - number % sheet.perPage());
        printPage(pdf, fonts, labels.subList(from, from + onThisPage), number);
        from += onThisPage;
        number += onThisPage;
      }
      return bytes(pdf);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private static byte[] bytes(PDDocument pdf) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    pdf.save(bytes);
    return bytes.toByteArray();
  }

  private PDPage page() {
    return new PDPage(
        new PDRectangle(
            (float) sheet.pageWidthMm() * POINTS_PER_MM,
            (float) sheet.pageHeightMm() * POINTS_PER_MM));
  }

  private void printPage(PDDocument pdf, PaperFonts fonts, List<Label> labels, int firstNumber)
      throws IOException {
    PDPage page = page();
    pdf.addPage(page);
    try (PDPageContentStream pen = pen(pdf, page)) {
      for (int i = 0; i < labels.size(); i++) {
        print(pen, fonts, labels.get(i), sheet.inside(firstNumber + i));
      }
    }
  }

  /** Draws in millimetres from the lower left corner. */
  private PDPageContentStream pen(PDDocument pdf, PDPage page) throws IOException {
    PDPageContentStream pen = new PDPageContentStream(pdf, page);
    pen.transform(Matrix.getScaleInstance(POINTS_PER_MM, POINTS_PER_MM));
    pen.transform(Matrix.getTranslateInstance((float) offset.rightMm(), (float) -offset.downMm()));
    return pen;
  }

  private void print(PDPageContentStream pen, PaperFonts fonts, Label label, LabelSheet.Area area)
      throws IOException {
    double height = area.heightMm();
    double bottom = sheet.pageHeightMm() - area.bottomMm();
    double square =
        Math.min(Math.min(height, LARGEST_CODE_MM), Math.max(7, WIDEST_CODE * area.widthMm()));
    QrMark mark = QrMark.of(label.code());
    double quiet = mark.quietZone(square);
    mark.draw(pen, area.leftMm() + quiet / 2, bottom + (height - square) / 2, square);
    double textLeft = area.leftMm() + quiet / 2 + square + quiet;
    new LabelText(fonts, label, area.rightMm() - textLeft, height).draw(pen, textLeft, bottom);
  }

  /**
   * A page to be held against a sheet of labels: a frame around what is printed of each, a cross in
   * the middle of each, and a line to measure.
   */
  byte[] trial() {
    try (PDDocument pdf = new PDDocument()) {
      PDPage page = page();
      pdf.addPage(page);
      PaperFonts fonts = PaperFonts.in(pdf);
      try (PDPageContentStream pen = pen(pdf, page)) {
        pen.setLineWidth(0.1f);
        for (int number = 0; number < sheet.perPage(); number++) {
          frame(pen, sheet.inside(number), sheet.spot(number));
        }
        measure(pen, fonts, sheet.inside(0));
      }
      return bytes(pdf);
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private void frame(PDPageContentStream pen, LabelSheet.Area area, LabelSheet.Spot spot)
      throws IOException {
    pen.addRect(
        (float) area.leftMm(),
        (float) (sheet.pageHeightMm() - area.bottomMm()),
        (float) area.widthMm(),
        (float) area.heightMm());
    double x = spot.leftMm() + sheet.widthMm() / 2;
    double y = sheet.pageHeightMm() - spot.topMm() - sheet.heightMm() / 2;
    line(pen, x - CROSS_MM, y, x + CROSS_MM, y);
    line(pen, x, y - CROSS_MM, x, y + CROSS_MM);
    pen.stroke();
  }

  private void measure(PDPageContentStream pen, PaperFonts fonts, LabelSheet.Area area)
      throws IOException {
    int length = (int) Math.floor((area.widthMm() - 2) / 10) * 10;
    double left = area.leftMm() + 1;
    double y = sheet.pageHeightMm() - area.topMm() - 2.2;
    line(pen, left, y - 0.8, left, y + 0.8);
    line(pen, left, y, left + length, y);
    line(pen, left + length, y - 0.8, left + length, y + 0.8);
    pen.stroke();
    pen.beginText();
    pen.setFont(fonts.plain(), 1.8f);
    pen.newLineAtOffset((float) left + 1, (float) y + 0.4f);
    pen.showText(length + " mm");
    pen.endText();
  }

  private static void line(
      PDPageContentStream pen, double fromX, double fromY, double toX, double toY)
      throws IOException {
    pen.moveTo((float) fromX, (float) fromY);
    pen.lineTo((float) toX, (float) toY);
  }
}
