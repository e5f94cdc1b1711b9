package gerula.core.packing.day;

import gerula.core.booking.Face;
import gerula.core.booking.Service;
import java.util.EnumSet;
import java.util.Set;

/** How long a face sits in the chair. Common practice; from memory. */
public final class ChairMinutes {

  private static final int SIMPLE = 30;
  private static final int FULL = 45;
  private static final int GROOMED = 15;
  private static final int TOUCHED_UP = 5;
  private static final int IN_THE_BACKGROUND = 10;
  private static final int LASHES = 10;
  private static final int AIRBRUSHED = 5;
  private static final int HAIR = 45;
  private static final int AN_EFFECT = 60;

  /** A tenth more, so that one late face does not make all late. */
  private static final double SLACK = 1.1;

  private static final int STEP = 5;

  private static final Set<Service> AFTERWARDS =
      EnumSet.of(Service.TOUCH_UP_KIT, Service.STAND_BY, Service.TAKE_OFF);
  private static final Set<Service> GROOMING =
      EnumSet.of(Service.SKIN_PREPARATION, Service.GROOMING, Service.HAIR_TIDY, Service.POWDER);
  private static final Set<Service> ON_EYES =
      EnumSet.of(Service.EYES, Service.LINER, Service.LASHES, Service.CLUSTER_LASHES);

  private ChairMinutes() {}

  /** Without the slack; of a group all its heads. */
  public static int usual(Face face) {
    return face.heads() > 1 ? IN_THE_BACKGROUND * face.heads() : one(face.services());
  }

  /** With a tenth more, in steps of five minutes. */
  public static int planned(Face face) {
    return (int) Math.ceil(usual(face) * SLACK / STEP) * STEP;
  }

  private static int one(Set<Service> services) {
    int minutes = base(services);
    if (services.contains(Service.LASHES) || services.contains(Service.CLUSTER_LASHES)) {
      minutes += LASHES;
    }
    if (services.contains(Service.AIRBRUSH)) {
      minutes += AIRBRUSHED;
    }
    if (services.contains(Service.HAIR_STYLING)) {
      minutes += HAIR;
    }
    if (services.stream().anyMatch(Service::isEffect)) {
      minutes += AN_EFFECT;
    }
    return minutes;
  }

  private static int base(Set<Service> services) {
    if (AFTERWARDS.containsAll(services)) {
      return TOUCHED_UP;
    }
    if (services.stream().allMatch(one -> GROOMING.contains(one) || AFTERWARDS.contains(one))) {
      return GROOMED;
    }
    boolean isFull =
        services.contains(Service.BASE) && services.stream().anyMatch(ON_EYES::contains);
    return isFull ? FULL : SIMPLE;
  }
}
