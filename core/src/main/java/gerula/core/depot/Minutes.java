package gerula.core.depot;

import gerula.core.kit.Form;

/**
 * How long a session takes, in minutes. From memory; the artist's own figures replace them once
 * there are any.
 *
 * @param setUp setting up and clearing away, once
 * @param filling all pieces
 * @param labels one for each piece
 */
public record Minutes(int setUp, int filling, int labels) {

  private static final int SET_UP = 25;
  private static final int LABEL = 1;
  private static final int LIFTED_COLD = 2;
  private static final int SOFTENED = 6;
  private static final int SCOOPED = 4;
  private static final int POURED = 4;
  private static final int POURED_SLOWLY = 12;

  static Minutes of(int filling, int pieces) {
    return pieces == 0 ? new Minutes(0, 0, 0) : new Minutes(SET_UP, filling, pieces * LABEL);
  }

  public int total() {
    return setUp + filling + labels;
  }

  /** For one piece. */
  static int filling(Content content) {
    return switch (content.texture()) {
      case PRESSED -> LIFTED_COLD;
      case SOLID -> isMelted(content.form()) ? SOFTENED : SCOOPED;
      case LIQUID -> content.thickness() == Thickness.THICK ? POURED_SLOWLY : POURED;
      case THIN_SPRAY, STICKY_SPRAY -> POURED;
      case LOOSE, MELTING, SETTING, PAINT, PIECES, UNKNOWN, STAYS -> SCOOPED;
    };
  }

  /** Whether it is softened with heat to be moved. */
  static boolean isMelted(Form form) {
    return form == Form.LIPSTICK_BULLET || form == Form.STICK;
  }
}
