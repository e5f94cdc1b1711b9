package gerula.core.kit.intake.place;

import gerula.core.rule.Code;

/**
 * Bags and stores as artists usually have them, each as the line one would type for it: to begin
 * with and to change. Measures from memory, so each says "about".
 */
public enum UsualBag implements Code {
  ROLLING_CASE(
      "rolling case about 34x23x48, 3 trays about 32x21x6 (base, eyes, lips), drawer below about"
          + " 32x21x14"),
  TRAIN_CASE("train case about 36x22x26, 4 trays about 17x20x4, compartment below about 34x20x12"),
  SET_BAG(
      "set bag about 28x16x22, 3 pockets about 26x5x18 (powder, lips, disposables), clear pouch"
          + " about 20x6x14"),
  BACKPACK(
      "backpack about 30x18x46, 3 pouches about 26x9x14 (skin, base, eyes), pocket in the lid about"
          + " 24x4x14"),
  CLEAR_POUCH("clear pouch about 24x7x17"),
  BRUSH_BELT("brush belt 20 slots"),
  BRUSH_ROLL("brush roll 18 slots"),
  PALETTE("palette 12 slots"),
  STATION("station about 120x50x40, 2 drawers below about 50x42x12"),
  DRAWER_UNIT("drawer unit about 40x50x100, 5 drawers about 36x46x16");

  private final String line;

  UsualBag(String line) {
    this.line = line;
  }

  public String line() {
    return line;
  }
}
