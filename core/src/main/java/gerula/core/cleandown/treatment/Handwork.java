package gerula.core.cleandown.treatment;

/**
 * How long hands take for a step. Common practice for spraying, wiping, pencils, palettes and
 * brushes; the rest is from memory.
 */
public final class Handwork {

  private Handwork() {}

  /**
   * Seconds for a set of brushes that are cleaned one after the other.
   *
   * @param brushes 1 for anything that is no set
   */
  public static int seconds(Step step, int brushes) {
    return switch (step) {
      case WASH, SHAMPOO, RINSE, QUICK_CLEAN, WIPE_HANDLE -> brushes * seconds(step);
      default -> seconds(step);
    };
  }

  /** Seconds for one thing; nothing where one only waits. */
  public static int seconds(Step step) {
    return switch (step) {
      case SPRAY, MIST, CLOSE -> 2;
      case WIPE, WIPE_RIM, WIPE_NECK, WIPE_NOZZLE, WIPE_HANDLE, CLEAN_CAP -> 5;
      case WIPE_LAYER, WIPE_TOP_LAYER, WIPE_ALL_SIDES, SCRAPE_LAYER, BRUSH_OUT, RINSE -> 10;
      case QUICK_CLEAN, WIPE_RESIDUE, CLEAN_SHARPENER -> 15;
      case LAUNDER -> 20;
      case SHARPEN, TO_DIRTY_HOLDER, NEEDLE_CHECK, DISINFECT, DISINFECT_RATED, HANDS -> 30;
      case FLUSH, SURFACES, EMPTY, DEGREASE -> 60;
      case WASH, SHAMPOO -> 90;
      case STRIP -> 120;
      case CLEAN -> 180;
      case SOAK, DRY, DRY_OPEN, LAY_FLAT -> 0;
    };
  }
}
