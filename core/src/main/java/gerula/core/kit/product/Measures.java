package gerula.core.kit.product;

import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.quantity.Unit;
import gerula.core.quantity.Volume;

/**
 * A full pack from outside, as it lies or stands in its compartment.
 *
 * @param outline how it looks from above
 * @param widthMm 1 to 3000; the diameter of a round pack
 * @param depthMm 1 to 3000; equal to the width of a round pack
 * @param heightMm 1 to 3000
 * @param mass content and pack together
 */
public record Measures(Outline outline, int widthMm, int depthMm, int heightMm, Mass mass) {

  private static final double MM3_PER_ML = 1000;

  public Measures {
    requireLength("width", widthMm);
    requireLength("depth", depthMm);
    requireLength("height", heightMm);
  }

  /** The room it takes: a cylinder when it is round, else a box. */
  public Volume volume() {
    double box = (double) widthMm * depthMm * heightMm / MM3_PER_ML;
    return switch (outline) {
      case ROUND -> Volume.ofMl(box * Math.PI / 4);
      case LONG, FLAT -> Volume.ofMl(box);
    };
  }

  private static void requireLength(String what, int millimetres) {
    if (millimetres < 1 || millimetres > 3000) {
      throw new IllegalArgumentException(
          "The " + what + " lies between 1 and 3000 mm, but this is " + millimetres + " mm.");
    }
  }

  /**
   * What a pack of this form and content usually measures. An estimate from memory: packs are taken
   * as cylinders or boxes about twice as large as what they hold.
   */
  public static Measures estimate(Form form, Quantity content) {
    double amount = content.amount().doubleValue();
    return switch (form) {
      case MASCARA, LIQUID_DIP_APPLICATOR -> rod(17, 115, 22);
      case LIPSTICK_BULLET, STICK -> rod(21, 78, 25);
      case SHARPENABLE_PENCIL, TWIST_UP_PENCIL, FELT_TIP_PEN -> rod(9, 135, 6);
      case BRUSH_SYNTHETIC, BRUSH_NATURAL, BRUSH_DUO_FIBRE -> brushes(amount);
      case METAL_TOOL -> rod(22, 110, 35);
      case SHARPENER -> box(28, 18, 14, 12);
      case PRESSED_POWDER, ALCOHOL_ACTIVATED_PALETTE, WATER_ACTIVATED_PAINT ->
          cylinder(amount, 0.25);
      case CREAM, SETTING_CREAM, BALM, LOOSE_POWDER -> cylinder(amount, 0.6);
      case LIQUID_PUMP_OR_SQUEEZE,
          THIN_SPRAY,
          STICKY_SPRAY,
          AEROSOL,
          ADHESIVE,
          LATEX_OR_SILICONE,
          MEDICATED_DROPS ->
          cylinder(amount, 2.4);
      case LASHES -> box(60, 35, 12, 10);
      case SINGLE_USE, FABRIC_PUFF, FOAM_SPONGE -> pouchOf(content);
      case ELECTRICAL_TOOL -> box(160, 90, 70, 420);
      case TEXTILE -> box(220, 160, 20, 180);
      case OTHER -> box(90, 60, 25, 60);
    };
  }

  private static Measures rod(int widthMm, int lengthMm, int grams) {
    return new Measures(Outline.LONG, widthMm, lengthMm, widthMm, Mass.ofGrams(grams));
  }

  private static Measures box(int widthMm, int depthMm, int heightMm, int grams) {
    return new Measures(Outline.FLAT, widthMm, depthMm, heightMm, Mass.ofGrams(grams));
  }

  private static Measures brushes(double pieces) {
    return pieces > 1 ? box(70, 200, 30, (int) Math.round(pieces * 12)) : rod(12, 180, 12);
  }

  private static Measures pouchOf(Quantity content) {
    double pieces = content.unit() == Unit.PIECE ? content.amount().doubleValue() : 20;
    int side = (int) Math.clamp(Math.round(22 * Math.cbrt(pieces)), 30, 200);
    return box(side, Math.round(side * 0.7f), Math.round(side * 0.5f), (int) Math.ceil(pieces));
  }

  private static Measures cylinder(double amount, double heightPerDiameter) {
    double outerCubicCentimetres = 2.1 * amount + 4;
    double diameterMm = 10 * Math.cbrt(4 * outerCubicCentimetres / (Math.PI * heightPerDiameter));
    int diameter = (int) Math.clamp(Math.round(diameterMm), 12, 200);
    int height = (int) Math.clamp(Math.round(diameterMm * heightPerDiameter), 8, 400);
    return new Measures(
        Outline.ROUND, diameter, diameter, height, Mass.ofGrams(Math.round(amount * 1.3 + 8)));
  }
}
