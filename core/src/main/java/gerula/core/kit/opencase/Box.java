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

  Box movedBy(double right, double down) {
    return new Box(x + right, y + down, width, height);
  }
}
