package gerula.app.platform.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The two fonts of everything that is printed, embedded as far as they are used. */
public record PaperFonts(PDFont plain, PDFont bold) {

  public static PaperFonts in(PDDocument pdf) throws IOException {
    return new PaperFonts(load(pdf, "400Regular"), load(pdf, "700Bold"));
  }

  private static PDFont load(PDDocument pdf, String cut) throws IOException {
    String file = "/fonts/AtkinsonHyperlegibleNext_" + cut + ".ttf";
    try (InputStream font = Objects.requireNonNull(PaperFonts.class.getResourceAsStream(file))) {
      return PDType0Font.load(pdf, font, true);
    }
  }

  /** What the font has signs for; anything else becomes a question mark rather than a failure. */
  public static String printable(PDFont font, String text) {
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
  public static double width(PDFont font, String text, double sizeMm) {
    try {
      return font.getStringWidth(printable(font, text)) / 1000 * sizeMm;
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
