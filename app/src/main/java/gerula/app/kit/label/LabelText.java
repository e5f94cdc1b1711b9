package gerula.app.kit.label;

import gerula.app.platform.paper.PaperFonts;
import gerula.core.kit.code.ShortCode;
import gerula.core.kit.label.Label;
import java.io.IOException;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** The words of one label, as large as they fit. */
final class LabelText {

  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.UK);
  private static final double LARGEST_MM = 4.2;
  private static final double SMALLEST_MM = 1.5;
  private static final double STEP_MM = 0.1;
  private static final double LINE_HEIGHT = 1.18;

  /** A line of the label. */
  record Line(PDFont font, String text) {}

  private final List<Line> lines;
  private final double width;
  private final double height;

  LabelText(PaperFonts fonts, Label label, double width, double height) {
    this.width = width;
    this.height = height;
    this.lines = fitting(fonts, label, height);
  }

  /** Low labels say less: first the batch goes, then the opening day joins the use-by. */
  private static List<Line> fitting(PaperFonts fonts, Label label, double height) {
    List<Line> all = new ArrayList<>();
    add(all, fonts.bold(), label.title());
    add(all, fonts.plain(), label.detail());
    int most = (int) Math.max(2, Math.floor(height / (SMALLEST_MM * 1.3 * LINE_HEIGHT)));
    if (most >= 5) {
      add(all, fonts.plain(), opened(label));
      add(all, fonts.bold(), useBy(label));
    } else {
      add(all, fonts.plain(), joined(opened(label), useBy(label)));
    }
    if (most >= 6 && !label.batch().isEmpty()) {
      add(all, fonts.plain(), "batch " + label.batch());
    }
    String code = ShortCode.read(label.code()).spaced();
    add(all, fonts.bold(), joined(code, String.join(" ", label.letters())));
    return all;
  }

  private static void add(List<Line> lines, PDFont font, String text) {
    if (!text.isEmpty()) {
      lines.add(new Line(font, PaperFonts.printable(font, text)));
    }
  }

  private static String joined(String one, String other) {
    return one.isEmpty() || other.isEmpty() ? one + other : one + "  " + other;
  }

  private static String opened(Label label) {
    return label.opened() == null ? "" : "open " + DAY.format(label.opened());
  }

  private static String useBy(Label label) {
    if (label.useBy() == null) {
      return "";
    }
    String reason =
        label.reason() == null
            ? ""
            : switch (label.reason()) {
              case PRINTED_EXPIRY -> " printed";
              case PERIOD_AFTER_OPENING -> " months open";
              case HOUSE_LIMIT -> " house limit";
              case UNOPENED_LIFE -> " sealed";
            };
    return "use by " + DAY.format(label.useBy()) + reason;
  }

  List<Line> lines() {
    return List.copyOf(lines);
  }

  void draw(PDPageContentStream pen, double left, double bottom) throws IOException {
    double size = size();
    double y = bottom + (height + lines.size() * size * LINE_HEIGHT) / 2 - size;
    for (Line line : lines) {
      pen.beginText();
      pen.setFont(line.font(), (float) size);
      pen.newLineAtOffset((float) left, (float) y);
      pen.showText(shortened(line, size));
      pen.endText();
      y -= size * LINE_HEIGHT;
    }
  }

  /** The largest letters in which every line fits, never below what can be read. */
  double size() throws IOException {
    double size = Math.min(LARGEST_MM, height / (lines.size() * LINE_HEIGHT));
    double widest = 0;
    for (Line line : lines) {
      widest = Math.max(widest, PaperFonts.width(line.font(), line.text(), 1));
    }
    double fits = Math.min(size, width / widest);
    return Math.max(Math.min(size, SMALLEST_MM), Math.floor(fits / STEP_MM) * STEP_MM);
  }

  String shortened(Line line, double size) throws IOException {
    String text = line.text();
    while (text.length() > 1 && PaperFonts.width(line.font(), text, size) > width) {
      text = text.substring(0, text.length() - 2).stripTrailing() + "…";
    }
    return text;
  }
}
