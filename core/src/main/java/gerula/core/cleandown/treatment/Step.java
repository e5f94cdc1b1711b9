package gerula.core.cleandown.treatment;

import gerula.core.rule.Code;
import java.util.EnumSet;
import java.util.Set;

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
  DISINFECT_RATED,
  /** All that is in a bag taken out, crumbs and bins too. */
  EMPTY,
  /** A bag wiped inside and out with an oily cleaner: grease holds what alcohol does not reach. */
  DEGREASE,
  DISINFECT,
  /** Chair, headrest and worktop, between two faces. */
  SURFACES,
  /** Washed, or rubbed with sanitiser up to the wrists until dry, before the next face. */
  HANDS;

  /** What to heed while it is done. */
  public Set<Caution> cautions() {
    return switch (this) {
      case SPRAY, DISINFECT -> EnumSet.of(Caution.NO_HEAT_OR_FLAME, Caution.AIR_AND_EYES);
      case MIST -> EnumSet.of(Caution.AIR_AND_EYES);
      case SOAK -> EnumSet.of(Caution.NO_HEAT_OR_FLAME);
      case SHARPEN -> EnumSet.of(Caution.BLADES);
      case DISINFECT_RATED -> EnumSet.of(Caution.RATED_AGENT);
      default -> EnumSet.noneOf(Caution.class);
    };
  }

  /** Whether it is done to no thing of the kit. */
  public boolean isBeside() {
    return this == SURFACES || this == HANDS;
  }

  /** Whether nobody has anything to do meanwhile. */
  public boolean isWait() {
    return this == DRY || this == SOAK || this == LAY_FLAT || this == DRY_OPEN;
  }

  /** The movement it is of one's hands: packs are wiped with the same cloth, wherever on them. */
  public Step movement() {
    return switch (this) {
      case WIPE_RIM, WIPE_NECK, WIPE_NOZZLE -> WIPE;
      default -> this;
    };
  }

  /** Whether a wipe is used in it. */
  public boolean takesAWipe() {
    return switch (this) {
      case WIPE,
          WIPE_RIM,
          WIPE_NECK,
          WIPE_NOZZLE,
          WIPE_LAYER,
          WIPE_TOP_LAYER,
          WIPE_ALL_SIDES,
          WIPE_HANDLE,
          WIPE_RESIDUE,
          DEGREASE ->
          true;
      default -> false;
    };
  }

  /** Whether detergent or shampoo is used in it. */
  public boolean takesDetergent() {
    return this == WASH || this == SHAMPOO;
  }

  /** Whether alcohol is used in it. */
  public boolean takesAlcohol() {
    return this == SPRAY || this == SOAK || this == DISINFECT;
  }
}
