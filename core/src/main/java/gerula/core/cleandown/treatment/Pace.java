package gerula.core.cleandown.treatment;

import gerula.core.kit.product.Form;
import java.util.EnumMap;
import java.util.Map;

/**
 * How much is used on faces, as far as it is known.
 *
 * @param facesAMonth 0 or more
 * @param isAssumed whether nobody recorded enough to tell it
 * @param learnt how many things of a matter touch one face directly; what is missing is as usual
 */
public record Pace(double facesAMonth, boolean isAssumed, Map<Matter, Double> learnt) {

  /** From memory. */
  private static final double USUAL_FACES_A_MONTH = 12;

  /** With fewer nobody can tell. */
  private static final int ENOUGH_FACES = 5;

  private static final double DAYS_A_MONTH = 30.4;

  public Pace {
    learnt = Map.copyOf(learnt);
  }

  /**
   * From what was recorded.
   *
   * @param faces that were made up in those days
   * @param direct how often things of each form touched somebody directly in those days
   */
  public static Pace of(int faces, int days, Map<Form, Integer> direct) {
    if (faces < ENOUGH_FACES || days < 1) {
      return new Pace(USUAL_FACES_A_MONTH, true, Map.of());
    }
    Map<Matter, Double> learnt = new EnumMap<>(Matter.class);
    for (Matter matter : Matter.values()) {
      int uses = matter.forms().stream().mapToInt(form -> direct.getOrDefault(form, 0)).sum();
      if (uses > 0) {
        learnt.put(matter, uses / (double) faces);
      }
    }
    return new Pace(faces * DAYS_A_MONTH / days, false, learnt);
  }

  /** How many things of a matter touch one face: as recorded, or as usual. From memory. */
  double aFace(Matter matter) {
    return learnt.getOrDefault(
        matter,
        switch (matter) {
          case POWDER -> 4.0;
          case PENCIL -> 2.0;
          case SOFT_TWIST_UP, FELT, BULLET, SPONGE, BRUSHES, WASHING -> 1.0;
        });
  }
}
