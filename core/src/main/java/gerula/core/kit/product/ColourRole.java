package gerula.core.kit.product;

import gerula.core.shade.Lab;
import java.util.Optional;

/**
 * What a colour of a kind of product is there for, by its lightness, chroma and hue in CIELAB. The
 * bounds are the project's own; they are checked by a table of swatches.
 */
final class ColourRole {

  private static final double BOLD_CHROMA = 24;
  private static final double GREY_CHROMA = 6;

  private ColourRole() {}

  /**
   * @param isShimmer whether light plays on it
   */
  static Optional<Role> of(ProductClass one, Lab colour, boolean isShimmer) {
    return switch (one) {
      case EYE_SHADOW, CREAM_SHADOW -> Optional.of(eyes(colour, isShimmer));
      case EYE_PENCIL, GEL_LINER, LIQUID_LINER -> liner(colour);
      case BLUSH -> blush(colour);
      case CONTOUR ->
          Optional.of(byLightness(colour, Role.CONTOUR_LIGHT, Role.CONTOUR_MID, Role.CONTOUR_DEEP));
      case BRONZER ->
          Optional.of(byLightness(colour, Role.BRONZER_LIGHT, Role.BRONZER_MID, Role.BRONZER_DEEP));
      case HIGHLIGHTER ->
          Optional.of(
              colour.l() >= 80 && colour.chroma() < 18
                  ? Role.HIGHLIGHTER_PALE
                  : Role.HIGHLIGHTER_GOLD);
      case BROW_PENCIL, BROW_POWDER, BROW_GEL -> Optional.of(brows(colour));
      case LIP_COLOUR, LIP_GLOSS -> lips(colour);
      case LIP_PENCIL -> lips(colour).map(Role::pencil);
      case CORRECTOR, PRIMER, CONCEALER -> correct(one, colour);
      default -> Optional.empty();
    };
  }

  private static boolean isBetween(double hue, double from, double to) {
    return from <= to ? hue >= from && hue < to : hue >= from || hue < to;
  }

  private static Role eyes(Lab colour, boolean isShimmer) {
    if (isShimmer) {
      return Role.EYES_SHIMMER;
    }
    boolean isEarthy = isBetween(colour.hue(), 30, 90);
    if (colour.chroma() >= BOLD_CHROMA && !isEarthy) {
      return Role.EYES_BOLD;
    }
    if (colour.l() >= 70) {
      return Role.EYES_MATTE_LIGHT;
    }
    return colour.l() >= 42 ? Role.EYES_MATTE_MID : Role.EYES_MATTE_DEEP;
  }

  private static Optional<Role> liner(Lab colour) {
    if (colour.l() < 22 && colour.chroma() < 12) {
      return Optional.of(Role.LINER_BLACK);
    }
    return colour.l() < 50 && isBetween(colour.hue(), 15, 90)
        ? Optional.of(Role.LINER_BROWN)
        : Optional.empty();
  }

  private static Optional<Role> blush(Lab colour) {
    if (colour.l() < 48) {
      return Optional.of(Role.BLUSH_BERRY);
    }
    if (isBetween(colour.hue(), 32, 80)) {
      return Optional.of(Role.BLUSH_PEACH);
    }
    return isBetween(colour.hue(), 320, 32) ? Optional.of(Role.BLUSH_PINK) : Optional.empty();
  }

  private static Role byLightness(Lab colour, Role light, Role mid, Role deep) {
    if (colour.l() >= 58) {
      return light;
    }
    return colour.l() >= 42 ? mid : deep;
  }

  private static Role brows(Lab colour) {
    if (colour.chroma() < GREY_CHROMA && colour.l() >= 38) {
      return Role.BROWS_GREY;
    }
    if (isBetween(colour.hue(), 20, 58) && colour.chroma() >= 24 && colour.l() >= 28) {
      return Role.BROWS_AUBURN;
    }
    if (colour.l() >= 58) {
      return Role.BROWS_FAIR;
    }
    if (colour.l() >= 44) {
      return Role.BROWS_TAUPE;
    }
    return colour.l() >= 30 ? Role.BROWS_MID_BROWN : Role.BROWS_DARK;
  }

  private static Optional<Role> lips(Lab colour) {
    boolean isNude = colour.chroma() < 34 && isBetween(colour.hue(), 28, 80);
    if (isNude) {
      return Optional.of(
          byLightness(colour, Role.LIPS_NUDE_LIGHT, Role.LIPS_NUDE_MID, Role.LIPS_NUDE_DEEP));
    }
    boolean isRed = isBetween(colour.hue(), 10, 48) && colour.chroma() >= 42 && colour.l() < 56;
    boolean isBerry = colour.l() < 38 && isBetween(colour.hue(), 315, 48);
    if (isRed || isBerry) {
      return Optional.of(Role.LIPS_RED);
    }
    return isBetween(colour.hue(), 315, 42) ? Optional.of(Role.LIPS_ROSE) : Optional.empty();
  }

  /** A base of the colour of skin corrects nothing. */
  private static Optional<Role> correct(ProductClass one, Lab colour) {
    if (isBetween(colour.hue(), 100, 220) && colour.chroma() >= 8) {
      return Optional.of(Role.CORRECT_GREEN);
    }
    if (isBetween(colour.hue(), 260, 340) && colour.chroma() >= 6) {
      return Optional.of(Role.CORRECT_LAVENDER);
    }
    if (one != ProductClass.CORRECTOR) {
      return Optional.empty();
    }
    if (isBetween(colour.hue(), 78, 100) && colour.chroma() >= 28) {
      return Optional.of(Role.CORRECT_YELLOW);
    }
    if (colour.l() >= 68 && isBetween(colour.hue(), 30, 78)) {
      return Optional.of(Role.CORRECT_PEACH);
    }
    if (colour.chroma() >= 36 && isBetween(colour.hue(), 48, 78)) {
      return Optional.of(Role.CORRECT_ORANGE);
    }
    return isBetween(colour.hue(), 20, 48) && colour.chroma() >= 30
        ? Optional.of(Role.CORRECT_RED)
        : Optional.empty();
  }
}
