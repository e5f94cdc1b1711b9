package gerula.core.kit.item;

import gerula.core.kit.product.Measures;
import gerula.core.kit.product.Outline;
import gerula.core.quantity.Mass;
import gerula.core.quantity.Quantity;
import gerula.core.rule.Code;

/** What product is decanted into. */
public enum Container implements Code {
  POINTED_SQUEEZE_BOTTLE(Closing.SEALS, Outline.ROUND, 2.6),
  DROPPER_BOTTLE(Closing.SEALS, Outline.ROUND, 2.4),
  PUMP_BOTTLE(Closing.FAIR, Outline.ROUND, 3),
  FINE_SPRAY_BOTTLE(Closing.FAIR, Outline.ROUND, 3.2),
  SCREW_JAR(Closing.SEALS, Outline.ROUND, 0.6),
  SEALED_CLAM(Closing.SEALS, Outline.ROUND, 0.35),
  LOOSE_MAGNETIC_PAN(Closing.OPEN, Outline.ROUND, 0.15),
  MAGNETIC_PALETTE(Closing.OPEN, Outline.FLAT, 0.1),
  OPEN_WELL_PALETTE(Closing.OPEN, Outline.FLAT, 0.1),
  TILT_SPOUT_POWDER_BOTTLE(Closing.FAIR, Outline.ROUND, 2),
  SIFTER_JAR(Closing.FAIR, Outline.ROUND, 0.7),
  DIVIDED_TRAY(Closing.OPEN, Outline.FLAT, 0.15);

  /** How well it keeps air out and its content in. */
  public enum Closing {
    SEALS,
    FAIR,
    OPEN
  }

  private final Closing closing;
  private final Outline outline;
  private final double heightPerWidth;

  Container(Closing closing, Outline outline, double heightPerWidth) {
    this.closing = closing;
    this.outline = outline;
    this.heightPerWidth = heightPerWidth;
  }

  public Closing closing() {
    return closing;
  }

  /**
   * Outer measures of a full one. An estimate from memory: thin walls, about a third more room
   * outside than the content takes.
   */
  public Measures estimate(Quantity size) {
    double amount = size.amount().doubleValue();
    double widthMm = 10 * Math.cbrt((1.35 * amount + 0.6) / (heightPerWidth * Math.PI / 4));
    int width = (int) Math.clamp(Math.round(widthMm), 8, 300);
    int height = (int) Math.clamp(Math.round(widthMm * heightPerWidth), 4, 400);
    return new Measures(outline, width, width, height, Mass.ofGrams(Math.round(amount * 1.15 + 4)));
  }
}
