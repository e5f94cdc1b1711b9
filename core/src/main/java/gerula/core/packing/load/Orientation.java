package gerula.core.packing.load;

import gerula.core.rule.Code;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** How a piece may lie. */
public enum Orientation implements Code {
  /** On any of its faces. */
  ANY,
  /** It stands: turned, never tipped. */
  UPRIGHT,
  /** Its smallest measure upright, as pressed powder. */
  FLAT,
  /** Along its longest side, as pencils and brushes. */
  LONG;

  /** Every way it may lie, each once, those that take least floor first. */
  List<Posture> of(Posture measured) {
    return turned(measured)
        .filter(one -> allows(one, measured))
        .distinct()
        .sorted(
            Comparator.comparingLong(Posture::footprint)
                .thenComparingInt(Posture::heightMm)
                .thenComparingInt(Posture::widthMm))
        .toList();
  }

  private boolean allows(Posture one, Posture measured) {
    return switch (this) {
      case ANY -> true;
      case UPRIGHT -> one.heightMm() == measured.heightMm();
      case FLAT -> one.heightMm() == measured.smallest();
      case LONG -> Math.max(one.widthMm(), one.depthMm()) == measured.longest();
    };
  }

  private static Stream<Posture> turned(Posture one) {
    int a = one.widthMm();
    int b = one.depthMm();
    int c = one.heightMm();
    return Stream.of(
        new Posture(a, b, c),
        new Posture(b, a, c),
        new Posture(a, c, b),
        new Posture(c, a, b),
        new Posture(b, c, a),
        new Posture(c, b, a));
  }
}
