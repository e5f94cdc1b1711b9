package gerula.core.depot.bench;

import gerula.core.depot.Content;
import gerula.core.depot.Texture;
import gerula.core.depot.Thickness;
import gerula.core.kit.product.Form;
import gerula.core.rule.Code;
import java.util.EnumSet;
import java.util.Set;

/** How a piece is moved from its pack into its container. Minutes are from memory. */
public enum Handling implements Code {
  LIFT_COLD(2),
  SOFTEN_WITH_HEAT(6),
  SCOOP(4),
  POUR(4),
  POUR_SLOWLY(12);

  /** From here on alcohol burns readily. From memory. */
  private static final double BURNS = 50;

  private final int usualMinutes;

  Handling(int usualMinutes) {
    this.usualMinutes = usualMinutes;
  }

  /** What one piece usually takes, in minutes, before the artist's own pace is known. */
  public int usualMinutes() {
    return usualMinutes;
  }

  /** How this content is moved. */
  public static Handling of(Content content) {
    return switch (content.texture()) {
      case PRESSED -> LIFT_COLD;
      case SOLID -> isMelted(content.form()) ? SOFTEN_WITH_HEAT : SCOOP;
      case LIQUID -> content.thickness() == Thickness.THICK ? POUR_SLOWLY : POUR;
      case THIN_SPRAY, STICKY_SPRAY -> POUR;
      case LOOSE, MELTING, SETTING, PAINT, PIECES, UNKNOWN, STAYS -> SCOOP;
    };
  }

  /** Whether it is softened with heat to be moved. */
  private static boolean isMelted(Form form) {
    return form == Form.LIPSTICK_BULLET || form == Form.STICK;
  }

  /** What to be careful of while this content is moved. Common practice. */
  public static Set<Caution> cautions(Content content) {
    Set<Caution> cautions = EnumSet.noneOf(Caution.class);
    Double alcohol = content.alcoholPercent();
    if ((alcohol != null && alcohol >= BURNS) || content.isSolvent()) {
      cautions.add(Caution.KEEP_FROM_FLAME);
    }
    switch (of(content)) {
      case SOFTEN_WITH_HEAT -> {
        cautions.add(Caution.HOT_PLATE);
        cautions.add(Caution.ALCOHOL_DRY_FIRST);
      }
      case LIFT_COLD, SCOOP, POUR, POUR_SLOWLY -> {}
    }
    if (content.texture() == Texture.LOOSE || content.hasGlitter()) {
      cautions.add(Caution.DUST);
    }
    if (content.isSunscreen()) {
      cautions.add(Caution.SUNSCREEN_IN_ITS_PACK);
    }
    return cautions;
  }
}
