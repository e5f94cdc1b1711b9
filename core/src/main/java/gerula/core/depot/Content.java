package gerula.core.depot;

import gerula.core.kit.product.Form;
import org.jspecify.annotations.Nullable;

/**
 * A product as far as its container is concerned.
 *
 * @param isSetting dries out or hardens in air, whatever its form
 * @param hasGlitter sheds loose particles
 * @param isSunscreen protects from the sun, as tested in its own pack
 * @param isSolvent dissolves plastics or resins
 * @param isSterile germ-free until opened
 * @param alcoholPercent by volume, 0 to 100, null when it holds none or nobody knows
 */
public record Content(
    Form form,
    Thickness thickness,
    boolean isSetting,
    boolean hasGlitter,
    boolean isSunscreen,
    boolean isSolvent,
    boolean isSterile,
    @Nullable Double alcoholPercent) {

  /** Above this, alcohol clouds acrylic and burns readily. Common practice. */
  private static final double STRONG_ALCOHOL = 90;

  /** From here on it evaporates wherever it is not closed in. From memory. */
  private static final double VOLATILE_ALCOHOL = 40;

  public Content {
    if (alcoholPercent != null && !(alcoholPercent >= 0 && alcoholPercent <= 100)) {
      throw new IllegalArgumentException(
          "Alcohol is told from 0 to 100 %, but this is " + alcoholPercent + ".");
    }
  }

  /** A form as it usually is. */
  public static Content usual(Form form) {
    return new Content(form, usualThickness(form), false, false, false, false, false, null);
  }

  private static Thickness usualThickness(Form form) {
    return switch (Texture.of(form)) {
      case THIN_SPRAY, STICKY_SPRAY -> Thickness.THIN;
      case LIQUID -> Thickness.MEDIUM;
      default -> Thickness.THICK;
    };
  }

  public Texture texture() {
    Texture texture = Texture.of(form);
    boolean hardens = isSetting && (texture == Texture.SOLID || texture == Texture.MELTING);
    return hardens ? Texture.SETTING : texture;
  }

  public boolean attacksPlastic() {
    return isSolvent || (alcoholPercent != null && alcoholPercent > STRONG_ALCOHOL);
  }

  public boolean isVolatile() {
    return isSolvent || (alcoholPercent != null && alcoholPercent >= VOLATILE_ALCOHOL);
  }
}
