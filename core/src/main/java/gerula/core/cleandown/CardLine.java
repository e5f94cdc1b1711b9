package gerula.core.cleandown;

import gerula.core.rule.BrushPractice;
import gerula.core.rule.Code;
import gerula.core.rule.PowderPractice;
import gerula.core.rule.Practices;
import gerula.core.rule.SpongePractice;
import java.util.ArrayList;
import java.util.List;

/** What a client sees done, as a card tells it. */
public enum CardLine implements Code {
  HANDS_WASHED,
  PALETTE_CLEANED,
  CLEAN_BRUSHES,
  BRUSHES_CLEANED_BETWEEN,
  SCOOPED_ONLY,
  ONE_DIP_EACH,
  SPONGES_ONCE,
  SPONGE_YOURS_TO_KEEP,
  SPONGE_OF_YOUR_OWN,
  POWDER_SPRAYED,
  POWDER_TOP_LAYER,
  POWDER_MISTED,
  POWDER_LIFTED,
  PENCILS_SHARPENED;

  /** What this house does, in the order in which one sees it. */
  public static List<CardLine> of(Practices house) {
    List<CardLine> lines = new ArrayList<>(List.of(HANDS_WASHED, PALETTE_CLEANED));
    lines.add(
        house.brushes() == BrushPractice.SECOND_SET ? CLEAN_BRUSHES : BRUSHES_CLEANED_BETWEEN);
    lines.add(SCOOPED_ONLY);
    lines.add(ONE_DIP_EACH);
    lines.add(sponge(house.sponge()));
    lines.add(powder(house.powder()));
    lines.add(PENCILS_SHARPENED);
    return List.copyOf(lines);
  }

  private static CardLine sponge(SpongePractice practice) {
    return switch (practice) {
      case SINGLE_USE -> SPONGES_ONCE;
      case GIVE_AWAY -> SPONGE_YOURS_TO_KEEP;
      case DEDICATED -> SPONGE_OF_YOUR_OWN;
    };
  }

  private static CardLine powder(PowderPractice practice) {
    return switch (practice) {
      case SPRAY_70 -> POWDER_SPRAYED;
      case WIPE_TOP_LAYER -> POWDER_TOP_LAYER;
      case COSMETIC_MIST -> POWDER_MISTED;
      case NEVER_TOUCH_PAN -> POWDER_LIFTED;
    };
  }
}
