package gerula.app.kit.label;

import java.io.IOException;
import java.io.InputStream;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The two fonts of a label, embedded as far as they are used. */
record LabelFonts(PDFont plain, PDFont bold) {

  static LabelFonts in(PDDocument pdf) throws IOException {
    return new LabelFonts(load(pdf, "400Regular"), load(pdf, "700Bold"));
  }

  private static PDFont load(PDDocument pdf, String cut) throws IOException {
    String file = "/fonts/AtkinsonHyperlegibleNext_" + cut + ".ttf";
    try (InputStream font = Objects.requireNonNull(LabelFonts.class.getResourceAsStream(file))) {
      return PDType0Font.load(pdf, font, true);
    }
  }

  /** What the font has signs for; anything else becomes a question mark rather than a failure. */
  static String printable(PDFont font, String text) {
    StringBuilder printable = new StringBuilder();
    text.codePoints()
        .forEach(
            point -> {
              String sign = Character.toString(point);
              printable.append(has(font, sign) ? sign : "?");
            });
    return printable.toString();
  }

  private static boolean has(PDFont font, String sign) {
    try {
      font.encode(sign);
      return true;
    } catch (IOException | IllegalArgumentException missing) {
      return false;
    }
  }

  /** Width of a text in mm when set in letters of this size, mm. */
  static double width(PDFont font, String text, double sizeMm) throws IOException {
    return font.getStringWidth(text) / 1000 * sizeMm;
  }
}
