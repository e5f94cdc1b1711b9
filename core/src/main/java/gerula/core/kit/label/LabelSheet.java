package gerula.core.kit.label;

import gerula.core.rule.Code;

/**
 * Sheets of labels of the usual grids, and strips of tape. Lengths in mm; sheets are A4, 210 x 297.
 * The measures of the grids are common practice. Printers leave the edge of a sheet white and feed
 * it a little askew: what is printed keeps {@value #CLEAR_MM} mm clear of the edge of the sheet,
 * and of the edge of its label where that has the room (common practice).
 */
public enum LabelSheet implements Code {
  A4_24(3, 8, 70, 37, 0, 0.5, 0),
  A4_21(3, 7, 63.5, 38.1, 7.2, 15.15, 2.55),
  A4_40(4, 10, 52.5, 29.7, 0, 0, 0),
  A4_65(5, 13, 38.1, 21.2, 4.75, 10.7, 2.5),
  A4_189(7, 27, 25.4, 10, 8.4, 13.5, 2.5),
  TAPE_9(1, 1, 48, 9, 0, 0, 0),
  TAPE_12(1, 1, 56, 12, 0, 0, 0);

  public static final double A4_WIDTH_MM = 210;
  public static final double A4_HEIGHT_MM = 297;

  private static final double CLEAR_MM = 4;

  /** On labels lower than this every millimetre counts. */
  private static final double ROOMY_FROM_MM = 25;

  private static final double LEAST_CLEAR_MM = 1.2;

  private final int columns;
  private final int rows;
  private final double widthMm;
  private final double heightMm;
  private final double leftMm;
  private final double topMm;
  private final double gapMm;

  LabelSheet(
      int columns,
      int rows,
      double widthMm,
      double heightMm,
      double leftMm,
      double topMm,
      double gapMm) {
    this.columns = columns;
    this.rows = rows;
    this.widthMm = widthMm;
    this.heightMm = heightMm;
    this.leftMm = leftMm;
    this.topMm = topMm;
    this.gapMm = gapMm;
  }

  /**
   * Where a label lies.
   *
   * @param page from 0
   * @param leftMm from the left edge of the page
   * @param topMm from its upper edge
   */
  public record Spot(int page, double leftMm, double topMm) {}

  /**
   * What may be printed on.
   *
   * @param leftMm from the left edge of the page
   * @param topMm from its upper edge
   */
  public record Area(double leftMm, double topMm, double widthMm, double heightMm) {

    public double rightMm() {
      return leftMm + widthMm;
    }

    public double bottomMm() {
      return topMm + heightMm;
    }
  }

  /**
   * What may be printed on of a label; everything of it lies on {@link #spot}.
   *
   * @param number of the label, from 0
   */
  public Area inside(int number) {
    Spot spot = spot(number);
    double clear = heightMm >= ROOMY_FROM_MM ? CLEAR_MM : LEAST_CLEAR_MM;
    double edge = isTape() ? 0 : CLEAR_MM;
    double left = Math.max(spot.leftMm() + clear, edge);
    double top = Math.max(spot.topMm() + clear, edge);
    double right = Math.min(spot.leftMm() + widthMm - clear, pageWidthMm() - edge);
    double bottom = Math.min(spot.topMm() + heightMm - clear, pageHeightMm() - edge);
    return new Area(left, top, right - left, bottom - top);
  }

  public int perPage() {
    return columns * rows;
  }

  public double widthMm() {
    return widthMm;
  }

  public double heightMm() {
    return heightMm;
  }

  /** Width of the page: a strip of tape is as wide as its label is long. */
  public double pageWidthMm() {
    return isTape() ? widthMm : A4_WIDTH_MM;
  }

  public double pageHeightMm() {
    return isTape() ? heightMm : A4_HEIGHT_MM;
  }

  public boolean isTape() {
    return perPage() == 1;
  }

  /**
   * Labels fill a sheet row by row from the upper left corner.
   *
   * @param number of the label, from 0; used labels of the first sheet count along
   */
  public Spot spot(int number) {
    int onPage = number % perPage();
    return new Spot(
        number / perPage(),
        leftMm + onPage % columns * (widthMm + gapMm),
        topMm + onPage / columns * heightMm);
  }
}
