package gerula.core.booking;

import gerula.core.kit.KindOfWork;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * What a kind of work usually asks for, until the artist says otherwise. Common practice.
 *
 * @param services of a face
 * @param conditions of the booking
 */
public record Proposal(Set<Service> services, Set<Condition> conditions) {

  public Proposal {
    services = Collections.unmodifiableSet(services);
    conditions = Collections.unmodifiableSet(conditions);
  }

  public static Proposal of(KindOfWork kind) {
    Set<Service> services = EnumSet.of(Service.SKIN_PREPARATION, Service.BASE, Service.POWDER);
    Set<Condition> conditions = EnumSet.noneOf(Condition.class);
    switch (kind) {
      case SCREEN_DRAMA -> {
        add(services, Service.BROWS, Service.STAND_BY, Service.TAKE_OFF);
        conditions.add(Condition.CLOSE_UP);
        conditions.add(Condition.LONG_DAY);
      }
      case NEWS_AND_TALK -> add(services, Service.BROWS, Service.HAIR_TIDY);
      case STAGE_AND_DANCE -> {
        face(services);
        add(services, Service.TAKE_OFF);
        conditions.add(Condition.SWEAT);
        conditions.add(Condition.HEAT);
      }
      case PORTRAITS -> {
        add(services, Service.BROWS, Service.LIPS, Service.HAIR_TIDY);
        conditions.add(Condition.FLASH);
      }
      case EDITORIAL -> {
        face(services);
        add(services, Service.HIGHLIGHT, Service.STAND_BY);
        conditions.add(Condition.CLOSE_UP);
      }
      case EVENT -> {
        face(services);
        add(services, Service.LASHES, Service.TOUCH_UP_KIT);
      }
      case TRAINING -> face(services);
      case EFFECTS -> add(services, Service.FX_WOUND, Service.TAKE_OFF);
    }
    return new Proposal(services, conditions);
  }

  /** A whole face, eyes and lips and all. */
  private static void face(Set<Service> services) {
    add(
        services,
        Service.CONTOUR,
        Service.BLUSH,
        Service.BROWS,
        Service.EYES,
        Service.LINER,
        Service.MASCARA,
        Service.LIPS);
  }

  private static void add(Set<Service> services, Service... more) {
    services.addAll(Set.of(more));
  }
}
