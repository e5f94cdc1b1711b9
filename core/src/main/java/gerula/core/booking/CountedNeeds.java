package gerula.core.booking;

import java.util.Set;

/** Disposables a face takes on each day: the usual counts of common practice. */
final class CountedNeeds {

  private CountedNeeds() {}

  static void add(Face face, Booking booking, NeedDrafts drafts) {
    Set<Service> services = face.services();
    int days = booking.days();
    for (Service service : Service.values()) {
      if (services.contains(service)) {
        FaceNeeds needs =
            new FaceNeeds(face, new NeedReason.ForService(face.id(), service), days, drafts);
        addFor(service, needs);
      }
    }
    FaceNeeds always = new FaceNeeds(face, new NeedReason.EveryJob(), days, drafts);
    always.counted(NeedKind.COTTON_BUDS, 4);
    always.counted(NeedKind.TISSUES, 5);
    always.counted(NeedKind.WIPES, 1);
    for (Condition condition : Condition.values()) {
      if (booking.conditions().contains(condition)) {
        addIn(condition, new FaceNeeds(face, new NeedReason.InCondition(condition), days, drafts));
      }
    }
  }

  private static void addFor(Service service, FaceNeeds needs) {
    switch (service) {
      case SKIN_PREPARATION -> needs.counted(NeedKind.COTTON_ROUNDS, 3);
      case BASE -> needs.counted(NeedKind.WEDGE_SPONGES, 2);
      case POWDER -> needs.counted(NeedKind.PUFFS, 1);
      case BROWS -> needs.counted(NeedKind.WANDS, 1);
      case EYES -> needs.counted(NeedKind.LINER_APPLICATORS, 1);
      case MASCARA -> needs.counted(NeedKind.WANDS, 3);
      case LASHES -> needs.counted(NeedKind.LINER_APPLICATORS, 1);
      case LIPS -> needs.counted(NeedKind.LIP_APPLICATORS, 2);
    }
  }

  private static void addIn(Condition condition, FaceNeeds needs) {
    switch (condition) {
      case HEAT -> needs.counted(NeedKind.BLOTTING_PAPERS, 2);
      case SWEAT -> needs.counted(NeedKind.PUFFS, 1);
      case NO_WATER -> needs.counted(NeedKind.WIPES, 1);
      case LONG_DAY -> {
        needs.counted(NeedKind.TOUCH_UP_JARS, 1);
        needs.counted(NeedKind.LABELS, 1);
        needs.counted(NeedKind.PUFFS, 1);
        needs.counted(NeedKind.WIPES, 1);
      }
      case FLASH,
          DAYLIGHT,
          DRY_COLD,
          WET,
          NO_POWER,
          DIM,
          NO_TABLE,
          LONG_CARRY,
          FLIGHT,
          CLOSE_UP,
          UNKNOWN_CATERING -> {}
    }
  }
}
