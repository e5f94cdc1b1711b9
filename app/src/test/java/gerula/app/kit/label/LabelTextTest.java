package gerula.app.kit.label;

import static org.assertj.core.api.Assertions.assertThat;

import gerula.app.platform.paper.PaperFonts;
import gerula.core.kit.code.ShortCode;
import gerula.core.kit.label.Label;
import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The words of a label are as large as they fit and never run out of it. */
class LabelTextTest {

  @ParameterizedTest
  @CsvSource({"10, 5", "25, 8", "40, 10", "40, 34", "60, 35", "18, 7"})
  void everyLineFitsItsLabelInBothDirections(double width, double height) throws IOException {
    for (String title : List.of("Fx", "Tarnwell Soft base", "A name that goes on ".repeat(6))) {
      List<PlacedLine> lines = lines(label(title), width, height);
      assertThat(lines).isNotEmpty();
      for (PlacedLine line : lines) {
        assertThat(line.width()).as(line.text()).isLessThanOrEqualTo(width + 0.01);
      }
      double needed = lines.size() * lines.getFirst().size();
      assertThat(needed)
          .as("%s in %s x %s", title, width, height)
          .isLessThanOrEqualTo(height * 1.6);
    }
  }

  @Test
  void aRoomierLabelHasLargerLetters() throws IOException {
    double small = lines(label("Soft base"), 20, 8).getFirst().size();
    double large = lines(label("Soft base"), 60, 30).getFirst().size();
    assertThat(large).isGreaterThan(small);
  }

  @Test
  void aLowLabelSaysLessButNeverLeavesOutTheCode() throws IOException {
    List<String> low = lines(label("Soft base"), 40, 6).stream().map(PlacedLine::text).toList();
    List<String> high = lines(label("Soft base"), 40, 34).stream().map(PlacedLine::text).toList();
    assertThat(low).hasSizeLessThan(high.size());
    assertThat(low.getLast()).startsWith("4AA AA");
    assertThat(high).contains("batch B-1");
    assertThat(low).noneMatch(line -> line.startsWith("batch"));
  }

  private static Label label(String title) {
    return new Label(
        title,
        "2 neutral",
        LocalDate.of(2031, 1, 10),
        LocalDate.of(2032, 1, 10),
        gerula.core.dates.Clock.HOUSE_LIMIT,
        "B-1",
        List.of("LX", "NU"),
        code());
  }

  /** Any code that checks out. */
  private static String code() {
    for (char last : "34679ACDEFHJKMNPQRTVWXY".toCharArray()) {
      try {
        return new ShortCode("4AAAA" + last).text();
      } catch (IllegalArgumentException another) {
        continue;
      }
    }
    throw new IllegalStateException("One of 23 characters is the check.");
  }

  /** A line as the page holds it; sizes in mm. */
  private record PlacedLine(String text, double size, double width) {}

  private static List<PlacedLine> lines(Label label, double width, double height)
      throws IOException {
    try (PDDocument pdf = new PDDocument()) {
      PaperFonts fonts = PaperFonts.in(pdf);
      LabelText text = new LabelText(fonts, label, width, height);
      double size = text.size();
      List<PlacedLine> placed = new ArrayList<>();
      for (LabelText.Line line : text.lines()) {
        String shown = text.shortened(line, size);
        placed.add(new PlacedLine(shown, size, PaperFonts.width(line.font(), shown, size)));
      }
      return placed;
    }
  }
}
