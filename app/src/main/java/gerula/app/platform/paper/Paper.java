package gerula.app.platform.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.util.Matrix;
import org.jspecify.annotations.Nullable;

/**
 * Pages that fill from top to bottom, in millimetres. What does not fit onto a line is broken at a
 * space; what does not fit onto a page begins the next. Nothing is printed within {@value
 * #MARGIN_MM} mm of the edge: no printer reaches farther.
 */
public final class Paper implements AutoCloseable {

  public static final double MARGIN_MM = 15;

  private static final float POINTS_PER_MM = 72f / 25.4f;
  private static final double FOOT_MM = 8;
  private static final double LINE_HEIGHT = 1.35;
  private static final double BOX_MM = 3.6;
  private static final double GAP_MM = 2.5;
  private static final double PICTURE_MM = 14;
  private static final float BLACK = 0;
  private static final float GREY = 0.7f;
  private static final float LIGHT = 0.9f;
  private static final float WHITE = 1;

  /** Sizes of letters, mm. */
  public enum Letters {
    TITLE(6.4, true),
    HEADING(4.4, true),
    STRONG(3.7, true),
    PLAIN(3.7, false),
    SMALL(3.1, false);

    private final double sizeMm;
    private final boolean isBold;

    Letters(double sizeMm, boolean isBold) {
      this.sizeMm = sizeMm;
      this.isBold = isBold;
    }
  }

  private final PDDocument pdf = new PDDocument();
  private final PaperFormat format;
  private final String foot;
  private final PaperFonts fonts;
  private @Nullable PDPageContentStream pen;
  private double y;

  /**
   * @param foot what stands at the foot of each page beside its number
   */
  public Paper(PaperFormat format, String foot) {
    this.format = format;
    this.foot = foot;
    try {
      fonts = PaperFonts.in(pdf);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  /** The next page, whatever room is left on this one. */
  public void newPage() {
    try {
      endPage();
      PDPage page =
          new PDPage(
              new PDRectangle(
                  (float) format.widthMm() * POINTS_PER_MM,
                  (float) format.heightMm() * POINTS_PER_MM));
      pdf.addPage(page);
      pen = new PDPageContentStream(pdf, page);
      pen.transform(Matrix.getScaleInstance(POINTS_PER_MM, POINTS_PER_MM));
      pen.setLineWidth(0.25f);
      y = format.heightMm() - MARGIN_MM;
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void endPage() throws IOException {
    if (pen != null) {
      pen.close();
      pen = null;
    }
  }

  /** A text over the whole width. */
  public void text(Letters letters, String text) {
    for (String line : broken(letters, text, width())) {
      room(letters.sizeMm * LINE_HEIGHT);
      write(letters, MARGIN_MM, line);
    }
  }

  /** A heading with a rule below; it is not left alone at the end of a page. */
  public void heading(String text, String beside) {
    double height = Letters.HEADING.sizeMm * LINE_HEIGHT;
    gap(2 * GAP_MM);
    room(3 * height);
    advance(height);
    put(Letters.HEADING, MARGIN_MM, text);
    right(Letters.SMALL, beside);
    rule(1.4, BLACK);
    gap(GAP_MM);
  }

  /**
   * A row: a box to tick, what it is, and something at the right.
   *
   * @param below a second line in small letters, empty for none
   */
  public void row(boolean hasBox, String text, String beside, String below) {
    double left = MARGIN_MM + (hasBox ? BOX_MM + GAP_MM : 0);
    double besideWidth =
        Math.min(width() * 0.4, PaperFonts.width(fonts.plain(), beside, Letters.SMALL.sizeMm));
    double room = MARGIN_MM + width() - left - besideWidth - GAP_MM;
    List<String> lines = broken(Letters.PLAIN, text, room);
    List<String> small = below.isEmpty() ? List.of() : broken(Letters.SMALL, below, room);
    room(
        lines.size() * Letters.PLAIN.sizeMm * LINE_HEIGHT
            + small.size() * Letters.SMALL.sizeMm * LINE_HEIGHT
            + 1.6);
    for (int i = 0; i < lines.size(); i++) {
      advance(Letters.PLAIN.sizeMm * LINE_HEIGHT);
      put(Letters.PLAIN, left, lines.get(i));
      if (i == 0) {
        right(Letters.SMALL, fitting(beside, width() * 0.4));
        if (hasBox) {
          box();
        }
      }
    }
    for (String line : small) {
      advance(Letters.SMALL.sizeMm * LINE_HEIGHT);
      put(Letters.SMALL, left, line);
    }
    rule(1.2, GREY);
    advance(0.6);
  }

  /**
   * A row with a picture before it.
   *
   * @param jpeg null: its room stays empty, so that the rows stand below each other
   * @param below further lines in small letters
   */
  public void pictureRow(byte @Nullable [] jpeg, String text, String beside, List<String> below) {
    room(PICTURE_MM + 2.4);
    double top = y;
    double left = MARGIN_MM + PICTURE_MM + GAP_MM;
    double room = width() - PICTURE_MM - GAP_MM;
    if (jpeg != null) {
      picture(jpeg);
    }
    advance(Letters.PLAIN.sizeMm * LINE_HEIGHT);
    double besideWidth = PaperFonts.width(fonts.plain(), beside, Letters.SMALL.sizeMm);
    put(Letters.PLAIN, left, cut(Letters.PLAIN, text, room - besideWidth - GAP_MM));
    right(Letters.SMALL, beside);
    for (String line : below) {
      advance(Letters.SMALL.sizeMm * LINE_HEIGHT);
      put(Letters.SMALL, left, fitting(line, room));
    }
    y = Math.min(y, top - PICTURE_MM);
    rule(1.4, GREY);
    advance(0.6);
  }

  /** As large as its room, from where the row begins. */
  private void picture(byte[] jpeg) {
    if (pen == null) {
      return;
    }
    try {
      PDImageXObject image = JPEGFactory.createFromByteArray(pdf, jpeg);
      double scale = PICTURE_MM / Math.max(image.getWidth(), image.getHeight());
      double wide = image.getWidth() * scale;
      double high = image.getHeight() * scale;
      pen.drawImage(
          image,
          (float) (MARGIN_MM + (PICTURE_MM - wide) / 2),
          (float) (y - high),
          (float) wide,
          (float) high);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private String cut(Letters letters, String text, double room) {
    return broken(letters, text, room).getFirst();
  }

  /** A row in small letters, for what is looked up and not worked through. */
  public void smallRow(String text, String beside) {
    double besideWidth =
        Math.min(width() * 0.5, PaperFonts.width(fonts.plain(), beside, Letters.SMALL.sizeMm));
    double height = Letters.SMALL.sizeMm * LINE_HEIGHT;
    room(height + 1);
    advance(height);
    put(Letters.SMALL, MARGIN_MM, fitting(text, width() - besideWidth - GAP_MM));
    right(Letters.SMALL, fitting(beside, width() * 0.5));
    rule(1, GREY);
  }

  /**
   * A drawing over the whole width, on the next page where it does not fit below what is there.
   *
   * @param heightMm how high it is
   */
  public void drawing(double heightMm, Consumer<Drawing> how) {
    room(heightMm);
    advance(heightMm);
    how.accept(new Drawing(y));
  }

  /** How wide the page is between its margins, in mm. */
  public double wide() {
    return width();
  }

  /** Boxes and words, in mm from the left lower corner of a drawing. */
  public final class Drawing {

    private final double bottom;

    private Drawing(double bottom) {
      this.bottom = bottom;
    }

    /** A rectangle. */
    public void box(double x, double up, double wide, double high, boolean isFilled) {
      if (pen == null) {
        return;
      }
      try {
        pen.setStrokingColor(BLACK);
        pen.setNonStrokingColor(isFilled ? LIGHT : WHITE);
        pen.addRect((float) (MARGIN_MM + x), (float) (bottom + up), (float) wide, (float) high);
        pen.fillAndStroke();
        pen.setNonStrokingColor(BLACK);
      } catch (IOException broken) {
        throw new UncheckedIOException(broken);
      }
    }

    /** Words that begin there, cut off where they would be longer than so much. */
    public void words(Letters letters, double x, double up, double room, String text) {
      double before = y;
      y = bottom + up;
      put(letters, MARGIN_MM + x, fitting(text, room));
      y = before;
    }

    /** A figure in the middle of a box, as large as fits; none where it would be too small. */
    public void figure(double x, double up, double wide, double high, int figure) {
      Letters letters = Letters.SMALL;
      String text = Integer.toString(figure);
      double own = PaperFonts.width(font(letters), text, letters.sizeMm);
      if (own + 0.6 <= wide && letters.sizeMm <= high) {
        words(letters, x + (wide - own) / 2, up + (high - letters.sizeMm * 0.7) / 2, own + 1, text);
      }
    }
  }

  /** Lines to write on. */
  public void blankLines(int count) {
    for (int i = 0; i < count; i++) {
      room(9);
      advance(9);
      rule(0, GREY);
    }
  }

  public void gap(double mm) {
    y -= mm;
  }

  /** Whether so much fits below what is there. */
  public boolean hasRoom(double mm) {
    return pen != null && y - mm >= MARGIN_MM + FOOT_MM;
  }

  private double width() {
    return format.widthMm() - 2 * MARGIN_MM;
  }

  private void room(double mm) {
    if (!hasRoom(mm)) {
      newPage();
    }
  }

  private void advance(double mm) {
    y -= mm;
  }

  private void write(Letters letters, double x, String text) {
    advance(letters.sizeMm * LINE_HEIGHT);
    put(letters, x, text);
  }

  private PDFont font(Letters letters) {
    return letters.isBold ? fonts.bold() : fonts.plain();
  }

  private void put(Letters letters, double x, String text) {
    if (text.isEmpty() || pen == null) {
      return;
    }
    try {
      PDFont font = font(letters);
      pen.beginText();
      pen.setFont(font, (float) letters.sizeMm);
      pen.newLineAtOffset((float) x, (float) y);
      pen.showText(PaperFonts.printable(font, text));
      pen.endText();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void right(Letters letters, String text) {
    double width = PaperFonts.width(font(letters), text, letters.sizeMm);
    put(letters, format.widthMm() - MARGIN_MM - width, text);
  }

  private void rule(double below, float grey) {
    rulesIn(grey);
    stroke(MARGIN_MM, y - below, format.widthMm() - MARGIN_MM, y - below);
    y -= below;
  }

  private void rulesIn(float grey) {
    if (pen == null) {
      return;
    }
    try {
      pen.setStrokingColor(grey);
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void stroke(double fromX, double fromY, double toX, double toY) {
    if (pen == null) {
      return;
    }
    try {
      pen.moveTo((float) fromX, (float) fromY);
      pen.lineTo((float) toX, (float) toY);
      pen.stroke();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void box() {
    rulesIn(BLACK);
    double bottom = y - 0.5;
    double top = bottom + BOX_MM;
    double right = MARGIN_MM + BOX_MM;
    stroke(MARGIN_MM, bottom, right, bottom);
    stroke(right, bottom, right, top);
    stroke(right, top, MARGIN_MM, top);
    stroke(MARGIN_MM, top, MARGIN_MM, bottom);
  }

  private String fitting(String text, double room) {
    String fits = text;
    while (fits.length() > 1
        && PaperFonts.width(fonts.plain(), fits, Letters.SMALL.sizeMm) > room) {
      fits = fits.substring(0, fits.length() - 2).stripTrailing() + "…";
    }
    return fits;
  }

  /** At spaces; a word that is longer than the line is cut. */
  private List<String> broken(Letters letters, String text, double room) {
    List<String> lines = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.strip().split("\\s+")) {
      String with = line.isEmpty() ? word : line + " " + word;
      if (PaperFonts.width(font(letters), with, letters.sizeMm) <= room) {
        line = new StringBuilder(with);
        continue;
      }
      if (!line.isEmpty()) {
        lines.add(line.toString());
      }
      String rest = word;
      while (PaperFonts.width(font(letters), rest, letters.sizeMm) > room) {
        int fits = rest.length() - 1;
        while (fits > 1
            && PaperFonts.width(font(letters), rest.substring(0, fits), letters.sizeMm) > room) {
          fits--;
        }
        lines.add(rest.substring(0, fits));
        rest = rest.substring(fits);
      }
      line = new StringBuilder(rest);
    }
    lines.add(line.toString());
    return lines;
  }

  /** All pages with their feet. */
  public byte[] done() {
    try {
      endPage();
      int pages = pdf.getNumberOfPages();
      for (int i = 0; i < pages; i++) {
        foot(pdf.getPage(i), i + 1, pages);
      }
      ByteArrayOutputStream bytes = new ByteArrayOutputStream();
      pdf.save(bytes);
      return bytes.toByteArray();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }

  private void foot(PDPage page, int number, int pages) throws IOException {
    pen = new PDPageContentStream(pdf, page, PDPageContentStream.AppendMode.APPEND, true, true);
    pen.transform(Matrix.getScaleInstance(POINTS_PER_MM, POINTS_PER_MM));
    y = MARGIN_MM;
    put(Letters.SMALL, MARGIN_MM, fitting(foot, width() * 0.8));
    right(Letters.SMALL, number + " of " + pages);
    endPage();
  }

  @Override
  public void close() {
    try {
      pdf.close();
    } catch (IOException broken) {
      throw new UncheckedIOException(broken);
    }
  }
}
