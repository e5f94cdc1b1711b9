package gerula.core.booking;

import gerula.core.rule.Code;
import java.util.List;

/** What is done to a face, in the order of the work. */
public enum Service implements Code {
  SKIN_PREPARATION,
  GROOMING,
  BASE,
  CORRECT,
  AIRBRUSH,
  POWDER,
  CONTOUR,
  BRONZER,
  BLUSH,
  HIGHLIGHT,
  BROWS,
  EYES,
  LINER,
  MASCARA,
  LASHES,
  CLUSTER_LASHES,
  LIPS,
  BODY,
  HAIR_TIDY,
  HAIR_STYLING,
  STAND_BY,
  TOUCH_UP_KIT,
  TAKE_OFF,
  FX_BRUISE,
  FX_BURN,
  FX_DIRT,
  FX_SWEAT_TEARS,
  FX_GREY_HAIR,
  FX_WOUND,
  FX_BLOOD,
  FX_AGE,
  FX_BALD_CAP,
  FX_PIECE,
  FX_HAIR,
  FX_TATTOO,
  FX_TEETH,
  FX_LENSES;

  /** Whether it is one of the effects: wounds, ageing, characters. */
  public boolean isEffect() {
    return compareTo(FX_BRUISE) >= 0;
  }

  /** Services that come near it where it cannot be done, the nearest first. Common practice. */
  public List<Service> instead() {
    return switch (this) {
      case AIRBRUSH -> List.of(BASE);
      case CONTOUR -> List.of(BRONZER);
      case BRONZER -> List.of(CONTOUR);
      // A line is drawn with a dark shadow as well.
      case LINER -> List.of(EYES);
      case LASHES -> List.of(CLUSTER_LASHES, MASCARA);
      case CLUSTER_LASHES -> List.of(LASHES, MASCARA);
      case HAIR_STYLING -> List.of(HAIR_TIDY);
      // What is no piece is built up on the skin.
      case FX_PIECE -> List.of(FX_WOUND);
      default -> List.of();
    };
  }
}
