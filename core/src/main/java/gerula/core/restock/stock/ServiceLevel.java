package gerula.core.restock.stock;

import gerula.core.kit.product.ProductClass;

/** How sure one wants to be that something does not run out. */
public final class ServiceLevel {

  private ServiceLevel() {}

  /** What a job cannot go on without is watched more closely than the rest. Common practice. */
  public static double of(ProductClass one) {
    return stopsAJob(one) ? OrderTerms.LEVEL_OF_WHAT_STOPS_A_JOB : OrderTerms.USUAL_LEVEL;
  }

  public static boolean stopsAJob(ProductClass one) {
    return switch (one) {
      case LASH_ADHESIVE,
          SKIN_ADHESIVE,
          ADHESIVE_REMOVER,
          FOUNDATION,
          AIRBRUSH_COLOUR,
          WAND,
          LIP_APPLICATOR,
          ALCOHOL_70,
          BRUSH_CLEANER ->
          true;
      default -> false;
    };
  }
}
