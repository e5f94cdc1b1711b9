package gerula.core.kit.product;

import gerula.core.rule.Code;
import java.util.List;

/**
 * What a colour is there for: of each kind of colour a few that a choice is made from on the day.
 */
public enum Role implements Code {
  EYES_MATTE_LIGHT,
  EYES_MATTE_MID,
  EYES_MATTE_DEEP,
  EYES_SHIMMER,
  EYES_BOLD,
  LINER_BLACK,
  LINER_BROWN,
  BLUSH_PINK,
  BLUSH_PEACH,
  BLUSH_BERRY,
  CONTOUR_LIGHT,
  CONTOUR_MID,
  CONTOUR_DEEP,
  BRONZER_LIGHT,
  BRONZER_MID,
  BRONZER_DEEP,
  HIGHLIGHTER_PALE,
  HIGHLIGHTER_GOLD,
  BROWS_FAIR,
  BROWS_TAUPE,
  BROWS_MID_BROWN,
  BROWS_DARK,
  BROWS_AUBURN,
  BROWS_GREY,
  LIPS_NUDE_LIGHT,
  LIPS_NUDE_MID,
  LIPS_NUDE_DEEP,
  LIPS_ROSE,
  LIPS_RED,
  LIP_PENCIL_NUDE_LIGHT,
  LIP_PENCIL_NUDE_MID,
  LIP_PENCIL_NUDE_DEEP,
  LIP_PENCIL_ROSE,
  LIP_PENCIL_RED,
  LASHES_NATURAL,
  LASHES_FULL,
  CORRECT_GREEN,
  CORRECT_PEACH,
  CORRECT_ORANGE,
  CORRECT_RED,
  CORRECT_LAVENDER,
  CORRECT_YELLOW;

  private static final List<String> FAMILIES =
      List.of(
          "eyes",
          "liner",
          "blush",
          "contour",
          "bronzer",
          "highlighter",
          "brows",
          "lip-pencil",
          "lips",
          "lashes",
          "correct");

  /** What it is a role of, and which one: "eyes:matte-light". */
  @Override
  public String code() {
    String joined = Code.super.code();
    String family = family(joined);
    return family + ":" + joined.substring(family.length() + 1);
  }

  /** What it is a role of: "eyes". */
  public String family() {
    return family(Code.super.code());
  }

  private static String family(String joined) {
    return FAMILIES.stream().filter(one -> joined.startsWith(one + "-")).findFirst().orElseThrow();
  }

  /** The pencil that goes with a colour for the lips. */
  public Role pencil() {
    return switch (this) {
      case LIPS_NUDE_LIGHT -> LIP_PENCIL_NUDE_LIGHT;
      case LIPS_NUDE_MID -> LIP_PENCIL_NUDE_MID;
      case LIPS_NUDE_DEEP -> LIP_PENCIL_NUDE_DEEP;
      case LIPS_ROSE -> LIP_PENCIL_ROSE;
      case LIPS_RED -> LIP_PENCIL_RED;
      default ->
          throw new IllegalArgumentException("Only lips have a pencil, but this is " + code());
    };
  }
}
