package gerula.core.kit.opencase;

/** What a drawing keeps to, asked of its rectangles. */
final class Boxes {

  private static final double HAIR = 1e-6;

  private Boxes() {}

  /** Whether any area is common to both; touching edges are not. */
  static boolean overlap(Box one, Box other) {
    return one.x() < other.right()
        && other.x() < one.right()
        && one.y() < other.bottom()
        && other.y() < one.bottom();
  }

  /** Whether the other lies in this one, edges included. */
  static boolean holds(Box outer, Box inner) {
    return inner.x() >= outer.x() - HAIR
        && inner.y() >= outer.y() - HAIR
        && inner.right() <= outer.right() + HAIR
        && inner.bottom() <= outer.bottom() + HAIR;
  }
}
