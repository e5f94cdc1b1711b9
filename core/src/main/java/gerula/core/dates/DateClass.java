package gerula.core.dates;

import gerula.core.rule.Code;
import gerula.core.rule.School;
import java.time.Period;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What decides how long a house keeps a product once it is open.
 *
 * <p>The limits are common practice, not law; a pack's own dates may be shorter and then win.
 */
public enum DateClass implements Code {
  MASCARA(months(2), months(3), Area.EYE),
  BROW_GEL(months(2), months(3), Area.EYE),
  LIQUID_LINER(months(2), months(3), Area.EYE),
  EYE_CREAM(months(2), months(3), Area.EYE),
  GEL_LINER(months(6), months(12), Area.EYE),
  CREAM_SHADOW(months(6), months(12), Area.EYE),
  FOUNDATION(months(6), months(12), Area.SKIN),
  CONCEALER(months(6), months(12), Area.SKIN),
  PRIMER(months(6), months(12), Area.SKIN),
  MOISTURISER(months(6), months(12), Area.SKIN),
  CREAM_COLOUR(months(6), months(12), Area.SKIN),
  LIP_COLOUR(months(12), months(12), Area.SKIN),
  LIP_BALM(months(12), months(12), Area.SKIN),
  PRESSED_POWDER(months(12), months(24), Area.SKIN),
  LOOSE_POWDER(months(12), months(24), Area.SKIN),
  PENCIL(months(12), months(24), Area.SKIN),
  BODY(months(12), months(24), Area.SKIN),
  ADHESIVE(months(6), months(12), Area.SKIN),
  LIQUID_LATEX(months(3), months(6), Area.SKIN),
  EYE_DROPS(Period.ofDays(28), Period.ofDays(28), Area.EYE),
  SUNSCREEN(months(12), months(12), Area.SKIN),
  /** Tools, brushes, disposables: nothing runs out unless the pack prints a date. */
  UNDATED(null, null, Area.SKIN);

  private enum Area {
    EYE,
    SKIN
  }

  private final @Nullable Period cautious;
  private final @Nullable Period usual;
  private final Area area;

  DateClass(@Nullable Period cautious, @Nullable Period usual, Area area) {
    this.cautious = cautious;
    this.usual = usual;
    this.area = area;
  }

  /** How long a house of this school keeps it after opening; empty when the house sets no limit. */
  public Optional<Period> limit(School school) {
    return Optional.ofNullable(
        switch (school) {
          case CAUTIOUS -> cautious;
          case USUAL -> usual;
        });
  }

  /** Whether opening it starts a clock, even when the pack prints no months. */
  public boolean agesOnceOpen() {
    return this != UNDATED;
  }

  /** Whether it is used at the eye and therefore replaced a little before its date. */
  public boolean isForTheEye() {
    return area == Area.EYE;
  }

  /**
   * How long a sealed pack without a printed date lasts from the day it was made, or else bought;
   * empty for what does not age. About 36 months, 24 for sunscreen and adhesives: from memory.
   */
  public Optional<Period> unopenedLife() {
    return switch (this) {
      case UNDATED -> Optional.empty();
      case SUNSCREEN, ADHESIVE -> Optional.of(months(24));
      default -> Optional.of(months(36));
    };
  }

  private static Period months(int count) {
    return Period.ofMonths(count);
  }
}
