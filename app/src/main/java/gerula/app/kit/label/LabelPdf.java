package gerula.app.kit.label;

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

/** Draws labels into a PDF: to the millimetre, with the fonts in it. */
final class LabelPdf {

  private static final float POINTS_PER_MM = 72f / 25.4f;
  private static final double PAD_MM = 1.2;
  private static final double LARGEST_CODE_MM = 15;

  private final LabelSheet sheet;
  private final int skip;

  LabelPdf(LabelSheet sheet, int skip) {
    this.sheet = sheet;
    this.skip = skip;
  }

  byte[] print(List<Label> labels) {
    try (PDDocument pdf = new PDDocument()) {
      LabelFonts fonts = LabelFonts.in(pdf);
      int number = skip;
      for (int from = 0; from < labels.size(); ) {
        int onThisPage = Math.min(labels.size() - from, sheet.perPage() - number % sheet.perPage());
        printPage(pdf, fonts, labels.subList(from, from + onThisPage), number);
        from += onThisPage;
        number += onThisPage;
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      return bytes.toByteArray();
    } catch (IOException impossible) {
      throw new UncheckedIOException(impossible);
    }
  }

  private void printPage(PDDocument pdf, LabelFonts fonts, List<Label> labels, int firstNumber)
      throws IOException {
    PDPage page =
        new PDPage(
            new PDRectangle(
                (float) sheet.pageWidthMm() * POINTS_PER_MM,
                (float) sheet.pageHeightMm() * POINTS_PER_MM));
    pdf.addPage(page);
    try (PDPageContentStream pen = new PDPageContentStream(pdf, page)) {
      // From here on in millimetres from the lower left corner.
      pen.transform(org.apache.pdfbox.util.Matrix.getScaleInstance(POINTS_PER_MM, POINTS_PER_MM));
      for (int i = 0; i < labels.size(); i++) {
        LabelSheet.Spot spot = sheet.spot(firstNumber + i);
        double bottom = sheet.pageHeightMm() - spot.topMm() - sheet.heightMm();
        print(pen, fonts, labels.get(i), spot.leftMm(), bottom);
      }
    }
  }

  private void print(
      PDPageContentStream pen, LabelFonts fonts, Label label, double left, double bottom)
      throws IOException {
    double height = sheet.heightMm() - 2 * PAD_MM;
    double square = Math.min(height, LARGEST_CODE_MM);
    QrMark mark = QrMark.of(label.code());
    double quiet = mark.quietZone(square);
    mark.draw(pen, left + PAD_MM + quiet / 2, bottom + PAD_MM + (height - square) / 2, square);
    double textLeft = left + PAD_MM + quiet / 2 + square + quiet;
    double textWidth = left + sheet.widthMm() - PAD_MM - textLeft;
    new LabelText(fonts, label, textWidth, height).draw(pen, textLeft, bottom + PAD_MM);
  }
}
