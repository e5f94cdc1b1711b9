package gerula.core.cleandown.treatment;

import gerula.core.rule.Code;

/** One thing that is done to an item when it is treated. */
public enum Step implements Code {
  /** With alcohol, until visibly wet. */
  SPRAY,
  /** With a sanitising mist for cosmetics. */
  MIST,
  /** Waited until it looks dry; of a powder, until its colour is back. */
  DRY,
  WIPE,
  WIPE_RIM,
  WIPE_NECK,
  WIPE_NOZZLE,
  WIPE_LAYER,
  WIPE_TOP_LAYER,
  WIPE_ALL_SIDES,
  WIPE_HANDLE,
  /** What is left of the make-up: alcohol does not work through it. */
  WIPE_RESIDUE,
  SCRAPE_LAYER,
  SHARPEN,
  CLEAN_CAP,
  CLEAN_SHARPENER,
  BRUSH_OUT,
  SOAK,
  CLOSE,
  /** Left open until it is dry. */
  DRY_OPEN,
  TO_DIRTY_HOLDER,
  QUICK_CLEAN,
  WASH,
  SHAMPOO,
  RINSE,
  LAY_FLAT,
  LAUNDER,
  FLUSH,
  STRIP,
  CLEAN,
  NEEDLE_CHECK,
  /** With an agent rated for viruses carried in blood, for its full contact time. */
  DISINFECT_RATED;

  /** Whether nobody has anything to do meanwhile. */
  public boolean isWait() {
    return this == DRY || this == SOAK || this == LAY_FLAT || this == DRY_OPEN;
  }

  /** Whether alcohol is used in it. */
  public boolean takesAlcohol() {
    return this == SPRAY || this == SOAK;
  }
}
