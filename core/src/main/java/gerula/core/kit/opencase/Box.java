package gerula.core.kit.opencase;

/**
 * A rectangle on the drawing, in millimetres from the upper left corner of the whole.
 *
 * @param x to the right, 0 or more
 * @param y downwards, 0 or more
 * @param width more than 0
 * @param height more than 0
 */
public record Box(double x, double y, double width, double height) {

  public double right() {
    return x + width;
  }

  public double bottom() {
    return y + height;
  }

  /** Whether any area is common to both; touching edges are not. */
  public boolean overlaps(Box other) {
    return x < other.right() && other.x < right() && y < other.bottom() && other.y < bottom();
  }

  /** Whether the other lies in this one, edges included. */
  public boolean holds(Box other) {
    double hair = 1e-6;
    return other.x >= x - hair
        && other.y >= y - hair
        && other.right() <= right() + hair
        && other.bottom() <= bottom() + hair;
  }

  Box movedBy(double right, double down) {
    return new Box(x + right, y + down, width, height);
  }
}
